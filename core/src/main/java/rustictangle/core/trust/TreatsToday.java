package rustictangle.core.trust;

import java.util.Locale;
import java.util.Optional;
import rustictangle.core.Reason;
import rustictangle.core.log.Cared;
import rustictangle.core.log.ClawTouched;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Log;
import rustictangle.core.log.Practised;
import rustictangle.core.log.Said;
import rustictangle.core.log.SessionEvent.TreatGiven;

/**
 * Today's treats against the day's allowance.
 *
 * @param given       pieces given today, in brushing, in practice and at the table
 * @param givenKcal   what they held
 * @param allowedKcal what may be treats today
 * @param piecesLeft  whole pieces that are still within it, at least 0
 * @param usedUp      what to do when it is used up; empty: it is not
 */
public record TreatsToday(int given, double givenKcal, double allowedKcal, int piecesLeft, Optional<Reason> usedUp) {

    /** Those in a session, the one that pays each answer in practice, each job at the table, each claw. */
    private static final Log.Reading<Said> PIECES = log -> log.stream()
            .map(Entry::said)
            .filter(said -> said instanceof TreatGiven
                    || said instanceof Practised
                    || said instanceof Cared cared && cared.outcome().settles()
                    // Said again with how the dog took it, it is the same claw.
                    || said instanceof ClawTouched claw && claw.signal().isEmpty())
            .toList();

    public static TreatsToday of(TreatAllowance allowance, Treat treat, Log log) {
        return of(allowance, treat, log.readToday(PIECES).size());
    }

    public static TreatsToday of(TreatAllowance allowance, Treat treat, int given) {
        if (!(given >= 0)) {
            throw new IllegalArgumentException("treats given " + given + ", need 0 or more");
        }
        double kcal = given * treat.kcal();
        int left = (int) Math.max(0, Math.floor((allowance.treatKcal() - kcal) / treat.kcal() + 1e-9));
        return new TreatsToday(
                given,
                kcal,
                allowance.treatKcal(),
                left,
                left > 0
                        ? Optional.empty()
                        : Optional.of(tooBig(allowance, treat, kcal).orElse(USED)));
    }

    private static final Reason USED = new Reason(
            "trust.treats-used",
            "Today's treats are used up. From now on part of the dinner, "
                    + "piece by piece, and that much less in the bowl.");

    /** Where not the number is too great, but the piece: a smaller one still fits. */
    private static Optional<Reason> tooBig(TreatAllowance allowance, Treat treat, double givenKcal) {
        double piece = TreatPlan.of(allowance, treat.kcalPerGram(), TreatPlan.PIECES_A_DAY)
                .pieceGrams();
        boolean tooBig = treat.kcal() * TreatPlan.FEWEST_PIECES > allowance.treatKcal();
        return !tooBig || givenKcal + piece * treat.kcalPerGram() > allowance.treatKcal()
                ? Optional.empty()
                : Optional.of(new Reason(
                        "trust.treats-too-big",
                        String.format(
                                Locale.ROOT,
                                "A whole piece of %.1f g does not fit into today's %.0f kcal any more. Cut it smaller: "
                                        + "about %.1f g.",
                                treat.grams(),
                                allowance.treatKcal(),
                                piece)));
    }
}
