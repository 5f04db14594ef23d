package rustictangle.core.log;

/** How much hair a pass brought out. By eye: common practice, no published source; in grams: own estimate. */
public enum HairOut {
    PINCH("a pinch"),
    HANDFUL("a handful"),
    HEAP("a heap");

    /** From so much on it is a handful, grams. */
    private static final double HANDFUL_GRAMS = 1;

    private static final double HEAP_GRAMS = 4;

    private final String label;

    HairOut(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /** A pass is worth repeating while the last one still brought a handful. Own estimate. */
    public boolean worthAnotherPass() {
        return this != PINCH;
    }

    /** @throws IllegalArgumentException when grams is not 0 or more */
    public static HairOut weighing(double grams) {
        if (!(grams >= 0)) {
            throw new IllegalArgumentException("hair of " + grams + " g, need 0 or more");
        }
        return grams >= HEAP_GRAMS ? HEAP : grams >= HANDFUL_GRAMS ? HANDFUL : PINCH;
    }
}
