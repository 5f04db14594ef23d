package rustictangle.core.kit;

import rustictangle.core.Choice;

/** How well a tool serves a section, in words. The limits between them are own estimates. */
public enum Verdict implements Choice {
    RIGHT("right", 80),
    WILL_DO("will do", 55),
    WEAK("weak", 0),
    NEVER_HERE("never here", Double.NEGATIVE_INFINITY);

    private final Words words;
    private final double from;

    Verdict(String label, double from) {
        words = new Words(label);
        this.from = from;
    }

    @Override
    public Words words() {
        return words;
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
