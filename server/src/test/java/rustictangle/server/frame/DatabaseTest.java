package rustictangle.server.frame;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.dao.DataAccessException;
import rustictangle.server.ServerTest;

class DatabaseTest extends ServerTest {

    @Test
    void theFileIsKeptSafelyThroughAPowerCut() {
        assertEquals("wal", pragma("journal_mode", String.class));
        assertEquals(2, pragma("synchronous", Integer.class), "2 is FULL");
        assertEquals(1, pragma("foreign_keys", Integer.class));
    }

    @Test
    void everyTableOfOursRefusesValuesOfTheWrongType() {
        int loose = jdbc.sql("""
                SELECT count(*) FROM pragma_table_list
                 WHERE schema = 'main' AND type = 'table' AND strict = 0
                   AND name NOT LIKE 'sqlite_%' AND name <> 'flyway_schema_history'
                """).query(Integer.class).single();
        assertEquals(0, loose);
    }

    @Test
    void aRecordOfADogThatDoesNotExistIsRefused() {
        assertThrows(DataAccessException.class, () -> jdbc.sql(
                "INSERT INTO session (id, dog_id, started_at) VALUES ('x', 999999, '2026-05-14')").update());
    }

    @Test
    void aSecondStartOnTheSameFileIsToldSo(@TempDir Path folder) throws IOException {
        Path file = folder.resolve("data.db");
        try (DataFileLock first = DataFileLock.on(file)) {
            DataFileInUse second = assertThrows(DataFileInUse.class, () -> DataFileLock.on(first.file()));
            assertTrue(second.getMessage().contains("already running on " + file), second.getMessage());
            var analysis = new DataFileInUseAnalyzer().analyze(second, second);
            assertTrue(analysis.getAction().contains("stop it first"), analysis.getAction());
        }
        DataFileLock.on(file).close();
    }

    private <T> T pragma(String name, Class<T> type) {
        return jdbc.sql("PRAGMA " + name).query(type).single();
    }
}
