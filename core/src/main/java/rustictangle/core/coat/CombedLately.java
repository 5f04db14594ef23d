package rustictangle.core.coat;

import java.time.LocalDate;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;
import java.util.stream.Stream;
import rustictangle.core.dog.Section;
import rustictangle.core.log.Log;
import rustictangle.core.log.SessionEvent.SectionDone;
import rustictangle.core.log.Visited;

/** Where a comb ran free in the last weeks, or a groomer went through: nobody can say there that none has been to the skin. */
public final class CombedLately {

    /** What "weeks without a comb" means at least. Own estimate. */
    private static final int WEEKS = 3;

    private record Combed(LocalDate day, Section section) {}

    private static final Log.Reading<Combed> COMBED = log -> log.stream()
            .flatMap(entry -> Stream.concat(
                            entry.done().stream()
                                    .filter(done -> done.comb().runsFree())
                                    .map(SectionDone::section),
                            entry.as(Visited.class).map(Visited::sections).stream()
                                    .flatMap(Set::stream))
                    .map(section -> new Combed(entry.day(), section)))
            .toList();

    private CombedLately() {}

    /** Before today: what a day asks for does not change while it is done. */
    public static Set<Section> of(Log log, LocalDate today) {
        LocalDate since = today.minusWeeks(WEEKS);
        Set<Section> places = EnumSet.noneOf(Section.class);
        log.read(COMBED).stream()
                .filter(combed -> combed.day.isAfter(since) && combed.day.isBefore(today))
                .forEach(combed -> places.add(combed.section));
        return Collections.unmodifiableSet(places);
    }
}
