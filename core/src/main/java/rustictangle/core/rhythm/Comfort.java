package rustictangle.core.rhythm;

/**
 * What one small mat is worth to the owner, in minutes: teasing it out, the dog's trust, the risk that it must be cut.
 * Own estimates.
 */
public enum Comfort {
    CAREFUL(90, 1.5),
    BALANCED(30, 1),
    EASY_GOING(10, 0.6);

    private final double minutesPerMat;
    private final double looseHair;

    Comfort(double minutesPerMat, double looseHair) {
        this.minutesPerMat = minutesPerMat;
        this.looseHair = looseHair;
    }

    /** Minutes of brushing that the owner would rather spend than find one more small mat, greater than 0. */
    public double minutesPerMat() {
        return minutesPerMat;
    }

    /** How much loose hair in the coat matters, against a balanced owner's 1. */
    public double looseHair() {
        return looseHair;
    }
}
