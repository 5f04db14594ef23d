package rustictangle.server.session;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.IntSupplier;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import rustictangle.core.Refused;
import rustictangle.core.dog.Section;
import rustictangle.core.session.Session;
import rustictangle.core.session.SessionEvent;
import rustictangle.core.session.SessionState;
import rustictangle.server.frame.NotThere;
import rustictangle.server.frame.Shows;
import rustictangle.server.session.SessionStore.PlannedSection;
import rustictangle.server.session.SessionStore.StoredSession;

/** Each entry is checked by the core and stored before it is answered, in one transaction. */
@Service
public class SessionService implements Shows {

    private final SessionStore store;
    private final EventStore events;
    private final Clock clock;
    private final TransactionTemplate transactions;
    /** The session that was written to last; used again only where the log still ends with its last entry. */
    private final AtomicReference<Replayed> latest = new AtomicReference<>();

    SessionService(SessionStore store, EventStore events, Clock clock, TransactionTemplate transactions) {
        this.store = store;
        this.events = events;
        this.clock = clock;
        this.transactions = transactions;
    }

    /** Begins a session. A repeat with the same id changes nothing. */
    @Transactional
    public void begin(UUID id, long dogId, List<PlannedSection> plan) {
        Session.planned(plan.stream().map(PlannedSection::section).toList());
        if (store.find(id).isPresent()) {
            return;
        }
        if (store.findOpen(dogId).isPresent()) {
            throw new Refused("A session of this dog is already going on: go on with it or end "
                    + "it before beginning another.");
        }
        store.add(id, dogId, clock.instant(), plan);
    }

    /**
     * Records what happened. A repeat with the same id changes nothing.
     *
     * <p>What stands is read once the turn to write has come, so that the core judges what really stands.
     *
     * @param layers of the place being worked, for an entry that a layer is done; else not asked for
     */
    public void record(long dogId, UUID sessionId, UUID eventId, SessionEvent event, IntSupplier layers) {
        int most = event instanceof SessionEvent.LayerDone ? layers.getAsInt() : 0;
        latest.set(transactions.execute(status -> {
            Replayed before = standing(dogId, sessionId);
            if (events.has(eventId)) {
                return before;
            }
            if (event instanceof SessionEvent.LayerDone) {
                before.session().checkLayer(most);
            }
            return recorded(before, eventId, event);
        }));
    }

    private Replayed standing(long dogId, UUID sessionId) {
        StoredSession stored = get(dogId, sessionId);
        Replayed last = latest.get();
        Optional<EventStore.Last> end = events.last(sessionId);
        boolean same = last != null
                && last.stored().id().equals(sessionId)
                && last.last().equals(end);
        return same ? new Replayed(stored, last.session(), last.entries(), end) : replay(stored, end);
    }

    private Replayed recorded(Replayed before, UUID eventId, SessionEvent event) {
        StoredSession stored = before.stored();
        Session after = before.session().apply(event);
        Optional<SessionState.End> end = after.end();
        if (end.isEmpty()
                && stored.endedAt().isPresent()
                && store.findOpen(stored.dogId()).isPresent()) {
            throw new Refused("Another session of this dog is going on: end it before reopening an older one.");
        }
        Instant at = notBefore(before.last().map(EventStore.Last::at).orElse(stored.startedAt()));
        events.append(eventId, stored.id(), stored.dogId(), at, LocalDate.ofInstant(at, clock.getZone()), event);
        Optional<Instant> endedAt = end.map(how -> at);
        if (end.isPresent() != stored.endedAt().isPresent()) {
            store.setEnded(stored.id(), endedAt);
        }
        return new Replayed(
                new StoredSession(stored.id(), stored.dogId(), stored.startedAt(), endedAt, stored.note()),
                after,
                before.entries() + 1,
                Optional.of(new EventStore.Last(eventId, at)));
    }

    /** A clock that was set back does not turn the log round: until it has caught up, no time passes. */
    private Instant notBefore(Instant last) {
        Instant now = clock.instant();
        return now.isBefore(last) ? last : now;
    }

    /** What the owner wants to remember of it; may be empty. */
    @Transactional
    public void note(long dogId, UUID sessionId, String note) {
        get(dogId, sessionId);
        store.setNote(sessionId, note.strip());
    }

    StoredSession get(long dogId, UUID sessionId) {
        return store.find(sessionId)
                .filter(session -> session.dogId() == dogId)
                .orElseThrow(() -> new NotThere("session", sessionId));
    }

    /**
     * @param entries of its log, undos included: it only ever grows
     * @param last    of them; empty: none yet
     */
    record Replayed(StoredSession stored, Session session, int entries, Optional<EventStore.Last> last) {}

    Replayed replay(StoredSession stored) {
        return replay(stored, events.last(stored.id()));
    }

    private Replayed replay(StoredSession stored, Optional<EventStore.Last> last) {
        List<SessionEvent> log = events.of(stored.id());
        List<Section> plan =
                store.plan(stored.id()).stream().map(PlannedSection::section).toList();
        return new Replayed(stored, Session.replay(plan, log), log.size(), last);
    }

    @Override
    public void household() {
        store.all().forEach(session -> replay(session).session().state());
    }
}
