package rustictangle.core.dog;

/** What the owner knows of the dog's skin. The product never diagnoses. */
public enum Skin {
    SOUND,
    SENSITIVE,
    UNDER_VET_CARE
}
