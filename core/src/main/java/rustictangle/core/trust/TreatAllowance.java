package rustictangle.core.trust;

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

    /** The allowance by mass and life stage. */
    public static TreatAllowance of(Dog dog) {
        // Kleiber's law, as the AAHA nutrition guidelines of 2021 use it; from memory.
        double resting = 70 * Math.pow(dog.mass().kilograms(), 0.75);
        double day = resting * dayFactor(dog);
        return new TreatAllowance(resting, day, day * TREAT_SHARE);
    }

    /** Adults, neutered or not: AAHA nutrition guidelines, from memory. The others: own estimates. */
    private static double dayFactor(Dog dog) {
        return switch (dog.lifeStage()) {
            case PUPPY -> 2.0;
            case CHANGING_COAT -> 1.8;
            case ADULT -> dog.neutered() ? 1.6 : 1.8;
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
