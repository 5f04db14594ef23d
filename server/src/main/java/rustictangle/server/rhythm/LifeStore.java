package rustictangle.server.rhythm;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.NavigableSet;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import rustictangle.core.rhythm.Life;
import rustictangle.core.rhythm.LifeEvent;

/** What happened to a dog, day by day. */
@Repository
class LifeStore {

    private record Row(LocalDate day, LifeEvent event) {}

    private final JdbcClient jdbc;

    LifeStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** Since a day, included. */
    Life of(long dogId, LocalDate since) {
        TreeMap<LocalDate, Set<LifeEvent>> days = new TreeMap<>();
        jdbc.sql("SELECT day, event FROM life_event WHERE dog_id = ? AND day >= ?")
                .params(dogId, since.toString())
                .query((row, n) ->
                        new Row(LocalDate.parse(row.getString("day")), LifeEvent.valueOf(row.getString("event"))))
                .list()
                .forEach(row -> days.computeIfAbsent(row.day(), day -> EnumSet.noneOf(LifeEvent.class))
                        .add(row.event()));
        return new Life(days);
    }

    /** Days from the one to the other, both included, on which a groomer went through the coat. */
    NavigableSet<LocalDate> grooms(long dogId, LocalDate since, LocalDate until) {
        return new TreeSet<>(jdbc.sql("SELECT day FROM visit WHERE dog_id = ? AND day >= ? AND day <= ?")
                .params(dogId, since.toString(), until.toString())
                .query((row, n) -> LocalDate.parse(row.getString("day")))
                .list());
    }

    /** A repeat changes nothing. */
    @Transactional
    void add(long dogId, LocalDate day, LifeEvent event) {
        jdbc.sql("INSERT INTO life_event (dog_id, day, event) VALUES (?, ?, ?) ON CONFLICT DO NOTHING")
                .params(dogId, day.toString(), event.name())
                .update();
    }

    /** A repeat changes nothing. */
    @Transactional
    void remove(long dogId, LocalDate day, LifeEvent event) {
        jdbc.sql("DELETE FROM life_event WHERE dog_id = ? AND day = ? AND event = ?")
                .params(dogId, day.toString(), event.name())
                .update();
    }
}
