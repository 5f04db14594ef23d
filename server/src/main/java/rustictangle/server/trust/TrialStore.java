package rustictangle.server.trust;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import rustictangle.core.dog.Section;
import rustictangle.core.trust.Signal;
import rustictangle.core.trust.Trial;
import rustictangle.server.frame.StoredInstant;

/** The dog's answers, in practice and in brushing. */
@Repository
public class TrialStore {

    private final JdbcClient jdbc;

    TrialStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** Oldest first. */
    public List<Trial> of(long dogId) {
        return jdbc.sql("SELECT section, signal FROM trial WHERE dog_id = ? ORDER BY at").param(dogId)
                .query((row, n) -> new Trial(Section.valueOf(row.getString("section")),
                        Signal.valueOf(row.getString("signal"))))
                .list();
    }

    /** A repeat with the same id changes nothing. */
    public void addPractice(UUID id, long dogId, Instant at, Trial trial) {
        jdbc.sql("""
                INSERT INTO practice_trial (id, dog_id, at, section, signal) VALUES (?, ?, ?, ?, ?)
                ON CONFLICT (id) DO NOTHING
                """)
                .params(id.toString(), dogId, StoredInstant.text(at), trial.section().name(), trial.signal().name())
                .update();
    }

    /** @return whether it was there */
    boolean removePractice(UUID id, long dogId) {
        return jdbc.sql("DELETE FROM practice_trial WHERE id = ? AND dog_id = ?")
                .params(id.toString(), dogId).update() == 1;
    }
}
