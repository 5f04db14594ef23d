package rustictangle.server.dog;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import rustictangle.core.dog.Build;
import rustictangle.core.dog.Ears;
import rustictangle.core.dog.Habit;
import rustictangle.core.dog.History;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.dog.Skin;
import rustictangle.core.dog.TailShape;
import rustictangle.core.dog.Wear;

/** Dogs; a removed one is kept for undo and not shown. */
@Repository
public class DogStore {

    private static final String SELECT =
            """
            SELECT id, name, breed, kilograms, life_stage, flat_face, neutered, skin, history, harness, dog_coat,
                   swims, fields_or_sand, snow, born_on, build, ears, tail, weight_guessed, coat_described
              FROM dog
             WHERE removed_at IS NULL
            """;

    private final JdbcClient jdbc;

    DogStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    public List<StoredDog> all() {
        return jdbc.sql(SELECT + " ORDER BY id").query(DogStore::read).list();
    }

    public Optional<StoredDog> find(long id) {
        return jdbc.sql(SELECT + " AND id = ?").param(id).query(DogStore::read).optional();
    }

    @Transactional
    public long add(DogForm form) {
        GeneratedKeyHolder key = new GeneratedKeyHolder();
        bind(
                        jdbc.sql(
                                """
                INSERT INTO dog (name, breed, kilograms, life_stage, flat_face, neutered, skin, history, harness, dog_coat,
                                 swims, fields_or_sand, snow, born_on, build, ears, tail, weight_guessed)
                VALUES (:name, :breed, :kilograms, :lifeStage, :flatFace, :neutered, :skin, :history, :harness, :dogCoat,
                        :swims, :fieldsOrSand, :snow, :born, :build, :ears, :tail, :weightGuessed)
                """),
                        form)
                .update(key);
        return Objects.requireNonNull(key.getKey()).longValue();
    }

    /** Who was a puppy until now, and is none any more, has learned what was practised here. @return empty: no such dog */
    @Transactional
    Optional<StoredDog> replace(long id, DogForm form) {
        Optional<StoredDog> before = find(id);
        before.map(dog -> History.grown(dog.form().lifeStage(), form.lifeStage(), form.history()))
                .ifPresent(history -> update(id, form, history));
        return find(id);
    }

    private void update(long id, DogForm form, History history) {
        bind(
                        jdbc.sql(
                                """
                UPDATE dog SET name = :name, breed = :breed, kilograms = :kilograms, life_stage = :lifeStage,
                       flat_face = :flatFace, neutered = :neutered, skin = :skin, history = :history, harness = :harness,
                       dog_coat = :dogCoat, swims = :swims, fields_or_sand = :fieldsOrSand, snow = :snow, born_on = :born,
                       build = :build, ears = :ears, tail = :tail, weight_guessed = :weightGuessed
                 WHERE id = :id AND removed_at IS NULL
                """),
                        form)
                .param("history", history.name())
                .param("id", id)
                .update();
    }

    /** As the scale said. */
    @Transactional
    public void setKilograms(long id, double kilograms) {
        jdbc.sql("UPDATE dog SET kilograms = ?, weight_guessed = NULL WHERE id = ?")
                .params(kilograms, id)
                .update();
    }

    /** Its coat is known from here on. */
    @Transactional
    public void setCoatDescribed(long id) {
        jdbc.sql("UPDATE dog SET coat_described = 1 WHERE id = ?").param(id).update();
    }

    @Transactional
    boolean remove(long id, Instant at) {
        return jdbc.sql("UPDATE dog SET removed_at = ? WHERE id = ? AND removed_at IS NULL")
                        .params(at.toString(), id)
                        .update()
                == 1;
    }

    @Transactional
    boolean restore(long id) {
        return jdbc.sql("UPDATE dog SET removed_at = NULL WHERE id = ?")
                        .param(id)
                        .update()
                == 1;
    }

    /** Every dog that was removed is there again; within a transaction. */
    public void restoreAll() {
        jdbc.sql("UPDATE dog SET removed_at = NULL").update();
    }

    /** Every birthday that many days later; within a transaction. */
    public void moveAll(long days) {
        jdbc.sql("UPDATE dog SET born_on = date(born_on, ?)")
                .param(days + " days")
                .update();
    }

    private static JdbcClient.StatementSpec bind(JdbcClient.StatementSpec sql, DogForm form) {
        return sql.param("name", form.name().strip())
                .param("breed", form.breed().strip())
                .param("kilograms", form.kilograms())
                .param("lifeStage", form.lifeStage().name())
                .param("flatFace", form.flatFace())
                .param("neutered", form.neutered())
                .param("skin", form.skin().name())
                .param("history", form.history().name())
                .param("harness", form.wears().contains(Wear.HARNESS))
                .param("dogCoat", form.wears().contains(Wear.DOG_COAT))
                .param("swims", form.habits().contains(Habit.SWIMS))
                .param("fieldsOrSand", form.habits().contains(Habit.FIELDS_OR_SAND))
                .param("snow", form.habits().contains(Habit.SNOW))
                .param(
                        "born",
                        Optional.ofNullable(form.born())
                                .map(LocalDate::toString)
                                .orElse(null))
                .param("build", form.build().name())
                .param("ears", form.ears().name())
                .param("tail", form.tail().name())
                .param("weightGuessed", form.weightGuessed() ? 1 : null);
    }

    private static StoredDog read(ResultSet row, int n) throws SQLException {
        Set<Wear> wears = EnumSet.noneOf(Wear.class);
        addIf(wears, Wear.HARNESS, row.getBoolean("harness"));
        addIf(wears, Wear.DOG_COAT, row.getBoolean("dog_coat"));
        Set<Habit> habits = EnumSet.noneOf(Habit.class);
        addIf(habits, Habit.SWIMS, row.getBoolean("swims"));
        addIf(habits, Habit.FIELDS_OR_SAND, row.getBoolean("fields_or_sand"));
        addIf(habits, Habit.SNOW, row.getBoolean("snow"));
        DogForm form = new DogForm(
                row.getString("name"),
                row.getString("breed"),
                row.getDouble("kilograms"),
                LifeStage.valueOf(row.getString("life_stage")),
                row.getBoolean("flat_face"),
                row.getBoolean("neutered"),
                Skin.valueOf(row.getString("skin")),
                History.valueOf(row.getString("history")),
                wears,
                habits,
                Optional.ofNullable(row.getString("born_on"))
                        .map(LocalDate::parse)
                        .orElse(null),
                Build.valueOf(row.getString("build")),
                Ears.valueOf(row.getString("ears")),
                TailShape.valueOf(row.getString("tail")),
                row.getBoolean("weight_guessed"));
        return new StoredDog(row.getLong("id"), form, row.getBoolean("coat_described"));
    }

    private static <E> void addIf(Set<E> set, E element, boolean present) {
        if (present) {
            set.add(element);
        }
    }
}
