package rustictangle.core.rhythm;

/** How much chance of a tangle the owner is at ease with before a section is due. Own estimates. */
public enum Comfort {
    CAREFUL(0.15),
    BALANCED(0.30),
    EASY_GOING(0.50);

    private final double tangleLimit;

    Comfort(double tangleLimit) {
        this.tangleLimit = tangleLimit;
    }

    /** Chance of a tangle, in (0, 1), at which a section is due. */
    public double tangleLimit() {
        return tangleLimit;
    }
}
