package rustictangle.core.kit;

import rustictangle.core.Choice;

/** How pins or wires end. */
public enum Tips implements Choice {
    GROUND("ground smooth", "straight, rounded ends"),
    BALL("ball-tipped", "a little ball on each"),
    /** The wires of a slicker, each with a drop of plastic. */
    COATED("coated", "a drop of plastic on each wire"),
    /** Never right: it scratches. */
    RAW("raw cut", "sharp ends: never");

    private final String label;
    private final String hint;

    Tips(String label, String hint) {
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
