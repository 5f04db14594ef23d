package rustictangle.core.trust;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import rustictangle.core.Reason;
import rustictangle.core.log.CareWarned;
import rustictangle.core.log.Cared;
import rustictangle.core.log.ClawTouched;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Log;
import rustictangle.core.log.PracticeWarned;
import rustictangle.core.log.Practised;
import rustictangle.core.log.SessionEvent;
import rustictangle.core.log.SessionEvent.Warned;
import rustictangle.core.log.Signal;

/**
 * Whether the dog is left in peace for the rest of the day, whatever door is tried. Common practice, no published source:
 * after a growl or a bite, and after a fear sign, nothing more is begun; a second no, wherever it was said, ends brushing
 * and practice.
 */
public enum Peace {
    /** It may be asked. */
    NONE,
    /** It has said no twice: no brushing and no practice any more; a job that it knows may be done. */
    SECOND_NO(new Reason(
            "trust.second-no",
            "It has said no twice today, and is heard: no brushing and no practice any more until tomorrow. Something "
                    + "easy, a treat, and done.")),
    /** Nothing is begun. */
    AFTER_FEAR(new Reason("trust.in-peace", "It was afraid today: hands off, and it is left in peace until tomorrow.")),
    /** Nothing is begun. */
    AFTER_A_WARNING(new Reason(
            "trust.in-peace-warned",
            "It growled, snapped or bit today: hands off, and it is left in peace until tomorrow. It told you something; "
                    + "look for pain, and do not scold."));

    /** What it said that is a no, or graver. */
    private record Unwilling(LocalDate day, Peace grave) {}

    private static final Log.Reading<Unwilling> UNWILLING =
            log -> log.stream().flatMap(Peace::unwilling).toList();

    private final Optional<Reason> why;

    Peace() {
        why = Optional.empty();
    }

    Peace(Reason why) {
        this.why = Optional.of(why);
    }

    private static Stream<Unwilling> unwilling(Entry entry) {
        if (entry.said() instanceof Warned
                || entry.said() instanceof PracticeWarned
                || entry.said() instanceof CareWarned) {
            return Stream.of(new Unwilling(entry.day(), AFTER_A_WARNING));
        }
        return signal(entry)
                .filter(Signal::isNo)
                .map(signal -> new Unwilling(entry.day(), signal == Signal.AFRAID ? AFTER_FEAR : SECOND_NO))
                .stream();
    }

    private static Optional<Signal> signal(Entry entry) {
        if (entry.said() instanceof SessionEvent event) {
            return event.seen();
        }
        return entry.as(Practised.class)
                .map(Practised::signal)
                .or(() -> entry.as(Cared.class).flatMap(Cared::signal))
                .or(() -> entry.as(ClawTouched.class).flatMap(ClawTouched::signal));
    }

    /** As things stand; over with the day. */
    public static Peace of(Log log, LocalDate today) {
        record Of(LocalDate today) {}
        return log.workedOut(new Of(today), all -> readOff(all, today));
    }

    /** A session may have begun before midnight. */
    private static Peace readOff(Log log, LocalDate today) {
        List<Unwilling> said =
                log.read(UNWILLING).stream().filter(no -> no.day.equals(today)).toList();
        if (said.stream().anyMatch(no -> no.grave == AFTER_A_WARNING)) {
            return AFTER_A_WARNING;
        }
        if (said.stream().anyMatch(no -> no.grave == AFTER_FEAR)) {
            return AFTER_FEAR;
        }
        return said.size() >= Practice.NOES_TO_END ? SECOND_NO : NONE;
    }

    /** Why it is neither brushed nor practised with; empty: it may be. */
    public Optional<Reason> brushing() {
        return why;
    }

    /** Why no job at the table is done that it knows; empty: it may be. */
    public Optional<Reason> care() {
        return this == SECOND_NO ? Optional.empty() : why;
    }
}
