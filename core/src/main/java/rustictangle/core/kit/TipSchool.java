package rustictangle.core.kit;

/** Schools of pin tips: ball tips protect skin, or catch and pull. */
public enum TipSchool {
    /** Ball tips for puppies and thin skin, straight ground ones otherwise. The default. */
    BY_SKIN,
    BALL,
    GROUND
}
