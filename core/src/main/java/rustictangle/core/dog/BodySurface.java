package rustictangle.core.dog;

/**
 * A dog's body surface and its share per section.
 *
 * @param squareMetres whole body, greater than 0
 */
public record BodySurface(double squareMetres) {

    /** Standard veterinary dosing constant for dogs (Merck Veterinary Manual, from memory). */
    private static final double K = 10.1;

    public BodySurface {
        if (!(squareMetres > 0)) {
            throw new IllegalArgumentException("body surface " + squareMetres + " m², need > 0");
        }
    }

    /** {@code 10.1 × grams^(2/3) × 10⁻⁴} m². */
    public static BodySurface of(Mass mass) {
        return new BodySurface(K * Math.pow(mass.grams(), 2.0 / 3.0) * 1e-4);
    }

    /** The section's own surface in m². */
    public double squareMetresOf(Section section) {
        return squareMetres * section.areaShare();
    }

    /** The section's height in mm, taken as a rectangle of its own proportions. */
    public double heightMillimetres(Section section) {
        return 1000 * Math.sqrt(squareMetresOf(section) * section.heightToWidth());
    }
}
