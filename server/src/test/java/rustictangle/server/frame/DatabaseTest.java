package rustictangle.server.frame;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.time.Duration;
import java.util.List;
import java.util.stream.Stream;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.support.TransactionTemplate;
import rustictangle.server.ServerTest;

class DatabaseTest extends ServerTest {

    @Autowired
    private JdbcClient ours;

    @Autowired
    private TransactionTemplate writing;

    @Test
    void theFileIsKeptSafelyThroughAPowerCut() {
        assertEquals("wal", pragma("journal_mode", String.class));
        assertEquals(2, pragma("synchronous", Integer.class), "2 is FULL");
        assertEquals(1, pragma("foreign_keys", Integer.class));
    }

    @Test
    void everyTableOfOursRefusesValuesOfTheWrongType() {
        int loose = jdbc.sql(
                        """
                SELECT count(*) FROM pragma_table_list
                 WHERE schema = 'main' AND type = 'table' AND strict = 0
                   AND name NOT LIKE 'sqlite_%' AND name <> 'flyway_schema_history'
                """)
                .query(Integer.class)
                .single();
        assertEquals(0, loose);
    }

    @Test
    void aRecordOfADogThatDoesNotExistIsRefused() {
        assertThrows(
                DataAccessException.class,
                () -> writing.execute(status -> ours.sql(
                                "INSERT INTO entry (id, dog_id, at, day, said) VALUES ('x', 999999, '2026-05-14', '2026-05-14', '{}')")
                        .update()));
    }

    /** A file of 0.1 comes along: what was in it is there, what came since is empty. */
    @Test
    void aFileOfTheFirstVersionComesAlong(@TempDir Path folder) throws Exception {
        Path file = folder.resolve("data.db");
        String url = "jdbc:sqlite:" + file;
        Flyway.configure().dataSource(url, null, null).target("1").load().migrate();
        try (Connection first = DriverManager.getConnection(url)) {
            Connections.run(
                    first,
                    "INSERT INTO dog (name, kilograms, life_stage, flat_face, skin, history, harness, dog_coat, swims,"
                            + " fields_or_sand, snow) VALUES ('Gannet', 14, 'ADULT', 0, 'SOUND', 'GENTLE', 0, 0, 0, 0, 0)");
        }
        Schema.bring(file);
        try (Connection now = DriverManager.getConnection(url);
                ResultSet dog = now.createStatement()
                        .executeQuery("SELECT name, born_on, (SELECT count(*) FROM agreed) FROM dog")) {
            assertTrue(dog.next());
            assertEquals("Gannet", dog.getString(1));
            assertEquals(null, dog.getString(2));
            assertEquals(0, dog.getInt(3));
        }
    }

    @Test
    void aSecondStartOnTheSameFileIsToldSo(@TempDir Path folder) throws IOException {
        Path file = folder.resolve("data.db");
        try (DataFileLock first = DataFileLock.on(file)) {
            CannotStart second = assertThrows(CannotStart.class, () -> DataFileLock.on(first.file()));
            assertTrue(second.getMessage().contains("already running on " + file), second.getMessage());
            var analysis = new CannotStartAnalyzer().analyze(second, second);
            assertTrue(analysis.getAction().contains("stop it first"), analysis.getAction());
        }
        DataFileLock.on(file).close();
    }

    @Test
    void afterAStopTheFileAloneHoldsEverythingAlsoWhereSomebodyWasStillReading(@TempDir Path folder) throws Exception {
        Path file = folder.resolve("data.db");
        Connections open = new Connections(file, Duration.ofSeconds(1));
        Connections.run(open.writer(), "CREATE TABLE note (words TEXT NOT NULL) STRICT");
        Connections.run(open.writer(), "INSERT INTO note VALUES ('combed')");
        open.snapshot();
        try (Connection other = DriverManager.getConnection("jdbc:sqlite:" + file)) {
            Connections.run(other, "BEGIN");
            other.createStatement().executeQuery("SELECT * FROM note").close();
            open.close();
            Path alone = Files.copy(file, folder.resolve("alone.db"));
            try (Connection copied = DriverManager.getConnection("jdbc:sqlite:" + alone);
                    ResultSet row = copied.createStatement().executeQuery("SELECT words FROM note")) {
                assertEquals("combed", row.getString(1));
            }
        }
    }

    private <T> T pragma(String name, Class<T> type) {
        return writing.execute(status -> ours.sql("PRAGMA " + name).query(type).single());
    }

    @Test
    void aNewerVersionLaysACopyBesideBeforeItChangesHowDataIsKept(@TempDir Path folder) throws Exception {
        Path file = folder.resolve("older.db");
        Schema.bringKeepingACopy(file, Schema.OWN);
        Schema.bringKeepingACopy(file, Schema.OWN);
        assertEquals(List.of(), copiesBeside(file), "nothing changed, nothing to keep");
        Path steps = Files.createDirectory(folder.resolve("steps"));
        Files.writeString(steps.resolve("V9000__of_a_later_version.sql"), "CREATE TABLE later (x INTEGER) STRICT;");
        Schema.bringKeepingACopy(file, Schema.OWN, "filesystem:" + steps);
        List<Path> copies = copiesBeside(file);
        assertEquals(1, copies.size());
        assertEquals("rw-------", PosixFilePermissions.toString(Files.getPosixFilePermissions(copies.get(0))));
        Schema.bring(copies.get(0));
    }

    private static List<Path> copiesBeside(Path file) throws IOException {
        try (Stream<Path> beside = Files.list(file.getParent())) {
            return beside.filter(
                            path -> path.getFileName().toString().startsWith(file.getFileName() + ".before-version-"))
                    .toList();
        }
    }
}
