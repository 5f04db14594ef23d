package rustictangle.core.rhythm;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import rustictangle.core.coat.Coat;
import rustictangle.core.dog.Dog;
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

    /** So many days share what such days do: a habit is not a row of accidents. Common practice, the number an own estimate. */
    private static final int SHARED_BY_DAYS = 4;

    private static final double COAT_CHANGE = 1.75;
    private static final double HEAVY_SHEDDING = 1.75;
    private static final double MOST = 6;

    static final Set<Section> UNDER_HARNESS = Section.of(Part.CHEST, Part.ARMPIT);
    private static final Set<Section> UNDER_DOG_COAT = Section.of(Part.CHEST, Part.ARMPIT, Part.SHOULDER);
    static final Set<Section> SNOW_BALLS_UP =
            Section.of(Part.BELLY, Part.FRONT_FOOT, Part.HIND_FOOT, Part.FRONT_LEG, Part.HIND_LEG);

    static Exposure of(Dog dog, Coat coat, Section section, Life life, Shedding shedding) {
        double habits = 1;
        for (Kind kind : KINDS) {
            habits *= kind.ordinary(dog, section);
        }
        double ordinary = habits
                * (dog.lifeStage() == LifeStage.CHANGING_COAT ? COAT_CHANGE : 1)
                * (coatRubs(dog, section) ? HARNESS.everyDay(section) : 1);
        Map<LocalDate, Double> events = new HashMap<>();
        for (LocalDate day : life.days().keySet()) {
            double counted = counted(dog, section, life, day) / habits;
            if (counted != 1) {
                events.put(day, counted);
            }
        }
        return new Exposure(ordinary, coat.seasonalAt(section) ? Optional.of(shedding) : Optional.empty(), events);
    }

    /** What a day on which something happened counts, its own habits included. */
    private static double counted(Dog dog, Section section, Life life, LocalDate day) {
        double factor = 1;
        for (Kind kind : KINDS) {
            factor *= kind.hardest(life, day, section)
                    .map(hardest -> 1 + (hardest - 1) / (kind.isHabit(dog) ? SHARED_BY_DAYS : kind.lately(life, day)))
                    .orElseGet(() -> kind.ordinary(dog, section));
        }
        return factor;
    }

    /** A dog coat rubs as a harness does; where both lie they rub once. */
    private static boolean coatRubs(Dog dog, Section section) {
        return dog.wears().contains(Wear.DOG_COAT)
                && UNDER_DOG_COAT.contains(section)
                && !(dog.wears().contains(Wear.HARNESS) && UNDER_HARNESS.contains(section));
    }

    /**
     * Things that do the same to a coat: those that happened on the last days share what they do.
     *
     * @param events the hardest first, what a habit is made of
     */
    private record Kind(List<LifeEvent> events) {

        static Kind of(LifeEvent... events) {
            return new Kind(List.of(events));
        }

        /** Whether it belongs to this dog's ordinary day. */
        boolean isHabit(Dog dog) {
            return events.stream()
                    .anyMatch(event -> event.habit()
                                    .filter(dog.habits()::contains)
                                    .isPresent()
                            || event.worn().filter(dog.wears()::contains).isPresent());
        }

        /** Factor of an ordinary day of this dog, 1 or more. */
        double ordinary(Dog dog, Section section) {
            return isHabit(dog) ? everyDay(section) : 1;
        }

        /** Factor of each day where it happens every day. */
        double everyDay(Section section) {
            return 1 + (DayEffect.of(events.get(0)).at(section) - 1) / SHARED_BY_DAYS;
        }

        /** What the hardest of them does by itself on that day; empty: none of them happened. */
        Optional<Double> hardest(Life life, LocalDate day, Section section) {
            Optional<Boolean> dry = life.dry(day, section);
            return life.days().getOrDefault(day, Set.of()).stream()
                    .filter(events::contains)
                    .map(event -> DayEffect.of(event).dried(dry).at(section))
                    .max(Comparator.naturalOrder());
        }

        /** On how many of the last days it happened, that one included. */
        long lately(Life life, LocalDate day) {
            return life.days().subMap(day.minusDays(SHARED_BY_DAYS - 1), true, day, true).values().stream()
                    .filter(happened -> events.stream().anyMatch(happened::contains))
                    .count();
        }
    }

    private static final Kind HARNESS = Kind.of(LifeEvent.HARNESS_ALL_DAY, LifeEvent.HARNESS_SOME_HOURS);

    private static final List<Kind> KINDS = List.of(
            Kind.of(LifeEvent.SWAM, LifeEvent.SOAKED),
            Kind.of(LifeEvent.BATHED),
            Kind.of(LifeEvent.SAND_OR_BURRS),
            Kind.of(LifeEvent.SNOW),
            HARNESS);

    /** Factor in [1, 6]. */
    double on(LocalDate day) {
        return Math.min(MOST, plain(day) * events.getOrDefault(day, 1.0));
    }

    /** The same if nothing particular happened on that day. */
    double plain(LocalDate day) {
        return Math.min(
                MOST, ordinary * (shedding.filter(season -> season.on(day)).isPresent() ? HEAVY_SHEDDING : 1));
    }
}
