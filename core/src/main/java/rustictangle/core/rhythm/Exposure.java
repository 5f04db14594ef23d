package rustictangle.core.rhythm;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import rustictangle.core.coat.Coat;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Habit;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.dog.Part;
import rustictangle.core.dog.Section;
import rustictangle.core.dog.Wear;
import rustictangle.core.log.LifeEvent;

/**
 * How hard a day of this dog's life works on a section, against an ordinary day of 1.
 *
 * <p>Own estimates, calibrated to common practice: puppy coat change, heavy shedding and daily
 * swimming each make brushing one step more frequent.
 *
 * @param ordinary an ordinary day of this dog outside a shedding season
 * @param shedding when it sheds heavily; empty: no season at this section
 * @param events   what single days counted, as a factor; below 1 where a swimmer was dried at once
 */
record Exposure(double ordinary, Optional<Shedding> shedding, Map<LocalDate, Double> events) {

    private static final double SWIMS = 2.0;
    private static final double FIELDS_OR_SAND = 1.5;
    private static final double SNOW = 1.25;
    private static final double RUB = 1.5;
    private static final double COAT_CHANGE = 1.75;
    private static final double HEAVY_SHEDDING = 1.75;
    private static final double MOST = 6;

    static final Set<Section> UNDER_HARNESS = Section.of(Part.CHEST, Part.ARMPIT);
    private static final Set<Section> UNDER_DOG_COAT = Section.of(Part.CHEST, Part.ARMPIT, Part.SHOULDER);
    static final Set<Section> SNOW_BALLS_UP =
            Section.of(Part.BELLY, Part.FRONT_FOOT, Part.HIND_FOOT, Part.FRONT_LEG, Part.HIND_LEG);

    static Exposure of(Dog dog, Coat coat, Section section, Life life, Shedding shedding) {
        double ordinary = rubbed(dog, section) ? RUB : 1;
        for (Habit habit : dog.habits()) {
            ordinary *= factor(habit, section);
        }
        ordinary *= dog.lifeStage() == LifeStage.CHANGING_COAT ? COAT_CHANGE : 1;
        Map<LocalDate, Double> events = new HashMap<>();
        life.days().forEach((day, happened) -> {
            double counted = counted(dog, section, happened, life.dry(day, section));
            if (counted != 1) {
                events.put(day, counted);
            }
        });
        return new Exposure(ordinary, coat.seasonalAt(section) ? Optional.of(shedding) : Optional.empty(), events);
    }

    /**
     * Of two that say the same of what it wore, only the stronger counts.
     *
     * @param dry whether it was dry to the skin in the end; empty: nobody knows
     */
    private static double counted(Dog dog, Section section, Set<LifeEvent> happened, Optional<Boolean> dry) {
        double factor = 1;
        double worn = 1;
        for (LifeEvent event : happened) {
            DayEffect effect = DayEffect.of(event).dried(dry);
            double one = effect.at(section) / habitual(dog, section, event);
            if (event.worn().isPresent()) {
                worn = Math.max(worn, one);
            } else {
                factor *= one;
            }
        }
        return factor * worn;
    }

    /** On average over a dog's days with this habit. */
    private static double factor(Habit habit, Section section) {
        return switch (habit) {
            case SWIMS -> SWIMS;
            case FIELDS_OR_SAND -> FIELDS_OR_SAND;
            case SNOW -> SNOW_BALLS_UP.contains(section) ? SNOW : 1;
        };
    }

    /** What of the event is in the dog's ordinary day already, so that a swimmer's swim does not count twice. */
    private static double habitual(Dog dog, Section section, LifeEvent event) {
        boolean worn = event.worn().filter(dog.wears()::contains).isPresent() && rubbed(dog, section);
        return event.habit()
                .filter(dog.habits()::contains)
                .map(habit -> factor(habit, section))
                .orElse(worn ? RUB : 1.0);
    }

    /** Whether every day is like every other. */
    boolean isSteady() {
        return shedding.isEmpty() && events.isEmpty();
    }

    /** Factor in [1, 6]. */
    double on(LocalDate day) {
        return Math.min(MOST, plain(day) * events.getOrDefault(day, 1.0));
    }

    /** The same if nothing particular happened on that day. */
    double plain(LocalDate day) {
        return Math.min(
                MOST, ordinary * (shedding.filter(season -> season.on(day)).isPresent() ? HEAVY_SHEDDING : 1));
    }

    private static boolean rubbed(Dog dog, Section section) {
        return dog.wears().contains(Wear.HARNESS) && UNDER_HARNESS.contains(section)
                || dog.wears().contains(Wear.DOG_COAT) && UNDER_DOG_COAT.contains(section);
    }
}
