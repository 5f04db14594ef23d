package rustictangle.core.dog;

import rustictangle.core.Choice;

/** How a dog carries its ears. Common practice, no published source. */
public enum Ears implements Choice {
    HANGING("hanging"),
    LONG_AND_LOW("long and low", "they reach the chin or lower"),
    PRICKED("pricked"),
    HALF_PRICKED("half-pricked", "upright, with the tip falling over"),
    ROSE("rose", "folded back along the head");

    private final Words words;

    Ears(String label) {
        this(label, "");
    }

    Ears(String label, String hint) {
        words = new Words(label, hint);
    }

    @Override
    public Words words() {
        return words;
    }
}
