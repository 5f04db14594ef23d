package rustictangle.core.trust;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import rustictangle.core.Reason;
import rustictangle.core.dog.Dog;

/**
 * How much of the day's energy may be treats.
 *
 * @param restingKcal resting energy per day, kcal
 * @param dayKcal     the whole day's energy, kcal
 * @param treatKcal   the most that may be treats, kcal
 */
public record TreatAllowance(double restingKcal, double dayKcal, double treatKcal) {

    /** Treats' part of the day's energy at most (AAHA and WSAVA nutrition guidelines, from memory). */
    private static final double TREAT_SHARE = 0.10;

    /** Months until which a dog grows fastest. AAHA nutrition guidelines, from memory. */
    private static final int FAST_GROWTH_MONTHS = 4;
    /** Months until a dog is grown, and until a heavy one is. Own estimates. */
    private static final int GROWN_MONTHS = 12;

    private static final int HEAVY_GROWN_MONTHS = 18;
    private static final double HEAVY_KILOGRAMS = 25;

    /** The allowance by mass and age, or by life stage where nobody knows when it was born. */
    public static TreatAllowance of(Dog dog, LocalDate today) {
        // Kleiber's law, as the AAHA nutrition guidelines of 2021 use it; from memory.
        double resting = 70 * Math.pow(dog.mass().kilograms(), 0.75);
        double day = resting * dayFactor(dog, today);
        return new TreatAllowance(resting, day, day * TREAT_SHARE);
    }

    private static double dayFactor(Dog dog, LocalDate today) {
        int grown = dog.mass().kilograms() > HEAVY_KILOGRAMS ? HEAVY_GROWN_MONTHS : GROWN_MONTHS;
        return dog.born()
                .map(born -> Math.max(0, ChronoUnit.MONTHS.between(born, today)))
                .filter(months -> months < grown)
                .map(months -> months < FAST_GROWTH_MONTHS ? 3.0 : 2.0)
                .orElseGet(() -> byStage(dog));
    }

    /** AAHA nutrition guidelines, from memory; while the coat changes and in old age: own estimates. */
    private static double byStage(Dog dog) {
        double grown = dog.neutered() ? 1.6 : 1.8;
        return switch (dog.lifeStage()) {
            // Whoever is known to be grown by now needs no more than the grown.
            case PUPPY -> dog.born().isPresent() ? grown : 2.0;
            case CHANGING_COAT -> dog.born().isPresent() ? grown : 1.8;
            case ADULT -> grown;
            case ELDERLY -> 1.4;
        };
    }

    Reason why() {
        return new Reason(
                "trust.treats",
                "Treats stay within a tenth of the day's " + Math.round(dayKcal)
                        + " kcal. Never xylitol, chocolate, grapes, raisins or onion.");
    }
}
