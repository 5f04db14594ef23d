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
import org.jspecify.annotations.Nullable;
import rustictangle.core.session.Catch;
import rustictangle.core.session.Catch.Beneath;
import rustictangle.core.session.Catch.Lump;
import rustictangle.core.session.Catch.SkinLook;
import rustictangle.core.session.Catch.Spread;
import rustictangle.core.session.CombResult;
import rustictangle.core.session.SessionEvent;
import rustictangle.core.session.SessionEvent.Caught;
import rustictangle.core.session.SessionEvent.SectionDone;
import rustictangle.core.session.SessionEvent.SectionPostponed;
import rustictangle.core.session.SessionEvent.SectionSkipped;
import rustictangle.core.session.SessionEvent.Stopped;
import rustictangle.core.session.SessionEvent.Teased;
import rustictangle.core.session.SessionEvent.Undone;
import rustictangle.core.trust.Signal;
import rustictangle.server.frame.StoredInstant;

/** Sessions and their logs. */
@Repository
public class SessionStore {

    /** @param endedAt empty while it goes on */
    record StoredSession(UUID id, long dogId, Instant startedAt, Optional<Instant> endedAt) { }

    private final JdbcClient jdbc;

    SessionStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    public void add(UUID id, long dogId, Instant startedAt, List<Section> plan) {
        jdbc.sql("INSERT INTO session (id, dog_id, started_at) VALUES (?, ?, ?)")
                .params(id.toString(), dogId, StoredInstant.text(startedAt)).update();
        for (int position = 0; position < plan.size(); position++) {
            jdbc.sql("INSERT INTO session_plan (session_id, position, section) VALUES (?, ?, ?)")
                    .params(id.toString(), position, plan.get(position).name()).update();
        }
    }

    Optional<StoredSession> find(UUID id) {
        return jdbc.sql("SELECT id, dog_id, started_at, ended_at FROM session WHERE id = ?")
                .param(id.toString()).query(SessionStore::readSession).optional();
    }

    Optional<StoredSession> findOpen(long dogId) {
        return jdbc.sql("""
                SELECT id, dog_id, started_at, ended_at FROM session WHERE dog_id = ? AND ended_at IS NULL
                """).param(dogId).query(SessionStore::readSession).optional();
    }

    Optional<Instant> lastEnded(long dogId) {
        return jdbc.sql("""
                SELECT max(started_at) FROM session WHERE dog_id = ? AND ended_at IS NOT NULL
                """).param(dogId).query((row, n) -> Optional.ofNullable(row.getString(1)).map(Instant::parse))
                .single();
    }

    /** A session in short; what was undone does not count. */
    record PastSession(UUID id, Instant startedAt, Optional<Instant> endedAt, int done, int skipped, int tangles,
            int matsLeft, int relaxed, int uneasy, int optedOut) { }

    /** Begun before this moment, newest first. */
    List<PastSession> past(long dogId, Instant before, int most) {
        return jdbc.sql("""
                SELECT s.id, s.started_at, s.ended_at,
                       count(*) FILTER (WHERE e.type = 'SECTION_DONE') AS done,
                       count(*) FILTER (WHERE e.type = 'SECTION_SKIPPED') AS skipped,
                       coalesce(sum(e.tangles), 0) AS tangles,
                       count(*) FILTER (WHERE e.comb = 'MAT_LEFT') AS mats_left,
                       count(*) FILTER (WHERE e.signal = 'RELAXED') AS relaxed,
                       count(*) FILTER (WHERE e.signal = 'UNEASY') AS uneasy,
                       count(*) FILTER (WHERE e.signal = 'OPTED_OUT') AS opted_out
                  FROM (SELECT id, started_at, ended_at FROM session
                         WHERE dog_id = ? AND started_at < ? ORDER BY started_at DESC LIMIT ?) AS s
                  LEFT JOIN session_event AS e ON e.session_id = s.id AND e.standing = 1
                 GROUP BY s.id ORDER BY s.started_at DESC
                """)
                .params(dogId, StoredInstant.text(before), most)
                .query((row, n) -> new PastSession(UUID.fromString(row.getString("id")),
                        Instant.parse(row.getString("started_at")),
                        Optional.ofNullable(row.getString("ended_at")).map(Instant::parse), row.getInt("done"),
                        row.getInt("skipped"), row.getInt("tangles"), row.getInt("mats_left"), row.getInt("relaxed"),
                        row.getInt("uneasy"), row.getInt("opted_out")))
                .list();
    }

    List<Section> plan(UUID id) {
        return jdbc.sql("SELECT section FROM session_plan WHERE session_id = ? ORDER BY position")
                .param(id.toString()).query((row, n) -> Section.valueOf(row.getString(1))).list();
    }

    /** The whole log, undone entries and undos included, oldest first. */
    List<SessionEvent> events(UUID id) {
        return jdbc.sql("""
                SELECT type, section, comb, tangles, signal, skin, lump, beneath, spread, seconds
                  FROM session_event WHERE session_id = ? ORDER BY seq
                """).param(id.toString()).query(SessionStore::readEvent).list();
    }

    boolean hasEvent(UUID eventId) {
        return jdbc.sql("SELECT count(*) FROM session_event WHERE id = ?").param(eventId.toString())
                .query(Integer.class).single() > 0;
    }

    public void append(UUID eventId, UUID sessionId, long dogId, Instant at, LocalDate day, SessionEvent event) {
        EventRow row = EventRow.of(event);
        if (event instanceof Undone) {
            jdbc.sql("""
                    UPDATE session_event SET standing = 0
                     WHERE seq = (SELECT max(seq) FROM session_event
                                   WHERE session_id = ? AND standing = 1 AND type <> 'UNDONE')
                    """).param(sessionId.toString()).update();
        }
        jdbc.sql("""
                INSERT INTO session_event (id, session_id, dog_id, at, day, type, section, comb, tangles, signal,
                                           skin, lump, beneath, spread, seconds)
                VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)
                """)
                .params(eventId.toString(), sessionId.toString(), dogId, StoredInstant.text(at), day.toString(),
                        row.type(), event.about().map(Enum::name).orElse(null), row.comb(), row.tangles(), row.signal(),
                        row.skin(), row.lump(), row.beneath(), row.spread(), row.seconds())
                .update();
    }

    public void setEnded(UUID id, Optional<Instant> endedAt) {
        jdbc.sql("UPDATE session SET ended_at = ? WHERE id = ?")
                .params(endedAt.map(StoredInstant::text).orElse(null), id.toString()).update();
    }

    private record EventRow(String type, @Nullable String comb, int tangles, @Nullable String signal,
            @Nullable String skin, @Nullable String lump, @Nullable String beneath, @Nullable String spread,
            @Nullable Integer seconds) {

        static EventRow of(SessionEvent event) {
            if (event instanceof SectionDone done) {
                return new EventRow("SECTION_DONE", done.comb().name(), done.tangles(), done.signal().name(),
                        null, null, null, null, null);
            }
            if (event instanceof Caught caught) {
                Catch found = caught.found();
                return new EventRow("CAUGHT", null, 0, null, found.skin().name(), found.lump().name(),
                        found.beneath().name(), found.spread().name(), null);
            }
            if (event instanceof Teased teased) {
                return new EventRow("TEASED", null, 0, teased.signal().name(), null, null, null, null, teased.seconds());
            }
            return plain(event instanceof SectionSkipped ? "SECTION_SKIPPED"
                    : event instanceof SectionPostponed ? "SECTION_POSTPONED"
                    : event instanceof Stopped ? "STOPPED" : "UNDONE");
        }

        private static EventRow plain(String type) {
            return new EventRow(type, null, 0, null, null, null, null, null, null);
        }
    }

    private static SessionEvent readEvent(ResultSet row, int n) throws SQLException {
        return switch (row.getString("type")) {
            case "SECTION_DONE" -> new SectionDone(Section.valueOf(row.getString("section")),
                    CombResult.valueOf(row.getString("comb")), row.getInt("tangles"),
                    Signal.valueOf(row.getString("signal")));
            case "SECTION_SKIPPED" -> new SectionSkipped(Section.valueOf(row.getString("section")));
            case "SECTION_POSTPONED" -> new SectionPostponed(Section.valueOf(row.getString("section")));
            case "CAUGHT" -> new Caught(Section.valueOf(row.getString("section")),
                    new Catch(SkinLook.valueOf(row.getString("skin")), Lump.valueOf(row.getString("lump")),
                            Beneath.valueOf(row.getString("beneath")), Spread.valueOf(row.getString("spread"))));
            case "TEASED" -> new Teased(Section.valueOf(row.getString("section")), row.getInt("seconds"),
                    Signal.valueOf(row.getString("signal")));
            case "STOPPED" -> new Stopped();
            case "UNDONE" -> new Undone();
            default -> throw new SQLException("unknown event type " + row.getString("type"));
        };
    }

    private static StoredSession readSession(ResultSet row, int n) throws SQLException {
        return new StoredSession(UUID.fromString(row.getString("id")), row.getLong("dog_id"),
                Instant.parse(row.getString("started_at")),
                Optional.ofNullable(row.getString("ended_at")).map(Instant::parse));
    }
}
