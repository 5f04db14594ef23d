package rustictangle.core.kit;

import rustictangle.core.Choice;

/** Schools of the loop on a grooming arm. Common practice, no published source. */
public enum LoopSchool implements Choice {
    /** The default. */
    FREE("free, a helper at its head", "what the dog stays for by itself it will stay for tomorrow"),
    TRAINED(
            "in a loop that it has learned",
            "it opens at a pull, and a hand stays on the dog: never left in it, not for a step"),
    NEVER("free, and never a loop", "a dog that falls in one hangs");

    private final Words words;

    LoopSchool(String label, String hint) {
        words = new Words(label, hint);
    }

    @Override
    public Words words() {
        return words;
    }
}
