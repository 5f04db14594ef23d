package rustictangle.core.session;

import java.util.Collections;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import rustictangle.core.Choice;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;
import rustictangle.core.log.SessionEvent;

/**
 * Where a session stands.
 *
 * @param plan      the sections in order, and after them those where a knot was felt besides
 * @param standing  the events that were not undone, oldest first
 * @param preparing whether the first stroke is still to come
 * @param paused    whether hands are off for a while
 * @param pass      the tool that goes over the whole dog just now, by its number from 1; empty: it goes place by place
 * @param hand      the places of the step or of the pass in hand that wait, in order; none once the session has ended
 * @param knots     where the fingers felt a knot, in the order of the marks
 * @param end       how it ended; empty while it goes on
 * @param reaction  what to do about how the dog takes it just now; empty: nothing was seen
 * @param advice    what the last answer asks of the owner; may be empty
 */
public record SessionState(
        List<Section> plan,
        List<SessionEvent> standing,
        boolean preparing,
        boolean paused,
        Optional<Integer> pass,
        List<Section> hand,
        Set<Section> knots,
        Optional<End> end,
        Optional<Reaction> reaction,
        List<Reason> advice) {

    /** How a session came to its end. */
    public enum End implements Choice {
        ALL_DONE("all done"),
        STOPPED("enough for today"),
        WARNED("hands off: it is left in peace"),
        AFRAID("it was afraid: hands off, and no more today"),
        OPTED_OUT_TWICE("the dog has had enough: a good place to stop");

        private final Words words;

        End(String label) {
            words = new Words(label);
        }

        @Override
        public Words words() {
            return words;
        }
    }

    public SessionState {
        plan = List.copyOf(plan);
        standing = List.copyOf(standing);
        hand = List.copyOf(hand);
        knots = Collections.unmodifiableSet(new LinkedHashSet<>(knots));
        advice = List.copyOf(advice);
    }

    /** Whether the hands have begun and nothing is answered yet: what comes before is still to be seen. */
    public boolean opening() {
        return !preparing
                && end.isEmpty()
                && standing.stream()
                        .allMatch(event -> event instanceof SessionEvent.Started
                                || event instanceof SessionEvent.KnotFelt
                                || event instanceof SessionEvent.TreatGiven);
    }

    /** The first place in hand; empty once the session has ended. */
    public Optional<Section> current() {
        return hand.stream().findFirst();
    }

    /** The sections that were worked, with what was found. */
    public List<SessionEvent.SectionDone> done() {
        return standing.stream().flatMap(event -> event.done().stream()).toList();
    }

    /** Where it was brushed by a tool that went over the whole dog, and not proved since. */
    public Set<Section> brushedOnly() {
        Set<Section> brushed = EnumSet.noneOf(Section.class);
        standing.forEach(event -> {
            brushed.addAll(event.brushed());
            event.done().forEach(done -> brushed.remove(done.section()));
        });
        return brushed;
    }

    /** The sections that were left for another day. */
    public List<Section> skipped() {
        return standing.stream()
                .filter(event ->
                        event instanceof SessionEvent.SectionSkipped || event instanceof SessionEvent.StepSkipped)
                .flatMap(event -> event.about().stream())
                .toList();
    }
}
