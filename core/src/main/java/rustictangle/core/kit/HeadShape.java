package rustictangle.core.kit;

import rustictangle.core.Choice;

/** Shapes of a brush head. */
public enum HeadShape implements Choice {
    OVAL("oval"),
    SMALL_OVAL("small oval"),
    OBLONG("oblong"),
    T_SHAPE("T-shaped");

    private final String label;

    HeadShape(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
