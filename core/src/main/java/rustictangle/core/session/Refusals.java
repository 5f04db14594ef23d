package rustictangle.core.session;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import rustictangle.core.dog.Section;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Log;
import rustictangle.core.log.Moment;
import rustictangle.core.log.SessionEvent.Teased;
import rustictangle.core.log.Visited;

/** How often the dog has refused a mat since the comb last ran free there: it is not asked anew every day. */
public final class Refusals {

    /**
     * @param refused whether it was a no; else all is clear again
     */
    private record Change(Section section, Moment when, Optional<UUID> session, boolean refused) {}

    private static final Log.Reading<Change> TURNS =
            log -> log.stream().flatMap(entry -> turns(entry).stream()).toList();

    private Refusals() {}

    private static List<Change> turns(Entry entry) {
        if (entry.said() instanceof Visited visited) {
            return visited.sections().stream()
                    .map(section -> new Change(section, entry.moment(), Optional.empty(), false))
                    .toList();
        }
        if (entry.said() instanceof Teased teased) {
            return teased.signal().isNo()
                    ? List.of(new Change(teased.section(), entry.moment(), entry.session(), true))
                    : List.of();
        }
        return entry.done().stream()
                .filter(done -> done.comb().runsFree())
                .map(done -> new Change(done.section(), entry.moment(), entry.session(), false))
                .toList();
    }

    /** @param but this session, which tells its own */
    static Map<Section, Integer> before(Log log, UUID but) {
        Map<Section, Integer> refusals = new EnumMap<>(Section.class);
        log.read(TURNS).stream()
                .filter(turn -> !turn.session().equals(Optional.of(but)))
                .sorted((a, b) -> a.when().compareTo(b.when()))
                .forEach(turn -> {
                    if (turn.refused()) {
                        refusals.merge(turn.section(), 1, Integer::sum);
                    } else {
                        refusals.remove(turn.section());
                    }
                });
        return refusals;
    }
}
