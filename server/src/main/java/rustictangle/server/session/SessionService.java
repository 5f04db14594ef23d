package rustictangle.server.session;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rustictangle.core.session.Session;
import rustictangle.core.session.SessionEvent;
import rustictangle.core.session.SessionState;
import rustictangle.server.frame.NotThere;
import rustictangle.server.session.SessionStore.PlannedSection;
import rustictangle.server.session.SessionStore.StoredSession;

/** Each entry is checked by the core and stored before it is answered, in one transaction. */
@Service
public class SessionService {

    private final SessionStore store;
    private final EventStore events;
    private final Clock clock;

    SessionService(SessionStore store, EventStore events, Clock clock) {
        this.store = store;
        this.events = events;
        this.clock = clock;
    }

    /** Begins a session. A repeat with the same id changes nothing. */
    @Transactional
    public void begin(UUID id, long dogId, List<PlannedSection> plan) {
        if (store.find(id).isPresent()) {
            return;
        }
        if (store.findOpen(dogId).isPresent()) {
            throw new IllegalStateException("A session of this dog is already going on: go on with it or end "
                    + "it before beginning another.");
        }
        Session.planned(plan.stream().map(PlannedSection::section).toList());
        store.add(id, dogId, clock.instant(), plan);
    }

    /** Records what happened. A repeat with the same id changes nothing. */
    @Transactional
    public void record(long dogId, UUID sessionId, UUID eventId, SessionEvent event) {
        get(dogId, sessionId);
        if (!events.has(eventId)) {
            SessionState after = session(sessionId, events.of(sessionId)).apply(event).state();
            if (after.end().isEmpty() && store.findOpen(dogId).filter(open -> !open.id().equals(sessionId)).isPresent()) {
                throw new IllegalStateException("Another session of this dog is going on: end it before reopening "
                        + "an older one.");
            }
            Instant now = clock.instant();
            events.append(eventId, sessionId, dogId, now, LocalDate.ofInstant(now, clock.getZone()), event);
            store.setEnded(sessionId, after.end().map(end -> now));
        }
    }

    /** What the owner wants to remember of it; may be empty. */
    @Transactional
    public void note(long dogId, UUID sessionId, String note) {
        get(dogId, sessionId);
        store.setNote(sessionId, note.strip());
    }

    StoredSession get(long dogId, UUID sessionId) {
        return store.find(sessionId).filter(session -> session.dogId() == dogId)
                .orElseThrow(() -> new NotThere("session", sessionId));
    }

    /** @param entries of its log, undos included: it only ever grows */
    record Replayed(Session session, int entries) { }

    Replayed replay(UUID id) {
        List<SessionEvent> log = events.of(id);
        return new Replayed(session(id, log), log.size());
    }

    private Session session(UUID id, List<SessionEvent> log) {
        return Session.replay(store.plan(id).stream().map(PlannedSection::section).toList(), log);
    }
}
