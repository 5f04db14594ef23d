package rustictangle.core.log;

import rustictangle.core.Choice;

/** What the comb said at the end of a section. */
public enum CombResult implements Choice {
    GLIDES("it glides", "from the root right through"),
    TANGLES_CLEARED("tangles, now out", "found, worked out, comb runs free"),
    MAT_LEFT("a mat stays in", "left in peace for now"),
    /** The dog opted out before the comb went through: nothing is known. */
    NOT_COMBED("not combed", "");

    private final String label;
    private final String hint;

    CombResult(String label, String hint) {
        this.label = label;
        this.hint = hint;
    }

    @Override
    public String label() {
        return label;
    }

    @Override
    public String hint() {
        return hint;
    }
}
