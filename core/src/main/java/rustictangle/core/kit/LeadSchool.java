package rustictangle.core.kit;

import rustictangle.core.Choice;

/** Schools of which tool leads. Practitioners disagree; all are supported. */
public enum LeadSchool implements Choice {
    COMB_ONLY("comb only", "For a coat that is free of mats and combed every day. In a clumped coat a comb pulls."),
    SLICKER_THEN_COMB("slicker and comb", "For most curly and double coats: the slicker finds tangles by catching."),
    PIN_SLICKER_COMB(
            "pin, slicker, comb", "For long fluffy coats: pins open them before the slicker goes to the skin."),
    NO_SLICKER_YET(
            "pins and comb, no slicker", "For silky hair, a hand that has not been shown, or skin that burns easily.");

    private final Words words;

    LeadSchool(String label, String suits) {
        words = new Words(label, suits);
    }

    /** Whether every place that is brushed is gone through each day. Common practice, no published source. */
    public boolean daily() {
        return this == COMB_ONLY;
    }

    @Override
    public Words words() {
        return words;
    }
}
