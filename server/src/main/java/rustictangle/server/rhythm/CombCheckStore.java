package rustictangle.server.rhythm;

import java.time.LocalDate;
import java.util.List;
import java.util.NavigableSet;
import java.util.TreeSet;
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

    /** Of sessions begun from the one moment, as stored, up to before the other, oldest first. */
    List<CombCheck> of(long dogId, String from, String before) {
        return jdbc.sql(
                        """
                SELECT section, day, tangles, comb = 'MAT_LEFT' AS mat_left
                  FROM session_event
                 WHERE session_id IN (SELECT id FROM session WHERE dog_id = ? AND started_at >= ? AND started_at < ?)
                   AND type = 'SECTION_DONE' AND comb <> 'NOT_COMBED' AND standing = 1
                 ORDER BY seq
                """)
                .params(dogId, from, before)
                .query((row, n) -> new CombCheck(
                        Section.valueOf(row.getString("section")),
                        LocalDate.parse(row.getString("day")),
                        row.getInt("tangles"),
                        row.getBoolean("mat_left")))
                .list();
    }

    /** Of one section in sessions begun since a moment, as stored, oldest first. */
    public List<CombCheck> of(long dogId, Section section, String since) {
        return jdbc.sql(
                        """
                SELECT day, tangles, comb = 'MAT_LEFT' AS mat_left
                  FROM session_event
                 WHERE session_id IN (SELECT id FROM session WHERE dog_id = ? AND started_at >= ?)
                   AND section = ? AND type = 'SECTION_DONE' AND comb <> 'NOT_COMBED' AND standing = 1
                 ORDER BY seq
                """)
                .params(dogId, since, section.name())
                .query((row, n) -> new CombCheck(
                        section,
                        LocalDate.parse(row.getString("day")),
                        row.getInt("tangles"),
                        row.getBoolean("mat_left")))
                .list();
    }

    /** What the comb found at a section over some time. */
    public record Found(Section section, int checks, int tangles, int mats) {}

    /** In sessions begun since a moment, as stored. */
    public List<Found> foundSince(long dogId, String since) {
        return jdbc.sql(
                        """
                SELECT section, count(*) AS checks, sum(tangles) AS tangles, sum(comb = 'MAT_LEFT') AS mats
                  FROM session_event
                 WHERE session_id IN (SELECT id FROM session WHERE dog_id = ? AND started_at >= ?)
                   AND type = 'SECTION_DONE' AND comb <> 'NOT_COMBED' AND standing = 1
                 GROUP BY section
                """)
                .params(dogId, since)
                .query((row, n) -> new Found(
                        Section.valueOf(row.getString("section")),
                        row.getInt("checks"),
                        row.getInt("tangles"),
                        row.getInt("mats")))
                .list();
    }

    /** Days since one day on which a session brought out a heap of hair. */
    NavigableSet<LocalDate> heaps(long dogId, LocalDate since) {
        return new TreeSet<>(jdbc.sql(
                        """
                SELECT DISTINCT day FROM session_event
                 WHERE dog_id = ? AND type = 'HAIR_OUT' AND hair = 'HEAP' AND standing = 1 AND day >= ?
                """)
                .params(dogId, since.toString())
                .query((row, n) -> LocalDate.parse(row.getString("day")))
                .list());
    }
}
