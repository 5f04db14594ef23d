package rustictangle.core.kit;

/** How a comb's teeth stand. */
public enum Spacing {
    WIDE_AND_FINE("a wide and a fine end"),
    WIDE("wide only"),
    FINE("fine only");

    private final String label;

    Spacing(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
