package rustictangle.server.exchange;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Consumer;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;
import org.springframework.stereotype.Repository;
import rustictangle.core.Refused;
import rustictangle.server.frame.DataFile;
import rustictangle.server.frame.PrivateFiles;
import rustictangle.server.frame.Progress;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.ObjectReadContext;
import tools.jackson.core.json.JsonFactory;

/** Puts an exported file row by row into a staging file of the same tables. */
@Repository
class StagingStore {

    /** The first version knew no appointments apart from visits. */
    private static final String SINCE_2 = "appointment";
    /** The tables that a file of the first version was written from. */
    static final String SCHEMA_OF_1 = "12";

    /** A file beside the data, in which what comes in is put together and looked over before any of it counts. */
    static final class Staging implements AutoCloseable {

        private final Path file;
        final Connection connection;
        final JdbcClient jdbc;

        private Staging(Path file, Connection connection) {
            this.file = file;
            this.connection = connection;
            this.jdbc = JdbcClient.create(new SingleConnectionDataSource(connection, true));
        }

        static Staging beside(Path data) throws IOException {
            return of(PrivateFiles.temporary(data, "staging"));
        }

        /** @param file is taken away in the end, unless it was moved */
        static Staging of(Path file) throws IOException {
            try {
                Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                Staging staging = new Staging(file, connection);
                // Until it takes the place of the data nobody misses it.
                staging.jdbc.sql("PRAGMA journal_mode = MEMORY").query(String.class).single();
                staging.jdbc.sql("PRAGMA synchronous = OFF").update();
                return staging;
            } catch (SQLException e) {
                Files.deleteIfExists(file);
                throw new IOException("the file beside cannot be opened", e);
            }
        }

        Path file() {
            return file;
        }

        /** The work reads from this file as if it were the data. */
        void asTheData(DataFile data, Runnable work) {
            data.staged(connection, () -> {
                work.run();
                return null;
            });
        }

        /** Nothing more comes in: the file is whole. */
        void finish() {
            try {
                connection.close();
            } catch (SQLException e) {
                throw new IllegalStateException("the file beside cannot be closed", e);
            }
        }

        @Override
        public void close() throws IOException {
            finish();
            Files.deleteIfExists(file);
        }
    }

    private final JdbcClient jdbc;

    StagingStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** The tables of the data as they are now, empty. */
    void makeTables(Staging staging) {
        record Made(String name, String sql) { }
        List<Made> made = jdbc.sql("""
                SELECT name, sql FROM sqlite_schema WHERE sql IS NOT NULL AND name NOT LIKE 'sqlite_%'
                 ORDER BY CASE type WHEN 'table' THEN 0 WHEN 'index' THEN 1 ELSE 2 END, rowid
                """).query((row, n) -> new Made(row.getString("name"), row.getString("sql"))).list();
        made.forEach(one -> staging.jdbc.sql(one.sql()).update());
        jdbc.sql("SELECT * FROM flyway_schema_history").query().listOfRows()
                .forEach(row -> staging.jdbc.sql(insertInto("flyway_schema_history", row))
                        .params(new ArrayList<>(new TreeMap<>(row).values())).update());
    }

    /**
     * @param file of a version of the format that is known
     * @throws Refused when the file is damaged, foreign or of another version
     */
    void read(Path file, Staging staging, Progress.Running running) throws IOException {
        long size = Files.size(file);
        // A decoder of its own: the parser alone would also take other encodings, and mend what is broken.
        try (InputStream bytes = Files.newInputStream(file);
                Reader text = new InputStreamReader(bytes, StandardCharsets.UTF_8.newDecoder());
                JsonParser json = new JsonFactory().createParser(ObjectReadContext.empty(), text)) {
            staging.jdbc.sql("BEGIN").update();
            new Reading(json, staging, where -> running.at("reading it", where, size)).whole();
            staging.jdbc.sql("COMMIT").update();
        } catch (JacksonException e) {
            throw refused(e.getLocation() == null ? 0 : e.getLocation().getLineNr(), "this is no whole JSON in UTF-8");
        }
    }

    /** @throws Refused when rows do not fit together that each by itself are right */
    void checkTogether(Staging staging) {
        JdbcClient beside = staging.jdbc;
        if (beside.sql("SELECT count(*) FROM household").query(Integer.class).single() != 1) {
            throw refused(0, "there must be one household in it");
        }
        beside.sql("SELECT \"table\" FROM pragma_foreign_key_check").query(String.class).list().stream().findFirst().ifPresent(table -> {
            throw refused(0, "a row of " + table + " refers to one that is missing");
        });
        none(beside, "entries of a session are of another dog than the session",
                "SELECT 1 FROM session_event AS e JOIN session AS s ON s.id = e.session_id WHERE e.dog_id <> s.dog_id");
        none(beside, "the plan of a session has gaps or is missing", """
                SELECT 1 FROM session AS s
                 WHERE (SELECT count(*) FROM session_plan WHERE session_id = s.id) IS NOT
                       (SELECT 1 + max(position) FROM session_plan WHERE session_id = s.id)
                    OR EXISTS (SELECT 1 FROM session_plan WHERE session_id = s.id AND position < 0)""");
        none(beside, "an undo has nothing to take back, or takes back another entry than the last", STANDING_IS_WRONG);
        none(beside, "an entry's day is not the day of its moment",
                "SELECT 1 FROM session_event WHERE abs(julianday(day) - julianday(substr(at, 1, 10))) > 1");
    }

    /**
     * The n-th undo takes back the last entry that still stands: with each entry counted +1 and each undo -1, an entry
     * stands when that sum never falls below its own afterwards.
     */
    private static final String STANDING_IS_WRONG = """
            WITH counted AS (
                SELECT session_id, seq, type, standing,
                       sum(CASE type WHEN 'UNDONE' THEN -1 ELSE 1 END) OVER (PARTITION BY session_id ORDER BY seq) AS height
                  FROM session_event),
            later AS (
                SELECT *, min(height) OVER (PARTITION BY session_id ORDER BY seq ROWS BETWEEN CURRENT ROW AND UNBOUNDED FOLLOWING) AS lowest
                  FROM counted)
            SELECT 1 FROM later
             WHERE height < 0 OR (type <> 'UNDONE' AND standing <> (lowest >= height)) OR (type = 'UNDONE' AND standing <> 1)""";

    private static void none(JdbcClient beside, String problem, String sql) {
        if (beside.sql(sql + " LIMIT 1").query(Integer.class).optional().isPresent()) {
            throw refused(0, problem);
        }
    }

    /** A dog whose coat is described. */
    record Known(long id, String name) { }

    /**
     * Does something as if nothing had been removed: what was can be brought back, and must be right then, too.
     *
     * @param work with the dogs whose coat is described
     */
    void asIfNothingWereRemoved(Staging staging, Consumer<List<Known>> work) {
        staging.jdbc.sql("BEGIN").update();
        try {
            staging.jdbc.sql("UPDATE dog SET removed_at = NULL").update();
            staging.jdbc.sql("UPDATE tool SET removed_at = NULL").update();
            work.accept(staging.jdbc.sql("SELECT id, name FROM dog JOIN coat ON coat.dog_id = dog.id ORDER BY id")
                    .query((row, n) -> new Known(row.getLong("id"), row.getString("name"))).list());
        } finally {
            staging.jdbc.sql("ROLLBACK").update();
        }
    }

    void setCalendarKey(Staging staging, String key) {
        staging.jdbc.sql("UPDATE household SET calendar_key = ?").param(key).update();
    }

    static Refused refused(int line, String why) {
        return new Refused("file", "The file was not taken over: " + (line > 0 ? "line " + line + ": " : "") + why + ". Nothing was changed.");
    }

    /** @param row its columns, in the order of their names */
    private static String insertInto(String table, Map<String, Object> row) {
        return "INSERT INTO " + table + " (" + String.join(", ", new TreeMap<>(row).keySet()) + ") VALUES (" + "?, ".repeat(row.size() - 1) + "?)";
    }

    /** Which version of the format a file is of, looked up at its beginning; empty: it does not say. */
    static Optional<Integer> version(Path file) throws IOException {
        try (Reader text = Files.newBufferedReader(file); JsonParser json = new JsonFactory().createParser(ObjectReadContext.empty(), text)) {
            for (int i = 0; i < 5 && json.nextToken() != null; i++) {
                if (json.currentToken() == JsonToken.VALUE_NUMBER_INT && "version".equals(json.currentName())) {
                    return Optional.of(json.getIntValue());
                }
            }
            return Optional.empty();
        } catch (JacksonException | IOException notEvenJson) {
            return Optional.empty();
        }
    }

    /** One pass over the file. */
    private static final class Reading {

        /** Where in the file the reading is, in characters. */
        interface Told {
            void at(long where);
        }

        private static final int TELL_EVERY_ROWS = 500;

        private final JsonParser json;
        private final Staging staging;
        private final Told told;
        /** Of the table being read: each column's declared type. */
        private final Map<String, String> types = new HashMap<>();
        /** For each set of columns that rows of a table come with. */
        private final Map<Set<String>, PreparedStatement> inserts = new HashMap<>();
        private int rows;

        Reading(JsonParser json, Staging staging, Told told) {
            this.json = json;
            this.staging = staging;
            this.told = told;
        }

        void whole() {
            expect(json.nextToken(), JsonToken.START_OBJECT);
            name("format");
            if (json.nextToken() != JsonToken.VALUE_STRING || !json.getString().equals("rustic-tangle")) {
                throw bad("this is no file of Rustic Tangle");
            }
            name("version");
            if (json.nextToken() != JsonToken.VALUE_NUMBER_INT || !(json.getValueAsLong(0) >= 1 && json.getValueAsLong(0) <= ExportStore.VERSION)) {
                throw bad("this is another version of the format than 1 to " + ExportStore.VERSION);
            }
            boolean first = json.getIntValue() == 1;
            name("tables");
            expect(json.nextToken(), JsonToken.START_OBJECT);
            for (String table : ExportStore.TABLES) {
                if (!first || !table.equals(SINCE_2)) {
                    name(table);
                    table(table);
                }
            }
            expect(json.nextToken(), JsonToken.END_OBJECT);
            expect(json.nextToken(), JsonToken.END_OBJECT);
            if (json.nextToken() != null) {
                throw bad("something follows after the end");
            }
        }

        private void table(String table) {
            types.clear();
            inserts.clear();
            // Made together with the tables; the file brings its own.
            staging.jdbc.sql("DELETE FROM " + table).update();
            staging.jdbc.sql("SELECT name, type FROM pragma_table_info(?)").param(table).query()
                    .listOfRows().forEach(column -> types.put(String.valueOf(column.get("name")), String.valueOf(column.get("type"))));
            expect(json.nextToken(), JsonToken.START_ARRAY);
            while (json.nextToken() == JsonToken.START_OBJECT) {
                if (rows++ % TELL_EVERY_ROWS == 0) {
                    told.at(json.currentLocation().getCharOffset());
                }
                put(table, row(table));
            }
            expect(json.currentToken(), JsonToken.END_ARRAY);
        }

        private Map<String, Object> row(String table) {
            Map<String, Object> row = new LinkedHashMap<>();
            while (json.nextToken() == JsonToken.PROPERTY_NAME) {
                String column = json.currentName();
                if (!types.containsKey(column) || row.containsKey(column)) {
                    throw bad(table + " has no further column " + (column.length() > 40 ? "of that name" : column));
                }
                row.put(column, value(table, column));
            }
            expect(json.currentToken(), JsonToken.END_OBJECT);
            return row;
        }

        private Object value(String table, String column) {
            JsonToken token = json.nextToken();
            return switch (types.get(column)) {
                case "INTEGER" -> {
                    if (token != JsonToken.VALUE_NUMBER_INT || json.getNumberType() == JsonParser.NumberType.BIG_INTEGER) {
                        throw bad(table + "." + column + " is no whole number");
                    }
                    yield json.getLongValue();
                }
                case "REAL" -> {
                    boolean number = token == JsonToken.VALUE_NUMBER_INT || token == JsonToken.VALUE_NUMBER_FLOAT;
                    if (!number || !Double.isFinite(json.getDoubleValue())) {
                        throw bad(table + "." + column + " is no number, or too large");
                    }
                    yield json.getDoubleValue();
                }
                default -> {
                    if (token != JsonToken.VALUE_STRING) {
                        throw bad(table + "." + column + " is no text");
                    }
                    String text = json.getString();
                    Vocabulary.problem(table, column, text).ifPresent(problem -> {
                        throw bad(table + ": " + problem);
                    });
                    yield text;
                }
            };
        }

        private void put(String table, Map<String, Object> row) {
            if (row.isEmpty()) {
                throw bad("a row of " + table + " is empty");
            }
            try {
                PreparedStatement insert = inserts.get(row.keySet());
                if (insert == null) {
                    insert = staging.connection.prepareStatement(insertInto(table, row));
                    inserts.put(Set.copyOf(row.keySet()), insert);
                }
                int at = 1;
                for (Object value : new TreeMap<>(row).values()) {
                    insert.setObject(at++, value);
                }
                insert.executeUpdate();
            } catch (SQLException e) {
                throw bad("a row of " + table + " cannot be: " + inWords(e));
            }
        }

        private static String inWords(SQLException e) {
            String said = String.valueOf(e.getMessage());
            int open = said.indexOf('(');
            int end = said.lastIndexOf(')');
            return open >= 0 && end > open ? said.substring(open + 1, end) : "a value in it is not allowed";
        }

        private void name(String name) {
            if (json.nextToken() != JsonToken.PROPERTY_NAME || !json.currentName().equals(name)) {
                throw bad("\"" + name + "\" is expected here");
            }
        }

        private void expect(JsonToken found, JsonToken wanted) {
            if (found != wanted) {
                throw bad("the file is not built as documented");
            }
        }

        private Refused bad(String why) {
            return refused(json.currentLocation().getLineNr(), why);
        }
    }
}
