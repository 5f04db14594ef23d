package rustictangle.core.kit;

/** Schools of where the mist goes. */
public enum MistSchool {
    /** Onto the coat; onto the tool for sensitive skin or a dog shy of spray. The default. */
    BY_SKIN,
    ON_COAT,
    ON_TOOL
}
