package rustictangle.core.kit;

import rustictangle.core.Choice;

/** How a comb's teeth stand. */
public enum Spacing implements Choice {
    WIDE_AND_FINE("a wide and a fine end"),
    WIDE("wide only"),
    FINE("fine only");

    private final Words words;

    Spacing(String label) {
        words = new Words(label);
    }

    @Override
    public Words words() {
        return words;
    }
}
