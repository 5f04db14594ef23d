package rustictangle.core.log;

import rustictangle.core.Choice;

/** What the comb said at the end of a section. */
public enum CombResult implements Choice {
    GLIDES("it glides", "from the root right through"),
    TANGLES_CLEARED("tangles, now out", "found, worked out, comb runs free"),
    MAT_LEFT("a mat stays in", "left in peace for now"),
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

    @Override
    public Words words() {
        return words;
    }
}
