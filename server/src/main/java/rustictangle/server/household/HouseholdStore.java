package rustictangle.server.household;

import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import org.springframework.jdbc.core.RowCallbackHandler;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import rustictangle.core.rhythm.Comfort;

/** The one row of the household. */
@Repository
public class HouseholdStore {

    private final JdbcClient jdbc;

    HouseholdStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    public Household get() {
        Map<DayOfWeek, Integer> minutes = minutes();
        return jdbc.sql(
                        """
                SELECT name, comfort, length_unit, mass_unit, week_start, date_format, latitude, currency, quiet_from, quiet_to,
                       zone, usual_hour
                  FROM household WHERE id = 1
                """)
                .query((row, n) -> new Household(
                        row.getString("name"),
                        Comfort.valueOf(row.getString("comfort")),
                        Household.LengthUnit.valueOf(row.getString("length_unit")),
                        Household.MassUnit.valueOf(row.getString("mass_unit")),
                        DayOfWeek.valueOf(row.getString("week_start")),
                        Household.DateFormat.valueOf(row.getString("date_format")),
                        row.getDouble("latitude"),
                        minutes,
                        row.getString("currency"),
                        LocalTime.parse(row.getString("quiet_from")),
                        LocalTime.parse(row.getString("quiet_to")),
                        row.getString("zone"),
                        Optional.ofNullable(row.getString("usual_hour"))
                                .map(LocalTime::parse)
                                .orElse(null)))
                .single();
    }

    /** Unless the household has one. */
    @Transactional
    public void keepZone(String zone) {
        jdbc.sql("UPDATE household SET zone = ? WHERE id = 1 AND zone IS NULL")
                .param(zone)
                .update();
    }

    /** Empty: not asked for yet. */
    public Optional<String> calendarKey() {
        return jdbc.sql("SELECT calendar_key FROM household WHERE id = 1")
                .query(String.class)
                .optional()
                .filter(key -> !key.isEmpty());
    }

    @Transactional
    public void setCalendarKey(String key) {
        keepCalendarKey(key);
    }

    /** The same within a transaction, or in a file beside. */
    public void keepCalendarKey(String key) {
        jdbc.sql("UPDATE household SET calendar_key = ? WHERE id = 1")
                .param(key)
                .update();
    }

    private Map<DayOfWeek, Integer> minutes() {
        Map<DayOfWeek, Integer> minutes = new EnumMap<>(DayOfWeek.class);
        jdbc.sql("SELECT weekday, minutes FROM day_minutes").query((RowCallbackHandler)
                row -> minutes.put(DayOfWeek.valueOf(row.getString("weekday")), row.getInt("minutes")));
        return minutes;
    }

    @Transactional
    public void put(Household household) {
        jdbc.sql(
                        """
                UPDATE household SET name = ?, comfort = ?, length_unit = ?, mass_unit = ?,
                       week_start = ?, date_format = ?, latitude = ?, currency = ?, quiet_from = ?, quiet_to = ?,
                       zone = ?, usual_hour = ?
                 WHERE id = 1
                """)
                .params(
                        household.name().strip(),
                        household.comfort().name(),
                        household.lengthUnit().name(),
                        household.massUnit().name(),
                        household.weekStart().name(),
                        household.dateFormat().name(),
                        household.latitude(),
                        household.currency(),
                        household.quietFrom().toString(),
                        household.quietTo().toString())
                .param(household.zone())
                .param(
                        household.usualHour() == null
                                ? null
                                : household.usualHour().toString())
                .update();
        jdbc.sql("DELETE FROM day_minutes").update();
        household.minutes().forEach((day, minutes) -> jdbc.sql(
                        "INSERT INTO day_minutes (weekday, minutes) VALUES (?, ?)")
                .params(day.name(), minutes)
                .update());
    }
}
