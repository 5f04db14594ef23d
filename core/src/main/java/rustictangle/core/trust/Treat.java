package rustictangle.core.trust;

/**
 * One piece of what is in the treat bag.
 *
 * @param kcalPerGram energy by its label, kcal per g, in (0, 10]
 * @param grams       one piece, g, in (0, 50]
 */
public record Treat(double kcalPerGram, double grams) {

    /** Fat alone has 9. */
    public static final double MOST_KCAL_PER_GRAM = 10;

    public static final double MOST_GRAMS = 50;
    /** A treat is a taste, also for a giant. Own estimate. */
    static final double TASTE_GRAMS = 1;

    /** Dry training treats; own estimate. */
    private static final double USUAL_KCAL_PER_GRAM = 3.5;

    public Treat {
        if (!(kcalPerGram > 0 && kcalPerGram <= MOST_KCAL_PER_GRAM)) {
            throw new IllegalArgumentException(
                    "energy " + kcalPerGram + " kcal/g, need (0, " + MOST_KCAL_PER_GRAM + "]");
        }
        if (!(grams > 0 && grams <= MOST_GRAMS)) {
            throw new IllegalArgumentException("piece of " + grams + " g, need (0, " + MOST_GRAMS + "]");
        }
    }

    /** What is taken for granted until the owner has read the label: pieces cut to the dog's size. */
    public static Treat usual(TreatAllowance allowance) {
        double share = allowance.treatKcal() / TreatPlan.PIECES_A_DAY / USUAL_KCAL_PER_GRAM;
        return new Treat(USUAL_KCAL_PER_GRAM, Math.min(TASTE_GRAMS, share));
    }

    /** Energy of one piece. */
    public double kcal() {
        return kcalPerGram * grams;
    }
}
