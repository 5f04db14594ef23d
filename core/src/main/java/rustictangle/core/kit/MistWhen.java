package rustictangle.core.kit;

import rustictangle.core.Choice;

/** Schools of when hair is misted. Common practice, no published source. */
public enum MistWhen implements Choice {
    /** The default. */
    ALWAYS("always", "lightly before long, curly and fleece hair: dry hair snaps"),
    WHEN_NEEDED("only when needed", "dry, dirty or slow hair; the coat is weighed down by more"),
    NEVER("never", "nothing is left in the coat");

    private final Words words;

    MistWhen(String label, String hint) {
        words = new Words(label, hint);
    }

    @Override
    public Words words() {
        return words;
    }
}
