package rustictangle.core.rhythm;

import java.time.LocalDate;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import rustictangle.core.dog.Section;
import rustictangle.core.log.Bathed;
import rustictangle.core.log.DrynessFelt;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Happened;
import rustictangle.core.log.LifeEvent;
import rustictangle.core.log.Log;

/**
 * What happened to the dog, day by day.
 *
 * @param days only days on which something happened
 * @param felt of days on which it was wet, by place, whether it was dry to the skin when last felt
 */
public record Life(NavigableMap<LocalDate, Set<LifeEvent>> days, Map<LocalDate, Map<Section, Boolean>> felt) {

    /** Ordinary days only. */
    public static final Life ORDINARY = new Life(new TreeMap<>());

    private static final Log.Reading<Day> HAPPENED =
            log -> log.stream().flatMap(Life::day).toList();

    private record Day(LocalDate day, Optional<LifeEvent> event, Optional<DrynessFelt> felt) {}

    private static Stream<Day> day(Entry entry) {
        if (Bathed.of(entry).isPresent()) {
            return Stream.of(new Day(entry.day(), Optional.of(LifeEvent.BATHED), Optional.empty()));
        }
        if (entry.said() instanceof Happened happened) {
            return Stream.of(new Day(entry.day(), Optional.of(happened.event()), Optional.empty()));
        }
        return entry
                .as(DrynessFelt.class)
                .map(felt -> new Day(entry.day(), Optional.empty(), Optional.of(felt)))
                .stream();
    }

    /** @param since a day, included */
    public static Life of(Log log, LocalDate since) {
        NavigableMap<LocalDate, Set<LifeEvent>> days = new TreeMap<>();
        Map<LocalDate, Map<Section, Boolean>> felt = new HashMap<>();
        log.read(HAPPENED).stream()
                .filter(happened -> !happened.day.isBefore(since))
                .forEach(happened -> {
                    happened.event.ifPresent(
                            event -> days.computeIfAbsent(happened.day, day -> EnumSet.noneOf(LifeEvent.class))
                                    .add(event));
                    happened.felt.ifPresent(
                            said -> felt.computeIfAbsent(happened.day, day -> new EnumMap<>(Section.class))
                                    .put(said.section(), said.dry()));
                });
        return new Life(days, felt);
    }

    public Life(NavigableMap<LocalDate, Set<LifeEvent>> days) {
        this(days, Map.of());
    }

    public Life {
        NavigableMap<LocalDate, Set<LifeEvent>> copy = new TreeMap<>();
        for (Map.Entry<LocalDate, Set<LifeEvent>> day : days.entrySet()) {
            if (!day.getValue().isEmpty()) {
                copy.put(day.getKey(), Collections.unmodifiableSet(EnumSet.copyOf(day.getValue())));
            }
        }
        days = Collections.unmodifiableNavigableMap(copy);
        Map<LocalDate, Map<Section, Boolean>> places = new HashMap<>();
        felt.forEach((day, here) -> places.put(day, Map.copyOf(here)));
        felt = Map.copyOf(places);
    }

    /** Whether it was dry to the skin there, as far as hands have felt; empty: nobody knows. */
    Optional<Boolean> dry(LocalDate day, Section section) {
        Map<Section, Boolean> here = felt.getOrDefault(day, Map.of());
        boolean everywhere = DrynessFelt.STAYS_DAMP.stream().allMatch(place -> here.getOrDefault(place, false));
        return Optional.ofNullable(here.get(section)).or(() -> everywhere ? Optional.of(true) : Optional.empty());
    }
}
