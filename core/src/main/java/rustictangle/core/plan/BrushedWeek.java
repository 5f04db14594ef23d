package rustictangle.core.plan;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * The brushing of a week, all dogs together, setting up included.
 *
 * @param first its first day
 * @param done  seconds that were brushed
 * @param asked seconds that the plan asked for, or asks; empty: nobody looked in that week
 */
public record BrushedWeek(LocalDate first, double done, Optional<Double> asked) {

    /** So many lie behind, and with this one so many ahead. Own choices. */
    private static final int BEHIND = 4;

    public static final int AHEAD = 5;
    private static final int DAYS = 7;

    /** The first day of the week in which a day lies. */
    public static LocalDate first(LocalDate day, DayOfWeek start) {
        return day.with(TemporalAdjusters.previousOrSame(start));
    }

    /** The first day that is told. */
    public static LocalDate since(LocalDate today, DayOfWeek start) {
        return first(today, start).minusWeeks(BEHIND);
    }

    /**
     * @param done  seconds by day, of each dog
     * @param asked seconds that days gone by asked for; of a day on which nobody looked, nothing
     */
    public static List<BrushedWeek> of(
            PlanToday now, Collection<Map<LocalDate, Double>> done, Map<LocalDate, Double> asked, DayOfWeek start) {
        LocalDate first = since(now.today(), start);
        return IntStream.range(0, BEHIND + AHEAD)
                .mapToObj(first::plusWeeks)
                .map(week -> {
                    List<LocalDate> days = week.datesUntil(week.plusDays(DAYS)).toList();
                    List<Double> wanted = days.stream()
                            .flatMap(day -> asked(now, asked, day).stream())
                            .toList();
                    return new BrushedWeek(
                            week,
                            days.stream()
                                    .flatMap(day -> done.stream().map(dog -> dog.getOrDefault(day, 0.0)))
                                    .mapToDouble(each -> each)
                                    .sum(),
                            wanted.isEmpty()
                                    ? Optional.empty()
                                    : Optional.of(wanted.stream()
                                            .mapToDouble(each -> each)
                                            .sum()));
                })
                .toList();
    }

    private static Optional<Double> asked(PlanToday now, Map<LocalDate, Double> asked, LocalDate day) {
        int ahead = (int) (day.toEpochDay() - now.today().toEpochDay());
        return ahead < 0
                ? Optional.ofNullable(asked.get(day))
                : Optional.of(60 * (ahead == 0 ? now.promise().plan() : now.plan()).minutes(ahead));
    }
}
