package rustictangle.core.kit;

import rustictangle.core.Choice;

/** Schools of pin tips: ball tips protect skin, or catch and pull. */
public enum TipSchool implements Choice {
    /** Ball tips for puppies and thin skin, straight ground ones otherwise. The default. */
    BY_SKIN("by skin", "ball tips for puppies and thin skin, ground ones otherwise"),
    BALL("ball tips", "they protect the skin"),
    GROUND("ground tips", "balls catch and pull");

    private final Words words;

    TipSchool(String label, String hint) {
        words = new Words(label, hint);
    }

    @Override
    public Words words() {
        return words;
    }
}
