package rustictangle.core.kit;

import rustictangle.core.Choice;

/** Shapes of a brush head. */
public enum HeadShape implements Choice {
    OVAL("oval"),
    SMALL_OVAL("small oval"),
    OBLONG("oblong"),
    T_SHAPE("T-shaped");

    private final Words words;

    HeadShape(String label) {
        words = new Words(label);
    }

    @Override
    public Words words() {
        return words;
    }
}
