package rustictangle.server.frame;

import java.time.Clock;
import java.time.LocalDate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Tells whether the log of sessions that began before a day is still as it was. */
@Repository
public class PastLogStore {

    private final JdbcClient jdbc;
    private final Clock clock;
    private final DataFile data;

    PastLogStore(JdbcClient jdbc, DataFile data, Clock clock) {
        this.jdbc = jdbc;
        this.data = data;
        this.clock = clock;
    }

    /** The first moment of a day here, as stored. */
    public String beginning(LocalDate day) {
        return StoredInstant.text(day.atStartOfDay(clock.getZone()).toInstant());
    }

    /** Names the state of the dog's log before a moment; the log only ever grows, so its newest entry tells. */
    String state(long dogId, String before) {
        return data.version().epoch()
                + before
                + jdbc.sql(
                                """
                SELECT id FROM session_event
                 WHERE dog_id = :dog
                   AND session_id NOT IN (SELECT id FROM session WHERE dog_id = :dog AND started_at >= :before)
                 ORDER BY seq DESC LIMIT 1
                """)
                        .param("dog", dogId)
                        .param("before", before)
                        .query(String.class)
                        .optional()
                        .orElse("");
    }
}
