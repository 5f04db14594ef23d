package rustictangle.core.coat;

/** Bands of hair length. Common practice, no published source. */
public enum LengthBand {
    /** Up to and including 38 mm. */
    SHORT,
    /** Over 38 mm, up to and including 125 mm. */
    MEDIUM,
    /** Over 125 mm. */
    LONG;

    /** Longest short hair, mm (1.5 in). Common practice, no published source. */
    public static final double SHORT_UP_TO_MM = 38;
    /** Longest medium hair, mm (about 5 in). Common practice, no published source. */
    public static final double MEDIUM_UP_TO_MM = 125;

    static LengthBand of(double millimetres) {
        if (millimetres <= SHORT_UP_TO_MM) {
            return SHORT;
        }
        return millimetres <= MEDIUM_UP_TO_MM ? MEDIUM : LONG;
    }
}
