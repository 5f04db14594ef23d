package rustictangle.core.dog;

/** What the dog wears on most days, and where it rubs. */
public enum Wear {
    HARNESS,
    DOG_COAT
}
