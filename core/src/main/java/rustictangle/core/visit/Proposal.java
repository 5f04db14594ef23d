package rustictangle.core.visit;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import rustictangle.core.Reason;
import rustictangle.core.coat.Coat;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Log;
import rustictangle.core.log.SeenBy;
import rustictangle.core.rhythm.Closed;

/**
 * When a groomer would see the dog next: as usual, or sooner where a place waits that only a groomer may open.
 *
 * @param fromWeeks usual at least
 * @param toWeeks   usual at most
 * @param atMost    with a tight budget, weeks
 */
public record Proposal(LocalDate day, int fromWeeks, int toWeeks, int atMost, Reason why) {

    /**
     * @param past visits, the newest first
     * @return empty: this coat sees a groomer when needed
     */
    public static Optional<Proposal> of(Coat coat, Log log, List<Visit> past, LocalDate today) {
        Optional<Proposal> usual = Interval.of(coat).map(interval -> usual(interval, log, past, today));
        return Closed.of(log, today).stream()
                .filter(closed -> closed.who() == SeenBy.Who.GROOMER)
                .min(Comparator.comparing(Closed::since))
                .map(closed -> new Proposal(
                        Interval.soonAfter(closed.since(), today), 1, 1, 1, Interval.whySoon(closed.section())))
                .filter(soon ->
                        usual.filter(other -> other.day.isBefore(soon.day)).isEmpty())
                .or(() -> usual);
    }

    private static Proposal usual(Interval interval, Log log, List<Visit> past, LocalDate today) {
        LocalDate known =
                log.standing().map(Entry::day).min(Comparator.naturalOrder()).orElse(today.with(DayOfWeek.MONDAY));
        return new Proposal(
                interval.proposed(
                        past.stream()
                                .filter(visit -> visit.said().clips())
                                .findFirst()
                                .map(Visit::day),
                        known,
                        today),
                interval.fromWeeks(),
                interval.toWeeks(),
                interval.atMost(),
                interval.why());
    }
}
