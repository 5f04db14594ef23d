package rustictangle.core.kit;

/** Shapes of a brush head. */
public enum HeadShape {
    OVAL("oval"),
    SMALL_OVAL("small oval"),
    OBLONG("oblong"),
    T_SHAPE("T-shaped");

    private final String label;

    HeadShape(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
