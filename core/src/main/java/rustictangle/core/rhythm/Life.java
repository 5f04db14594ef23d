package rustictangle.core.rhythm;

import java.time.LocalDate;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Set;
import java.util.TreeMap;
import rustictangle.core.log.Happened;
import rustictangle.core.log.LifeEvent;
import rustictangle.core.log.Log;

/**
 * What happened to the dog, day by day.
 *
 * @param days only days on which something happened
 */
public record Life(NavigableMap<LocalDate, Set<LifeEvent>> days) {

    /** Ordinary days only. */
    public static final Life ORDINARY = new Life(new TreeMap<>());

    private static final Log.Reading<Day> HAPPENED = log -> log.stream()
            .flatMap(entry -> entry.as(Happened.class).map(said -> new Day(entry.day(), said.event())).stream())
            .toList();

    private record Day(LocalDate day, LifeEvent event) {}

    /** @param since a day, included */
    public static Life of(Log log, LocalDate since) {
        NavigableMap<LocalDate, Set<LifeEvent>> days = new TreeMap<>();
        log.read(HAPPENED).stream().filter(one -> !one.day.isBefore(since)).forEach(one -> days.computeIfAbsent(
                        one.day, day -> EnumSet.noneOf(LifeEvent.class))
                .add(one.event));
        return new Life(days);
    }

    public Life {
        NavigableMap<LocalDate, Set<LifeEvent>> copy = new TreeMap<>();
        for (Map.Entry<LocalDate, Set<LifeEvent>> day : days.entrySet()) {
            if (!day.getValue().isEmpty()) {
                copy.put(day.getKey(), Collections.unmodifiableSet(EnumSet.copyOf(day.getValue())));
            }
        }
        days = Collections.unmodifiableNavigableMap(copy);
    }
}
