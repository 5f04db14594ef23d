package rustictangle.core.kit;

/** How well a tool serves a section, in words. The limits between them are own estimates. */
public enum Verdict {
    RIGHT("right", 80),
    WILL_DO("will do", 55),
    WEAK("weak", 0),
    NEVER_HERE("never here", Double.NEGATIVE_INFINITY);

    private final String label;
    private final double from;

    Verdict(String label, double from) {
        this.label = label;
        this.from = from;
    }

    public String label() {
        return label;
    }

    /** The verdict on a score in [0, 100] of a tool that is allowed. */
    static Verdict of(double score) {
        if (score >= RIGHT.from) {
            return RIGHT;
        }
        return score >= WILL_DO.from ? WILL_DO : WEAK;
    }

    /** Whether the section can be done with it. */
    public boolean serves() {
        return this == RIGHT || this == WILL_DO;
    }
}
