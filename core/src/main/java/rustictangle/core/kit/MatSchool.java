package rustictangle.core.kit;

import rustictangle.core.Choice;

/** Schools of who works a mat. Common practice, no published source. */
public enum MatSchool implements Choice {
    /** The default. */
    TEASE("teased apart at home", "small ones with free skin beneath; all others are a groomer’s"),
    GROOMER("groomer only", "no mat is worked at home, however small");

    private final Words words;

    MatSchool(String label, String hint) {
        words = new Words(label, hint);
    }

    @Override
    public Words words() {
        return words;
    }
}
