package rustictangle.core.dog;

/**
 * How much a place is rubbed, as a factor on the rate at which tangles arise.
 *
 * <p>Own estimate: a body section tangles a third as often as an armpit, the ordinary high-friction
 * place is the unit.
 */
public enum Friction {
    LOW(0.4),
    MEDIUM(0.6),
    HIGH(1.0),
    HIGHEST(1.2);

    private final double factor;

    Friction(double factor) {
        this.factor = factor;
    }

    /** Factor in (0, 1.2]; 1 for the ordinary high-friction place. */
    public double factor() {
        return factor;
    }
}
