package rustictangle.core.kit;

import rustictangle.core.Choice;

/** Schools of how many claws are done in a day. Common practice, no published source. */
public enum NailSchool implements Choice {
    /** The default. */
    BY_RUNG(
            "as far as the dog has learned",
            "one or two a day until it is at ease with all of them, then all on one day"),
    ALL("all on one day", "done, and nothing of it for weeks"),
    A_FEW("one or two a day", "hardly a minute, and it never grows into a fight");

    private final Words words;

    NailSchool(String label, String hint) {
        words = new Words(label, hint);
    }

    @Override
    public Words words() {
        return words;
    }
}
