package rustictangle.server.frame;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.sqlite.SQLiteDataSource;
import rustictangle.server.ServerTest;

class BackupTest extends ServerTest {

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
        Restore.from(backup, fresh);
        assertEquals("Gannet", client(fresh).sql("SELECT name FROM dog WHERE id = ?").param(before).query(String.class).single());
        assertEquals(7, client(fresh).sql("SELECT count(*) FROM region_coat WHERE dog_id = ?").param(before).query(Integer.class).single());
        assertFalse(Files.list(folder).anyMatch(file -> file.toString().endsWith(".incoming")));
    }

    @Test
    void whatWasThereBeforeIsKeptBesideIt() throws Exception {
        Path backup = folder.resolve("backup.db");
        Files.write(backup, streamed("/api/backup"));
        Path file = folder.resolve("own.db");
        Restore.from(backup, file);
        client(file).sql("UPDATE household SET name = 'before'").update();
        Restore.from(backup, file);
        assertEquals("before", client(folder.resolve("own.db.before-restore")).sql("SELECT name FROM household").query(String.class).single());
        assertFalse(client(file).sql("SELECT name FROM household").query(String.class).single().equals("before"));
    }

    @Test
    void whatIsNoBackupIsRefusedAndTheDataStays() throws Exception {
        Path backup = folder.resolve("backup.db");
        byte[] whole = streamed("/api/backup");
        Files.write(backup, whole);
        Path file = folder.resolve("own.db");
        Restore.from(backup, file);
        client(file).sql("UPDATE household SET name = 'mine'").update();
        Path bad = folder.resolve("bad.db");
        byte[] torn = Arrays.copyOf(whole, whole.length / 2);
        for (byte[] content : new byte[][] {{}, "not a database".getBytes(StandardCharsets.UTF_8), torn}) {
            Files.write(bad, content);
            assertThrows(Restore.BadBackup.class, () -> Restore.from(bad, file));
        }
        Files.delete(bad);
        client(bad).sql("CREATE TABLE something (id INTEGER)").update();
        assertThrows(Restore.BadBackup.class, () -> Restore.from(bad, file));
        assertThrows(Restore.BadBackup.class, () -> Restore.from(folder.resolve("nowhere.db"), file));
        assertEquals("mine", client(file).sql("SELECT name FROM household").query(String.class).single());
    }

    private static JdbcClient client(Path file) {
        SQLiteDataSource data = new SQLiteDataSource();
        data.setUrl("jdbc:sqlite:" + file);
        return JdbcClient.create(data);
    }
}
