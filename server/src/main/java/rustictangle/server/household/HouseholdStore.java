package rustictangle.server.household;

import java.time.DayOfWeek;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import rustictangle.core.rhythm.Comfort;

/** The one row of the household. */
@Repository
public class HouseholdStore {

    private final JdbcClient jdbc;

    HouseholdStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    public Household get() {
        return jdbc.sql("""
                SELECT name, comfort, length_unit, mass_unit, week_start, date_format
                  FROM household WHERE id = 1
                """)
                .query((row, n) -> new Household(row.getString("name"),
                        Comfort.valueOf(row.getString("comfort")),
                        Household.LengthUnit.valueOf(row.getString("length_unit")),
                        Household.MassUnit.valueOf(row.getString("mass_unit")),
                        DayOfWeek.valueOf(row.getString("week_start")),
                        Household.DateFormat.valueOf(row.getString("date_format"))))
                .single();
    }

    public void put(Household household) {
        jdbc.sql("""
                UPDATE household SET name = ?, comfort = ?, length_unit = ?, mass_unit = ?,
                       week_start = ?, date_format = ?
                 WHERE id = 1
                """)
                .params(household.name().strip(), household.comfort().name(), household.lengthUnit().name(),
                        household.massUnit().name(), household.weekStart().name(),
                        household.dateFormat().name())
                .update();
    }
}
