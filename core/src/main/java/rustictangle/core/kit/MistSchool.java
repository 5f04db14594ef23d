package rustictangle.core.kit;

import rustictangle.core.Choice;

/** Schools of where the mist goes. */
public enum MistSchool implements Choice {
    /** Onto the coat; onto the tool for sensitive skin or a dog shy of spray. The default. */
    BY_SKIN("by skin", "on the coat; on the tool for tender skin or a spray-shy dog"),
    ON_COAT("on the coat", "lift the hair and mist underneath"),
    ON_TOOL("on the tool", "nothing is sprayed at the dog");

    private final Words words;

    MistSchool(String label, String hint) {
        words = new Words(label, hint);
    }

    @Override
    public Words words() {
        return words;
    }
}
