package rustictangle.core.kit;

import rustictangle.core.Choice;

/** Schools of the stroke inside a layer. Common practice, no published source. */
public enum StrokeSchool implements Choice {
    /** The default. */
    ROOT_OUT("from the root, where it runs free", "whatever holds is opened from its ends inward"),
    ENDS_FIRST("from the ends inward, always", "a little deeper each time, also where nothing holds");

    private final Words words;

    StrokeSchool(String label, String hint) {
        words = new Words(label, hint);
    }

    @Override
    public Words words() {
        return words;
    }
}
