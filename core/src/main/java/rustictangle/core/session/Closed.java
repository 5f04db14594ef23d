package rustictangle.core.session;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;
import rustictangle.core.log.Catch;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Log;
import rustictangle.core.log.Moment;
import rustictangle.core.log.SeenBy;
import rustictangle.core.log.SeenBy.Who;
import rustictangle.core.log.SessionEvent.Caught;
import rustictangle.core.log.SessionEvent.SectionDone;
import rustictangle.core.log.Visited;
import rustictangle.core.rhythm.Diary;

/**
 * A place that a vet or a groomer must see: it is not brushed until somebody says that they did. What was found outlives
 * the day.
 *
 * @param since the day it was found
 * @param who   must look
 */
public record Closed(Section section, LocalDate since, Who who, Catch found) {

    /** Something that closes a place, or opens it; of a visit everywhere. */
    private record Turn(
            Optional<Section> section, Moment when, Optional<Catch> found, Optional<Who> seen, boolean clear) {}

    private static final Log.Reading<Turn> TURNS =
            log -> log.stream().flatMap(entry -> turn(entry).stream()).toList();

    private static Optional<Turn> turn(Entry entry) {
        if (entry.said() instanceof Visited) {
            return Optional.of(
                    new Turn(Optional.empty(), entry.moment(), Optional.empty(), Optional.of(Who.GROOMER), false));
        }
        return Stream.of(
                        entry.as(Caught.class)
                                .map(one -> new Turn(
                                        Optional.of(one.section()),
                                        entry.moment(),
                                        Optional.of(one.found()),
                                        Optional.empty(),
                                        false)),
                        entry.as(SectionDone.class)
                                .filter(done -> done.comb().runsFree())
                                .map(one -> new Turn(
                                        Optional.of(one.section()),
                                        entry.moment(),
                                        Optional.empty(),
                                        Optional.empty(),
                                        true)),
                        entry.as(SeenBy.class)
                                .map(one -> new Turn(
                                        Optional.of(one.section()),
                                        entry.moment(),
                                        Optional.empty(),
                                        Optional.of(one.who()),
                                        false)))
                .flatMap(Optional::stream)
                .findFirst();
    }

    /** Every place that is closed; what is older than a year says nothing any more. */
    public static List<Closed> of(Log log, LocalDate today) {
        record Of(LocalDate today) {}
        return log.once(new Of(today), all -> readOff(all, today.minusDays(Diary.REMEMBERED_DAYS)));
    }

    private static List<Closed> readOff(Log log, LocalDate since) {
        Map<Section, Closed> closed = new EnumMap<>(Section.class);
        List<Turn> turns = new ArrayList<>(log.read(TURNS, since, all -> all.stream()
                .filter(turn -> !turn.when().day().isBefore(since))
                .toList()));
        turns.sort((a, b) -> a.when().compareTo(b.when()));
        for (Turn turn : turns) {
            turn.found().ifPresent(found -> whoMust(found)
                    .ifPresent(who -> closed.merge(
                            turn.section().orElseThrow(),
                            new Closed(turn.section().orElseThrow(), turn.when().day(), who, found),
                            // A vet's is never made a groomer's by a later look.
                            (before, now) -> before.who == Who.VET ? before : now)));
            turn.seen().ifPresent(who -> closed.values()
                    .removeIf(one -> (turn.section().isEmpty() || turn.section().get() == one.section)
                            && one.who.compareTo(who) >= 0));
            if (turn.clear()) {
                closed.values().removeIf(one -> one.section == turn.section().orElseThrow() && one.who == Who.GROOMER);
            }
        }
        return List.copyOf(closed.values());
    }

    /** By what was seen alone, whatever was tried before. */
    static Optional<Who> whoMust(Catch found) {
        return switch (CatchAdvice.of(found, CatchPast.NONE, false).todo()) {
            case CALL_A_VET -> Optional.of(Who.VET);
            case LEAVE_FOR_GROOMER -> Optional.of(Who.GROOMER);
            case LEAVE_AND_COME_BACK, SOAK_AND_TEASE, FROM_THE_ENDS -> Optional.empty();
        };
    }

    public Reason why() {
        return who == Who.VET
                ? new Reason(
                        "session.closed-vet",
                        "Closed since {" + since + " date}: the skin is "
                                + found.skin().label() + ". A vet looks first; nothing is brushed here until then.")
                : new Reason(
                        "session.closed-groomer",
                        "Closed since {" + since
                                + " date}: a mat for the groomer. It is left as it is, and kept dry, until they have seen it.");
    }
}
