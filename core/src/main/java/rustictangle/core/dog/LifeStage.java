package rustictangle.core.dog;

/** Where the dog is in its life, as far as coat and patience go. */
public enum LifeStage {
    PUPPY,
    /** The puppy coat is giving way to the adult one; it tangles much more. */
    CHANGING_COAT,
    ADULT,
    /** Thin, fragile skin. */
    ELDERLY
}
