package rustictangle.server.plan;

import java.time.Instant;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import rustictangle.core.plan.Reminder;
import rustictangle.server.frame.StoredInstant;

/** Stands in for a mail or message service: keeps what it was given, to be read here. */
@Repository
class MessageStore implements Outbox {

    private final JdbcClient jdbc;

    MessageStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    @Override
    @Transactional
    public void send(Optional<Long> dogId, LocalDate day, Instant at, Reminder reminder) {
        jdbc.sql("INSERT INTO message (dog_id, day, at, kind, text) VALUES (?, ?, ?, ?, ?) ON CONFLICT DO NOTHING")
                .param(dogId.orElse(null))
                .params(day.toString(), StoredInstant.text(at), reminder.kind().name(), reminder.text())
                .update();
    }

    @Override
    public Set<Reminder.Kind> sentSince(Optional<Long> dogId, LocalDate day) {
        Set<Reminder.Kind> kinds = EnumSet.noneOf(Reminder.Kind.class);
        kinds.addAll(jdbc.sql("SELECT DISTINCT kind FROM message WHERE coalesce(dog_id, 0) = ? AND day >= ?")
                .params(dogId.orElse(0L), day.toString())
                .query((row, n) -> Reminder.Kind.valueOf(row.getString(1)))
                .list());
        return kinds;
    }

    @Override
    public List<Message> sent(int most) {
        return jdbc.sql(
                        """
                SELECT day, at, dog_id, kind, text FROM message ORDER BY at DESC, id DESC LIMIT ?
                """)
                .param(most)
                .query((row, n) -> new Message(
                        LocalDate.parse(row.getString("day")),
                        StoredInstant.of(row.getString("at")),
                        Optional.ofNullable((Number) row.getObject("dog_id")).map(Number::longValue),
                        Reminder.Kind.valueOf(row.getString("kind")),
                        row.getString("text")))
                .list();
    }

    @Override
    public boolean simulated() {
        return true;
    }
}
