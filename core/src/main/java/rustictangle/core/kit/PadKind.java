package rustictangle.core.kit;

import rustictangle.core.Choice;

/** A pad as an owner feels it with a thumb. */
public enum PadKind implements Choice {
    SOFT("soft", "gives way at a touch", 0.1),
    MEDIUM("medium", "gives way under a thumb", 0.5),
    FIRM("firm", "hardly gives", 0.9);

    private final Words words;
    private final double firmness;

    PadKind(String label, String hint, double firmness) {
        words = new Words(label, hint);
        this.firmness = firmness;
    }

    @Override
    public Words words() {
        return words;
    }

    /** On the scale of {@link Pad#firmness()}. Own estimate. */
    public double firmness() {
        return firmness;
    }
}
