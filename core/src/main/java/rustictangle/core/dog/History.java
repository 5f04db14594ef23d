package rustictangle.core.dog;

/** What earlier grooming has taught the dog to expect. */
public enum History {
    GENTLE,
    ROUGH_GROOM,
    UNKNOWN_RESCUE
}
