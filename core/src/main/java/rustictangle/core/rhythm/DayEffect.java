package rustictangle.core.rhythm;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import rustictangle.core.dog.Habit;
import rustictangle.core.dog.Section;
import rustictangle.core.dog.Wear;
import rustictangle.core.log.LifeEvent;

/**
 * What a thing that happened does to the coat that day.
 *
 * <p>Against an ordinary day of 1: soaked and air-dried, sand or burrs and swimming about 3, a bath 1.5,
 * a harness all day about 1.5 where it rubs and half of that for some hours; own estimates, after common practice that each makes brushing more frequent.
 *
 * @param factor how many ordinary days such a day counts
 * @param where  it does
 * @param habit  that such a day belongs to; it is then in the dog's ordinary day already
 * @param wets   whether it makes the coat wet
 */
record DayEffect(double factor, Set<Section> where, Optional<Habit> habit, Optional<Wear> wear, boolean wets) {

    private static final Set<Section> EVERYWHERE = EnumSet.allOf(Section.class);

    static DayEffect of(LifeEvent event) {
        return switch (event) {
            case SWAM -> new DayEffect(3, EVERYWHERE, Optional.of(Habit.SWIMS), Optional.empty(), true);
            case SOAKED -> new DayEffect(3, EVERYWHERE, Optional.empty(), Optional.empty(), true);
            case SAND_OR_BURRS -> with(3, EVERYWHERE, Habit.FIELDS_OR_SAND);
            case SNOW -> with(2, Exposure.SNOW_BALLS_UP, Habit.SNOW);
            case BATHED -> new DayEffect(1.5, EVERYWHERE, Optional.empty(), Optional.empty(), true);
            case HARNESS_SOME_HOURS -> harness(1.25);
            case HARNESS_ALL_DAY -> harness(1.5);
        };
    }

    private static final double LEFT_DAMP = 3;

    /**
     * The same where a hand has felt whether it is dry: what wets counts as an ordinary day when it was dried to the
     * skin at once, and most when it was left damp.
     *
     * @param dry empty: nobody knows
     */
    DayEffect dried(Optional<Boolean> dry) {
        return !wets || dry.isEmpty() ? this : new DayEffect(dry.get() ? 1 : LEFT_DAMP, where, habit, wear, true);
    }

    private static DayEffect with(double factor, Set<Section> where, Habit habit) {
        return new DayEffect(factor, where, Optional.of(habit), Optional.empty(), false);
    }

    private static DayEffect harness(double factor) {
        return new DayEffect(factor, Exposure.UNDER_HARNESS, Optional.empty(), Optional.of(Wear.HARNESS), false);
    }

    /** 1 where it does not matter. */
    double at(Section section) {
        return where.contains(section) ? factor : 1;
    }
}
