package rustictangle.core.dog;

/**
 * How much a place is rubbed, as a factor on the rate at which tangles arise.
 *
 * <p>Own estimate: a body section tangles about a quarter as often as an armpit, the ordinary high-friction
 * place is the unit.
 */
public enum Friction {
    LOW(0.35),
    MEDIUM(0.6),
    HIGH(1.0),
    HIGHEST(1.3);

    private final double factor;

    Friction(double factor) {
        this.factor = factor;
    }

    /** Factor in (0, 1.3]; 1 for the ordinary high-friction place. */
    public double factor() {
        return factor;
    }
}
