package rustictangle.server.visit;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import rustictangle.core.visit.GroomPrice;

/** Appointments with a groomer, visits that were, and what they cost. */
@Repository
public class VisitStore {

    /**
     * @param leftMillimetres hair that was left; absent: not said
     * @param found           what the groomer found
     * @param tookOver        whether what was left became a reading
     */
    public record Visit(
            LocalDate day,
            @Nullable Double leftMillimetres,
            @Nullable Double price,
            String remarks,
            String found,
            boolean tookOver) {
        public Visit {
            if (price != null) {
                new GroomPrice(price, 0, 0, 0);
            }
        }
    }

    private final JdbcClient jdbc;

    VisitStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** One numbering for appointments and visits, so that a calendar never takes the one for another. */
    private static final String NEXT_ID =
            "1 + max(coalesce((SELECT max(id) FROM visit), 0), coalesce((SELECT max(id) FROM appointment), 0))";

    /** The next appointment after a day. */
    public Optional<LocalDate> next(long dogId, LocalDate after) {
        return jdbc.sql("SELECT min(day) FROM appointment WHERE dog_id = ? AND day > ?")
                .params(dogId, after.toString())
                .query((row, n) -> Optional.ofNullable(row.getString(1)).map(LocalDate::parse))
                .single();
    }

    /** Takes the place of whatever was to come after that day, as the same appointment; empty: none is to come. */
    @Transactional
    public void setNext(long dogId, LocalDate after, Optional<LocalDate> day) {
        Optional<Long> moved =
                day.flatMap(next -> jdbc.sql("SELECT min(id) FROM appointment WHERE dog_id = ? AND day > ?")
                        .params(dogId, after.toString())
                        .query((row, n) ->
                                Optional.ofNullable((Number) row.getObject(1)).map(Number::longValue))
                        .single());
        jdbc.sql("DELETE FROM appointment WHERE dog_id = ? AND day > ? AND id IS NOT ?")
                .params(dogId, after.toString(), moved.orElse(null))
                .update();
        day.ifPresent(next -> {
            if (moved.isPresent()) {
                jdbc.sql("UPDATE appointment SET day = ? WHERE id = ?")
                        .params(next.toString(), moved.get())
                        .update();
            } else {
                jdbc.sql("INSERT INTO appointment (id, dog_id, day) VALUES (" + NEXT_ID + ", ?, ?)")
                        .params(dogId, next.toString())
                        .update();
            }
        });
    }

    /**
     * Appointments up to a day, included, of which nobody has said whether they took place, the oldest first. A visit
     * after one of them settles it.
     */
    public List<LocalDate> unconfirmed(long dogId, LocalDate until) {
        return jdbc.sql(
                        """
                SELECT day FROM appointment
                 WHERE dog_id = :dog AND day <= :until AND missed = 0
                   AND day > coalesce((SELECT max(day) FROM visit WHERE dog_id = :dog), '') ORDER BY day
                """)
                .param("dog", dogId)
                .param("until", until.toString())
                .query((row, n) -> LocalDate.parse(row.getString("day")))
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

    /** @param id stays the same when the day is moved, and when it was confirmed */
    public record Appointment(long id, String dog, LocalDate day) {}

    /** Of all dogs, from a day on: what is to come, and what was and was not said to have been missed. */
    public List<Appointment> since(LocalDate day) {
        return jdbc.sql(
                        """
                SELECT one.id, dog.name, one.day
                  FROM (SELECT id, dog_id, day FROM appointment WHERE missed = 0
                        UNION ALL
                        SELECT id, dog_id, day FROM visit AS done
                         WHERE NOT EXISTS (SELECT 1 FROM appointment WHERE dog_id = done.dog_id AND day = done.day AND missed = 0)) AS one
                  JOIN dog ON dog.id = one.dog_id
                 WHERE dog.removed_at IS NULL AND one.day >= ? ORDER BY one.day, one.id
                """)
                .param(day.toString())
                .query((row, n) -> new Appointment(
                        row.getLong("id"), row.getString("name"), LocalDate.parse(row.getString("day"))))
                .list();
    }

    /** Up to a day, included, the newest first. */
    List<Visit> past(long dogId, LocalDate until) {
        return jdbc.sql(
                        """
                SELECT day, left_mm, price, remarks, found, took_over FROM visit WHERE dog_id = ? AND day <= ? ORDER BY day DESC
                """)
                .params(dogId, until.toString())
                .query(VisitStore::read)
                .list();
    }

    private static Visit read(ResultSet row, int n) throws SQLException {
        return new Visit(
                LocalDate.parse(row.getString("day")),
                (Double) row.getObject("left_mm"),
                (Double) row.getObject("price"),
                row.getString("remarks"),
                row.getString("found"),
                row.getBoolean("took_over"));
    }

    /** A second one on the same day takes the place of the first. */
    @Transactional
    public void put(long dogId, Visit visit) {
        jdbc.sql(
                        "INSERT INTO visit (id, dog_id, day, left_mm, price, remarks, found, took_over) VALUES ("
                                + NEXT_ID
                                + """
                , :dog, :day, :left, :price, :remarks, :found, :tookOver)
                ON CONFLICT (dog_id, day) DO UPDATE
                   SET left_mm = :left, price = :price, remarks = :remarks, found = :found, took_over = :tookOver
                """)
                .param("dog", dogId)
                .param("day", visit.day().toString())
                .param("left", visit.leftMillimetres())
                .param("price", visit.price())
                .param("remarks", visit.remarks())
                .param("found", visit.found())
                .param("tookOver", visit.tookOver())
                .update();
    }

    /** A repeat changes nothing. */
    @Transactional
    void remove(long dogId, LocalDate day) {
        jdbc.sql("DELETE FROM visit WHERE dog_id = ? AND day = ?")
                .params(dogId, day.toString())
                .update();
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
        return jdbc.sql("SELECT price, tip, credit, membership FROM groom_price WHERE dog_id = ?")
                .param(dogId)
                .query((row, n) -> new GroomPrice(
                        row.getDouble("price"),
                        row.getDouble("tip"),
                        row.getDouble("credit"),
                        row.getDouble("membership")))
                .optional();
    }

    @Transactional
    public void setPrice(long dogId, GroomPrice price) {
        jdbc.sql(
                        """
                INSERT INTO groom_price (dog_id, price, tip, credit, membership) VALUES (:dog, :price, :tip, :credit, :membership)
                ON CONFLICT (dog_id) DO UPDATE SET price = :price, tip = :tip, credit = :credit, membership = :membership
                """)
                .param("dog", dogId)
                .param("price", price.price())
                .param("tip", price.tip())
                .param("credit", price.credit())
                .param("membership", price.membership())
                .update();
    }
}
