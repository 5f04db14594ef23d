package rustictangle.core.plan;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * The brushing of a week, all dogs together, setting up included.
 *
 * @param first   its first day
 * @param done    seconds that were brushed
 * @param planned seconds that are still planned
 */
public record BrushedWeek(LocalDate first, double done, double planned) {

    /** So many lie behind, and with this one so many ahead. Own choices. */
    private static final int BEHIND = 4;

    public static final int AHEAD = 5;
    private static final int DAYS = 7;

    /** The first day of the week in which a day lies. */
    public static LocalDate first(LocalDate day, DayOfWeek start) {
        return day.with(TemporalAdjusters.previousOrSame(start));
    }

    /** @param done seconds by day, of each dog */
    public static List<BrushedWeek> of(PlanToday now, Collection<Map<LocalDate, Double>> done, DayOfWeek start) {
        LocalDate first = first(now.today(), start).minusWeeks(BEHIND);
        return IntStream.range(0, BEHIND + AHEAD)
                .mapToObj(first::plusWeeks)
                .map(week -> new BrushedWeek(
                        week,
                        week.datesUntil(week.plusDays(DAYS))
                                .mapToDouble(day -> done.stream()
                                        .mapToDouble(dog -> dog.getOrDefault(day, 0.0))
                                        .sum())
                                .sum(),
                        week.datesUntil(week.plusDays(DAYS))
                                .filter(day -> !day.isBefore(now.today()))
                                .mapToDouble(day -> 60
                                        * now.plan().minutes((int)
                                                (day.toEpochDay() - now.today().toEpochDay())))
                                .sum()))
                .toList();
    }
}
