package rustictangle.core.kit;

/** What works on the coat: kinds of tool, never a brand. The owner's fingers are the first of them. */
public enum ToolKind {
    FINGERS("fingers"),
    MIST("conditioning mist"),
    PIN_BRUSH("pin brush"),
    WOODEN_PIN_BRUSH("wooden-pin brush"),
    SLICKER("slicker"),
    COMB("comb"),
    FACE_COMB("fine face comb"),
    UNDERCOAT_RAKE("undercoat rake"),
    RUBBER_CURRY("rubber curry"),
    BRISTLE_BRUSH("bristle brush"),
    DESHEDDING_BLADE("de-shedding blade"),
    DEMATTING_BLADE("dematting blade or mat breaker");

    private final String label;

    ToolKind(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /** Whether it works with pins or wires, whose length then matters. */
    public boolean hasPins() {
        return this == PIN_BRUSH || this == WOODEN_PIN_BRUSH || this == SLICKER;
    }
}
