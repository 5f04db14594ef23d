package rustictangle.core.dog;

import rustictangle.core.Choice;

/** What the dog wears on most days, and where it rubs. */
public enum Wear implements Choice {
    HARNESS("wears a harness"),
    DOG_COAT("wears a dog coat");

    private final String label;

    Wear(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
