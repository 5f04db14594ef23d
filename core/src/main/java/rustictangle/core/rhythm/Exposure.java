package rustictangle.core.rhythm;

import java.time.LocalDate;
import java.util.Collections;
import java.util.EnumSet;
import java.util.NavigableMap;
import java.util.Set;
import java.util.TreeMap;
import rustictangle.core.coat.Coat;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Habit;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.dog.Section;
import rustictangle.core.dog.Wear;

/**
 * How hard a day of this dog's life works on a section, against an ordinary day of 1.
 *
 * <p>Own estimates, calibrated to common practice: puppy coat change, heavy shedding and daily
 * swimming each make brushing one step more frequent.
 *
 * @param perDay an ordinary day of this dog, factor in [1, 6]
 * @param extra  what single days counted beyond that, above 0
 */
record Exposure(double perDay, NavigableMap<LocalDate, Double> extra) {

    private static final double SWIMS = 2.0;
    private static final double FIELDS_OR_SAND = 1.5;
    private static final double SNOW = 1.25;
    private static final double RUB = 1.5;
    private static final double COAT_CHANGE = 1.75;
    private static final double HEAVY_SHEDDING = 1.75;
    private static final double MOST = 6;

    static final Set<Section> UNDER_HARNESS =
            EnumSet.of(Section.CHEST, Section.ARMPIT_LEFT, Section.ARMPIT_RIGHT);
    private static final Set<Section> UNDER_DOG_COAT = EnumSet.of(Section.CHEST, Section.ARMPIT_LEFT,
            Section.ARMPIT_RIGHT, Section.SHOULDER_LEFT, Section.SHOULDER_RIGHT);
    static final Set<Section> SNOW_BALLS_UP = EnumSet.of(Section.BELLY,
            Section.FRONT_FOOT_LEFT, Section.FRONT_FOOT_RIGHT, Section.HIND_FOOT_LEFT,
            Section.HIND_FOOT_RIGHT, Section.FRONT_LEG_LEFT, Section.FRONT_LEG_RIGHT,
            Section.HIND_LEG_LEFT, Section.HIND_LEG_RIGHT);

    static Exposure of(Dog dog, Coat coat, Section section, Life life) {
        double ordinary = Math.min(MOST, ordinary(dog, coat, section));
        NavigableMap<LocalDate, Double> extra = new TreeMap<>();
        life.days().forEach((day, events) -> {
            double counted = ordinary;
            for (LifeEvent event : events) {
                counted *= event.factor(section) / habitual(dog, section, event);
            }
            if (Math.min(MOST, counted) > ordinary) {
                extra.put(day, Math.min(MOST, counted) - ordinary);
            }
        });
        return new Exposure(ordinary, extra);
    }

    private static double ordinary(Dog dog, Coat coat, Section section) {
        double factor = 1;
        for (Habit habit : dog.habits()) {
            factor *= factor(habit, section);
        }
        factor *= rubbed(dog, section) ? RUB : 1;
        factor *= dog.lifeStage() == LifeStage.CHANGING_COAT ? COAT_CHANGE : 1;
        return factor * (coat.shedsAt(section) ? HEAVY_SHEDDING : 1);
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
        boolean worn = event.wear().filter(dog.wears()::contains).isPresent() && rubbed(dog, section);
        return event.habit().filter(dog.habits()::contains).map(habit -> factor(habit, section)).orElse(worn ? RUB : 1.0);
    }

    /** The same without what happened on single days. */
    Exposure ordinary() {
        return new Exposure(perDay, Collections.emptyNavigableMap());
    }

    /** Exposure summed over so many days after that one; nothing before the first. */
    double over(LocalDate after, double days) {
        if (!(days > 0)) {
            return 0;
        }
        double single = extra.subMap(after, false, after.plusDays((long) days), true).values().stream()
                .mapToDouble(Double::doubleValue).sum();
        return perDay * days + single;
    }

    private static boolean rubbed(Dog dog, Section section) {
        return dog.wears().contains(Wear.HARNESS) && UNDER_HARNESS.contains(section)
                || dog.wears().contains(Wear.DOG_COAT) && UNDER_DOG_COAT.contains(section);
    }
}
