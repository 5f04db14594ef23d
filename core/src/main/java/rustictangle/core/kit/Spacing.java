package rustictangle.core.kit;

import rustictangle.core.Choice;

/** How a comb's teeth stand. */
public enum Spacing implements Choice {
    WIDE_AND_FINE("a wide and a fine end"),
    WIDE("wide only"),
    FINE("fine only");

    private final String label;

    Spacing(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
