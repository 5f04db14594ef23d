package rustictangle.server.frame;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.nio.file.Path;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.sqlite.SQLiteDataSource;

/** A data file of an older version comes along. */
class MigrationTest {

    @TempDir
    Path folder;

    @Test
    void aDogDescribedBeforeUndercoatWasAskedForKeepsWhatWasTakenForGranted() {
        SQLiteDataSource file = new SQLiteDataSource();
        file.setUrl("jdbc:sqlite:" + folder.resolve("old.db"));
        Flyway.configure().dataSource(file).target("1").load().migrate();
        JdbcClient jdbc = JdbcClient.create(file);
        jdbc.sql("INSERT INTO dog VALUES (1, 'Oakum', 17.5, 'ADULT', 0, 'SOUND', 'GENTLE', 0, 0, 0, 0, 0, NULL)").update();
        jdbc.sql("INSERT INTO coat VALUES (1, 1)").update();
        jdbc.sql("INSERT INTO region_coat VALUES (1, 'BODY', 'DOUBLE', 70, 'DENSE', 'HARSH', 0)").update();
        jdbc.sql("INSERT INTO region_coat VALUES (1, 'TAIL', 'FEATHERED', 90, 'MEDIUM', 'SILKY', 0)").update();
        jdbc.sql("INSERT INTO session VALUES ('s', 1, '2026-05-01T18:00:00Z', '2026-05-01T18:20:00Z')").update();
        jdbc.sql("""
                INSERT INTO session_event (id, session_id, dog_id, at, day, type, section, comb, tangles, signal)
                VALUES ('e', 's', 1, '2026-05-01T18:10:00Z', '2026-05-01', 'SECTION_DONE', 'BACK', 'GLIDES', 0, 'RELAXED')
                """).update();
        Flyway.configure().dataSource(file).load().migrate();
        assertEquals(1, undercoat(jdbc, "BODY"));
        assertEquals(0, undercoat(jdbc, "TAIL"));
        assertEquals("BACK", jdbc.sql("SELECT section FROM session_event WHERE type = 'SECTION_DONE'").query(String.class).single());
        assertEquals("RELAXED", jdbc.sql("SELECT signal FROM session_event WHERE type = 'SECTION_DONE'").query(String.class).single());
        assertEquals(600, jdbc.sql("SELECT seconds FROM section_time").query(Integer.class).single());
        assertEquals("", jdbc.sql("SELECT breed FROM dog").query(String.class).single());
    }

    private static int undercoat(JdbcClient jdbc, String region) {
        return jdbc.sql("SELECT undercoat FROM region_coat WHERE region = ?").param(region).query(Integer.class).single();
    }
}
