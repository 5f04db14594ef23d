package rustictangle.core.dog;

import rustictangle.core.Choice;

/** What the dog wears on most days, and where it rubs. */
public enum Wear implements Choice {
    HARNESS("wears a harness"),
    DOG_COAT("wears a dog coat");

    private final Words words;

    Wear(String label) {
        words = new Words(label);
    }

    @Override
    public Words words() {
        return words;
    }
}
