package rustictangle.core.kit;

import rustictangle.core.Choice;

/** How practised the hand is that holds the brush. */
public enum Hand implements Choice {
    BEGINNER("still learning", "slickers coated or flexible, everywhere"),
    EXPERIENCED("practised", "a stiff slicker is allowed where skin is sound");

    private final String label;
    private final String hint;

    Hand(String label, String hint) {
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
