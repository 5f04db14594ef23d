package rustictangle.core.coat;

import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import rustictangle.core.Reason;

/**
 * How fast the hair grows, in mm per day.
 *
 * @param millimetresPerDay best estimate, 0 or more
 * @param plusMinus         half the width of the 95 % interval, mm per day
 * @param readings          how many readings since the last clip it rests on; under 2 it is only assumed
 * @param doubt             what to ask about a last reading that is longer than hair grows; empty: nothing
 */
public record Growth(double millimetresPerDay, double plusMinus, int readings, Reason why, Optional<Reason> doubt) {

    /** Ever-growing coats, mm a day. Quoted from memory, own estimate: 0.3 to 0.4. */
    public static final double EVER_GROWING_MM_PER_DAY = 0.35;

    /** What is believed before the first readings, as a standard deviation, mm a day. Own estimates. */
    private static final double EVER_GROWING_SD = 0.10;

    /** Hair that stops by itself keeps its length, but grows back after a clip. */
    private static final double STOPPED_SD = 0.20;

    /** No hair grows faster, mm a day. Own estimate. */
    static final double MOST_PER_DAY = 0.6;
    /** Standard error of one reading with a household ruler, mm. Own estimate. */
    public static final double READING_ERROR_MM = 2;
    /** A reading shorter than the one before by more than this was taken after a clip, mm. Own estimate. */
    private static final double CLIPPED_MM = 3 * READING_ERROR_MM;
    /** From so much more than hair grows on it is asked whether it was measured well, mm. Own estimate. */
    private static final double ASKED_MM = 1.5 * READING_ERROR_MM;
    /** Two-sided 95 % of the normal distribution. */
    private static final double NINETY_FIVE_PERCENT = 1.959964;

    /**
     * The least-squares line through the readings since the last clip, shrunk toward what hair of this kind does: a normal
     * mean with known variance (Gelman et al., Bayesian Data Analysis). Two readings a day apart say next to nothing, and
     * so they move next to nothing.
     *
     * @param hair     what grows there: decides what is assumed before two readings exist
     * @param readings oldest first, at most one a day
     */
    public static Growth of(RegionCoat hair, List<LengthReading> readings) {
        double prior = hair.growsOn() ? EVER_GROWING_MM_PER_DAY : 0;
        double priorSd = hair.growsOn() ? EVER_GROWING_SD : STOPPED_SD;
        List<LengthReading> run = sinceClip(readings);
        if (run.size() < 2) {
            return new Growth(prior, NINETY_FIVE_PERCENT * priorSd, run.size(), assumed(hair), doubt(readings));
        }
        Line line = Line.through(run);
        double slopeVariance = READING_ERROR_MM * READING_ERROR_MM / line.spread;
        double weight = 1 / (priorSd * priorSd) + 1 / slopeVariance;
        double perDay = (prior / (priorSd * priorSd) + line.slope / slopeVariance) / weight;
        return new Growth(
                Math.max(0, Math.min(MOST_PER_DAY, perDay)),
                NINETY_FIVE_PERCENT / Math.sqrt(weight),
                run.size(),
                new Reason(
                        "coat.growth",
                        "From " + run.size()
                                + " readings since {" + run.get(0).day()
                                + " date}, and from what such hair does; the ruler may be off by "
                                + Reason.mm(READING_ERROR_MM) + " each time."),
                doubt(readings));
    }

    /** @param spread sum of the squared days from their mean */
    private record Line(double slope, double spread) {

        static Line through(List<LengthReading> run) {
            double meanDay =
                    run.stream().mapToDouble(r -> dayOf(run, r)).average().orElseThrow();
            double meanLength = run.stream()
                    .mapToDouble(r -> r.length().millimetres())
                    .average()
                    .orElseThrow();
            double spread = 0;
            double together = 0;
            for (LengthReading reading : run) {
                double fromMean = dayOf(run, reading) - meanDay;
                spread += fromMean * fromMean;
                together += fromMean * (reading.length().millimetres() - meanLength);
            }
            return new Line(together / spread, spread);
        }
    }

    private static Reason assumed(RegionCoat hair) {
        return new Reason(
                "coat.growth-assumed",
                hair.growsOn()
                        ? "Assumed for ever-growing hair until two readings some weeks apart tell better."
                        : "This kind stops at its own length; two readings after a clip tell how fast it comes back.");
    }

    /** A last reading that is longer than any hair grows since the one before it. */
    private static Optional<Reason> doubt(List<LengthReading> readings) {
        if (readings.size() < 2) {
            return Optional.empty();
        }
        LengthReading before = readings.get(readings.size() - 2);
        LengthReading last = readings.get(readings.size() - 1);
        if (!leaps(before, last, ASKED_MM)) {
            return Optional.empty();
        }
        String what = "{" + last.length().millimetres() + " mm} on {" + last.day() + " date} is "
                + Reason.mm(last.length().millimetres() - before.length().millimetres())
                + " more than on {" + before.day() + " date}, more than hair grows in that time. ";
        return Optional.of(
                leaps(before, last, CLIPPED_MM)
                        ? new Reason(
                                "coat.growth-doubt",
                                what + "Measured at another place, or mistyped? It is not counted for the growth.")
                        : new Reason(
                                "coat.growth-ask",
                                what + "The ruler may be off: stretch one hair and measure once more."));
    }

    /** Longer than growth explains, by more than so many mm. */
    private static boolean leaps(LengthReading before, LengthReading after, double by) {
        long days = ChronoUnit.DAYS.between(before.day(), after.day());
        return after.length().millimetres() > before.length().millimetres() + MOST_PER_DAY * days + by;
    }

    private static List<LengthReading> sinceClip(List<LengthReading> readings) {
        int from = 0;
        for (int i = 1; i < readings.size(); i++) {
            LengthReading before = readings.get(i - 1);
            LengthReading here = readings.get(i);
            boolean clipped = here.length().millimetres() < before.length().millimetres() - CLIPPED_MM;
            if (clipped || leaps(before, here, CLIPPED_MM)) {
                from = i;
            }
        }
        return readings.subList(from, readings.size());
    }

    private static double dayOf(List<LengthReading> run, LengthReading reading) {
        return ChronoUnit.DAYS.between(run.get(0).day(), reading.day());
    }
}
