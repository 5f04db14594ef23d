package rustictangle.core.log;

import rustictangle.core.Choice;

/** What the comb said at the end of a section. */
public enum CombResult implements Choice {
    GLIDES("it glides", "from the root right through"),
    TANGLES_CLEARED("tangles, now out", "found, worked out, comb runs free"),
    MAT_LEFT("a mat stays in", "left in peace for now"),
    /** No work for hands at home: it is not brushed until a groomer has seen it. */
    FOR_GROOMER("a mat is left for the groomer", "not brushed until then"),
    /** Brush or fingers went through, and no comb proved it: it may be clear at the skin or not. */
    BRUSHED("brushed, not proved", "no comb went through"),
    /** The dog opted out before the comb went through: nothing is known. */
    NOT_COMBED("not combed", "");

    private final Words words;

    CombResult(String label, String hint) {
        words = new Words(label, hint);
    }

    /** Whether nothing holds any more. */
    public boolean runsFree() {
        return this == GLIDES || this == TANGLES_CLEARED;
    }

    /** Whether a mat stays in. */
    public boolean leavesMat() {
        return this == MAT_LEFT || this == FOR_GROOMER;
    }

    @Override
    public Words words() {
        return words;
    }
}
