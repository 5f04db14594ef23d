package rustictangle.core.trust;

import java.util.Locale;
import rustictangle.core.Reason;

/**
 * How to cut the treats, so that a day's practice and brushing together stay within the allowance.
 *
 * @param pieces     for the whole day
 * @param pieceGrams one piece, g
 * @param dinner     whether part of the dinner serves instead, because the pieces would be crumbs
 */
public record TreatPlan(int pieces, double pieceGrams, boolean dinner, Reason why) {

    /** Pieces a day that practice and brushing like to have. Own estimate. */
    public static final int PIECES_A_DAY = 30;
    /** Smaller pieces are crumbs. Own estimate. */
    static final double SMALLEST_GRAMS = 0.2;
    /** Fewer pieces than this teach nothing. Own estimate. */
    static final int FEWEST_PIECES = 5;

    /**
     * @param kcalPerGram by the label, in (0, 10]
     * @param pieces      wanted for the day, at least 1
     */
    public static TreatPlan of(TreatAllowance allowance, double kcalPerGram, int pieces) {
        if (!(pieces >= 1)) {
            throw new IllegalArgumentException("pieces " + pieces + ", need 1 or more");
        }
        double grams = allowance.treatKcal() / kcalPerGram;
        new Treat(kcalPerGram, Math.min(grams, Treat.MOST_GRAMS));
        int fit = (int) Math.min(pieces, Math.floor(grams / SMALLEST_GRAMS));
        if (fit < FEWEST_PIECES && fit < pieces) {
            return new TreatPlan(
                    pieces,
                    SMALLEST_GRAMS,
                    true,
                    new Reason(
                            "trust.dinner",
                            "Pieces would be smaller than "
                                    + "0.2 g. Take part of the dinner, piece by piece, and put that much less in the bowl."));
        }
        double piece = Math.min(Treat.TASTE_GRAMS, grams / fit);
        return new TreatPlan(
                fit,
                piece,
                false,
                new Reason(
                        "trust.pieces",
                        String.format(
                                Locale.ROOT,
                                "%.0f kcal of treats a day at %.1f kcal/g are %.1f g at most: %d pieces of %.1f g%s.",
                                allowance.treatKcal(),
                                kcalPerGram,
                                grams,
                                fit,
                                piece,
                                fit < pieces
                                        ? "; more of them would be crumbs"
                                        : piece < grams / fit ? "; a treat is a taste" : "")));
    }
}
