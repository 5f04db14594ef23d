package rustictangle.server.visit;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import rustictangle.core.visit.GroomPrice;

/** Appointments with a groomer, what a visit costs, and what the owner adds to the sheet. */
@Repository
public class VisitStore {

    private final JdbcClient jdbc;

    VisitStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** Takes the place of whatever was to come after that day, as the same appointment; empty: none is to come. */
    @Transactional
    public void setNext(long dogId, LocalDate after, Optional<LocalDate> day, Optional<LocalTime> hour) {
        Optional<Long> moved =
                day.flatMap(next -> jdbc.sql("SELECT min(id) FROM appointment WHERE dog_id = ? AND day > ?")
                        .params(dogId, after.toString())
                        .query((row, n) ->
                                Optional.ofNullable((Number) row.getObject(1)).map(Number::longValue))
                        .single());
        jdbc.sql("DELETE FROM appointment WHERE dog_id = ? AND day > ? AND id IS NOT ?")
                .params(dogId, after.toString())
                .param(moved.orElse(null))
                .update();
        day.ifPresent(next -> {
            if (moved.isPresent()) {
                jdbc.sql("UPDATE appointment SET day = ?, hour = ? WHERE id = ?")
                        .param(next.toString())
                        .param(hour.map(VisitStore::text).orElse(null))
                        .param(moved.get())
                        .update();
            } else {
                jdbc.sql("INSERT INTO appointment (dog_id, day, hour) VALUES (?, ?, ?)")
                        .params(dogId, next.toString())
                        .param(hour.map(VisitStore::text).orElse(null))
                        .update();
            }
        });
    }

    /**
     * @param id     stays the same when the day is moved
     * @param hour   where the household lives; empty: only the day is known
     * @param missed it did not take place
     */
    record Appointment(long id, long dog, LocalDate day, Optional<LocalTime> hour, boolean missed) {}

    private static String text(LocalTime hour) {
        return hour.truncatedTo(ChronoUnit.MINUTES).toString();
    }

    /** Of all dogs, by day. */
    List<Appointment> appointments() {
        return jdbc.sql("SELECT id, dog_id, day, hour, missed FROM appointment ORDER BY day, id")
                .query((row, n) -> new Appointment(
                        row.getLong("id"),
                        row.getLong("dog_id"),
                        LocalDate.parse(row.getString("day")),
                        Optional.ofNullable(row.getString("hour")).map(LocalTime::parse),
                        row.getBoolean("missed")))
                .list();
    }

    /** @return whether there is such an appointment */
    @Transactional
    public boolean setMissed(long dogId, LocalDate day, boolean missed) {
        return jdbc.sql("UPDATE appointment SET missed = ? WHERE dog_id = ? AND day = ?")
                        .params(missed, dogId, day.toString())
                        .update()
                == 1;
    }

    /** What the owner adds to the sheet. */
    record Words(String wish, String health) {}

    Words words(long dogId) {
        return jdbc.sql("SELECT wish, health FROM hand_over WHERE dog_id = ?")
                .param(dogId)
                .query((row, n) -> new Words(row.getString("wish"), row.getString("health")))
                .optional()
                .orElse(new Words("", ""));
    }

    @Transactional
    void setWords(long dogId, Words words) {
        jdbc.sql(
                        """
                INSERT INTO hand_over (dog_id, wish, health) VALUES (:dog, :wish, :health)
                ON CONFLICT (dog_id) DO UPDATE SET wish = :wish, health = :health
                """)
                .param("dog", dogId)
                .param("wish", words.wish())
                .param("health", words.health())
                .update();
    }

    Optional<GroomPrice> price(long dogId) {
        return jdbc.sql("SELECT price, tip, credit, membership, surcharge FROM groom_price WHERE dog_id = ?")
                .param(dogId)
                .query((row, n) -> new GroomPrice(
                        row.getDouble("price"),
                        row.getDouble("tip"),
                        row.getDouble("credit"),
                        row.getDouble("membership"),
                        row.getDouble("surcharge")))
                .optional();
    }

    @Transactional
    public void setPrice(long dogId, GroomPrice price) {
        jdbc.sql(
                        """
                INSERT INTO groom_price (dog_id, price, tip, credit, membership, surcharge)
                VALUES (:dog, :price, :tip, :credit, :membership, :surcharge)
                ON CONFLICT (dog_id) DO UPDATE SET price = :price, tip = :tip, credit = :credit, membership = :membership,
                       surcharge = :surcharge
                """)
                .param("dog", dogId)
                .param("price", price.price())
                .param("tip", price.tip())
                .param("credit", price.credit())
                .param("membership", price.membership())
                .param("surcharge", price.surcharge())
                .update();
    }

    /** Every appointment becomes so many days later: only of a household that is made up. */
    public void moveAll(long days) {
        jdbc.sql("UPDATE appointment SET day = date(day, ?)")
                .param(days + " days")
                .update();
    }
}
