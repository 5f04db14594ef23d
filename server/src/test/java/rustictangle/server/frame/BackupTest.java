package rustictangle.server.frame;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.sqlite.SQLiteDataSource;
import rustictangle.server.ServerTest;

class BackupTest extends ServerTest {

    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-05-14T09:00:00Z"), ZoneOffset.UTC);

    @TempDir
    Path folder;

    @Test
    void aBackupTakenWhileDogsAreAddedIsWholeAndIsRestoredOntoAnEmptyInstallation() throws Exception {
        long before = addKnownDog("Gannet");
        AtomicBoolean enough = new AtomicBoolean();
        ExecutorService busy = Executors.newSingleThreadExecutor();
        Future<Integer> added = busy.submit(() -> {
            int count = 0;
            for (; !enough.get(); count++) {
                addDog("Oakum");
            }
            return count;
        });
        Path backup = folder.resolve("backup.db");
        for (int n = 0; n < 5; n++) {
            Files.write(backup, streamed("/api/backup"));
        }
        enough.set(true);
        assertTrue(added.get() > 0);
        busy.shutdown();
        Path fresh = folder.resolve("fresh.db");
        Restore.from(backup, fresh, CLOCK);
        assertEquals(
                "Gannet",
                client(fresh)
                        .sql("SELECT name FROM dog WHERE id = ?")
                        .param(before)
                        .query(String.class)
                        .single());
        assertEquals(
                7,
                client(fresh)
                        .sql("SELECT count(*) FROM region_coat WHERE dog_id = ?")
                        .param(before)
                        .query(Integer.class)
                        .single());
        assertFalse(Files.list(folder).anyMatch(file -> file.toString().contains(".tmp-")));
    }

    @Test
    void whatWasThereBeforeIsKeptBesideItAndNeverOverwritten() throws Exception {
        Path backup = folder.resolve("backup.db");
        Files.write(backup, streamed("/api/backup"));
        Path file = folder.resolve("own.db");
        Restore.from(backup, file, CLOCK);
        for (String name : List.of("first", "second")) {
            client(file).sql("UPDATE household SET name = ?").param(name).update();
            Files.setLastModifiedTime(backup, FileTime.fromMillis(name.length()));
            Restore.from(backup, file, CLOCK);
        }
        assertEquals("first", household(folder.resolve("own.db.before-restore-20260514T090000Z")));
        assertEquals("second", household(folder.resolve("own.db.before-restore-20260514T090000Z-2")));
        assertEquals("", household(file));
    }

    /** The setting stays in a start script, and every start reads it again. */
    @Test
    void aRestoreThatWasLeftSwitchedOnDoesNothingTheSecondTime() throws Exception {
        Path backup = folder.resolve("backup.db");
        Files.write(backup, streamed("/api/backup"));
        Path file = folder.resolve("own.db");
        Restore.from(backup, file, CLOCK);
        client(file).sql("UPDATE household SET name = 'since then'").update();
        Restore.from(backup, file, CLOCK);
        assertEquals("since then", household(file));
        assertEquals(0, beside("before-restore"));
    }

    @Test
    void aDamagedFileIsReplacedAndKeptAsItIs() throws Exception {
        Path backup = folder.resolve("backup.db");
        Files.write(backup, streamed("/api/backup"));
        Path file = folder.resolve("own.db");
        byte[] damaged = "this was a database once".getBytes(StandardCharsets.UTF_8);
        Files.write(file, damaged);
        Files.write(folder.resolve("own.db-wal"), damaged);
        Restore.from(backup, file, CLOCK);
        assertEquals("", household(file));
        assertArrayEquals(damaged, Files.readAllBytes(folder.resolve("own.db.before-restore-20260514T090000Z")));
        assertArrayEquals(damaged, Files.readAllBytes(folder.resolve("own.db.before-restore-20260514T090000Z-wal")));
    }

    @Test
    void aCopyOfANewerVersionIsNotPutBackAndTheDataStays() throws Exception {
        Path backup = folder.resolve("backup.db");
        Files.write(backup, streamed("/api/backup"));
        Path file = folder.resolve("own.db");
        Restore.from(backup, file, CLOCK);
        client(backup)
                .sql(
                        """
                INSERT INTO flyway_schema_history (installed_rank, version, description, type, script, installed_by, execution_time, success)
                VALUES (99, '99', 'later', 'SQL', 'V99__later.sql', '', 1, 1)""")
                .update();
        CannotStart refused = assertThrows(CannotStart.class, () -> Restore.from(backup, file, CLOCK));
        assertTrue(refused.getMessage().contains("newer version"), refused.getMessage());
        assertEquals("", household(file));
        assertThrows(Schema.OtherVersion.class, () -> Schema.bring(backup), "nor is such a file opened");
    }

    /** Killed after the note was written and before the file was moved: the next start ends it. */
    @Test
    void whatAKilledInstanceHadBegunIsEndedAtTheNextStart() throws Exception {
        Path file = folder.resolve("own.db");
        Files.writeString(file, "old");
        Files.writeString(folder.resolve("own.db-wal"), "of the old one");
        Files.writeString(folder.resolve("own.db.tmp-staging-1"), "new");
        Files.writeString(folder.resolve("own.db.replacing"), "own.db.tmp-staging-1");
        Files.writeString(folder.resolve("own.db.tmp-backup-7"), "half a copy of a killed instance");
        ReplacedFile.finish(file);
        PrivateFiles.removeLeftovers(file);
        assertEquals("new", Files.readString(file));
        assertFalse(Files.exists(folder.resolve("own.db-wal")));
        assertEquals(0, beside("replacing") + beside("tmp-"));
    }

    private long beside(String what) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(path -> path.toString().contains("own.db." + what))
                    .count();
        }
    }

    private static String household(Path file) {
        return client(file)
                .sql("SELECT name FROM household")
                .query(String.class)
                .single();
    }

    @Test
    void whatIsNoBackupIsRefusedAndTheDataStays() throws Exception {
        Path backup = folder.resolve("backup.db");
        byte[] whole = streamed("/api/backup");
        Files.write(backup, whole);
        Path file = folder.resolve("own.db");
        Restore.from(backup, file, CLOCK);
        client(file).sql("UPDATE household SET name = 'mine'").update();
        Path bad = folder.resolve("bad.db");
        byte[] torn = Arrays.copyOf(whole, whole.length / 2);
        for (byte[] content : new byte[][] {{}, "not a database".getBytes(StandardCharsets.UTF_8), torn}) {
            Files.write(bad, content);
            assertThrows(CannotStart.class, () -> Restore.from(bad, file, CLOCK));
        }
        Files.delete(bad);
        client(bad).sql("CREATE TABLE something (id INTEGER)").update();
        assertThrows(CannotStart.class, () -> Restore.from(bad, file, CLOCK));
        assertThrows(CannotStart.class, () -> Restore.from(folder.resolve("nowhere.db"), file, CLOCK));
        assertEquals(
                "mine",
                client(file)
                        .sql("SELECT name FROM household")
                        .query(String.class)
                        .single());
    }

    private static JdbcClient client(Path file) {
        SQLiteDataSource data = new SQLiteDataSource();
        data.setUrl("jdbc:sqlite:" + file);
        return JdbcClient.create(data);
    }
}
