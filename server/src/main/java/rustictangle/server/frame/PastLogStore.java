package rustictangle.server.frame;

import java.time.Clock;
import java.time.LocalDate;
import java.util.concurrent.atomic.AtomicInteger;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Tells whether the log of sessions that began before a day is still as it was. */
@Repository
public class PastLogStore {

    private final JdbcClient jdbc;
    private final Clock clock;
    private final AtomicInteger replaced = new AtomicInteger();

    PastLogStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** The first moment of a day here, as stored. */
    public String beginning(LocalDate day) {
        return StoredInstant.text(day.atStartOfDay(clock.getZone()).toInstant());
    }

    @EventListener
    void replaced(DataReplaced event) {
        replaced.incrementAndGet();
    }

    /** Names the state of the dog's log before a moment; the log only ever grows, so its newest entry tells. */
    String state(long dogId, String before) {
        return replaced.get() + before + jdbc.sql("""
                SELECT id FROM session_event
                 WHERE dog_id = :dog
                   AND session_id NOT IN (SELECT id FROM session WHERE dog_id = :dog AND started_at >= :before)
                 ORDER BY seq DESC LIMIT 1
                """).param("dog", dogId).param("before", before).query(String.class).optional().orElse("");
    }
}
