package rustictangle.core.kit;

import rustictangle.core.Choice;

/** Schools of how curls and fleece are left. Common practice, no published source. */
public enum FinishSchool implements Choice {
    /** The default. */
    BY_COAT("by the coat", "curls and fleece are lifted against the lie, all else is laid"),
    LAID("laid", "curls and fleece, too, are laid with the lie");

    private final Words words;

    FinishSchool(String label, String hint) {
        words = new Words(label, hint);
    }

    @Override
    public Words words() {
        return words;
    }
}
