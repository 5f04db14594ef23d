package rustictangle.core.kit;

import rustictangle.core.Choice;

/** What the handle is made of. A wooden one outlives a plastic one on a hard floor: common practice. */
public enum Handle implements Choice {
    WOOD("wooden", "outlives plastic on a hard floor"),
    PLASTIC("plastic", ""),
    METAL("metal", ""),
    RUBBER("rubber-coated", "easy on tired hands");

    private final Words words;

    Handle(String label, String hint) {
        words = new Words(label, hint);
    }

    @Override
    public Words words() {
        return words;
    }
}
