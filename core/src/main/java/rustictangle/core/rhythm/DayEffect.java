package rustictangle.core.rhythm;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import rustictangle.core.dog.Section;
import rustictangle.core.log.LifeEvent;

/**
 * What a thing that happened does to the coat that day.
 *
 * <p>Against an ordinary day of 1: soaked and air-dried, sand or burrs and swimming about 3, a bath 1.5,
 * a harness all day about 1.5 where it rubs and half of that for some hours; own estimates, after common practice that each makes brushing more frequent.
 *
 * @param factor how many ordinary days such a day counts
 * @param where  it does
 * @param event  that happened
 */
record DayEffect(double factor, Set<Section> where, LifeEvent event) {

    private static final Set<Section> EVERYWHERE = EnumSet.allOf(Section.class);

    static DayEffect of(LifeEvent event) {
        return switch (event) {
            case SWAM, SOAKED, SAND_OR_BURRS -> new DayEffect(3, EVERYWHERE, event);
            case SNOW -> new DayEffect(2, Exposure.SNOW_BALLS_UP, event);
            case BATHED -> new DayEffect(1.5, EVERYWHERE, event);
            case HARNESS_SOME_HOURS -> new DayEffect(1.25, Exposure.UNDER_HARNESS, event);
            case HARNESS_ALL_DAY -> new DayEffect(1.5, Exposure.UNDER_HARNESS, event);
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
        return !event.wets() || dry.isEmpty() ? this : new DayEffect(dry.get() ? 1 : LEFT_DAMP, where, event);
    }

    /** 1 where it does not matter. */
    double at(Section section) {
        return where.contains(section) ? factor : 1;
    }
}
