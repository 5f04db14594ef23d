package rustictangle.server.log;

import java.sql.ResultSet;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.RowCallbackHandler;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import rustictangle.core.Refused;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Lasts;
import rustictangle.core.log.Said;
import rustictangle.server.frame.Sender;
import rustictangle.server.frame.StoredInstant;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.ObjectReader;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.json.JsonMapper;

/** The one log: how what was said is kept. Entries are only ever added. */
@Repository
class EntryStore {

    private static final String FOR_A_YEAR = kinds(kind -> lasts(kind).value() == Lasts.For.A_YEAR);
    private static final String FOR_SEASONS = kinds(kind -> lasts(kind).value() == Lasts.For.SEASONS);
    private static final String FOR_EVER = kinds(kind -> lasts(kind).value() == Lasts.For.EVER);
    private static final String ANSWERS = kinds(kind -> lasts(kind).answer());
    private static final String ALL = kinds(kind -> true);
    private static final String COLUMNS = "seq, id, dog_id, session_id, at, day, takes_back, said";

    /** @param dog empty: of the household */
    record Kept(long seq, Optional<Long> dog, Entry entry) {}

    private final JdbcClient jdbc;
    private final JsonMapper json;

    EntryStore(JdbcClient jdbc, JsonMapper json) {
        this.jdbc = jdbc;
        this.json = json;
    }

    private static String kinds(Predicate<Class<?>> which) {
        return quoted(SaidJson.kinds(Said.class).filter(which));
    }

    private static String quoted(Stream<Class<?>> kinds) {
        return kinds.map(kind -> "'" + SaidJson.name(kind) + "'").collect(Collectors.joining(", "));
    }

    private static Lasts lasts(Class<?> kind) {
        return Objects.requireNonNull(
                kind.getAnnotation(Lasts.class), () -> kind.getSimpleName() + " does not say how long it lasts");
    }

    /** Which entry came last; both 0 and empty: nothing was said yet. */
    record Last(long seq, String id) {

        private static final Last NOTHING = new Last(0, "");
    }

    Last last() {
        return jdbc.sql("SELECT seq, id FROM entry ORDER BY seq DESC LIMIT 1")
                .query(Last.class)
                .optional()
                .orElse(Last.NOTHING);
    }

    /** Whether that entry is there, and so all before it. */
    boolean holds(Last last) {
        return last.equals(Last.NOTHING)
                || jdbc.sql("SELECT 1 FROM entry WHERE seq = ? AND id = ?")
                        .params(last.seq, last.id)
                        .query(Integer.class)
                        .optional()
                        .isPresent();
    }

    /** What was said after that entry, in order. */
    List<Kept> since(long seq) {
        return jdbc.sql("SELECT " + COLUMNS + " FROM entry WHERE seq > ? ORDER BY seq")
                .param(seq)
                .query(kept())
                .list();
    }

    /**
     * Of all that was said and stands, what still says something; of today, and of sessions that may go on, everything.
     *
     * @param midnight when today began
     */
    List<Kept> lasting(Instant midnight, Instant aYearAgo, Instant seasonsAgo) {
        return jdbc.sql(
                        """
                WITH newest AS MATERIALIZED (
                    SELECT dog_id, id, max(at) AS at FROM entry WHERE said ->> '$.type' = 'SESSION_BEGUN' GROUP BY dog_id),
                going AS MATERIALIZED (
                    SELECT id AS session_id FROM newest
                    UNION SELECT undo.session_id FROM entry AS undo JOIN newest ON newest.dog_id = undo.dog_id
                           WHERE undo.said ->> '$.type' = 'UNDONE' AND undo.at >= newest.at),
                says AS (
                    SELECT seq FROM entry WHERE said ->> '$.type' IN (ALL) AND at >= :today
                    UNION SELECT seq FROM entry WHERE session_id IN (SELECT session_id FROM going)
                    UNION SELECT seq FROM entry WHERE said ->> '$.type' IN (FOR_A_YEAR) AND at >= :year
                    UNION SELECT seq FROM entry WHERE said ->> '$.type' IN (FOR_SEASONS) AND at >= :seasons
                    UNION SELECT seq FROM entry WHERE said ->> '$.type' IN (FOR_EVER))
                SELECT COLUMNS FROM entry
                 WHERE seq IN (SELECT seq FROM says)
                   AND NOT EXISTS (SELECT 1 FROM entry AS undo WHERE undo.takes_back = entry.id)
                 ORDER BY seq
                """
                                .replace("ALL", ALL)
                                .replace("FOR_A_YEAR", FOR_A_YEAR)
                                .replace("FOR_SEASONS", FOR_SEASONS)
                                .replace("FOR_EVER", FOR_EVER)
                                .replace("COLUMNS", COLUMNS))
                .param("today", StoredInstant.text(midnight))
                .param("year", StoredInstant.text(aYearAgo))
                .param("seasons", StoredInstant.text(seasonsAgo))
                .query(kept())
                .list();
    }

    /** The dogs' answers that stand, in practice and in sessions, from a moment up to before another, in order. */
    List<Kept> answers(Collection<Long> dogs, Instant from, Instant before) {
        return jdbc.sql(
                        """
                WITH begun AS MATERIALIZED (
                    SELECT id FROM entry
                     WHERE said ->> '$.type' = 'SESSION_BEGUN' AND dog_id IN (:dogs) AND at >= :from AND at < :before),
                says AS (
                    SELECT seq FROM entry WHERE session_id IN (SELECT id FROM begun)
                       AND said ->> '$.type' IN (ANSWERS)
                    UNION SELECT seq FROM entry WHERE session_id IS NULL
                       AND said ->> '$.type' IN (ANSWERS) AND at >= :from AND at < :before AND dog_id IN (:dogs))
                SELECT COLUMNS FROM entry
                 WHERE seq IN (SELECT seq FROM says)
                   AND NOT EXISTS (SELECT 1 FROM entry AS undo WHERE undo.takes_back = entry.id)
                 ORDER BY seq
                """
                                .replace("ANSWERS", ANSWERS)
                                .replace("COLUMNS", COLUMNS))
                .param("dogs", dogs)
                .param("from", StoredInstant.text(from))
                .param("before", StoredInstant.text(before))
                .query(kept())
                .list();
    }

    /** On which devices it was said, in the order in which they began. */
    List<String> devicesOf(UUID session) {
        return jdbc.sql("SELECT device FROM entry WHERE session_id = ?1 OR id = ?1 GROUP BY device ORDER BY min(seq)")
                .param(1, session.toString())
                .query(String.class)
                .list();
    }

    /** All that was said of one session after an entry, undone or not, in order. */
    List<Kept> ofSession(UUID session, long seq) {
        return jdbc.sql("SELECT " + COLUMNS + " FROM entry WHERE session_id = ? AND seq > ? ORDER BY seq")
                .params(session.toString(), seq)
                .query(kept())
                .list();
    }

    /** All that was said of the dog's sessions begun before a moment, the newest sessions first, each in order. */
    List<Kept> ofSessions(long dogId, Instant before, int most) {
        return jdbc.sql(
                        """
                SELECT entry.seq, id, dog_id, session_id, at, day, takes_back, said
                  FROM (SELECT id AS begun, at AS began, seq AS first FROM entry
                         WHERE said ->> '$.type' = 'SESSION_BEGUN' AND dog_id = ? AND at < ?
                         ORDER BY at DESC, seq DESC LIMIT ?)
                  JOIN entry ON session_id = begun
                 ORDER BY began DESC, first DESC, entry.seq
                """)
                .params(dogId, StoredInstant.text(before), most)
                .query(kept())
                .list();
    }

    /** Each session whole, one after the other. */
    void eachSession(Consumer<List<Entry>> look) {
        List<Entry> session = new ArrayList<>();
        RowMapper<Kept> kept = kept();
        jdbc.sql("SELECT " + COLUMNS + " FROM entry WHERE session_id IS NOT NULL ORDER BY session_id, seq")
                .query((RowCallbackHandler) row -> {
                    Entry entry = kept.mapRow(row, 0).entry();
                    if (!session.isEmpty() && !session.get(0).session().equals(entry.session())) {
                        look.accept(List.copyOf(session));
                        session.clear();
                    }
                    session.add(entry);
                });
        if (!session.isEmpty()) {
            look.accept(session);
        }
    }

    /** Everything else that was said, one after the other. */
    void eachOther(Consumer<Kept> look) {
        each(" WHERE session_id IS NULL ORDER BY seq", look);
    }

    /** Of all dogs what stands of some kinds, in order. */
    void eachStanding(Consumer<Kept> look, Class<?>... kinds) {
        each(
                " WHERE said ->> '$.type' IN (" + quoted(Stream.of(kinds)) + ")"
                        + " AND NOT EXISTS (SELECT 1 FROM entry AS undo WHERE undo.takes_back = entry.id) ORDER BY seq",
                look);
    }

    private void each(String which, Consumer<Kept> look) {
        RowMapper<Kept> kept = kept();
        jdbc.sql("SELECT " + COLUMNS + " FROM entry" + which)
                .query((RowCallbackHandler) row -> look.accept(kept.mapRow(row, 0)));
    }

    /** What of entries does not fit together that each by itself are right; empty: all does. */
    Optional<String> problem() {
        return Stream.of(
                        problem(
                                "entries of a session are of another dog than the session",
                                """
                                SELECT 1 FROM entry JOIN entry AS begun ON begun.id = entry.session_id
                                 WHERE entry.dog_id IS NOT begun.dog_id OR begun.said ->> '$.type' <> 'SESSION_BEGUN'"""),
                        problem(
                                "an undo takes back what is not its own",
                                """
                                SELECT 1 FROM entry JOIN entry AS gone ON gone.id = entry.takes_back
                                 WHERE entry.dog_id IS NOT gone.dog_id OR entry.session_id IS NOT gone.session_id
                                    OR gone.takes_back IS NOT NULL OR gone.seq > entry.seq"""),
                        problem(
                                "an entry's day is not the day of its moment",
                                """
                                SELECT 1 FROM entry WHERE session_id IS NOT NULL
                                   AND abs(julianday(day) - julianday(substr(at, 1, 10))) > 1"""))
                .flatMap(Optional::stream)
                .findFirst();
    }

    private Optional<String> problem(String words, String sql) {
        return jdbc.sql(sql + " LIMIT 1").query(Integer.class).optional().map(found -> words);
    }

    /** Of another log, attached as {@code beside}, the sessions that are new here, as a whole. @return places that were worked in them */
    int addSessionsFromBeside() {
        long before = placesDone();
        jdbc.sql(
                        """
                INSERT INTO main.entry (id, dog_id, session_id, at, day, device, takes_back, said)
                SELECT id, dog_id, session_id, at, day, device, takes_back, said FROM beside.entry
                 WHERE session_id NOT IN (SELECT id FROM main.entry) ORDER BY seq
                """)
                .update();
        return (int) (placesDone() - before);
    }

    private long placesDone() {
        return jdbc.sql(
                        """
                SELECT coalesce(sum(CASE said ->> '$.type' WHEN 'SECTION_DONE' THEN 1
                                         ELSE json_array_length(said, '$.places') END), 0)
                  FROM main.entry WHERE said ->> '$.type' IN ('SECTION_DONE', 'STEP_DONE')
                """)
                .query(Long.class)
                .single();
    }

    /**
     * What was said as it is kept.
     *
     * @throws Refused when it is nothing that can be said
     */
    String kept(String said) {
        try {
            return text(json.readerFor(Said.class).readValue(said));
        } catch (InvalidFormatException e) {
            throw new Refused("\"" + e.getValue() + "\" is not known as "
                    + e.getPath().get(e.getPath().size() - 1).getPropertyName());
        } catch (JacksonException e) {
            throw e.getCause() instanceof Refused refused ? refused : new Refused("this is nothing that can be said");
        }
    }

    private String text(Said said) {
        String text = json.writerFor(Said.class).writeValueAsString(said);
        if (text.contains("\\u0000")) {
            throw new Refused("a text holds a NUL; type it again");
        }
        return text;
    }

    Optional<Kept> find(UUID id) {
        return jdbc.sql("SELECT " + COLUMNS + " FROM entry WHERE id = ?")
                .param(id.toString())
                .query(kept())
                .optional();
    }

    void append(Optional<Long> dog, Entry entry) {
        jdbc.sql(
                        """
                INSERT INTO entry (id, dog_id, session_id, at, day, device, takes_back, said)
                VALUES (?, ?, ?, ?, ?, ?, ?, ?)
                """)
                .params(Arrays.asList(
                        entry.id().toString(),
                        dog.orElse(null),
                        entry.session().map(UUID::toString).orElse(null),
                        StoredInstant.text(entry.at()),
                        entry.day().toString(),
                        Sender.device(),
                        entry.takesBack().map(UUID::toString).orElse(null),
                        text(entry.said())))
                .update();
    }

    /** Everything that was said becomes so many days later. */
    void moveAll(long days, Duration besides) {
        jdbc.sql(
                        """
                UPDATE entry SET day = date(day, :days),
                                 at = strftime('%Y-%m-%dT%H:%M:%fZ', at, :days, :besides)
                """)
                .param("days", days + " days")
                .param("besides", besides.toSeconds() + " seconds")
                .update();
    }

    private RowMapper<Kept> kept() {
        ObjectReader reader = json.readerFor(Said.class);
        // Much is said again and again, and entries that follow one another mostly share the rest.
        Map<String, Said> said = new HashMap<>();
        Same<Long, Optional<Long>> dogs = new Same<>(dog -> dog == 0 ? Optional.empty() : Optional.of(dog));
        Same<String, LocalDate> days = new Same<>(LocalDate::parse);
        Same<String, Optional<UUID>> sessions = new Same<>(id -> Optional.of(UUID.fromString(id)));
        return (ResultSet row, int n) -> {
            String session = row.getString(4);
            String takesBack = row.getString(7);
            return new Kept(
                    row.getLong(1),
                    dogs.of(row.getLong(3)),
                    new Entry(
                            UUID.fromString(row.getString(2)),
                            StoredInstant.of(row.getString(5)),
                            days.of(row.getString(6)),
                            session == null ? Optional.empty() : sessions.of(session),
                            takesBack == null ? Optional.empty() : Optional.of(UUID.fromString(takesBack)),
                            said.computeIfAbsent(row.getString(8), reader::readValue)));
        };
    }

    /** What was made of the value before, should the next be the same. */
    private static final class Same<F, T> {
        private final Function<F, T> make;
        private @Nullable F from;
        private @Nullable T made;

        Same(Function<F, T> make) {
            this.make = make;
        }

        T of(F next) {
            if (!next.equals(from)) {
                made = make.apply(next);
                from = next;
            }
            return Objects.requireNonNull(made);
        }
    }
}
