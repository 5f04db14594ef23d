package rustictangle.core.kit;

import rustictangle.core.Choice;

/** Schools of what loosens a mat. Common practice, no published source. */
public enum Loosener implements Choice {
    /** The default. */
    SOAKED("soaked", "mist until it is wet through; cornstarch where there is no mist"),
    STARCHED("starched", "dusted with cornstarch, and dry; mist where there is no cornstarch");

    private final Words words;

    Loosener(String label, String hint) {
        words = new Words(label, hint);
    }

    @Override
    public Words words() {
        return words;
    }
}
