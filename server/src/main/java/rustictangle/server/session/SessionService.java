package rustictangle.server.session;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import rustictangle.core.dog.Section;
import rustictangle.core.session.Session;
import rustictangle.core.session.SessionEvent;
import rustictangle.core.session.SessionState;
import rustictangle.server.frame.DataReplaced;
import rustictangle.server.frame.NotThere;
import rustictangle.server.session.SessionStore.PlannedSection;
import rustictangle.server.session.SessionStore.StoredSession;

/** Each entry is checked by the core and stored before it is answered, in one transaction. */
@Service
public class SessionService {

    private final SessionStore store;
    private final EventStore events;
    private final Clock clock;
    private final TransactionTemplate transactions;
    /** The session that was written to last, as committed. */
    private Optional<Replayed> latest = Optional.empty();

    SessionService(SessionStore store, EventStore events, Clock clock, TransactionTemplate transactions) {
        this.store = store;
        this.events = events;
        this.clock = clock;
        this.transactions = transactions;
    }

    @EventListener
    synchronized void forget(DataReplaced event) {
        latest = Optional.empty();
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

    /**
     * Records what happened. A repeat with the same id changes nothing.
     *
     * <p>One entry at a time: what was folded last is used again for the next entry of the same session, since one
     * process alone writes the log. Only what has been committed is kept.
     */
    public synchronized void record(long dogId, UUID sessionId, UUID eventId, SessionEvent event) {
        Optional<Replayed> last = latest.filter(one -> one.stored().id().equals(sessionId));
        latest = Optional.empty();
        latest = Optional.ofNullable(transactions.execute(status -> {
            Replayed before = last.orElseGet(() -> replay(store.find(sessionId)
                    .orElseThrow(() -> new NotThere("session", sessionId))));
            if (before.stored().dogId() != dogId) {
                throw new NotThere("session", sessionId);
            }
            return events.has(eventId) ? before : recorded(before, eventId, event);
        }));
    }

    private Replayed recorded(Replayed before, UUID eventId, SessionEvent event) {
        StoredSession stored = before.stored();
        Session after = before.session().apply(event);
        Optional<SessionState.End> end = after.end();
        if (end.isEmpty() && stored.endedAt().isPresent() && store.findOpen(stored.dogId()).isPresent()) {
            throw new IllegalStateException("Another session of this dog is going on: end it before reopening "
                    + "an older one.");
        }
        Instant now = clock.instant();
        events.append(eventId, stored.id(), stored.dogId(), now, LocalDate.ofInstant(now, clock.getZone()), event);
        Optional<Instant> endedAt = end.map(how -> now);
        if (end.isPresent() != stored.endedAt().isPresent()) {
            store.setEnded(stored.id(), endedAt);
        }
        return new Replayed(new StoredSession(stored.id(), stored.dogId(), stored.startedAt(), endedAt, stored.note()),
                after, before.entries() + 1);
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
    record Replayed(StoredSession stored, Session session, int entries) { }

    Replayed replay(StoredSession stored) {
        List<SessionEvent> log = events.of(stored.id());
        List<Section> plan = store.plan(stored.id()).stream().map(PlannedSection::section).toList();
        return new Replayed(stored, Session.replay(plan, log), log.size());
    }
}
