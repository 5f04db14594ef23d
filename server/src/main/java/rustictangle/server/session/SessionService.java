package rustictangle.server.session;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.IntSupplier;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import rustictangle.core.Refused;
import rustictangle.core.log.Entry;
import rustictangle.core.log.SessionBegun;
import rustictangle.core.log.SessionEvent;
import rustictangle.core.log.SessionNoted;
import rustictangle.core.session.Session;
import rustictangle.core.session.SessionLog;
import rustictangle.server.frame.NotThere;
import rustictangle.server.frame.Shows;
import rustictangle.server.log.Logs;

/** Each entry is checked by the core and stored before it is answered, in one transaction. */
@Service
public class SessionService implements Shows {

    private final Logs logs;
    private final Clock clock;
    private final TransactionTemplate transactions;

    SessionService(Logs logs, Clock clock, TransactionTemplate transactions) {
        this.logs = logs;
        this.clock = clock;
        this.transactions = transactions;
    }

    /** Begins a session. A repeat with the same id changes nothing. */
    @Transactional
    public void begin(UUID id, long dogId, SessionBegun begun) {
        Session.planned(begun.sections());
        if (logs.has(id)) {
            return;
        }
        if (SessionLog.open(logs.of(dogId)).isPresent()) {
            throw new Refused("A session of this dog is already going on: go on with it or end "
                    + "it before beginning another.");
        }
        Instant now = clock.instant();
        logs.append(
                dogId,
                new Entry(
                        id, now, LocalDate.ofInstant(now, clock.getZone()), Optional.of(id), Optional.empty(), begun));
    }

    /**
     * Records what happened. A repeat with the same id changes nothing.
     *
     * <p>What stands is read once the turn to write has come, so that the core judges what really stands.
     *
     * @param layers of the place being worked, for an entry that a layer is done; else not asked for
     * @return the session after it
     */
    public SessionLog record(long dogId, UUID sessionId, UUID entryId, SessionEvent event, IntSupplier layers) {
        int most = event instanceof SessionEvent.LayerDone ? layers.getAsInt() : 0;
        return transactions.execute(status -> {
            SessionLog before = get(dogId, sessionId);
            if (before.has(entryId) || logs.has(entryId)) {
                return before;
            }
            if (event instanceof SessionEvent.LayerDone) {
                before.session().checkLayer(most);
            }
            Entry entry = before.next(entryId, clock.instant(), clock.getZone(), event);
            SessionLog after = before.with(List.of(entry));
            boolean reopened = before.endedAt().isPresent() && after.endedAt().isEmpty();
            if (reopened && SessionLog.open(logs.of(dogId)).isPresent()) {
                throw new Refused("Another session of this dog is going on: end it before reopening an older one.");
            }
            logs.append(dogId, entry);
            return after;
        });
    }

    /** What the owner wants to remember of it; may be empty. */
    @Transactional
    public void note(long dogId, UUID sessionId, String note) {
        SessionLog session = get(dogId, sessionId);
        if (!session.note().equals(note.strip())) {
            logs.append(
                    dogId,
                    new Entry(
                            UUID.randomUUID(),
                            session.lastAt(),
                            LocalDate.ofInstant(session.lastAt(), clock.getZone()),
                            Optional.of(sessionId),
                            Optional.empty(),
                            new SessionNoted(note.strip())));
        }
    }

    SessionLog get(long dogId, UUID sessionId) {
        List<Entry> entries = logs.ofSession(dogId, sessionId);
        if (entries.isEmpty()) {
            throw new NotThere("session", sessionId);
        }
        return SessionLog.of(entries);
    }

    @Override
    public void household() {
        logs.eachSession(session -> SessionLog.of(session).session().state());
    }
}
