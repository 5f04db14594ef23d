package rustictangle.server.trust;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
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

    /**
     * Answers of sessions begun, and practices held, from the one moment, as stored, up to before the other, oldest
     * first. A place in one session answers once: with the least willing signal that was seen there. Being relaxed only
     * counts once the place is done.
     */
    public List<Trial> of(long dogId, String from, String before) {
        return jdbc.sql(
                        """
                SELECT a.at, a.day, p.subject, a.section,
                       CASE a.worst WHEN 3 THEN 'AFRAID' WHEN 2 THEN 'OPTED_OUT' WHEN 1 THEN 'UNEASY' ELSE 'RELAXED' END AS signal
                  FROM (SELECT session_id, max(at) AS at, max(day) AS day, section, max(type = 'SECTION_DONE') AS done,
                               max(CASE signal WHEN 'AFRAID' THEN 3 WHEN 'OPTED_OUT' THEN 2 WHEN 'UNEASY' THEN 1 ELSE 0 END) AS worst
                          FROM session_event
                         WHERE session_id IN (SELECT id FROM session
                                               WHERE dog_id = :dog AND started_at >= :from AND started_at < :before)
                           AND type IN ('SECTION_DONE', 'SIGNALLED') AND standing = 1
                         GROUP BY session_id, section) AS a
                  LEFT JOIN session_plan AS p ON p.session_id = a.session_id AND p.section = a.section
                 WHERE a.done OR a.worst > 0
                UNION ALL
                SELECT at, day, subject, section, signal FROM practice_trial
                 WHERE dog_id = :dog AND at >= :from AND at < :before
                 ORDER BY at
                """)
                .param("dog", dogId)
                .param("from", from)
                .param("before", before)
                .query((row, n) -> new Trial(
                        LocalDate.parse(row.getString("day")),
                        Optional.ofNullable(row.getString("subject")).map(Subject::valueOf),
                        Optional.ofNullable(row.getString("section")).map(Section::valueOf),
                        Signal.valueOf(row.getString("signal"))))
                .list();
    }

    /** A repeat with the same id changes nothing. */
    @Transactional
    public void addPractice(UUID id, long dogId, Instant at, Trial trial) {
        jdbc.sql(
                        """
                INSERT INTO practice_trial (id, dog_id, at, day, subject, section, signal) VALUES (?, ?, ?, ?, ?, ?, ?)
                ON CONFLICT (id) DO NOTHING
                """)
                .params(
                        id.toString(),
                        dogId,
                        StoredInstant.text(at),
                        trial.day().toString(),
                        trial.subject().map(Enum::name).orElse(null),
                        trial.section().map(Enum::name).orElse(null),
                        trial.signal().name())
                .update();
    }

    /** A repeat changes nothing: what is gone stays gone. */
    @Transactional
    void removePractice(UUID id, long dogId) {
        jdbc.sql("DELETE FROM practice_trial WHERE id = ? AND dog_id = ?")
                .params(id.toString(), dogId)
                .update();
    }
}
