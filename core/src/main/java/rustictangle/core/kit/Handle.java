package rustictangle.core.kit;

import rustictangle.core.Choice;

/** What the handle is made of. A wooden one outlives a plastic one on a hard floor: common practice. */
public enum Handle implements Choice {
    WOOD("wooden", "outlives plastic on a hard floor"),
    PLASTIC("plastic", ""),
    METAL("metal", ""),
    RUBBER("rubber-coated", "easy on tired hands");

    private final String label;
    private final String hint;

    Handle(String label, String hint) {
        this.label = label;
        this.hint = hint;
    }

    @Override
    public String label() {
        return label;
    }

    @Override
    public String hint() {
        return hint;
    }
}
