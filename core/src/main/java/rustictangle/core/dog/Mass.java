package rustictangle.core.dog;

/**
 * A dog's body mass.
 *
 * @param kilograms in [0.3, 120]: from the smallest pups to the heaviest mastiffs
 */
public record Mass(double kilograms) {

    public static final double MIN_KILOGRAMS = 0.3;
    public static final double MAX_KILOGRAMS = 120;

    /** In words. */
    public static final String RANGE = "0.3 to 120 kg";
    /** What to tell whoever gives another. */
    public static final String LIMITS = "A dog weighs " + RANGE + "; check number and unit.";

    public Mass {
        if (!(kilograms >= MIN_KILOGRAMS && kilograms <= MAX_KILOGRAMS)) {
            throw new IllegalArgumentException(
                    "body mass " + kilograms + " kg, need [" + MIN_KILOGRAMS + ", " + MAX_KILOGRAMS + "]");
        }
    }

    public double grams() {
        return 1000 * kilograms;
    }
}
