package rustictangle.core.rhythm;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import rustictangle.core.dog.Habit;
import rustictangle.core.dog.Section;
import rustictangle.core.dog.Wear;

/**
 * Something that happened on one day and works on the coat.
 *
 * <p>Against an ordinary day of 1: soaked and air-dried, sand or burrs and swimming about 3, a bath 1.5,
 * a harness all day about 1.5 where it rubs and half of that for some hours; own estimates, after common practice that each makes brushing more frequent.
 */
public enum LifeEvent {
    SWAM("swam", 3, EnumSet.allOf(Section.class), Habit.SWIMS),
    SOAKED("got soaked and dried by itself", 3, EnumSet.allOf(Section.class)),
    SAND_OR_BURRS("ran through sand or burrs", 3, EnumSet.allOf(Section.class), Habit.FIELDS_OR_SAND),
    SNOW("was out in the snow", 2, Exposure.SNOW_BALLS_UP, Habit.SNOW),
    BATHED("was bathed", 1.5, EnumSet.allOf(Section.class)),
    HARNESS_SOME_HOURS("wore its harness for some hours", 1.25, Exposure.UNDER_HARNESS, Wear.HARNESS),
    HARNESS_ALL_DAY("wore its harness all day", 1.5, Exposure.UNDER_HARNESS, Wear.HARNESS);

    /** So many days back something may be remembered, today included. Own estimate: older days say little about what is due. */
    public static final int REMEMBERED_DAYS = 7;

    private final String label;
    private final double factor;
    private final Set<Section> where;
    private final Optional<Habit> habit;
    private final Optional<Wear> wear;

    LifeEvent(String label, double factor, Set<Section> where) {
        this(label, factor, where, Optional.empty(), Optional.empty());
    }

    LifeEvent(String label, double factor, Set<Section> where, Habit habit) {
        this(label, factor, where, Optional.of(habit), Optional.empty());
    }

    LifeEvent(String label, double factor, Set<Section> where, Wear wear) {
        this(label, factor, where, Optional.empty(), Optional.of(wear));
    }

    LifeEvent(String label, double factor, Set<Section> where, Optional<Habit> habit, Optional<Wear> wear) {
        this.label = label;
        this.factor = factor;
        this.where = where;
        this.habit = habit;
        this.wear = wear;
    }

    /** After the dog's name. */
    public String label() {
        return label;
    }

    /** How many ordinary days such a day counts at this section; 1 where it does not matter. */
    double factor(Section section) {
        return where.contains(section) ? factor : 1;
    }

    /** The habit that such a day belongs to; it is then in the dog's ordinary day already. */
    Optional<Habit> habit() {
        return habit;
    }

    Optional<Wear> wear() {
        return wear;
    }
}
