package rustictangle.core.kit;

/** What the handle is made of. A wooden one outlives a plastic one on a hard floor: common practice. */
public enum Handle {
    WOOD("wooden"),
    PLASTIC("plastic"),
    METAL("metal"),
    RUBBER("rubber-coated");

    private final String label;

    Handle(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
