package rustictangle.server.session;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import rustictangle.core.dog.Section;
import rustictangle.core.session.Catch;
import rustictangle.core.session.Catch.Beneath;
import rustictangle.core.session.Catch.Lump;
import rustictangle.core.session.Catch.SkinLook;
import rustictangle.core.session.Catch.Spread;
import rustictangle.core.session.CombResult;
import rustictangle.core.session.HairOut;
import rustictangle.core.session.Mat;
import rustictangle.core.session.SessionEvent;
import rustictangle.core.session.SessionEvent.Caught;
import rustictangle.core.session.SessionEvent.HairCameOut;
import rustictangle.core.session.SessionEvent.KnotFelt;
import rustictangle.core.session.SessionEvent.LayerDone;
import rustictangle.core.session.SessionEvent.Paused;
import rustictangle.core.session.SessionEvent.Resumed;
import rustictangle.core.session.SessionEvent.SectionDone;
import rustictangle.core.session.SessionEvent.SectionPostponed;
import rustictangle.core.session.SessionEvent.SectionSkipped;
import rustictangle.core.session.SessionEvent.Signalled;
import rustictangle.core.session.SessionEvent.Started;
import rustictangle.core.session.SessionEvent.Stopped;
import rustictangle.core.session.SessionEvent.Teased;
import rustictangle.core.session.SessionEvent.TreatGiven;
import rustictangle.core.session.SessionEvent.Undone;
import rustictangle.core.trust.Signal;
import rustictangle.server.frame.StoredInstant;
import rustictangle.server.session.SessionStore.StoredSession;

/** The sessions' logs, and what is read off them. */
@Repository
public class EventStore {

    private final JdbcClient jdbc;

    EventStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** The whole log, undone entries and undos included, oldest first. */
    List<SessionEvent> of(UUID id) {
        return jdbc
                .sql(
                        """
                SELECT type, section, comb, tangles, signal, skin, lump, beneath, spread, seconds, hair, grams
                  FROM session_event WHERE session_id = ? ORDER BY seq
                """)
                .param(id.toString())
                .query(EventRow::read)
                .list()
                .stream()
                .map(EventRow::event)
                .toList();
    }

    boolean has(UUID eventId) {
        return jdbc.sql("SELECT 1 FROM session_event WHERE id = ?")
                .param(eventId.toString())
                .query(Integer.class)
                .optional()
                .isPresent();
    }

    /** The entry that was written last, an undo included. */
    record Last(UUID id, Instant at) {}

    Optional<Last> last(UUID sessionId) {
        return jdbc.sql("SELECT id, at FROM session_event WHERE session_id = ? ORDER BY seq DESC LIMIT 1")
                .param(sessionId.toString())
                .query((row, n) -> new Last(UUID.fromString(row.getString("id")), Instant.parse(row.getString("at"))))
                .optional();
    }

    public void append(UUID eventId, UUID sessionId, long dogId, Instant at, LocalDate day, SessionEvent event) {
        EventRow row = EventRow.of(event);
        Optional<Catch> found = Optional.ofNullable(row.found());
        if (event instanceof Undone) {
            jdbc.sql(
                            """
                    UPDATE session_event SET standing = 0
                     WHERE seq = (SELECT max(seq) FROM session_event
                                   WHERE session_id = ? AND standing = 1 AND type <> 'UNDONE')
                    """)
                    .param(sessionId.toString())
                    .update();
        }
        jdbc.sql(
                        """
                INSERT INTO session_event (id, session_id, dog_id, at, day, type, section, comb, tangles, signal,
                                           skin, lump, beneath, spread, seconds, hair, grams)
                VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)
                """)
                .params(
                        eventId.toString(),
                        sessionId.toString(),
                        dogId,
                        StoredInstant.text(at),
                        day.toString(),
                        name(row.type()),
                        name(row.section()),
                        name(row.comb()),
                        row.tangles(),
                        name(row.signal()),
                        name(found.map(Catch::skin).orElse(null)),
                        name(found.map(Catch::lump).orElse(null)),
                        name(found.map(Catch::beneath).orElse(null)),
                        name(found.map(Catch::spread).orElse(null)),
                        row.seconds(),
                        name(row.hair()),
                        row.grams())
                .update();
        if (event instanceof SectionDone) {
            jdbc.sql(
                            """
                    UPDATE session_event SET spent = (SELECT sum(seconds) FROM place_stretch
                                                       WHERE dog_id = ? AND session_id = ? AND section = ?)
                     WHERE id = ?
                    """)
                    .params(dogId, sessionId.toString(), name(row.section()), eventId.toString())
                    .update();
        }
    }

    private static @Nullable String name(@Nullable Enum<?> value) {
        return value == null ? null : value.name();
    }

    /**
     * The time at work so far.
     *
     * @param seconds from the first stroke to the last entry, pauses not counted
     * @param lastAt  the last entry that stands, or the beginning
     */
    record Spent(int seconds, Instant lastAt) {}

    Spent spent(StoredSession session) {
        return jdbc.sql(
                        """
                SELECT coalesce(sum(seconds) FILTER (WHERE seq > coalesce(first_stroke, 0)), 0), max(at)
                  FROM (SELECT t.seq, t.seconds, e.at, max(CASE t.type WHEN 'STARTED' THEN t.seq END) OVER () AS first_stroke
                          FROM session_stretch AS t JOIN session_event AS e ON e.seq = t.seq
                         WHERE t.dog_id = ? AND t.session_id = ?)
                """)
                .params(session.dogId(), session.id().toString())
                .query((row, n) -> new Spent(
                        row.getInt(1),
                        Optional.ofNullable(row.getString(2))
                                .map(Instant::parse)
                                .orElse(session.startedAt())))
                .single();
    }

    /** What the comb met, in sessions begun from the one moment, as stored, up to before the other, oldest first. */
    List<Mat.Look> looks(long dogId, String from, String before) {
        return jdbc.sql(
                        """
                SELECT section, day, comb, skin, lump, beneath, spread FROM session_event
                 WHERE session_id IN (SELECT id FROM session WHERE dog_id = ? AND started_at >= ? AND started_at < ?)
                   AND standing = 1 AND type IN ('CAUGHT', 'SECTION_DONE') ORDER BY seq
                """)
                .params(dogId, from, before)
                .query((row, n) -> new Mat.Look(
                        Section.valueOf(row.getString("section")),
                        LocalDate.parse(row.getString("day")),
                        Optional.ofNullable(EventRow.found(row)),
                        Optional.ofNullable(row.getString("comb")).map(CombResult::valueOf)))
                .list();
    }

    /** A session event as a row of the log. */
    private record EventRow(
            EventType type,
            @Nullable Section section,
            @Nullable CombResult comb,
            int tangles,
            @Nullable Signal signal,
            @Nullable Catch found,
            @Nullable Integer seconds,
            @Nullable HairOut hair,
            @Nullable Double grams) {

        static EventRow of(SessionEvent event) {
            EventType type = EventType.of(event);
            Section section = event.about().orElse(null);
            if (event instanceof SectionDone done) {
                return new EventRow(type, section, done.comb(), done.tangles(), done.signal(), null, null, null, null);
            }
            if (event instanceof Caught caught) {
                return new EventRow(type, section, null, 0, null, caught.found(), null, null, null);
            }
            if (event instanceof Teased teased) {
                return new EventRow(type, section, null, 0, teased.signal(), null, teased.seconds(), null, null);
            }
            if (event instanceof Signalled seen) {
                return new EventRow(type, section, null, 0, seen.signal(), null, null, null, null);
            }
            if (event instanceof HairCameOut out) {
                return new EventRow(
                        type,
                        section,
                        null,
                        0,
                        null,
                        null,
                        null,
                        out.hair(),
                        out.grams().orElse(null));
            }
            return new EventRow(type, section, null, 0, null, null, null, null, null);
        }

        static EventRow read(ResultSet row, int n) throws SQLException {
            return new EventRow(
                    EventType.valueOf(row.getString("type")),
                    name(Section.class, row, "section"),
                    name(CombResult.class, row, "comb"),
                    row.getInt("tangles"),
                    name(Signal.class, row, "signal"),
                    found(row),
                    (Integer) row.getObject("seconds"),
                    name(HairOut.class, row, "hair"),
                    (Double) row.getObject("grams"));
        }

        SessionEvent event() {
            return switch (type) {
                case STARTED -> new Started();
                case KNOT_FELT -> new KnotFelt(section);
                case LAYER_DONE -> new LayerDone(section);
                case HAIR_OUT -> new HairCameOut(section, hair, Optional.ofNullable(grams));
                case SIGNALLED -> new Signalled(section, signal);
                case TREAT_GIVEN -> new TreatGiven();
                case PAUSED -> new Paused();
                case RESUMED -> new Resumed();
                case SECTION_DONE -> new SectionDone(section, comb, tangles, signal);
                case SECTION_SKIPPED -> new SectionSkipped(section);
                case SECTION_POSTPONED -> new SectionPostponed(section);
                case CAUGHT -> new Caught(section, found);
                case TEASED -> new Teased(section, seconds, signal);
                case STOPPED -> new Stopped();
                case UNDONE -> new Undone();
            };
        }

        /** What was found where the comb caught, in a row that has the columns for it; null in any other. */
        static @Nullable Catch found(ResultSet row) throws SQLException {
            SkinLook skin = name(SkinLook.class, row, "skin");
            return skin == null
                    ? null
                    : new Catch(
                            skin,
                            Lump.valueOf(row.getString("lump")),
                            Beneath.valueOf(row.getString("beneath")),
                            Spread.valueOf(row.getString("spread")));
        }

        private static <E extends Enum<E>> @Nullable E name(Class<E> type, ResultSet row, String column)
                throws SQLException {
            String name = row.getString(column);
            return name == null ? null : Enum.valueOf(type, name);
        }
    }
}
