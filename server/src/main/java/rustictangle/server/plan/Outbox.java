package rustictangle.server.plan;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import rustictangle.core.plan.Reminder;

/** Where messages to the owner go. */
public interface Outbox {

    /** @param dogId absent: about the household */
    record Message(LocalDate day, Instant at, Optional<Long> dogId, Reminder.Kind kind, String text) {}

    /**
     * At most one a day about each dog, and one about the household; a further one is dropped.
     *
     * @param dogId empty: about the household
     */
    void send(Optional<Long> dogId, LocalDate day, Instant at, Reminder reminder);

    /** The kinds that were sent since a day. */
    Set<Reminder.Kind> sentSince(Optional<Long> dogId, LocalDate day);

    /** The newest first. */
    List<Message> sent(int most);

    /** Whether it only keeps them here instead of sending them; the interface says so. */
    boolean simulated();
}
