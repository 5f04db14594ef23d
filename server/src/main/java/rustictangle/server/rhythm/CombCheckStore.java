package rustictangle.server.rhythm;

import java.time.LocalDate;
import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import rustictangle.core.dog.Section;
import rustictangle.core.rhythm.CombCheck;

/** What the comb found, read off the session log. */
@Repository
class CombCheckStore {

    private final JdbcClient jdbc;

    CombCheckStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** Oldest first. */
    List<CombCheck> of(long dogId) {
        return jdbc.sql("SELECT section, day, tangles, mat_left FROM comb_check WHERE dog_id = ? ORDER BY seq")
                .param(dogId)
                .query((row, n) -> new CombCheck(Section.valueOf(row.getString("section")),
                        LocalDate.parse(row.getString("day")), row.getInt("tangles"), row.getBoolean("mat_left")))
                .list();
    }
}
