package rustictangle.core.session;

import java.util.List;
import java.util.Optional;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;

/**
 * Where a session stands.
 *
 * @param plan     the sections, in order
 * @param standing the events that were not undone, oldest first
 * @param current  the section to do now; empty once the session has ended
 * @param end      how it ended; empty while it goes on
 * @param advice   what the last answer asks of the owner; may be empty
 */
public record SessionState(List<Section> plan, List<SessionEvent> standing, Optional<Section> current,
        Optional<End> end, List<Reason> advice) {

    /** How a session came to its end. */
    public enum End { ALL_DONE, STOPPED, OPTED_OUT_TWICE }

    public SessionState {
        plan = List.copyOf(plan);
        standing = List.copyOf(standing);
        advice = List.copyOf(advice);
    }

    /** The sections that were worked, with what was found. */
    public List<SessionEvent.SectionDone> done() {
        return standing.stream()
                .filter(SessionEvent.SectionDone.class::isInstance)
                .map(SessionEvent.SectionDone.class::cast)
                .toList();
    }
}
