package rustictangle.core.kit;

/** How pins or wires end. */
public enum Tips {
    GROUND("ground smooth"),
    BALL("ball-tipped"),
    /** The wires of a slicker, each with a drop of plastic. */
    COATED("coated"),
    /** Never right: it scratches. */
    RAW("raw cut");

    private final String label;

    Tips(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
