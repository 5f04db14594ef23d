package rustictangle.server.trust;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import rustictangle.core.dog.Section;
import rustictangle.core.trust.Signal;
import rustictangle.core.trust.Subject;
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
        return jdbc.sql("SELECT day, subject, section, signal FROM trial WHERE dog_id = ? ORDER BY at").param(dogId)
                .query((row, n) -> new Trial(LocalDate.parse(row.getString("day")),
                        Optional.ofNullable(row.getString("subject")).map(Subject::valueOf),
                        Optional.ofNullable(row.getString("section")).map(Section::valueOf),
                        Signal.valueOf(row.getString("signal"))))
                .list();
    }

    /** A repeat with the same id changes nothing. */
    public void addPractice(UUID id, long dogId, Instant at, Trial trial) {
        jdbc.sql("""
                INSERT INTO practice_trial (id, dog_id, at, day, subject, section, signal) VALUES (?, ?, ?, ?, ?, ?, ?)
                ON CONFLICT (id) DO NOTHING
                """)
                .params(id.toString(), dogId, StoredInstant.text(at), trial.day().toString(),
                        trial.subject().map(Enum::name).orElse(null), trial.section().map(Enum::name).orElse(null),
                        trial.signal().name())
                .update();
    }

    /** A repeat changes nothing: what is gone stays gone. */
    void removePractice(UUID id, long dogId) {
        jdbc.sql("DELETE FROM practice_trial WHERE id = ? AND dog_id = ?").params(id.toString(), dogId).update();
    }
}
