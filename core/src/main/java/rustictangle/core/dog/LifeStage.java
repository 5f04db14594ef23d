package rustictangle.core.dog;

import rustictangle.core.Choice;

/** Where the dog is in its life, as far as coat and patience go. */
public enum LifeStage implements Choice {
    PUPPY("puppy", "still in its first coat"),
    /** The puppy coat is giving way to the adult one; it tangles much more. */
    CHANGING_COAT("changing coat", "the puppy coat gives way; it tangles much more"),
    ADULT("adult", ""),
    /** Thin, fragile skin. */
    ELDERLY("elderly", "thin, fragile skin");

    private final Words words;

    LifeStage(String label, String hint) {
        words = new Words(label, hint);
    }

    @Override
    public Words words() {
        return words;
    }
}
