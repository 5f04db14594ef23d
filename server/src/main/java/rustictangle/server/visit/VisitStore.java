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

/** Visits to a groomer, past and to come, and what they cost. */
@Repository
public class VisitStore {

    /**
     * @param leftMillimetres hair that was left; absent: not said
     * @param found           what the groomer found
     */
    record Visit(LocalDate day, @Nullable Double leftMillimetres, @Nullable Double price, String remarks, String found) { }

    private final JdbcClient jdbc;

    VisitStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** The next one after a day. */
    public Optional<LocalDate> next(long dogId, LocalDate after) {
        return jdbc.sql("SELECT min(day) FROM visit WHERE dog_id = ? AND day > ?").params(dogId, after.toString())
                .query((row, n) -> Optional.ofNullable(row.getString(1)).map(LocalDate::parse)).single();
    }

    /** Takes the place of whatever was to come after that day, as the same appointment; empty: none is to come. */
    @Transactional
    public void setNext(long dogId, LocalDate after, Optional<LocalDate> day) {
        Optional<Long> moved = day.flatMap(next -> jdbc.sql("SELECT min(id) FROM visit WHERE dog_id = ? AND day > ?")
                .params(dogId, after.toString()).query((row, n) -> Optional.ofNullable((Number) row.getObject(1)).map(Number::longValue)).single());
        jdbc.sql("DELETE FROM visit WHERE dog_id = ? AND day > ? AND id IS NOT ?").params(dogId, after.toString(), moved.orElse(null)).update();
        day.ifPresent(next -> {
            if (moved.isPresent()) {
                jdbc.sql("UPDATE visit SET day = ? WHERE id = ?").params(next.toString(), moved.get()).update();
            } else {
                jdbc.sql("INSERT INTO visit (dog_id, day) VALUES (?, ?)").params(dogId, next.toString()).update();
            }
        });
    }

    /** @param id stays the same when the day is moved */
    public record Appointment(long id, String dog, LocalDate day) { }

    /** Of all dogs, from a day on. */
    public List<Appointment> since(LocalDate day) {
        return jdbc.sql("""
                SELECT visit.id, dog.name, visit.day FROM visit JOIN dog ON dog.id = visit.dog_id
                 WHERE dog.removed_at IS NULL AND visit.day >= ? ORDER BY visit.day, visit.id
                """).param(day.toString())
                .query((row, n) -> new Appointment(row.getLong("id"), row.getString("name"), LocalDate.parse(row.getString("day")))).list();
    }

    /** Up to a day, included, the newest first. */
    List<Visit> past(long dogId, LocalDate until) {
        return jdbc.sql("""
                SELECT day, left_mm, price, remarks, found FROM visit WHERE dog_id = ? AND day <= ? ORDER BY day DESC
                """).params(dogId, until.toString()).query(VisitStore::read).list();
    }

    private static Visit read(ResultSet row, int n) throws SQLException {
        return new Visit(LocalDate.parse(row.getString("day")), (Double) row.getObject("left_mm"), (Double) row.getObject("price"),
                row.getString("remarks"), row.getString("found"));
    }

    /** A second one on the same day takes the place of the first. */
    public void put(long dogId, LocalDate day, @Nullable Double leftMillimetres, @Nullable Double price, String remarks, String found) {
        jdbc.sql("""
                INSERT INTO visit (dog_id, day, left_mm, price, remarks, found) VALUES (:dog, :day, :left, :price, :remarks, :found)
                ON CONFLICT (dog_id, day) DO UPDATE SET left_mm = :left, price = :price, remarks = :remarks, found = :found
                """).param("dog", dogId).param("day", day.toString()).param("left", leftMillimetres).param("price", price)
                .param("remarks", remarks).param("found", found).update();
    }

    /** A repeat changes nothing. */
    void remove(long dogId, LocalDate day) {
        jdbc.sql("DELETE FROM visit WHERE dog_id = ? AND day = ?").params(dogId, day.toString()).update();
    }

    /** What the owner adds to the sheet. */
    record Words(String wish, String health) { }

    Words words(long dogId) {
        return jdbc.sql("SELECT wish, health FROM hand_over WHERE dog_id = ?").param(dogId)
                .query((row, n) -> new Words(row.getString("wish"), row.getString("health"))).optional().orElse(new Words("", ""));
    }

    void setWords(long dogId, Words words) {
        jdbc.sql("""
                INSERT INTO hand_over (dog_id, wish, health) VALUES (:dog, :wish, :health)
                ON CONFLICT (dog_id) DO UPDATE SET wish = :wish, health = :health
                """).param("dog", dogId).param("wish", words.wish()).param("health", words.health()).update();
    }

    Optional<GroomPrice> price(long dogId) {
        return jdbc.sql("SELECT price, tip, credit, membership FROM groom_price WHERE dog_id = ?").param(dogId)
                .query((row, n) -> new GroomPrice(row.getDouble("price"), row.getDouble("tip"), row.getDouble("credit"),
                        row.getDouble("membership"))).optional();
    }

    public void setPrice(long dogId, GroomPrice price) {
        jdbc.sql("""
                INSERT INTO groom_price (dog_id, price, tip, credit, membership) VALUES (:dog, :price, :tip, :credit, :membership)
                ON CONFLICT (dog_id) DO UPDATE SET price = :price, tip = :tip, credit = :credit, membership = :membership
                """).param("dog", dogId).param("price", price.price()).param("tip", price.tip()).param("credit", price.credit())
                .param("membership", price.membership()).update();
    }
}
