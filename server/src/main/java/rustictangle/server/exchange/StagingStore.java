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

    /** A file beside the data, in which what comes in is put together and looked over before any of it counts. */
    static final class Staging implements AutoCloseable {

        private final Path file;
        final Connection connection;
        final JdbcClient jdbc;
        private long epoch;

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
            data.staged(connection, epoch == 0 ? epoch = data.newEpoch() : epoch, () -> {
                work.run();
                return null;
            });
        }

        /** The work writes into this file as if it were the data: all of it or nothing. */
        void fill(DataFile data, Work work) throws IOException {
            // What comes in first may refer to what comes later.
            jdbc.sql("PRAGMA foreign_keys = OFF").update();
            jdbc.sql("BEGIN").update();
            work.into(row -> asTheData(data, row));
            jdbc.sql("COMMIT").update();
        }

        /** Puts one thing after the other into a file beside. */
        @FunctionalInterface
        interface Work {
            void into(Consumer<Runnable> file) throws IOException;
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
        made.forEach(thing -> staging.jdbc.sql(thing.sql()).update());
        jdbc.sql("SELECT * FROM flyway_schema_history").query().listOfRows().forEach(row -> staging.jdbc
                .sql(insertInto("flyway_schema_history", row))
                .params(new ArrayList<>(new TreeMap<>(row).values()))
                .update());
    }

    /** @throws Refused when rows refer to what is missing */
    void checkReferences(Staging staging) {
        staging.jdbc.sql("SELECT \"table\" FROM pragma_foreign_key_check").query(String.class).list().stream()
                .findFirst()
                .ifPresent(table -> {
                    throw refused(0, "a row of " + table + " refers to one that is missing");
                });
    }

    /** The work may write into it, and nothing of that stays. */
    void onTrial(Staging staging, Runnable work) {
        staging.jdbc.sql("BEGIN").update();
        try {
            work.run();
        } finally {
            staging.jdbc.sql("ROLLBACK").update();
        }
    }

    static Refused refused(int line, String why) {
        return new Refused(
                "file",
                "The file was not taken over: " + (line > 0 ? "line " + line + ": " : "") + why.replaceFirst("\\.$", "")
                        + ". Nothing was changed.");
    }

    /** @param row its columns, in the order of their names */
    static String insertInto(String table, Map<String, Object> row) {
        return "INSERT INTO " + table + " (" + String.join(", ", new TreeMap<>(row).keySet()) + ") VALUES ("
                + "?, ".repeat(row.size() - 1) + "?)";
    }
}
