package rustictangle.server.plan;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** How much brushing each day asked for: later nobody can tell from what was done what had been planned. */
@Repository
public class AskedDayStore {

    private final JdbcClient jdbc;

    AskedDayStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** Writes only what has changed. */
    @Transactional
    public void keep(LocalDate day, long seconds) {
        jdbc.sql(
                        """
                INSERT INTO asked_day (day, seconds) VALUES (?, ?)
                ON CONFLICT (day) DO UPDATE SET seconds = excluded.seconds WHERE seconds <> excluded.seconds
                """)
                .params(day.toString(), seconds)
                .update();
    }

    /** Seconds by day, since a day; a day on which nobody looked is not among them. */
    Map<LocalDate, Double> since(LocalDate first) {
        Map<LocalDate, Double> days = new HashMap<>();
        jdbc.sql("SELECT day, seconds FROM asked_day WHERE day >= ?")
                .param(first.toString())
                .query(row -> {
                    days.put(LocalDate.parse(row.getString("day")), row.getDouble("seconds"));
                });
        return days;
    }

    /** Every day becomes so many days later: only of a household that is made up. */
    public void moveAll(long days) {
        Map<LocalDate, Double> all = since(LocalDate.EPOCH);
        jdbc.sql("DELETE FROM asked_day").update();
        all.forEach((day, seconds) -> keep(day.plusDays(days), Math.round(seconds)));
    }
}
