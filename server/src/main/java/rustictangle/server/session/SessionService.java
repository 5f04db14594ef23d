package rustictangle.server.session;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import rustictangle.core.Refused;
import rustictangle.core.log.Entry;
import rustictangle.core.log.SessionBegun;
import rustictangle.core.log.SessionEvent;
import rustictangle.core.log.SessionNoted;
import rustictangle.core.routine.RoutinePlace;
import rustictangle.core.session.Afterwards;
import rustictangle.core.session.Session;
import rustictangle.core.session.SessionLog;
import rustictangle.server.frame.NotThere;
import rustictangle.server.frame.Sender;
import rustictangle.server.frame.ViewProbe;
import rustictangle.server.log.Logs;

/** Each entry is checked by the core and stored before it is answered, in one transaction. */
@Service
public class SessionService implements ViewProbe {

    private final Logs logs;
    private final Clock clock;
    private final TransactionTemplate transactions;

    SessionService(Logs logs, Clock clock, TransactionTemplate transactions) {
        this.logs = logs;
        this.clock = clock;
        this.transactions = transactions;
    }

    /**
     * Begins a session. A repeat with the same id changes nothing.
     *
     * @param atOnce  whether the first stroke comes with it
     * @param allowed refuses it where it may not be begun; asked once the turn to write has come
     */
    @Transactional
    public void begin(UUID id, long dogId, SessionBegun begun, boolean atOnce, Runnable allowed) {
        Session.planned(begun.steps());
        if (logs.has(id)) {
            return;
        }
        allowed.run();
        if (SessionLog.open(logs.of(dogId)).isPresent()) {
            throw new Refused("A session of this dog is already going on: go on with it or end "
                    + "it before beginning another.");
        }
        Instant now = clock.instant();
        LocalDate today = LocalDate.ofInstant(now, clock.getZone());
        logs.append(dogId, new Entry(id, now, today, Optional.of(id), Optional.empty(), begun));
        if (atOnce) {
            logs.append(
                    dogId,
                    new Entry(
                            UUID.randomUUID(),
                            now,
                            today,
                            Optional.of(id),
                            Optional.empty(),
                            new SessionEvent.Started()));
        }
    }

    /**
     * Records what happened. A repeat with the same id changes nothing.
     *
     * <p>What stands is read once the turn to write has come, so that the core judges what really stands.
     *
     * @param allowed refuses it where it may not go on
     * @return the session after it
     */
    public SessionLog record(long dogId, UUID sessionId, UUID entryId, SessionEvent event, Runnable allowed) {
        return transactions.execute(status -> {
            SessionLog before = get(dogId, sessionId);
            if (before.has(entryId) || logs.has(entryId)) {
                return before;
            }
            allowed.run();
            Entry entry = before.next(entryId, Sender.said(clock.instant()), clock.getZone(), event);
            SessionLog after = before.with(List.of(entry));
            boolean reopened = before.endedAt().isPresent() && after.endedAt().isEmpty();
            if (reopened && SessionLog.open(logs.of(dogId)).isPresent()) {
                throw new Refused("Another session of this dog is going on: end it before reopening an older one.");
            }
            logs.append(dogId, entry);
            return after;
        });
    }

    /**
     * Tells a brushing that was done without the session. A repeat with the same id changes nothing.
     *
     * @param day     on which it was done, not after today
     * @param allowed refuses it where nobody has any business
     */
    @Transactional
    public void tell(
            UUID id,
            long dogId,
            LocalDate day,
            Afterwards told,
            SessionBegun begun,
            List<RoutinePlace> how,
            Runnable allowed) {
        Session.planned(begun.steps());
        if (logs.has(id)) {
            return;
        }
        allowed.run();
        if (SessionLog.open(logs.of(dogId)).isPresent()) {
            throw new Refused("A session of this dog is going on: say it there, or end it first.");
        }
        Instant evening =
                day.plusDays(1).atStartOfDay(clock.getZone()).toInstant().minusSeconds(1);
        Instant at = evening.isBefore(clock.instant()) ? evening : clock.instant();
        told.entries(id, begun, how, day, at, UUID::randomUUID).forEach(entry -> logs.append(dogId, entry));
    }

    /** Takes back all that was said in a session: it is as if it had not been. A repeat changes nothing. */
    @Transactional
    public void takeBack(long dogId, UUID sessionId) {
        SessionLog session = get(dogId, sessionId);
        List<Entry> undos = new ArrayList<>();
        while (!session.session().state().standing().isEmpty()
                && !(session.session().state().standing().get(0) instanceof SessionEvent.Stopped)) {
            Entry undo = session.next(UUID.randomUUID(), session.lastAt(), clock.getZone(), new SessionEvent.Undone());
            undos.add(undo);
            session = session.with(List.of(undo));
        }
        if (!undos.isEmpty()) {
            undos.add(session.next(UUID.randomUUID(), session.lastAt(), clock.getZone(), new SessionEvent.Stopped()));
            undos.forEach(entry -> logs.append(dogId, entry));
        }
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
