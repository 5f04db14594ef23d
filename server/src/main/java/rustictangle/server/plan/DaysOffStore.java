package rustictangle.server.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import rustictangle.core.plan.DaysOff;
import rustictangle.server.frame.ReadCache;

/** Days on which nothing can be done with a dog, or with any. */
@Repository
public class DaysOffStore {

    /** @param dog empty: all of them */
    record Kept(long id, Optional<Long> dog, DaysOff days) {}

    private record All(List<Kept> kept) {}

    private final JdbcClient jdbc;
    private final ReadCache reads;

    DaysOffStore(JdbcClient jdbc, ReadCache reads) {
        this.jdbc = jdbc;
        this.reads = reads;
    }

    /** By day. */
    List<Kept> all() {
        return reads.of(All.class, this::read).kept;
    }

    private All read() {
        return new All(jdbc.sql("SELECT id, dog_id, first, last, why FROM day_off ORDER BY first, last, id")
                .query((row, n) -> new Kept(
                        row.getLong("id"),
                        Optional.ofNullable((Number) row.getObject("dog_id")).map(Number::longValue),
                        new DaysOff(
                                LocalDate.parse(row.getString("first")),
                                LocalDate.parse(row.getString("last")),
                                DaysOff.Why.valueOf(row.getString("why")))))
                .list());
    }

    /** Of one dog, those of all of them too. */
    List<DaysOff> of(long dogId) {
        return all().stream()
                .filter(kept -> kept.dog.filter(dog -> dog != dogId).isEmpty())
                .map(Kept::days)
                .toList();
    }

    /** A repeat changes nothing. */
    @Transactional
    public void add(Optional<Long> dogId, DaysOff days) {
        jdbc.sql(
                        """
                INSERT INTO day_off (dog_id, first, last, why)
                SELECT :dog, :first, :last, :why
                 WHERE NOT EXISTS (SELECT 1 FROM day_off
                                    WHERE dog_id IS :dog AND first = :first AND last = :last AND why = :why)
                """)
                .param("dog", dogId.orElse(null))
                .param("first", days.first().toString())
                .param("last", days.last().toString())
                .param("why", days.why().name())
                .update();
    }

    /** A repeat changes nothing. */
    @Transactional
    public void remove(long id) {
        jdbc.sql("DELETE FROM day_off WHERE id = ?").param(id).update();
    }
}
