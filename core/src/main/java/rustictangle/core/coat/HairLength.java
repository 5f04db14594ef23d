package rustictangle.core.coat;

import rustictangle.core.log.Measured;

/**
 * Hair length from the skin along a stretched hair.
 *
 * @param millimetres in (0, 400]
 */
public record HairLength(double millimetres) {

    public static final double MAX_MILLIMETRES = Measured.MOST;

    public HairLength {
        if (!(millimetres > 0 && millimetres <= MAX_MILLIMETRES)) {
            throw new IllegalArgumentException("hair length " + millimetres + " mm, need (0, " + MAX_MILLIMETRES + "]");
        }
    }

    /** The band it falls in. */
    public LengthBand band() {
        return LengthBand.of(millimetres);
    }
}
