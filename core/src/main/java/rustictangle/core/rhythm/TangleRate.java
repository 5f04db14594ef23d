package rustictangle.core.rhythm;

/**
 * What is believed of how often tangles arise at a section, against the table: {@code λ / λ_table ~ Gamma(shape,
 * rate)}, 1 when the table is right.
 *
 * <p>Comb checks that find {@code n} tangles where the table expects {@code E} give
 * {@code Gamma(shape + n, rate + E)}: the conjugate Gamma–Poisson update (Gelman et al., Bayesian Data Analysis).
 * What was found at other sections counts for less: a power prior (Ibrahim and Chen, Power prior distributions for
 * regression models, 2000; quoted from memory).
 *
 * @param shape greater than 0
 * @param rate  tangles the table expects, greater than 0
 */
public record TangleRate(double shape, double rate) {

    /** The belief before the first check: the table, worth two tangles against the owner's own checks. Own estimate. */
    static final TangleRate TABLE = new TangleRate(2, 2);
    /** A normal value lies within so many standard deviations with a probability of two thirds. */
    private static final double TWO_THIRDS = 0.9674;

    public TangleRate {
        if (!(shape > 0 && rate > 0)) {
            throw new IllegalArgumentException("Gamma shape " + shape + " and rate " + rate + ", need both > 0");
        }
    }

    /** The belief after checks that found {@code tangles} where the table expects {@code expected}. */
    public TangleRate after(double tangles, double expected) {
        return new TangleRate(shape + tangles, rate + expected);
    }

    /** Best estimate against the table. */
    public double factor() {
        return shape / rate;
    }

    /** The lower end of a range in which it lies with a probability of two thirds. */
    public double low() {
        return quantile(-TWO_THIRDS);
    }

    /** The upper end of that range. */
    public double high() {
        return quantile(TWO_THIRDS);
    }

    /** The chance, in [0.5, 1], that tangles arise more often than the table says, or less, whichever is believed. */
    double sureOfSide() {
        // The cube root of a Gamma variable is nearly normal, see quantile.
        double z = (Math.cbrt(1 / factor()) - 1 + 1 / (9 * shape)) * 3 * Math.sqrt(shape);
        double more = 1 - normal(z);
        return Math.max(more, 1 - more);
    }

    /** The normal distribution function; logistic approximation, off by less than 0.0002 (Bowling and others, 2009). */
    private static double normal(double z) {
        return 1 / (1 + Math.exp(-(1.5976 * z + 0.07056 * z * z * z)));
    }

    /**
     * The value that a Gamma variable stays below as often as a standard normal one stays below {@code z}: the cube-root
     * approximation (Wilson and Hilferty, The distribution of chi-square, 1931).
     */
    private double quantile(double z) {
        double cubeRoot = 1 - 1 / (9 * shape) + z / (3 * Math.sqrt(shape));
        return factor() * Math.pow(Math.max(0, cubeRoot), 3);
    }
}
