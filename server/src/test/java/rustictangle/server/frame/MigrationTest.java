package rustictangle.server.frame;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.nio.file.Path;
import java.util.List;
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
        jdbc.sql("INSERT INTO dog VALUES (1, 'Oakum', 17.5, 'ADULT', 0, 'SOUND', 'GENTLE', 0, 0, 0, 0, 0, NULL)")
                .update();
        jdbc.sql("INSERT INTO coat VALUES (1, 1)").update();
        jdbc.sql("INSERT INTO region_coat VALUES (1, 'BODY', 'DOUBLE', 70, 'DENSE', 'HARSH', 0)")
                .update();
        jdbc.sql("INSERT INTO region_coat VALUES (1, 'TAIL', 'FEATHERED', 90, 'MEDIUM', 'SILKY', 0)")
                .update();
        jdbc.sql("INSERT INTO session VALUES ('s', 1, '2026-05-01T18:00:00Z', '2026-05-01T18:20:00Z')")
                .update();
        jdbc.sql(
                        """
                INSERT INTO session_event (id, session_id, dog_id, at, day, type, section, comb, tangles, signal)
                VALUES ('e', 's', 1, '2026-05-01T18:10:00Z', '2026-05-01', 'SECTION_DONE', 'BACK', 'GLIDES', 0, 'RELAXED')
                """)
                .update();
        Flyway.configure().dataSource(file).load().migrate();
        assertEquals(1, undercoat(jdbc, "BODY"));
        assertEquals(0, undercoat(jdbc, "TAIL"));
        assertEquals(
                "BACK",
                jdbc.sql("SELECT said ->> '$.section' FROM entry WHERE said ->> '$.type' = 'SECTION_DONE'")
                        .query(String.class)
                        .single());
        assertEquals(
                "RELAXED",
                jdbc.sql("SELECT said ->> '$.signal' FROM entry WHERE said ->> '$.type' = 'SECTION_DONE'")
                        .query(String.class)
                        .single());
        assertEquals(
                600,
                jdbc.sql("SELECT said ->> '$.spent' FROM entry WHERE said ->> '$.type' = 'SECTION_DONE'")
                        .query(Integer.class)
                        .single());
        assertEquals("", jdbc.sql("SELECT breed FROM dog").query(String.class).single());
    }

    /** Until then fleece was soft curly hair, pale a yes or no, and what grows on was clipped. */
    @Test
    void fleeceBecomesAKindAndPaleAColourAndWhatGrewOnIsClipped() {
        Path old = folder.resolve("looks.db");
        JdbcClient jdbc = withGannet(old, "15");
        jdbc.sql("INSERT INTO coat (dog_id, shedding_heavily) VALUES (1, 0)").update();
        jdbc.sql(
                        """
                INSERT INTO region_coat (dog_id, region, kind, millimetres, density, texture, pale) VALUES
                 (1, 'BODY', 'CURLY', 60, 'DENSE', 'SOFT', 1), (1, 'LEGS', 'CURLY', 60, 'DENSE', 'CURLY', 0),
                 (1, 'HEAD', 'DOUBLE', 30, 'DENSE', 'HARSH', 0)""")
                .update();
        Schema.bring(old);
        assertEquals(
                List.of("BODY FLEECE 1 PALE", "HEAD DOUBLE 0 GOLD", "LEGS CURLY 1 GOLD"),
                jdbc.sql(
                                "SELECT region || ' ' || kind || ' ' || clipped || ' ' || colour FROM region_coat ORDER BY region")
                        .query(String.class)
                        .list());
        assertEquals(
                "SQUARE HANGING SABRE",
                jdbc.sql("SELECT build || ' ' || ears || ' ' || tail FROM dog")
                        .query(String.class)
                        .single());
    }

    /** Until then a row was a groom from midnight of its day, whether or not anybody went. */
    @Test
    void anAppointmentOfAnOlderFileWaitsToBeConfirmedAndAVisitKeepsItsLengths() {
        Path old = folder.resolve("visits.db");
        JdbcClient jdbc = withGannet(old, "12");
        jdbc.sql(
                        "INSERT INTO length_reading VALUES (1, 'BODY', '2026-04-02', 25, 60), (1, 'LEGS', '2026-04-02', 24, 60)")
                .update();
        jdbc.sql(
                        """
                INSERT INTO visit (id, dog_id, day, left_mm) VALUES (1, 1, '2026-02-01', NULL), (2, 1, '2026-04-02', 25),
                 (3, 1, '2026-05-12', NULL), (4, 1, '2026-06-20', NULL)""")
                .update();
        Schema.bring(old);
        assertEquals(
                List.of("2026-02-01", "2026-04-02"),
                jdbc.sql("SELECT day FROM entry WHERE said ->> '$.type' = 'VISITED' ORDER BY seq")
                        .query(String.class)
                        .list());
        assertEquals(
                List.of(3, 4),
                jdbc.sql("SELECT id FROM appointment WHERE missed = 0 ORDER BY day")
                        .query(Integer.class)
                        .list());
        assertEquals(
                List.of("{\"BODY\":60.0}"),
                jdbc.sql("SELECT said ->> '$.before' FROM entry WHERE said ->> '$.tookOver' = 1")
                        .query(String.class)
                        .list(),
                "what the visit left; the ruler's own reading of that day stays the ruler's");
        assertEquals(
                List.of("LEGS 24.0"),
                jdbc.sql(
                                """
                                SELECT (said ->> '$.region') || ' ' || (said ->> '$.millimetres') FROM entry
                                 WHERE said ->> '$.type' = 'MEASURED'""")
                        .query(String.class)
                        .list());
        assertEquals(
                0,
                jdbc.sql("PRAGMA freelist_count").query(Integer.class).single(),
                "what the old tables took is given back");
        assertEquals(
                32,
                jdbc.sql("SELECT length(calendar_key) FROM household")
                        .query(Integer.class)
                        .single());
    }

    /** A file as that version of the data had it, with one dog. */
    private static JdbcClient withGannet(Path file, String version) {
        Schema.bring(file, version);
        SQLiteDataSource source = new SQLiteDataSource();
        source.setUrl("jdbc:sqlite:" + file);
        JdbcClient jdbc = JdbcClient.create(source);
        jdbc.sql(
                        """
                INSERT INTO dog (id, name, kilograms, life_stage, flat_face, skin, history, harness, dog_coat, swims, fields_or_sand, snow)
                VALUES (1, 'Gannet', 14, 'ADULT', 0, 'SOUND', 'GENTLE', 0, 0, 0, 0, 0)""")
                .update();
        return jdbc;
    }

    private static int undercoat(JdbcClient jdbc, String region) {
        return jdbc.sql("SELECT undercoat FROM region_coat WHERE region = ?")
                .param(region)
                .query(Integer.class)
                .single();
    }
}
