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

    private final Words words;

    Tips(String label, String hint) {
        words = new Words(label, hint);
    }

    @Override
    public Words words() {
        return words;
    }
}
