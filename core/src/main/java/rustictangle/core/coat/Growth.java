package rustictangle.core.coat;

import java.time.temporal.ChronoUnit;
import java.util.List;
import rustictangle.core.Reason;

/**
 * How fast the hair grows, in mm per day.
 *
 * @param millimetresPerDay best estimate, 0 or more
 * @param plusMinus         half the width of the 95 % interval, mm per day
 * @param readings          how many readings since the last clip it rests on; under 2 it is only assumed
 */
public record Growth(double millimetresPerDay, double plusMinus, int readings, Reason why) {

    /** Ever-growing coats, mm a day. Quoted from memory, own estimate: 0.3 to 0.4. */
    public static final double EVER_GROWING_MM_PER_DAY = 0.35;

    private static final double EVER_GROWING_PLUS_MINUS = 0.05;
    /** Coats that stop by themselves keep their length. Own estimate. */
    private static final double STOPPED_PLUS_MINUS = 0.05;
    /** Standard error of one reading with a household ruler, mm. Own estimate. */
    public static final double READING_ERROR_MM = 2;
    /** A reading shorter than the one before by more than this was taken after a clip, mm. Own estimate. */
    private static final double CLIPPED_MM = 3 * READING_ERROR_MM;
    /** Two-sided 95 % of the normal distribution. */
    private static final double NINETY_FIVE_PERCENT = 1.959964;

    /**
     * The least-squares line through the readings since the last clip. Its uncertainty follows from the
     * error of a single reading, since few readings cannot tell it themselves.
     *
     * @param hair     what grows there: decides what is assumed before two readings exist
     * @param readings oldest first, at most one a day
     */
    public static Growth of(RegionCoat hair, List<LengthReading> readings) {
        List<LengthReading> run = sinceClip(readings);
        if (run.size() < 2) {
            return assumed(hair, run.size());
        }
        double meanDay = run.stream().mapToDouble(r -> dayOf(run, r)).average().orElseThrow();
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
        double perDay = Math.max(0, together / spread);
        double plusMinus = NINETY_FIVE_PERCENT * READING_ERROR_MM / Math.sqrt(spread);
        return new Growth(
                perDay,
                plusMinus,
                run.size(),
                new Reason(
                        "coat.growth",
                        "From " + run.size()
                                + " readings since {" + run.get(0).day() + " date}; the ruler may be off by "
                                + Reason.mm(READING_ERROR_MM) + " each time."));
    }

    private static Growth assumed(RegionCoat hair, int readings) {
        return hair.kind().growsOn()
                ? new Growth(
                        EVER_GROWING_MM_PER_DAY,
                        EVER_GROWING_PLUS_MINUS,
                        readings,
                        new Reason(
                                "coat.growth-assumed",
                                "Assumed for ever-growing hair until two readings some weeks apart tell better."))
                : new Growth(
                        0,
                        STOPPED_PLUS_MINUS,
                        readings,
                        new Reason(
                                "coat.growth-assumed",
                                "This kind stops at its own length; two readings after a clip tell how fast it comes "
                                        + "back."));
    }

    private static List<LengthReading> sinceClip(List<LengthReading> readings) {
        int from = 0;
        for (int i = 1; i < readings.size(); i++) {
            double before = readings.get(i - 1).length().millimetres();
            if (readings.get(i).length().millimetres() < before - CLIPPED_MM) {
                from = i;
            }
        }
        return readings.subList(from, readings.size());
    }

    private static double dayOf(List<LengthReading> run, LengthReading reading) {
        return ChronoUnit.DAYS.between(run.get(0).day(), reading.day());
    }
}
