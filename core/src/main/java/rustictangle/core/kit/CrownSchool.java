package rustictangle.core.kit;

import rustictangle.core.Choice;

/** Schools of the slicker at the crown. Common practice, no published source. */
public enum CrownSchool implements Choice {
    /** The default. */
    NEVER("never a slicker there", "wires slip, and the eyes are near"),
    LIGHTLY("lightly, by a practised hand", "a coated slicker goes through a dense top-knot, away from the eyes");

    private final Words words;

    CrownSchool(String label, String hint) {
        words = new Words(label, hint);
    }

    @Override
    public Words words() {
        return words;
    }
}
