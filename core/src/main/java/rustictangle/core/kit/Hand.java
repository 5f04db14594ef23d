package rustictangle.core.kit;

import rustictangle.core.Choice;

/** How practised the hand is that holds the brush. */
public enum Hand implements Choice {
    BEGINNER("still learning", "slickers coated or flexible, everywhere"),
    EXPERIENCED("practised", "a stiff slicker is allowed where skin is sound"),
    TIRES("tires soon", "ten minutes at a sitting, then a rest"),
    CHILD("a child’s", "five minutes at a sitting, an adult beside");

    private final Words words;

    Hand(String label, String hint) {
        words = new Words(label, hint);
    }

    @Override
    public Words words() {
        return words;
    }
}
