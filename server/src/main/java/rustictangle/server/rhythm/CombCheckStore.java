package rustictangle.server.rhythm;

import java.time.LocalDate;
import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import rustictangle.core.dog.Section;
import rustictangle.core.rhythm.CombCheck;

/** What the comb found, read off the session log. */
@Repository
public class CombCheckStore {

    private final JdbcClient jdbc;

    CombCheckStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** Oldest first. */
    public List<CombCheck> of(long dogId) {
        return jdbc.sql("SELECT section, day, tangles, mat_left FROM comb_check WHERE dog_id = ? ORDER BY seq")
                .param(dogId)
                .query((row, n) -> new CombCheck(Section.valueOf(row.getString("section")),
                        LocalDate.parse(row.getString("day")), row.getInt("tangles"), row.getBoolean("mat_left")))
                .list();
    }

    /** What the comb found at a section over some time. */
    public record Found(Section section, int checks, int tangles, int mats) { }

    public List<Found> foundSince(long dogId, LocalDate since) {
        return jdbc.sql("""
                SELECT section, count(*) AS checks, sum(tangles) AS tangles, sum(mat_left) AS mats
                  FROM comb_check WHERE dog_id = ? AND day >= ? GROUP BY section
                """)
                .params(dogId, since.toString())
                .query((row, n) -> new Found(Section.valueOf(row.getString("section")), row.getInt("checks"),
                        row.getInt("tangles"), row.getInt("mats")))
                .list();
    }
}
