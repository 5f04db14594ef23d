package rustictangle.core.rhythm;

import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.NavigableSet;
import java.util.TreeSet;
import java.util.stream.Collectors;
import rustictangle.core.coat.LengthReading;
import rustictangle.core.dog.Region;
import rustictangle.core.log.Entry;
import rustictangle.core.log.HairOut;
import rustictangle.core.log.Log;
import rustictangle.core.log.Moment;
import rustictangle.core.log.SessionEvent.HairOutAt;
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
 * @param grooms   when a groomer went through the whole coat
 * @param told     what was said of the time before any of it
 */
public record Diary(
        List<CombCheck> checks,
        List<Unproved> unproved,
        Life life,
        Map<Region, List<LengthReading>> readings,
        NavigableSet<LocalDate> heaps,
        List<Season> seasons,
        NavigableSet<Moment> grooms,
        StatedCombing told) {

    /** What is older says little about the coat of today. Own estimate: a year, so that every season counts once. */
    public static final int REMEMBERED_DAYS = 365;

    /** So far back a dog's own seasons are looked for, years. */
    private static final int SEASONS_YEARS = 4;

    /** Days on which a session brought out a heap of hair; a day may come more than once. */
    public static final Log.Reading<LocalDate> HEAPS = log -> log.stream()
            .filter(entry -> entry.as(HairOutAt.class)
                    .filter(out -> out.hair() == HairOut.HEAP)
                    .isPresent())
            .map(Entry::day)
            .toList();
    /** When a groomer went through the whole coat. */
    public static final Log.Reading<Moment> GROOMS = log -> log.stream()
            .filter(entry -> entry.said() instanceof Visited)
            .map(Entry::moment)
            .toList();

    public Diary {
        checks = List.copyOf(checks);
        unproved = List.copyOf(unproved);
        readings = Map.copyOf(readings);
        heaps = Collections.unmodifiableNavigableSet(new TreeSet<>(heaps));
        seasons = List.copyOf(seasons);
        grooms = Collections.unmodifiableNavigableSet(new TreeSet<>(grooms));
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
        return new Diary(
                log.read(CombCheck.CHECKS, since, checks -> checks.stream()
                        .filter(check -> !check.date().isBefore(since))
                        .toList()),
                log.read(Unproved.BRUSHED, since, brushed -> brushed.stream()
                        .filter(check -> !check.when().day().isBefore(since))
                        .toList()),
                Life.of(log, since),
                LengthReading.of(log),
                heaps,
                Season.about(latitude, heaps, today),
                log.read(GROOMS).stream()
                        .filter(groom ->
                                !groom.day().isBefore(since) && !groom.day().isAfter(today))
                        .collect(Collectors.toCollection(TreeSet::new)),
                StatedCombing.of(log));
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
                Collections.emptyNavigableSet(),
                StatedCombing.NOTHING);
    }

    /** Where only {@link Conditions} are asked for. */
    public Diary withoutChecks() {
        return new Diary(List.of(), List.of(), life, readings, heaps, seasons, grooms, told);
    }

    public Diary groomed(NavigableSet<Moment> when) {
        return new Diary(checks, unproved, life, readings, heaps, seasons, when, told);
    }

    public Diary with(StatedCombing said) {
        return new Diary(checks, unproved, life, readings, heaps, seasons, grooms, said);
    }

    public Diary with(Life happened) {
        return new Diary(checks, unproved, happened, readings, heaps, seasons, grooms, told);
    }
}
