package rustictangle.core.rhythm;

import java.time.LocalDate;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableSet;
import java.util.Set;
import java.util.TreeSet;
import rustictangle.core.coat.LengthReading;
import rustictangle.core.dog.Region;
import rustictangle.core.dog.Section;
import rustictangle.core.log.Entry;
import rustictangle.core.log.HairOut;
import rustictangle.core.log.Log;
import rustictangle.core.log.Moment;
import rustictangle.core.log.SessionEvent;
import rustictangle.core.log.Visited;

/**
 * What is known of a dog's days, as far as they bear on its rhythm.
 *
 * @param checks   comb checks, oldest first
 * @param unproved brushings without a comb, oldest first
 * @param life     what happened to it besides its habits
 * @param readings what the ruler said, oldest first in each region
 * @param heaps    days on which a session brought out a heap of hair
 * @param seasons  of shedding, about today
 * @param grooms   when a groomer went through the coat, by place
 * @param told     what was said of the time before any of it
 */
public record Diary(
        List<CombCheck> checks,
        List<Unproved> unproved,
        Life life,
        Map<Region, List<LengthReading>> readings,
        NavigableSet<LocalDate> heaps,
        List<Season> seasons,
        Map<Section, NavigableSet<Moment>> grooms,
        StatedCombing told) {

    /** A groomer went through these places. */
    public record Groom(Moment when, Set<Section> sections) {}

    /** What is older says little about the coat of today. Own estimate: a year, so that every season counts once. */
    public static final int REMEMBERED_DAYS = 365;

    /** So far back a dog's own seasons are looked for, years. */
    private static final int SEASONS_YEARS = 4;

    /** Days on which a session brought out a heap of hair; a day may come more than once. */
    public static final Log.Reading<LocalDate> HEAPS = log -> log.stream()
            .filter(entry -> entry.as(SessionEvent.class)
                    .flatMap(SessionEvent::hairOut)
                    .filter(HairOut.HEAP::equals)
                    .isPresent())
            .map(Entry::day)
            .toList();

    public static final Log.Reading<Groom> GROOMS = log -> log.stream()
            .flatMap(entry ->
                    entry.as(Visited.class).map(visited -> new Groom(entry.moment(), visited.sections())).stream())
            .toList();

    public Diary {
        checks = List.copyOf(checks);
        unproved = List.copyOf(unproved);
        readings = Map.copyOf(readings);
        heaps = Collections.unmodifiableNavigableSet(new TreeSet<>(heaps));
        seasons = List.copyOf(seasons);
        grooms = Map.copyOf(grooms);
    }

    /**
     * As far back as it says something.
     *
     * @param latitude degrees north, for the seasons
     */
    public static Diary of(Log log, double latitude, LocalDate today) {
        record Of(double latitude, LocalDate today) {}
        return log.workedOut(new Of(latitude, today), all -> readOff(all, latitude, today));
    }

    private static Diary readOff(Log log, double latitude, LocalDate today) {
        LocalDate since = today.minusDays(REMEMBERED_DAYS);
        LocalDate sinceSeasons = today.minusYears(SEASONS_YEARS);
        NavigableSet<LocalDate> heaps = new TreeSet<>(log.read(HEAPS)).tailSet(sinceSeasons, true);
        List<CombCheck> checks = log.read(CombCheck.CHECKS, since, all -> all.stream()
                .filter(check -> !check.date().isBefore(since))
                .toList());
        return new Diary(
                checks,
                Unproved.besides(checks, log.read(Unproved.BRUSHED, since, brushed -> brushed.stream()
                        .filter(check -> !check.when().day().isBefore(since))
                        .toList())),
                Life.of(log, since),
                LengthReading.of(log),
                heaps,
                Season.about(latitude, heaps, today),
                byPlace(log.read(GROOMS).stream()
                        .filter(groom -> !groom.when.day().isBefore(since)
                                && !groom.when.day().isAfter(today))
                        .toList()),
                StatedCombing.of(log));
    }

    private static Map<Section, NavigableSet<Moment>> byPlace(List<Groom> grooms) {
        Map<Section, NavigableSet<Moment>> places = new EnumMap<>(Section.class);
        grooms.forEach(groom -> groom.sections.forEach(section ->
                places.computeIfAbsent(section, here -> new TreeSet<>()).add(groom.when)));
        return places;
    }

    /** When a groomer went through the coat there. */
    NavigableSet<Moment> grooms(Section section) {
        return grooms.getOrDefault(section, Collections.emptyNavigableSet());
    }

    /** Comb checks on ordinary days only. */
    public static Diary of(List<CombCheck> checks) {
        return new Diary(
                checks,
                List.of(),
                Life.ORDINARY,
                Map.of(),
                Collections.emptyNavigableSet(),
                List.of(),
                Map.of(),
                StatedCombing.NOTHING);
    }

    /** Where only {@link Conditions} are asked for. */
    public Diary withoutChecks() {
        return new Diary(List.of(), List.of(), life, readings, heaps, seasons, grooms, told);
    }

    /** With these grooms instead. */
    public Diary groomed(List<Groom> others) {
        return new Diary(checks, unproved, life, readings, heaps, seasons, byPlace(others), told);
    }

    public Diary with(StatedCombing said) {
        return new Diary(checks, unproved, life, readings, heaps, seasons, grooms, said);
    }

    public Diary with(Life happened) {
        return new Diary(checks, unproved, happened, readings, heaps, seasons, grooms, told);
    }
}
