package rustictangle.core.rhythm;

/**
 * What is believed of the rate at which tangles arise at a section: {@code λ ~ Gamma(shape, rate)},
 * per day of ordinary exposure.
 *
 * <p>A comb check after exposure {@code E} that finds {@code n} tangles gives
 * {@code Gamma(shape + n, rate + E)}: the conjugate Gamma–Poisson update (Gelman et al., Bayesian
 * Data Analysis).
 *
 * @param shape greater than 0
 * @param rate  days of exposure, greater than 0
 */
public record TangleRate(double shape, double rate) {

    /** How many tangles' worth of trust the table gets against the owner's own checks. Own estimate. */
    private static final double TABLE_WEIGHT = 2;

    public TangleRate {
        if (!(shape > 0 && rate > 0)) {
            throw new IllegalArgumentException("Gamma shape " + shape + " and rate " + rate
                    + ", need both > 0");
        }
    }

    /** The belief before the first check: the table's rate per day. */
    static TangleRate fromTable(double perDay) {
        return new TangleRate(TABLE_WEIGHT, TABLE_WEIGHT / perDay);
    }

    /** The belief after a check that found {@code tangles} after {@code exposureDays}. */
    public TangleRate after(int tangles, double exposureDays) {
        return new TangleRate(shape + tangles, rate + exposureDays);
    }

    /** Expected tangles per day of ordinary exposure. */
    public double perDay() {
        return shape / rate;
    }
}
