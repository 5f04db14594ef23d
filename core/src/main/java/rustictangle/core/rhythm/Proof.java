package rustictangle.core.rhythm;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import rustictangle.core.dog.Section;
import rustictangle.core.log.BathKind;
import rustictangle.core.log.Bathed;
import rustictangle.core.log.Entry;
import rustictangle.core.log.FingerSearched;
import rustictangle.core.log.Happened;
import rustictangle.core.log.Log;
import rustictangle.core.log.Moment;
import rustictangle.core.log.Visited;

/**
 * What the comb and the fingers say of a coat since it was last wet.
 *
 * @param proved   when a comb last ran free, by place, and it was not wet since
 * @param searched when fingers last found no lump, by place, and it was not wet since
 * @param wet      where it was wet, and no comb has run free since
 */
public record Proof(Map<Section, LocalDate> proved, Map<Section, LocalDate> searched, Set<Section> wet) {

    private enum What {
        PROVED,
        SEARCHED,
        WET
    }

    private record Change(Moment when, Set<Section> sections, What what) {}

    private static final Set<Section> EVERYWHERE = Set.of(Section.values());

    private static final Log.Reading<Change> TURNS =
            log -> log.stream().flatMap(Proof::turns).toList();

    private static Stream<Change> turns(Entry entry) {
        if (entry.said() instanceof Visited visited) {
            return Stream.of(new Change(entry.moment(), visited.sections(), What.PROVED));
        }
        if (entry.said() instanceof FingerSearched searched) {
            Set<Section> free = new HashSet<>(searched.sections());
            searched.lumps().forEach(free::remove);
            return Stream.of(new Change(entry.moment(), free, What.SEARCHED));
        }
        Optional<BathKind> bathed = Bathed.of(entry);
        if (bathed.isPresent()) {
            return Stream.of(new Change(
                    entry.moment(),
                    EVERYWHERE.stream().filter(bathed.get()::wets).collect(Collectors.toUnmodifiableSet()),
                    What.WET));
        }
        if (entry.said() instanceof Happened happened && happened.event().wets()) {
            return Stream.of(new Change(entry.moment(), EVERYWHERE, What.WET));
        }
        return entry.done().stream()
                .filter(done -> done.comb().runsFree())
                .map(done -> new Change(entry.moment(), Set.of(done.section()), What.PROVED));
    }

    public Proof {
        proved = Collections.unmodifiableMap(proved);
        searched = Collections.unmodifiableMap(searched);
        wet = Collections.unmodifiableSet(wet);
    }

    public static Proof of(Log log) {
        return log.workedOut(Proof.class, Proof::worked);
    }

    private static Proof worked(Log log) {
        List<Change> turns = new ArrayList<>(log.read(TURNS));
        turns.sort(Comparator.comparing(Change::when));
        Map<Section, LocalDate> proved = new EnumMap<>(Section.class);
        Map<Section, LocalDate> searched = new EnumMap<>(Section.class);
        Set<Section> wet = EnumSet.noneOf(Section.class);
        for (Change turn : turns) {
            for (Section section : turn.sections) {
                switch (turn.what) {
                    case PROVED -> {
                        proved.put(section, turn.when.day());
                        wet.remove(section);
                    }
                    case SEARCHED -> searched.put(section, turn.when.day());
                    case WET -> {
                        proved.remove(section);
                        searched.remove(section);
                        wet.add(section);
                    }
                }
            }
        }
        return new Proof(proved, searched, wet);
    }
}
