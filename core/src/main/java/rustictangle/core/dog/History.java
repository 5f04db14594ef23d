package rustictangle.core.dog;

import rustictangle.core.Choice;

/** What earlier grooming has taught the dog to expect. */
public enum History implements Choice {
    GENTLE("gentle so far", ""),
    ROUGH_GROOM("frightened by an earlier groom", ""),
    UNKNOWN_RESCUE("nobody knows", "a rescue, perhaps");

    private final Words words;

    History(String label, String hint) {
        words = new Words(label, hint);
    }

    @Override
    public Words words() {
        return words;
    }
}
