package rustictangle.core.kit;

/** Schools of which tool leads. Practitioners disagree; all are supported. */
public enum LeadSchool {
    COMB_ONLY("comb only", "A coat that is free of mats and combed every day. In a clumped coat a comb pulls."),
    SLICKER_THEN_COMB("slicker and comb", "Most curly and double coats: the slicker finds tangles by catching."),
    PIN_SLICKER_COMB("pin, slicker, comb", "Long fluffy coats: pins open them before the slicker goes to the skin."),
    NO_SLICKER_YET(
            "pins and comb, no slicker", "Silky hair, a hand that has not been shown, or skin that burns easily.");

    private final String label;
    private final String suits;

    LeadSchool(String label, String suits) {
        this.label = label;
        this.suits = suits;
    }

    public String label() {
        return label;
    }

    /** Whom it suits, in a sentence or two. */
    public String suits() {
        return suits;
    }
}
