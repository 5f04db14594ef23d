package rustictangle.core.rhythm;

import java.util.EnumSet;
import java.util.Set;
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
 * @param perDay factor in [1, 6]
 */
record Exposure(double perDay) {

    private static final double SWIMS = 2.0;
    private static final double FIELDS_OR_SAND = 1.5;
    private static final double SNOW = 1.25;
    private static final double RUB = 1.5;
    private static final double COAT_CHANGE = 1.75;
    private static final double HEAVY_SHEDDING = 1.75;
    private static final double MOST = 6;

    private static final Set<Section> UNDER_HARNESS =
            EnumSet.of(Section.CHEST, Section.ARMPIT_LEFT, Section.ARMPIT_RIGHT);
    private static final Set<Section> UNDER_DOG_COAT = EnumSet.of(Section.CHEST, Section.ARMPIT_LEFT,
            Section.ARMPIT_RIGHT, Section.SHOULDER_LEFT, Section.SHOULDER_RIGHT);
    private static final Set<Section> SNOW_BALLS_UP = EnumSet.of(Section.BELLY,
            Section.FRONT_FOOT_LEFT, Section.FRONT_FOOT_RIGHT, Section.HIND_FOOT_LEFT,
            Section.HIND_FOOT_RIGHT, Section.FRONT_LEG_LEFT, Section.FRONT_LEG_RIGHT,
            Section.HIND_LEG_LEFT, Section.HIND_LEG_RIGHT);

    static Exposure of(Dog dog, Coat coat, Section section) {
        double factor = 1;
        factor *= dog.habits().contains(Habit.SWIMS) ? SWIMS : 1;
        factor *= dog.habits().contains(Habit.FIELDS_OR_SAND) ? FIELDS_OR_SAND : 1;
        factor *= dog.habits().contains(Habit.SNOW) && SNOW_BALLS_UP.contains(section) ? SNOW : 1;
        factor *= rubbed(dog, section) ? RUB : 1;
        factor *= dog.lifeStage() == LifeStage.CHANGING_COAT ? COAT_CHANGE : 1;
        factor *= coat.shedsAt(section) ? HEAVY_SHEDDING : 1;
        return new Exposure(Math.min(MOST, factor));
    }

    /** Exposure summed over so many days; nothing before the first. */
    double over(double days) {
        return perDay * Math.max(0, days);
    }

    private static boolean rubbed(Dog dog, Section section) {
        return dog.wears().contains(Wear.HARNESS) && UNDER_HARNESS.contains(section)
                || dog.wears().contains(Wear.DOG_COAT) && UNDER_DOG_COAT.contains(section);
    }
}
