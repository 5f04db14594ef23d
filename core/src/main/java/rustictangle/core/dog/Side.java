package rustictangle.core.dog;

/** The dog's own left and right; {@code MIDDLE} for what there is once. */
public enum Side {
    LEFT,
    RIGHT,
    MIDDLE
}
