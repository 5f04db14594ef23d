package rustictangle.core.kit;

/**
 * The pin or wire lengths that suit a section.
 *
 * @param minMillimetres shortest that still suits, in (0, 60]
 * @param maxMillimetres longest that still suits, in [minMillimetres, 60]
 */
public record PinWindow(double minMillimetres, double maxMillimetres) {

    /** One brush for everything, hand not yet sure. Common practice, no published source: 27 mm, oval, medium. */
    public static final double ALL_ROUND_MM = 27;
    /** Longest pin or wire there is, mm. Own estimate. */
    static final double LONGEST_PIN_MM = 60;

    public PinWindow {
        if (!(minMillimetres > 0 && minMillimetres <= maxMillimetres && maxMillimetres <= LONGEST_PIN_MM)) {
            throw new IllegalArgumentException("pin window " + minMillimetres + " to " + maxMillimetres
                    + " mm, need 0 < min <= max <= " + LONGEST_PIN_MM);
        }
    }

    public boolean holds(double millimetres) {
        return millimetres >= minMillimetres && millimetres <= maxMillimetres;
    }

    /** The middle of the window: what a brush bought for this section would have. */
    public double middleMillimetres() {
        return (minMillimetres + maxMillimetres) / 2;
    }
}
