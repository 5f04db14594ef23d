package rustictangle.server.visit;

import java.time.LocalDate;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Appointments with a groomer. */
@Repository
public class VisitStore {

    private final JdbcClient jdbc;

    VisitStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** The next one after a day. */
    public Optional<LocalDate> next(long dogId, LocalDate after) {
        return jdbc.sql("SELECT min(day) FROM visit WHERE dog_id = ? AND day > ?").params(dogId, after.toString())
                .query((row, n) -> Optional.ofNullable(row.getString(1)).map(LocalDate::parse)).single();
    }

    /** Takes the place of whatever was to come after that day; empty: none is to come. */
    @Transactional
    public void setNext(long dogId, LocalDate after, Optional<LocalDate> day) {
        jdbc.sql("DELETE FROM visit WHERE dog_id = ? AND day > ?").params(dogId, after.toString()).update();
        day.ifPresent(next -> jdbc.sql("INSERT INTO visit (dog_id, day) VALUES (?, ?)").params(dogId, next.toString()).update());
    }
}
