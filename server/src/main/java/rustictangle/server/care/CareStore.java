package rustictangle.server.care;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.springframework.jdbc.core.RowCallbackHandler;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import rustictangle.core.care.CareDue;
import rustictangle.core.care.Claws.DewClaws;
import rustictangle.core.care.Supply;
import rustictangle.core.log.CareJob;

/** What the owner has chosen and has for the jobs at the table. */
@Repository
public class CareStore {

    /**
     * How a dog's claws are.
     *
     * @param dark so that nobody sees the quick
     */
    record ClawKind(DewClaws dewClaws, boolean dark) {

        static final ClawKind USUAL = new ClawKind(DewClaws.USUAL, false);
    }

    private final JdbcClient jdbc;

    CareStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** Own intervals by dog. */
    Map<Long, Map<CareJob, CareDue.Chosen>> choices() {
        Map<Long, Map<CareJob, CareDue.Chosen>> choices = new HashMap<>();
        jdbc.sql("SELECT dog_id, job, every_days, ordered FROM care_choice").query((RowCallbackHandler)
                row -> choices.computeIfAbsent(row.getLong("dog_id"), dog -> new EnumMap<>(CareJob.class))
                        .put(
                                CareJob.valueOf(row.getString("job")),
                                new CareDue.Chosen(row.getInt("every_days"), row.getBoolean("ordered"))));
        return choices;
    }

    /** @param chosen empty: as usual again */
    @Transactional
    public void choose(long dogId, CareJob job, Optional<CareDue.Chosen> chosen) {
        jdbc.sql("DELETE FROM care_choice WHERE dog_id = ? AND job = ?")
                .params(dogId, job.name())
                .update();
        chosen.ifPresent(
                own -> jdbc.sql("INSERT INTO care_choice (dog_id, job, every_days, ordered) VALUES (?, ?, ?, ?)")
                        .params(dogId, job.name(), own.every())
                        .param(own.ordered() ? 1 : null)
                        .update());
    }

    /** Of the dogs of which it was said. */
    Map<Long, ClawKind> claws() {
        Map<Long, ClawKind> claws = new HashMap<>();
        jdbc.sql("SELECT dog_id, front_dew, hind_dew, dark FROM claws").query((RowCallbackHandler) row -> claws.put(
                row.getLong("dog_id"),
                new ClawKind(
                        new DewClaws(row.getBoolean("front_dew"), row.getBoolean("hind_dew")),
                        row.getBoolean("dark"))));
        return claws;
    }

    @Transactional
    public void put(long dogId, ClawKind claws) {
        jdbc.sql("INSERT OR REPLACE INTO claws (dog_id, front_dew, hind_dew, dark) VALUES (?, ?, ?, ?)")
                .params(dogId, claws.dewClaws().front(), claws.dewClaws().hind(), claws.dark())
                .update();
    }

    /** Those that are there; of a shampoo, the parts of water to one. */
    Map<Supply, Optional<Integer>> supplies() {
        Map<Supply, Optional<Integer>> supplies = new EnumMap<>(Supply.class);
        jdbc.sql("SELECT kind, parts FROM supply").query((RowCallbackHandler) row -> supplies.put(
                Supply.valueOf(row.getString("kind")),
                Optional.ofNullable((Number) row.getObject("parts")).map(Number::intValue)));
        return supplies;
    }

    @Transactional
    public void put(Supply kind, Optional<Integer> parts) {
        jdbc.sql("INSERT OR REPLACE INTO supply (kind, parts) VALUES (?, ?)")
                .param(kind.name())
                .param(parts.orElse(null))
                .update();
    }

    @Transactional
    public void remove(Supply kind) {
        jdbc.sql("DELETE FROM supply WHERE kind = ?").param(kind.name()).update();
    }
}
