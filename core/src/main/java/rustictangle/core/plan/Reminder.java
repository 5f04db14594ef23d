package rustictangle.core.plan;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import rustictangle.core.Reason;
import rustictangle.core.kit.Tool;
import rustictangle.core.log.CareJob;

/**
 * What is worth a message today: for each dog one at most, what can least be caught up on first. All numbers are own
 * choices.
 */
public record Reminder(Kind kind, String text) {

    /** What it is about. */
    public enum Kind {
        APPOINTMENT,
        SEASON,
        BRUSHING,
        CARE,
        TOOL_CHECK
    }

    /** The kinds that are not said again for so many days. */
    public static final int NOT_AGAIN_DAYS = 21;

    private static final Set<Long> DAYS_BEFORE_GROOM = Set.of(1L, 3L);
    private static final int PALM_TEST_DAYS = 60;
    private static final Set<String> SEASON_BEGINS = Set.of("rhythm.season-near", "rhythm.season-now");

    /**
     * @param season  what the shedding season asks for
     * @param due     places to brush today that were not brushed
     * @param care    jobs at the table whose turn is today and that were not done
     * @param lost    places in training where a mat is likely before they are ready, while nothing was practised today
     * @param lately  the kinds that were sent for this dog in the last {@link #NOT_AGAIN_DAYS} days
     */
    public static Optional<Reminder> ofDog(
            String name,
            LocalDate today,
            Optional<LocalDate> groom,
            Optional<Reason> season,
            int due,
            int lost,
            List<CareJob> care,
            Set<Kind> lately) {
        long days = groom.map(day -> ChronoUnit.DAYS.between(today, day)).orElse(0L);
        if (DAYS_BEFORE_GROOM.contains(days)) {
            return Optional.of(
                    new Reminder(
                            Kind.APPOINTMENT,
                            name + " sees the groomer " + (days == 1 ? "tomorrow" : "in " + days + " days")
                                    + ". The sheet for the groomer is ready to print; brush out before it, so that length can be left."));
        }
        if (season.filter(reason -> SEASON_BEGINS.contains(reason.rule())).isPresent()
                && !lately.contains(Kind.SEASON)) {
            return Optional.of(
                    new Reminder(Kind.SEASON, name + ": " + season.get().text()));
        }
        if (due > 0 || lost > 0) {
            return Optional.of(new Reminder(Kind.BRUSHING, name + ": " + brushing(due) + training(due, lost)));
        }
        return care.isEmpty()
                ? Optional.empty()
                : Optional.of(new Reminder(
                        Kind.CARE,
                        name + ": "
                                + care.stream().map(CareJob::label).collect(Collectors.joining(", "))
                                + (care.size() == 1 ? " is" : " are") + " due at the table."));
    }

    private static String brushing(int due) {
        return due == 0 ? "" : due + (due == 1 ? " place is" : " places are") + " due for brushing.";
    }

    /** What is practised, not brushed, goes on tangling all the same. */
    private static String training(int due, int lost) {
        return lost == 0
                ? ""
                : (due == 0 ? "" : " ") + lost + (lost == 1 ? " place" : " places") + " in training "
                        + (lost == 1 ? "mats" : "mat") + " before the dog is ready: a short practice today.";
    }

    /** @param lately the kinds that were sent for the household in the last {@link #NOT_AGAIN_DAYS} days */
    public static Optional<Reminder> ofTools(List<Tool> drawer, LocalDate today, Set<Kind> lately) {
        long old = drawer.stream()
                .filter(tool -> tool.kind().hasPalmTest())
                .filter(tool -> tool.check()
                        .filter(check -> !check.day().isBefore(today.minusDays(PALM_TEST_DAYS)))
                        .isEmpty())
                .count();
        return old == 0 || lately.contains(Kind.TOOL_CHECK)
                ? Optional.empty()
                : Optional.of(new Reminder(
                        Kind.TOOL_CHECK,
                        "The palm test of " + (old == 1 ? "a tool" : old + " tools")
                                + " in the drawer is more than two months ago, or was never done."));
    }

    /**
     * Whether it is said at this hour: what the day asks for is said when the dogs are usually brushed, or later.
     *
     * @param usual empty: at no hour in particular
     */
    public boolean saidAt(LocalTime now, Optional<LocalTime> usual) {
        return kind != Kind.BRUSHING && kind != Kind.CARE
                || usual.filter(now::isBefore).isEmpty();
    }

    /** Whether it is a time at which no message is sent; the hours may go past midnight. Equal times: never quiet. */
    public static boolean quiet(LocalTime now, LocalTime from, LocalTime to) {
        return from.isBefore(to)
                ? !now.isBefore(from) && now.isBefore(to)
                : !from.equals(to) && (!now.isBefore(from) || now.isBefore(to));
    }
}
