package rustictangle.core.log;

import rustictangle.core.Choice;

/** How much hair a pass brought out. By eye: common practice, no published source; in grams: own estimate. */
public enum HairOut implements Choice {
    PINCH("a pinch", "between two fingers"),
    HANDFUL("a handful", "it fills the palm"),
    HEAP("a heap", "more than a hand holds");

    /** From so much on it is a handful, grams. */
    private static final double HANDFUL_GRAMS = 1;

    private static final double HEAP_GRAMS = 4;

    private final Words words;

    HairOut(String label, String hint) {
        words = new Words(label, hint);
    }

    @Override
    public Words words() {
        return words;
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
