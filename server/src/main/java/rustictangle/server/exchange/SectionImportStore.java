package rustictangle.server.exchange;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import rustictangle.core.Refused;
import rustictangle.server.frame.Progress;
import rustictangle.server.frame.StoredInstant;

/** What was done at each place out of a table (RFC 4180): into a staging file first, and from there to the data. */
@Repository
class SectionImportStore {

    private static final String TABLE = "session_event";
    private static final int MOST_SECONDS = 24 * 60 * 60;
    private static final int TELL_EVERY_ROWS = 500;

    private final JdbcClient jdbc;

    SectionImportStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** The household's dogs by name; more than one may have the same. */
    Map<String, List<Long>> dogs() {
        record Named(String name, long id) {}
        return jdbc
                .sql("SELECT name, id FROM dog WHERE removed_at IS NULL")
                .query((row, n) -> new Named(row.getString("name"), row.getLong("id")))
                .list()
                .stream()
                .collect(Collectors.groupingBy(Named::name, Collectors.mapping(Named::id, Collectors.toList())));
    }

    /** @throws Refused when the table is damaged or foreign */
    void read(Path file, Map<String, List<Long>> dogs, StagingStore.Staging staging, Progress.Running running)
            throws IOException {
        long size = Files.size(file);
        long line = 1;
        staging.jdbc.sql("BEGIN").update();
        try (InputStream bytes = Files.newInputStream(file);
                CSVParser rows = CSVFormat.RFC4180
                        .builder()
                        .setHeader()
                        .setSkipHeaderRecord(true)
                        .get()
                        .parse(new InputStreamReader(bytes, StandardCharsets.UTF_8.newDecoder()));
                Into into = new Into(staging, dogs)) {
            if (!rows.getHeaderNames().equals(ExportStore.SECTION_COLUMNS)) {
                throw refused(1, "the first line has to be " + String.join(",", ExportStore.SECTION_COLUMNS));
            }
            for (CSVRecord row : rows) {
                line = rows.getCurrentLineNumber();
                if (row.getRecordNumber() % TELL_EVERY_ROWS == 0) {
                    running.at("reading it", row.getCharacterPosition(), size);
                }
                into.add(row, line);
            }
        } catch (SQLException e) {
            throw refused(line, "this row cannot be");
        } catch (IOException | UncheckedIOException | IllegalStateException | IllegalArgumentException e) {
            throw refused(line, "this is no table in UTF-8 after RFC 4180");
        }
        staging.jdbc.sql("COMMIT").update();
    }

    /** Adds the sessions that are new here, as a whole; what is known stays as it is. @return places added */
    @Transactional
    public int addNew() {
        for (String table : List.of("session_event", "session_plan")) {
            jdbc.sql("DELETE FROM beside." + table + " WHERE session_id IN (SELECT id FROM main.session)")
                    .update();
        }
        jdbc.sql("DELETE FROM beside.session WHERE id IN (SELECT id FROM main.session)")
                .update();
        jdbc.sql(
                        "INSERT INTO main.session (id, dog_id, started_at, ended_at) SELECT id, dog_id, started_at, ended_at FROM beside.session")
                .update();
        jdbc.sql(
                        """
                INSERT INTO main.session_plan (session_id, position, section, seconds)
                SELECT session_id, position, section, seconds FROM beside.session_plan
                """)
                .update();
        return jdbc.sql(
                        """
                INSERT INTO main.session_event (id, session_id, dog_id, at, day, type, section, comb, tangles, signal, spent)
                SELECT id, session_id, dog_id, at, day, type, section, comb, tangles, signal, spent FROM beside.session_event ORDER BY seq
                """)
                .update();
    }

    /** Rows on their way into the staging file. */
    private static final class Into implements AutoCloseable {

        private record Begun(long dog, Set<String> sections) {}

        private final Map<String, List<Long>> dogs;
        private final Map<String, Begun> sessions = new HashMap<>();
        private final PreparedStatement session;
        private final PreparedStatement plan;
        private final PreparedStatement event;
        private final PreparedStatement ended;

        Into(StagingStore.Staging staging, Map<String, List<Long>> dogs) {
            this.dogs = dogs;
            try {
                session = staging.connection.prepareStatement(
                        "INSERT INTO session (id, dog_id, started_at, ended_at) VALUES (?, ?, ?, ?)");
                plan = staging.connection.prepareStatement(
                        "INSERT INTO session_plan (session_id, position, section, seconds) VALUES (?, ?, ?, ?)");
                event = staging.connection.prepareStatement(
                        """
                        INSERT INTO session_event (id, session_id, dog_id, at, day, type, section, comb, tangles, signal, spent)
                        VALUES (?, ?, ?, ?, ?, 'SECTION_DONE', ?, ?, ?, ?, ?)""");
                ended = staging.connection.prepareStatement(
                        "UPDATE session SET ended_at = max(ended_at, ?), started_at = min(started_at, ?) WHERE id = ?");
            } catch (SQLException e) {
                throw new IllegalStateException("the file beside has other tables", e);
            }
        }

        void add(CSVRecord row, long line) throws SQLException {
            if (row.size() != ExportStore.SECTION_COLUMNS.size()) {
                throw refused(line, "it has " + row.size() + " cells instead of " + ExportStore.SECTION_COLUMNS.size());
            }
            for (String column : List.of("day", "section", "comb", "signal")) {
                problem(Vocabulary.problem(TABLE, column, row.get(column)), line);
            }
            problem(Vocabulary.momentProblem(row.get("at")), line);
            Instant moment = Instant.parse(row.get("at"));
            if (Math.abs(ChronoUnit.DAYS.between(
                            LocalDate.parse(row.get("day")), LocalDate.ofInstant(moment, ZoneOffset.UTC)))
                    > 1) {
                throw refused(line, "the day is not the day of the moment");
            }
            long dog = dog(CsvText.plain(row.get("dog")), line);
            String id = uuid(row.get("session"), line);
            String at = StoredInstant.text(moment);
            int tangles = number(row.get("tangles"), 0, 99, line);
            Integer seconds = row.get("seconds").isEmpty() ? null : number(row.get("seconds"), 0, MOST_SECONDS, line);
            Begun begun = sessions.get(id);
            if (begun == null) {
                begun = new Begun(dog, new HashSet<>());
                sessions.put(id, begun);
                run(session, id, dog, at, at);
            }
            if (begun.dog() != dog) {
                throw refused(line, "this session is of another dog in an earlier line");
            }
            if (!begun.sections().add(row.get("section"))) {
                throw refused(line, "this session has this section in an earlier line already");
            }
            int position = begun.sections().size() - 1;
            run(plan, id, position, row.get("section"), seconds);
            run(
                    event,
                    UUID.nameUUIDFromBytes((id + position).getBytes(StandardCharsets.UTF_8))
                            .toString(),
                    id,
                    dog,
                    at,
                    row.get("day"),
                    row.get("section"),
                    row.get("comb"),
                    tangles,
                    row.get("signal"),
                    seconds);
            run(ended, at, at, id);
        }

        private long dog(String name, long line) {
            List<Long> named = dogs.getOrDefault(name, List.of());
            if (named.size() != 1) {
                throw refused(
                        line,
                        (named.isEmpty() ? "there is no dog" : "there is more than one dog")
                                + " of that name here; add or rename it first");
            }
            return named.get(0);
        }

        private static void problem(Optional<String> problem, long line) {
            problem.ifPresent(why -> {
                throw refused(line, why);
            });
        }

        private static void run(PreparedStatement statement, Object... values) throws SQLException {
            for (int i = 0; i < values.length; i++) {
                statement.setObject(i + 1, values[i]);
            }
            statement.executeUpdate();
        }

        @Override
        public void close() throws SQLException {
            for (PreparedStatement one : List.of(session, plan, event, ended)) {
                one.close();
            }
        }
    }

    private static String uuid(String text, long line) {
        return Vocabulary.uuid(text).orElseThrow(() -> refused(line, "the session is no UUID"));
    }

    private static int number(String text, int least, int most, long line) {
        if (text.matches("\\d{1,6}") && Integer.parseInt(text) >= least && Integer.parseInt(text) <= most) {
            return Integer.parseInt(text);
        }
        throw refused(line, "a number from " + least + " to " + most + " is expected");
    }

    private static Refused refused(long line, String why) {
        return new Refused(
                "file", "The table was not taken over: line " + line + ": " + why + ". Nothing was changed.");
    }
}
