package rustictangle.core.rhythm;

import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.NavigableSet;
import java.util.TreeSet;
import rustictangle.core.coat.LengthReading;
import rustictangle.core.dog.Region;

/**
 * What is known of a dog's days, as far as they bear on its rhythm.
 *
 * @param checks   comb checks, oldest first
 * @param life     what happened to it besides its habits
 * @param readings what the ruler said, oldest first in each region
 * @param heaps    days on which a session brought out a heap of hair
 * @param seasons  of shedding, about today
 * @param grooms   days on which a groomer went through the whole coat
 */
public record Diary(
        List<CombCheck> checks,
        Life life,
        Map<Region, List<LengthReading>> readings,
        NavigableSet<LocalDate> heaps,
        List<Season> seasons,
        NavigableSet<LocalDate> grooms) {

    /** What is older says little about the coat of today. Own estimate: a year, so that every season counts once. */
    public static final int REMEMBERED_DAYS = 365;

    public Diary {
        checks = List.copyOf(checks);
        readings = Map.copyOf(readings);
        heaps = Collections.unmodifiableNavigableSet(new TreeSet<>(heaps));
        seasons = List.copyOf(seasons);
        grooms = Collections.unmodifiableNavigableSet(new TreeSet<>(grooms));
    }

    /** Comb checks on ordinary days only. */
    public static Diary of(List<CombCheck> checks) {
        return new Diary(
                checks,
                Life.ORDINARY,
                Map.of(),
                Collections.emptyNavigableSet(),
                List.of(),
                Collections.emptyNavigableSet());
    }

    public Diary groomedOn(NavigableSet<LocalDate> days) {
        return new Diary(checks, life, readings, heaps, seasons, days);
    }

    public Diary with(Life happened) {
        return new Diary(checks, happened, readings, heaps, seasons, grooms);
    }
}
