package rustictangle.server.exchange;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Consumer;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;
import org.springframework.stereotype.Repository;
import rustictangle.core.Refused;
import rustictangle.server.frame.DataFile;
import rustictangle.server.frame.PrivateFiles;

/** Files beside the data, in which what comes in is put together. */
@Repository
class StagingStore {

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
                staging.jdbc
                        .sql("PRAGMA journal_mode = MEMORY")
                        .query(String.class)
                        .single();
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
        record Made(String name, String sql) {}
        List<Made> made = jdbc.sql(
                        """
                SELECT name, sql FROM sqlite_schema WHERE sql IS NOT NULL AND name NOT LIKE 'sqlite_%'
                 ORDER BY CASE type WHEN 'table' THEN 0 WHEN 'index' THEN 1 ELSE 2 END, rowid
                """)
                .query((row, n) -> new Made(row.getString("name"), row.getString("sql")))
                .list();
        made.forEach(one -> staging.jdbc.sql(one.sql()).update());
        jdbc.sql("SELECT * FROM flyway_schema_history").query().listOfRows().forEach(row -> staging.jdbc
                .sql(insertInto("flyway_schema_history", row))
                .params(new ArrayList<>(new TreeMap<>(row).values()))
                .update());
    }

    /** @throws Refused when rows do not fit together that each by itself are right */
    void checkTogether(Staging staging) {
        JdbcClient beside = staging.jdbc;
        if (beside.sql("SELECT count(*) FROM household").query(Integer.class).single() != 1) {
            throw refused(0, "there must be one household in it");
        }
        beside.sql("SELECT \"table\" FROM pragma_foreign_key_check").query(String.class).list().stream()
                .findFirst()
                .ifPresent(table -> {
                    throw refused(0, "a row of " + table + " refers to one that is missing");
                });
        none(
                beside,
                "entries of a session are of another dog than the session",
                "SELECT 1 FROM session_event AS e JOIN session AS s ON s.id = e.session_id WHERE e.dog_id <> s.dog_id");
        none(
                beside,
                "the plan of a session has gaps or is missing",
                """
                SELECT 1 FROM session AS s
                 WHERE (SELECT count(*) FROM session_plan WHERE session_id = s.id) IS NOT
                       (SELECT 1 + max(position) FROM session_plan WHERE session_id = s.id)
                    OR EXISTS (SELECT 1 FROM session_plan WHERE session_id = s.id AND position < 0)""");
        none(beside, "an undo has nothing to take back, or takes back another entry than the last", STANDING_IS_WRONG);
        none(
                beside,
                "an entry's day is not the day of its moment",
                "SELECT 1 FROM session_event WHERE abs(julianday(day) - julianday(substr(at, 1, 10))) > 1");
    }

    /**
     * The n-th undo takes back the last entry that still stands: with each entry counted +1 and each undo -1, an entry
     * stands when that sum never falls below its own afterwards.
     */
    private static final String STANDING_IS_WRONG =
            """
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
    record Known(long id, String name) {}

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
            work.accept(staging.jdbc
                    .sql("SELECT id, name FROM dog JOIN coat ON coat.dog_id = dog.id ORDER BY id")
                    .query((row, n) -> new Known(row.getLong("id"), row.getString("name")))
                    .list());
        } finally {
            staging.jdbc.sql("ROLLBACK").update();
        }
    }

    void setCalendarKey(Staging staging, String key) {
        staging.jdbc.sql("UPDATE household SET calendar_key = ?").param(key).update();
    }

    static Refused refused(int line, String why) {
        return new Refused(
                "file",
                "The file was not taken over: " + (line > 0 ? "line " + line + ": " : "") + why
                        + ". Nothing was changed.");
    }

    /** @param row its columns, in the order of their names */
    static String insertInto(String table, Map<String, Object> row) {
        return "INSERT INTO " + table + " (" + String.join(", ", new TreeMap<>(row).keySet()) + ") VALUES ("
                + "?, ".repeat(row.size() - 1) + "?)";
    }
}
