package rustictangle.core.kit;

import rustictangle.core.Choice;

/** Schools of which way a brush goes where every way is safe. Common practice, no published source. */
public enum DirectionSchool implements Choice {
    /** The default. */
    BY_COAT("as the coat asks", "loose hair every way, a double coat against the lie, all that lies with it"),
    WITH_LIE("with the lie only", "kindest; what hides beneath is the comb’s to find"),
    AGAINST("against the lie, then laid", "the coat stands open, and skin and tangles show"),
    EVERY_WAY("every way", "with, against and across: most comes out, and it takes longest");

    private final Words words;

    DirectionSchool(String label, String hint) {
        words = new Words(label, hint);
    }

    @Override
    public Words words() {
        return words;
    }
}
