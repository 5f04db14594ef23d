package rustictangle.core.rhythm;

/**
 * How long a tangle takes to become a mat: a random time, Erlang with three stages, so that few harden within a day or
 * two. Time is wear, in ordinary days.
 *
 * @param mean ordinary days from tangle to mat, greater than 0
 */
record Hardening(double mean) {

    private static final int STAGES = 3;
    /** What arose so much wear ago, in thirds of the mean, has hardened but for less than one in a million. */
    private static final double ALL_HARDENED = 22;

    Hardening {
        if (!(mean > 0)) {
            throw new IllegalArgumentException("mean time to a mat " + mean + " days of wear, need > 0");
        }
    }

    /**
     * The part of the tangles that arise evenly over so much wear which have hardened by its end, times that wear: the
     * integral of the distribution function, {@code E − (1/b) Σ P(i+1, bE)} with {@code b = 3/mean} and the regularised
     * lower incomplete gamma function {@code P} (any text on renewal theory).
     *
     * @param wear 0 or more
     */
    double hardened(double wear) {
        double x = STAGES / mean * wear;
        if (x > ALL_HARDENED) {
            return wear - mean;
        }
        return x <= 0 ? 0 : Math.max(0, wear - (3 - Math.exp(-x) * (3 + x * (2 + x / 2))) * mean / STAGES);
    }

    /** The same summed over the wear until then: how many have hardened, and for how long. */
    double hardenedAndWaited(double wear) {
        double b = STAGES / mean;
        double x = b * wear;
        return x <= 0 ? 0 : Math.max(0, wear * wear / 2 - (3 * x - 6 + Math.exp(-x) * (6 + x * (3 + x / 2))) / (b * b));
    }
}
