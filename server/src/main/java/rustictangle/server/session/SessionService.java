package rustictangle.server.session;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rustictangle.core.dog.Section;
import rustictangle.core.session.Session;
import rustictangle.core.session.SessionEvent;
import rustictangle.core.session.SessionState;
import rustictangle.server.frame.NotThere;
import rustictangle.server.session.SessionStore.StoredSession;

/** Each entry is checked by the core and stored before it is answered, in one transaction. */
@Service
public class SessionService {

    private final SessionStore store;
    private final Clock clock;

    SessionService(SessionStore store, Clock clock) {
        this.store = store;
        this.clock = clock;
    }

    /** Begins a session. A repeat with the same id changes nothing. */
    @Transactional
    public void begin(UUID id, long dogId, List<Section> plan) {
        if (store.find(id).isPresent()) {
            return;
        }
        if (store.findOpen(dogId).isPresent()) {
            throw new IllegalStateException("A session of this dog is already going on: go on with it or end "
                    + "it before beginning another.");
        }
        Session.planned(plan);
        store.add(id, dogId, clock.instant(), plan);
    }

    /** Records what happened. A repeat with the same id changes nothing. */
    @Transactional
    public void record(long dogId, UUID sessionId, UUID eventId, SessionEvent event) {
        get(dogId, sessionId);
        if (!store.hasEvent(eventId)) {
            SessionState after = session(sessionId).apply(event).state();
            if (after.end().isEmpty() && store.findOpen(dogId).filter(open -> !open.id().equals(sessionId)).isPresent()) {
                throw new IllegalStateException("Another session of this dog is going on: end it before reopening "
                        + "an older one.");
            }
            Instant now = clock.instant();
            store.append(eventId, sessionId, dogId, now, LocalDate.ofInstant(now, clock.getZone()), event);
            store.setEnded(sessionId, after.end().map(end -> now));
        }
    }

    StoredSession get(long dogId, UUID sessionId) {
        return store.find(sessionId).filter(session -> session.dogId() == dogId)
                .orElseThrow(() -> new NotThere("session", sessionId));
    }

    Session session(UUID id) {
        return Session.replay(store.plan(id), store.events(id));
    }
}
