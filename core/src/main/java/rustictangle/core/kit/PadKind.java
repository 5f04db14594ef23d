package rustictangle.core.kit;

/** A pad as an owner feels it with a thumb. */
public enum PadKind {
    SOFT("soft", 0.1),
    MEDIUM("medium", 0.5),
    FIRM("firm", 0.9);

    private final String label;
    private final double firmness;

    PadKind(String label, double firmness) {
        this.label = label;
        this.firmness = firmness;
    }

    public String label() {
        return label;
    }

    /** On the scale of {@link Pad#firmness()}. Own estimate. */
    public double firmness() {
        return firmness;
    }
}
