package rustictangle.core.plan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import rustictangle.core.Reason;
import rustictangle.core.Refused;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.Growth;
import rustictangle.core.coat.HairLength;
import rustictangle.core.coat.LengthReading;
import rustictangle.core.dog.Region;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.rhythm.Forecast;
import rustictangle.core.rhythm.LongRun;
import rustictangle.core.routine.Routine;
import rustictangle.core.visit.GroomPrice;
import rustictangle.core.visit.Interval;

/**
 * Length kept, minutes a week, and how long until the next visit: what each asks of the others.
 *
 * <p>At each length the dog is kept as costs least in minutes and mats together, and a brushing takes as long as hair of
 * that length takes. The hair grows from the clip on, so the last week before the next visit asks most.
 *
 * @param lengths that a clip may leave, mm, growing
 * @param weeks   between two visits, growing
 * @param minutes a week that the last week asks, by the position of weeks and of length; never less for more hair
 * @param mats    small mats to expect from one visit to the next, in the same way
 * @param perDay  how fast the hair grows, mm
 */
public record Trade(List<Integer> lengths, List<Double> weeks, double[][] minutes, double[][] mats, double perDay) {

    /** Clips that are asked for, mm; intervals in which groomers are seen: common practice, no published source. */
    private static final int SHORTEST_MM = 6;

    private static final int LONGEST_MM = 120;
    private static final int STEP_MM = 2;
    /** Nobody asks for the groom of next week how long a clip it keeps. */
    private static final double FEWEST_WEEKS = 4;

    private static final double MOST_WEEKS = 13;
    private static final double STEP_WEEKS = 0.5;
    private static final int DAYS_A_WEEK = 7;
    private static final double WEEKS_A_MONTH = 365.25 / 12 / DAYS_A_WEEK;
    /** Reckoned at lengths so far apart, mm; between them by straight lines. */
    private static final int RECKONED_MM = 4;

    public Trade {
        lengths = List.copyOf(lengths);
        weeks = List.copyOf(weeks);
    }

    /**
     * @param perDay  how fast the hair grows, mm, 0 or more
     * @param setUp   minutes of a session besides the brushing
     * @param routine of the whole dog with a coat, in the owner's minutes
     */
    public static Trade of(
            Coat coat,
            Forecast forecast,
            Comfort comfort,
            double perDay,
            double setUp,
            Function<Coat, Routine> routine) {
        double most = Math.min(HairLength.MAX_MILLIMETRES, LONGEST_MM + perDay * DAYS_A_WEEK * MOST_WEEKS);
        LongRun[] at = IntStream.rangeClosed(0, (int) Math.ceil(most / RECKONED_MM))
                .mapToObj(n -> at(coat, forecast, comfort, setUp, routine, Math.max(1, n * RECKONED_MM)))
                .toArray(LongRun[]::new);
        double[] minutesAt = growing(IntStream.range(0, at.length)
                .mapToDouble(n -> at[n].minutesAWeek())
                .toArray());
        double[] matsAt = growing(IntStream.range(0, at.length)
                .mapToDouble(n -> at[n].matsAMonth())
                .toArray());
        List<Integer> lengths = IntStream.iterate(SHORTEST_MM, mm -> mm <= LONGEST_MM, mm -> mm + STEP_MM)
                .boxed()
                .toList();
        List<Double> weeks = DoubleStream.iterate(FEWEST_WEEKS, w -> w <= MOST_WEEKS, w -> w + STEP_WEEKS)
                .boxed()
                .toList();
        double[][] minutes = new double[weeks.size()][lengths.size()];
        double[][] mats = new double[weeks.size()][lengths.size()];
        for (int w = 0; w < weeks.size(); w++) {
            for (int l = 0; l < lengths.size(); l++) {
                double aWeek = perDay * DAYS_A_WEEK;
                minutes[w][l] = between(minutesAt, lengths.get(l) + aWeek * weeks.get(w));
                mats[w][l] = matsUntil(matsAt, lengths.get(l), aWeek, weeks.get(w));
            }
        }
        return new Trade(lengths, weeks, minutes, mats, perDay);
    }

    private static LongRun at(
            Coat coat,
            Forecast forecast,
            Comfort comfort,
            double setUp,
            Function<Coat, Routine> routine,
            double millimetres) {
        Coat clipped = coat.clippedTo(new HairLength(millimetres));
        return LongRun.of(
                routine.apply(clipped).places().stream()
                        .map(place -> new LongRun.BrushedPlace(
                                place.seconds() / 60,
                                forecast.everyDay(
                                                place.section(),
                                                clipped.at(place.section()).length())
                                        .orElseThrow()))
                        .toList(),
                setUp,
                comfort);
    }

    /** Nobody is told that more hair takes less, though a rhythm that changes may save a little. */
    private static double[] growing(double[] values) {
        double[] growing = values.clone();
        for (int i = 1; i < growing.length; i++) {
            growing[i] = Math.max(growing[i], growing[i - 1]);
        }
        return growing;
    }

    private static double between(double[] values, double millimetres) {
        double at = Math.min(values.length - 1.0, millimetres / RECKONED_MM);
        int before = (int) Math.min(values.length - 2.0, Math.floor(at));
        return values[before] + (at - before) * (values[before + 1] - values[before]);
    }

    private static double matsUntil(double[] aMonth, double from, double growthAWeek, double weeks) {
        double sum = 0;
        for (double week = 0; week < weeks; week += STEP_WEEKS) {
            sum += between(aMonth, from + growthAWeek * (week + STEP_WEEKS / 2)) * STEP_WEEKS / WEEKS_A_MONTH;
        }
        return sum;
    }

    /** The longest clip, mm, that so many minutes a week keep until the next visit; empty: not even the shortest. */
    public OptionalInt longest(double minutesAWeek, double everyWeeks) {
        double[] asked = minutes[weeks.indexOf(everyWeeks)];
        return IntStream.range(0, asked.length)
                .filter(l -> asked[l] <= minutesAWeek)
                .map(lengths::get)
                .max();
    }

    /** The longest clip and the longest wait that are reckoned. */
    public static final int MOST_MINUTES_A_WEEK = 600;
    /** What a few minutes more would bring is told beside every answer. */
    static final int MORE_MINUTES = 15;

    private static final int STEP_MINUTES = 5;
    /** Where nothing was chosen yet: a short clip, and a visit as often as fleece has one. Own choice. */
    private static final int USUAL_MM = 20;

    private static final double USUAL_WEEKS = 6;

    /** What a short clip asks, to begin with. */
    public TradeQuestion usual() {
        int l = lengths.indexOf(USUAL_MM);
        double asked = minutes[weeks.indexOf(USUAL_WEEKS)][l];
        return new TradeQuestion(
                TradeQuestion.Tell.LENGTH,
                (int) Math.min(MOST_MINUTES_A_WEEK, Math.ceil(asked / MORE_MINUTES) * MORE_MINUTES),
                USUAL_WEEKS,
                USUAL_MM);
    }

    /**
     * What is asked for, and what goes with it.
     *
     * @throws Refused when it asks for weeks or a length that are not reckoned
     */
    public TradeAnswer answer(TradeQuestion asked, GroomPrice price) {
        if (!weeks.contains(asked.weeks())) {
            throw new Refused(
                    "weeks", "A visit comes every " + FEWEST_WEEKS + " to " + MOST_WEEKS + " weeks, by half weeks.");
        }
        if (!lengths.contains(asked.millimetres())) {
            throw new Refused(
                    "millimetres",
                    "A clip leaves " + SHORTEST_MM + " to " + LONGEST_MM + " mm, by " + STEP_MM + " mm.");
        }
        Optional<Integer> clip = asked.tell() == TradeQuestion.Tell.LENGTH
                ? boxed(longest(asked.minutesAWeek(), asked.weeks()))
                : Optional.of(asked.millimetres());
        Optional<Double> until = asked.tell() == TradeQuestion.Tell.WEEKS
                ? weeks.stream()
                        .filter(w -> need(asked.millimetres(), w) <= asked.minutesAWeek())
                        .reduce((sooner, later) -> later)
                : Optional.of(asked.weeks());
        int taken = asked.tell() == TradeQuestion.Tell.MINUTES
                ? (int) Math.ceil(need(asked.millimetres(), asked.weeks()) / STEP_MINUTES) * STEP_MINUTES
                : asked.minutesAWeek();
        Optional<Integer> more = until.flatMap(w -> boxed(longest(taken + MORE_MINUTES, w)))
                .filter(mm -> clip.filter(now -> mm > now).isPresent());
        return new TradeAnswer(
                asked,
                clip,
                until,
                taken,
                more,
                MORE_MINUTES,
                new Reason("plan.trade", sentence(asked, clip, until, taken, price)),
                until.map(GroomPrice::visitsEvery),
                weeks.stream().map(w -> row(w, taken, clip, price)).toList());
    }

    private TradeAnswer.TradeRow row(double everyWeeks, int taken, Optional<Integer> clip, GroomPrice price) {
        return new TradeAnswer.TradeRow(
                everyWeeks,
                boxed(longest(taken, everyWeeks)),
                boxed(longest(taken + MORE_MINUTES, everyWeeks)),
                clip.map(mm -> need(mm, everyWeeks)),
                price.yearlyEvery(everyWeeks));
    }

    private double need(int millimetres, double everyWeeks) {
        return minutes[weeks.indexOf(everyWeeks)][lengths.indexOf(millimetres)];
    }

    private static Optional<Integer> boxed(OptionalInt value) {
        return value.isPresent() ? Optional.of(value.getAsInt()) : Optional.empty();
    }

    private String sentence(
            TradeQuestion asked, Optional<Integer> clip, Optional<Double> until, int taken, GroomPrice price) {
        if (clip.isEmpty()) {
            return taken + " minutes a week do not keep even the shortest clip for " + inWords(asked.weeks())
                    + " weeks.";
        }
        if (until.isEmpty()) {
            return "At " + Reason.mm(clip.get()) + " it takes more than " + taken
                    + " minutes a week even with a visit every " + inWords(weeks.get(0)) + " weeks.";
        }
        String third =
                switch (asked.tell()) {
                    case LENGTH -> "The clip may leave " + Reason.mm(clip.get());
                    case MINUTES -> "It takes " + taken + " minutes a week";
                    case WEEKS -> "It may be left for " + inWords(until.get()) + " weeks";
                };
        double expected = mats[weeks.indexOf(until.get())][lengths.indexOf(clip.get())];
        double yearly = price.yearlyEvery(until.get());
        return third + ", with " + smallMats(expected) + " to expect until then"
                + (yearly > 0 ? "; a year costs about " + Reason.money(yearly) : "") + ".";
    }

    /** Half weeks as they are said. */
    private static String inWords(double weeks) {
        return weeks % 1 == 0 ? String.valueOf((int) weeks) : (int) weeks + "½";
    }

    private static String smallMats(double expected) {
        long mats = Math.round(expected);
        return mats == 0 ? "hardly any small mat" : mats == 1 ? "one small mat" : mats + " small mats";
    }

    /** Where nothing is usual. Own choice. */
    private static final double WEEKS_WHERE_NOTHING_IS_USUAL = 8;

    /**
     * What the plan makes of the length in hand.
     *
     * @param minutesAWeek that the plan has for the dog
     * @param mats         small mats to expect of it
     * @param until        by when
     */
    public record InHand(double minutesAWeek, double mats, LocalDate until) {}

    /** Weeks to the next visit if it is some weeks off, else from it to the one after it, as usual. */
    public double weeks(Coat coat, Optional<LocalDate> next, LocalDate today) {
        double until = next.map(day -> ChronoUnit.DAYS.between(today, day) / (double) DAYS_A_WEEK)
                .filter(ahead -> ahead >= FEWEST_WEEKS)
                .or(() -> Interval.of(coat).map(usual -> (usual.fromWeeks() + usual.toWeeks()) / 2.0))
                .orElse(WEEKS_WHERE_NOTHING_IS_USUAL);
        return Math.max(FEWEST_WEEKS, Math.min(MOST_WEEKS, Math.round(until / STEP_WEEKS) * STEP_WEEKS));
    }

    /**
     * The clip that the dog's minutes would keep; empty where they keep what it has, or not even the shortest.
     *
     * @param everyWeeks from one visit to the next
     */
    public OptionalInt keeps(Coat coat, double minutesAWeek, double everyWeeks) {
        OptionalInt longest = longest(minutesAWeek, everyWeeks);
        return longest.isPresent()
                        && longest.getAsInt() < coat.at(Region.BODY).length().millimetres()
                ? longest
                : OptionalInt.empty();
    }

    /**
     * The dog's own answer in one sentence: what the plan makes of the length in hand, and, where minutes are short, what
     * clip they would keep.
     *
     * @param keeps see {@link #keeps}; empty: nothing is said of it
     */
    public static Reason own(Coat coat, InHand plan, OptionalInt keeps, double everyWeeks) {
        long minutes = Math.round(plan.minutesAWeek);
        return new Reason(
                "plan.trade-own",
                "At its " + Reason.mm(coat.at(Region.BODY).length().millimetres()) + " the plan has "
                        + (minutes < 1 ? "no minutes" : "about " + minutes + (minutes == 1 ? " minute" : " minutes"))
                        + " a week for it; expect " + smallMats(plan.mats) + " by {" + plan.until + " date}."
                        + (keeps.isPresent()
                                ? " The same minutes would keep a clip of " + Reason.mm(keeps.getAsInt()) + " for "
                                        + inWords(everyWeeks) + " weeks."
                                : ""));
    }

    /** How fast hair that grows on grows on average, mm a day; 0: none does. */
    public static double growth(Coat coat, Map<Region, List<LengthReading>> readings) {
        return coat.regions().entrySet().stream()
                .filter(region -> region.getValue().growsOn())
                .mapToDouble(region -> Growth.of(region.getValue(), readings.getOrDefault(region.getKey(), List.of()))
                        .millimetresPerDay())
                .average()
                .orElse(0);
    }
}
