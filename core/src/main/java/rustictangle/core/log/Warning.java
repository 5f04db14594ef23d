package rustictangle.core.log;

import rustictangle.core.Choice;

/** A dog says stop with its teeth or its voice: information, never naughtiness. Common practice, no published source. */
public enum Warning implements Choice {
    GROWLED("growled, stiffened or showed its teeth", "It warned", "growled, stiffened or showed its teeth"),
    SNAPPED("snapped", "It snapped", "without touching"),
    BIT("bit", "It bit", "with or without a wound");

    private final Words words;

    /** @param label after the dog's name */
    Warning(String label, String title, String hint) {
        words = new Words(label, title, hint);
    }

    @Override
    public Words words() {
        return words;
    }
}
