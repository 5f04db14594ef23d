package rustictangle.core.kit;

import rustictangle.core.Choice;

/** Schools of how much of the dog is brushed at a time. Common practice, no published source. */
public enum AmountSchool implements Choice {
    /** The default. */
    BY_MINUTES("as the minutes allow", "each place when its turn has come"),
    WHOLE("the whole dog each time", "fewer sessions, and longer ones; where no day holds one, as the minutes allow"),
    A_THIRD(
            "a third or so at a time",
            "more sessions, and shorter ones; more of it where its coat could not wait so long");

    private final Words words;

    AmountSchool(String label, String hint) {
        words = new Words(label, hint);
    }

    @Override
    public Words words() {
        return words;
    }
}
