package rustictangle.core.log;

/** What the comb said at the end of a section. */
public enum CombResult {
    GLIDES,
    TANGLES_CLEARED,
    MAT_LEFT,
    /** The dog opted out before the comb went through: nothing is known. */
    NOT_COMBED
}
