package rustictangle.core.dog;

import rustictangle.core.Choice;

/** How large a dog stands before its owner, and what one so large may weigh until it is weighed. Own estimates. */
public enum Size implements Choice {
    LAP("on the lap", 5),
    KNEE("up to the knee", 15),
    ABOVE("above the knee", 32);

    /** A puppy's mass against the grown dog's. */
    private static final double PUPPY_SHARE = 0.5;

    private final Words words;
    private final double kilograms;

    Size(String label, double kilograms) {
        words = new Words(label);
        this.kilograms = kilograms;
    }

    @Override
    public Words words() {
        return words;
    }

    /** A guess, to reckon minutes with. */
    public Mass mass(LifeStage stage) {
        return new Mass(stage == LifeStage.PUPPY ? PUPPY_SHARE * kilograms : kilograms);
    }

    /** Which most dogs of a build have. */
    public static Size of(Build build) {
        return switch (build) {
            case FINE -> LAP;
            case SQUARE, STOCKY, SPITZ, LONG_AND_LOW, FLAT_FACED -> KNEE;
            case SLENDER, HEAVY -> ABOVE;
        };
    }
}
