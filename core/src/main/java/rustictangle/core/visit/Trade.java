package rustictangle.core.visit;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.HairLength;
import rustictangle.core.dog.Section;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.rhythm.Forecast;
import rustictangle.core.rhythm.SectionRhythm;
import rustictangle.core.routine.Routine;
import rustictangle.core.routine.RoutineStep;

/**
 * Length kept, minutes a week, and how long until the next visit: what each asks of the others.
 *
 * <p>At each length every place is brushed as often as keeps it below the owner's limits, and takes as long as hair of
 * that length takes. The hair grows from the clip on, so the last week before the next visit asks most.
 *
 * @param lengths      that a clip may leave, mm, growing
 * @param weeks        between two visits, growing
 * @param minutes      a week that the week that asks most asks, by the position of weeks and of length; never less for
 *                     more hair
 * @param perDay       how fast the hair grows, mm
 */
public record Trade(List<Integer> lengths, List<Integer> weeks, double[][] minutes, double perDay) {

    /** Clips that are asked for, mm; intervals in which groomers are seen: common practice, no published source. */
    private static final int SHORTEST_MM = 6;

    private static final int LONGEST_MM = 120;
    private static final int STEP_MM = 2;
    private static final int FEWEST_WEEKS = 4;
    private static final int MOST_WEEKS = 13;
    private static final int DAYS_A_WEEK = 7;

    public Trade {
        lengths = List.copyOf(lengths);
        weeks = List.copyOf(weeks);
    }

    /**
     * @param perDay  how fast the hair grows, mm, 0 or more
     * @param routine of the whole dog with a coat, in the owner's minutes
     */
    public static Trade of(
            Coat coat, Forecast forecast, Comfort comfort, double perDay, Function<Coat, Routine> routine) {
        int longest =
                (int) Math.min(HairLength.MAX_MILLIMETRES, Math.ceil(LONGEST_MM + perDay * DAYS_A_WEEK * MOST_WEEKS));
        // Whole millimetres: past some lengths other tools are taken and hair is parted, so that the minutes jump.
        double[] atLength = IntStream.rangeClosed(0, longest)
                .mapToDouble(mm -> weekly(coat, forecast, comfort, routine, Math.max(1, mm)))
                .toArray();
        List<Integer> lengths = IntStream.iterate(SHORTEST_MM, mm -> mm <= LONGEST_MM, mm -> mm + STEP_MM)
                .boxed()
                .toList();
        List<Integer> weeks =
                IntStream.rangeClosed(FEWEST_WEEKS, MOST_WEEKS).boxed().toList();
        double[][] minutes = new double[weeks.size()][lengths.size()];
        for (int w = 0; w < weeks.size(); w++) {
            for (int l = 0; l < lengths.size(); l++) {
                // A clip counts as what the shorter ones ask, too: nobody is told that more hair takes less time.
                minutes[w][l] =
                        Math.max(l == 0 ? 0 : minutes[w][l - 1], most(atLength, lengths.get(l), perDay, weeks.get(w)));
            }
        }
        return new Trade(lengths, weeks, minutes, perDay);
    }

    /** What the week that asks most asks: as a rule the last. */
    private static double most(double[] atLength, double from, double perDay, int weeks) {
        return IntStream.rangeClosed(0, weeks)
                .mapToDouble(week ->
                        atLength[(int) Math.min(atLength.length - 1L, Math.round(from + perDay * DAYS_A_WEEK * week))])
                .max()
                .orElseThrow();
    }

    private static double weekly(
            Coat coat, Forecast forecast, Comfort comfort, Function<Coat, Routine> routine, double mm) {
        HairLength clip = new HairLength(mm);
        Coat clipped = coat.clippedTo(clip);
        Map<Section, Integer> seconds = routine.apply(clipped).steps().stream()
                .collect(Collectors.toMap(RoutineStep::section, RoutineStep::seconds));
        return seconds.entrySet().stream()
                .mapToDouble(one -> {
                    Section section = one.getKey();
                    SectionRhythm now = forecast.rhythm().at(section);
                    int days = forecast.atLength(section, clipped.at(section).length())
                            .map(outlook -> outlook.dueAfterDays(LocalDate.EPOCH, comfort))
                            .orElse(now.intervalDays());
                    return one.getValue() / 60.0 * DAYS_A_WEEK / days;
                })
                .sum();
    }

    /** The longest clip, mm, that so many minutes a week keep until the next visit; empty: not even the shortest. */
    public OptionalInt longest(double minutesAWeek, int everyWeeks) {
        double[] asked = minutes[weeks.indexOf(everyWeeks)];
        return IntStream.range(0, asked.length)
                .filter(l -> asked[l] <= minutesAWeek)
                .map(lengths::get)
                .max();
    }
}
