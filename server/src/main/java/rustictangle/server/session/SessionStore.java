package rustictangle.server.session;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import rustictangle.core.dog.Section;
import rustictangle.core.trust.Subject;
import rustictangle.server.frame.StoredInstant;

/** Sessions and their plans. */
@Repository
public class SessionStore {

    /** @param endedAt empty while it goes on */
    public record StoredSession(UUID id, long dogId, Instant startedAt, Optional<Instant> endedAt, String note) {}

    /**
     * @param seconds what it was expected to take when the session began; empty: not known
     * @param subject the tool that led there then; empty: not known, or nothing is brushed there
     */
    public record PlannedSection(Section section, Optional<Integer> seconds, Optional<Subject> subject) {}

    private final JdbcClient jdbc;

    SessionStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    public void add(UUID id, long dogId, Instant startedAt, List<PlannedSection> plan) {
        jdbc.sql("INSERT INTO session (id, dog_id, started_at) VALUES (?, ?, ?)")
                .params(id.toString(), dogId, StoredInstant.text(startedAt))
                .update();
        for (int position = 0; position < plan.size(); position++) {
            jdbc.sql(
                            "INSERT INTO session_plan (session_id, position, section, seconds, subject) VALUES (?, ?, ?, ?, ?)")
                    .params(
                            id.toString(),
                            position,
                            plan.get(position).section().name(),
                            plan.get(position).seconds().orElse(null),
                            plan.get(position).subject().map(Enum::name).orElse(null))
                    .update();
        }
    }

    Optional<StoredSession> find(UUID id) {
        return jdbc.sql("SELECT id, dog_id, started_at, ended_at, note FROM session WHERE id = ?")
                .param(id.toString())
                .query(SessionStore::readSession)
                .optional();
    }

    List<StoredSession> all() {
        return jdbc.sql("SELECT id, dog_id, started_at, ended_at, note FROM session")
                .query(SessionStore::readSession)
                .list();
    }

    public Optional<StoredSession> findOpen(long dogId) {
        return jdbc.sql(
                        """
                SELECT id, dog_id, started_at, ended_at, note FROM session WHERE dog_id = ? AND ended_at IS NULL
                """)
                .param(dogId)
                .query(SessionStore::readSession)
                .optional();
    }

    public Optional<Instant> lastEnded(long dogId) {
        return jdbc.sql(
                        """
                SELECT max(started_at) FROM session WHERE dog_id = ? AND ended_at IS NOT NULL
                """)
                .param(dogId)
                .query((row, n) -> Optional.ofNullable(row.getString(1)).map(Instant::parse))
                .single();
    }

    /** A session in short; what was undone does not count. */
    record PastSession(
            UUID id,
            Instant startedAt,
            Optional<Instant> endedAt,
            int done,
            int skipped,
            int tangles,
            int matsLeft,
            int relaxed,
            int uneasy,
            int optedOut) {}

    /** Begun before this moment, newest first. */
    List<PastSession> past(long dogId, Instant before, int most) {
        return jdbc.sql(
                        """
                SELECT s.id, s.started_at, s.ended_at,
                       count(*) FILTER (WHERE e.type = 'SECTION_DONE') AS done,
                       count(*) FILTER (WHERE e.type = 'SECTION_SKIPPED') AS skipped,
                       coalesce(sum(e.tangles), 0) AS tangles,
                       count(*) FILTER (WHERE e.comb = 'MAT_LEFT') AS mats_left,
                       count(*) FILTER (WHERE e.signal = 'RELAXED') AS relaxed,
                       count(*) FILTER (WHERE e.signal = 'UNEASY') AS uneasy,
                       count(*) FILTER (WHERE e.signal IN ('OPTED_OUT', 'AFRAID')) AS opted_out
                  FROM (SELECT id, started_at, ended_at FROM session
                         WHERE dog_id = ? AND started_at < ? ORDER BY started_at DESC LIMIT ?) AS s
                  LEFT JOIN session_event AS e ON e.session_id = s.id AND e.standing = 1
                 GROUP BY s.id ORDER BY s.started_at DESC
                """)
                .params(dogId, StoredInstant.text(before), most)
                .query((row, n) -> new PastSession(
                        UUID.fromString(row.getString("id")),
                        Instant.parse(row.getString("started_at")),
                        Optional.ofNullable(row.getString("ended_at")).map(Instant::parse),
                        row.getInt("done"),
                        row.getInt("skipped"),
                        row.getInt("tangles"),
                        row.getInt("mats_left"),
                        row.getInt("relaxed"),
                        row.getInt("uneasy"),
                        row.getInt("opted_out")))
                .list();
    }

    /** When a groomer last went through the coat, up to a day. */
    Optional<LocalDate> lastGroom(long dogId, LocalDate until) {
        return jdbc.sql("SELECT max(day) FROM visit WHERE dog_id = ? AND day <= ?")
                .params(dogId, until.toString())
                .query((row, n) -> Optional.ofNullable(row.getString(1)).map(LocalDate::parse))
                .single();
    }

    /** Seconds that places took, of all dogs, in sessions begun since a moment, as stored. */
    public int spentSince(String moment) {
        return jdbc.sql(
                        """
                SELECT coalesce(sum(spent), 0) FROM session_event
                 WHERE session_id IN (SELECT id FROM session WHERE started_at >= ?) AND type = 'SECTION_DONE' AND standing = 1
                """)
                .param(moment)
                .query(Integer.class)
                .single();
    }

    List<PlannedSection> plan(UUID id) {
        return jdbc.sql("SELECT section, seconds, subject FROM session_plan WHERE session_id = ? ORDER BY position")
                .param(id.toString())
                .query((row, n) -> new PlannedSection(
                        Section.valueOf(row.getString("section")),
                        Optional.ofNullable((Integer) row.getObject("seconds")),
                        Optional.ofNullable(row.getString("subject")).map(Subject::valueOf)))
                .list();
    }

    void setNote(UUID id, String note) {
        jdbc.sql("UPDATE session SET note = ? WHERE id = ?")
                .params(note, id.toString())
                .update();
    }

    public void setEnded(UUID id, Optional<Instant> endedAt) {
        jdbc.sql("UPDATE session SET ended_at = ? WHERE id = ?")
                .params(endedAt.map(StoredInstant::text).orElse(null), id.toString())
                .update();
    }

    private static StoredSession readSession(ResultSet row, int n) throws SQLException {
        return new StoredSession(
                UUID.fromString(row.getString("id")),
                row.getLong("dog_id"),
                Instant.parse(row.getString("started_at")),
                Optional.ofNullable(row.getString("ended_at")).map(Instant::parse),
                row.getString("note"));
    }
}
