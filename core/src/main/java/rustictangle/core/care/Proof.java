package rustictangle.core.care;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
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
import rustictangle.core.log.Happened;
import rustictangle.core.log.Log;
import rustictangle.core.log.Moment;
import rustictangle.core.log.Visited;
import rustictangle.core.rhythm.Closed;
import rustictangle.core.rhythm.Forecast;
import rustictangle.core.rhythm.Mat;
import rustictangle.core.rhythm.Outlook;
import rustictangle.core.trust.Trust;

/** When a comb last ran free at each place, and the coat was not wet since. */
final class Proof {

    /**
     * @param sections it is about
     * @param proved   else they got wet
     */
    private record Change(Moment when, Set<Section> sections, boolean proved) {}

    private static final Set<Section> EVERYWHERE = Set.of(Section.values());

    private static final Log.Reading<Change> TURNS =
            log -> log.stream().flatMap(Proof::turns).toList();

    private Proof() {}

    private static Stream<Change> turns(Entry entry) {
        if (entry.said() instanceof Visited visited) {
            return Stream.of(new Change(entry.moment(), visited.sections(), true));
        }
        Optional<BathKind> bathed = Bathed.of(entry);
        if (bathed.isPresent()) {
            return Stream.of(new Change(
                    entry.moment(),
                    EVERYWHERE.stream().filter(bathed.get()::wets).collect(Collectors.toUnmodifiableSet()),
                    false));
        }
        if (entry.said() instanceof Happened happened && happened.event().wets()) {
            return Stream.of(new Change(entry.moment(), EVERYWHERE, false));
        }
        return entry.done().stream()
                .filter(done -> done.comb().runsFree())
                .map(done -> new Change(entry.moment(), Set.of(done.section()), true));
    }

    private static Map<Section, LocalDate> proved(Log log) {
        List<Change> turns = new ArrayList<>(log.read(TURNS));
        turns.sort(Comparator.comparing(Change::when));
        Map<Section, LocalDate> proved = new EnumMap<>(Section.class);
        for (Change turn : turns) {
            for (Section section : turn.sections) {
                if (turn.proved) {
                    proved.put(section, turn.when.day());
                } else {
                    proved.remove(section);
                }
            }
        }
        return proved;
    }

    /** Every place of the dog, as the gate before a bath asks for it. */
    static List<BathGate.GatePlace> places(Log log, Trust trust, Forecast forecast, LocalDate today) {
        Map<Section, LocalDate> proved = log.workedOut("proved", Proof::proved);
        Set<Section> mats = Mat.stillIn(log, today).stream().map(Mat::section).collect(Collectors.toSet());
        Set<Section> closed =
                Closed.of(log, today).stream().map(Closed::section).collect(Collectors.toSet());
        return Stream.of(Section.values())
                .map(section -> new BathGate.GatePlace(
                        section,
                        forecast.at(section).filter(Outlook::mats).isPresent(),
                        mats.contains(section),
                        !closed.contains(section) && trust.readyAt(section),
                        Optional.ofNullable(proved.get(section))))
                .toList();
    }
}
