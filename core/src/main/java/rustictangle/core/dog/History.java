package rustictangle.core.dog;

import rustictangle.core.Choice;

/** What earlier grooming has taught the dog to expect. */
public enum History implements Choice {
    GENTLE("gentle so far", ""),
    ROUGH_GROOM("frightened by an earlier groom", ""),
    UNKNOWN_RESCUE("nobody knows", "a rescue, perhaps");

    private final String label;
    private final String hint;

    History(String label, String hint) {
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
