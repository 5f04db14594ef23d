package rustictangle.server.demo;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rustictangle.core.coat.Coat;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Approach;
import rustictangle.core.kit.Kit;
import rustictangle.core.kit.Match;
import rustictangle.core.plan.HouseholdPlan;
import rustictangle.core.plan.Workload;
import rustictangle.core.rhythm.CombCheck;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.rhythm.Diary;
import rustictangle.core.rhythm.Forecast;
import rustictangle.core.rhythm.Outlook;
import rustictangle.core.rhythm.Season;
import rustictangle.core.routine.Routine;
import rustictangle.core.routine.SetUp;
import rustictangle.core.trust.Trust;
import rustictangle.server.household.Household;

/** A whole year of each demo dog, trained by then, its hair kept as long as it is, with an owner who follows the plan. */
class DemoYearTest {

    private static final LocalDate FIRST = LocalDate.of(2026, 5, 14);
    private static final LocalDate LAST = FIRST.plusDays(365);

    /** What a year came to. */
    private static final class Year {

        private final Dog dog;
        private final Coat coat;
        private final Comfort comfort;
        private final Map<Section, Workload.PlaceWork> places = new EnumMap<>(Section.class);
        private final Map<Section, LocalDate> clear = new EnumMap<>(Section.class);
        private final Map<Section, Double> mats = new EnumMap<>(Section.class);
        private int longest;
        private double minutes;
        private int sessions;

        Year(DemoDog demo, Comfort comfort) {
            this.dog = demo.form().dog();
            this.coat = new Coat(demo.coat().coat().regions(), false, false);
            this.comfort = comfort;
            Kit kit = Kit.of(Match.of(dog, coat, Approach.USUAL), List.of());
            Routine.of(dog, coat, kit, Trust.of(dog, kit, List.of(), FIRST), List.of(), kit.brushed())
                    .places()
                    .forEach(step -> places.put(step.section(), Workload.PlaceWork.ready(step.seconds() / 60)));
            places.keySet().forEach(section -> clear.put(section, FIRST));
            for (LocalDate day = FIRST.plusDays(1); day.isBefore(LAST); day = day.plusDays(live(day))) {}
            clear.values().forEach(day -> waited(day, LAST));
        }

        /** Brushes what the plan says for a day, and returns how many days later it says something again. */
        private int live(LocalDate day) {
            Forecast forecast = forecast(day);
            HouseholdPlan plan = plan(forecast);
            if (!plan.on(0).isEmpty()) {
                minutes += plan.minutes(0);
                sessions++;
                for (HouseholdPlan.PlannedPlace place : plan.on(0)) {
                    Outlook outlook = forecast.at(place.section()).orElseThrow();
                    mats.merge(place.section(), outlook.mats(0), Double::sum);
                    waited(clear.put(place.section(), day), day);
                }
            }
            return IntStream.iterate(1, ahead -> ahead + 1)
                    .filter(ahead -> !plan.on(ahead).isEmpty())
                    .findFirst()
                    .orElseThrow();
        }

        private void waited(LocalDate from, LocalDate to) {
            longest = Math.max(longest, (int) ChronoUnit.DAYS.between(from, to));
        }

        private Forecast forecast(LocalDate day) {
            List<CombCheck> checks = clear.entrySet().stream()
                    .map(combed -> new CombCheck(combed.getKey(), combed.getValue(), 0, false))
                    .toList();
            Diary ordinary = Diary.of(checks);
            Diary diary = new Diary(
                    checks,
                    List.of(),
                    ordinary.life(),
                    ordinary.readings(),
                    ordinary.heaps(),
                    Season.about(Household.LATITUDE, ordinary.heaps(), day),
                    ordinary.grooms(),
                    ordinary.told());
            return Forecast.of(dog, coat, diary, day);
        }

        private HouseholdPlan plan(Forecast forecast) {
            return HouseholdPlan.asItTakes(List.of(new Workload(
                    forecast,
                    comfort,
                    places,
                    new Workload.Sessions(SetUp.MINUTES, false, Optional.empty()),
                    Optional.empty())));
        }

        double minutesAWeek() {
            return minutes * 7 / 365;
        }

        double matsAMonth() {
            return mats.values().stream().mapToDouble(mat -> mat).sum() / 12;
        }

        double worst() {
            return mats.values().stream().mapToDouble(mat -> mat).max().orElse(0);
        }
    }

    @ParameterizedTest
    @CsvSource({"Oakum, 10", "Gannet, 6", "Thimble, 12", "Pintle, 20"})
    void theMoreAMatIsWorthTheFewerThereAreAndNoPlaceIsForgotten(String name, int longest) {
        DemoDog demo = DemoDog.household().stream()
                .filter(dog -> dog.form().name().equals(name))
                .findFirst()
                .orElseThrow();
        List<Year> years = Arrays.stream(Comfort.values())
                .parallel()
                .map(comfort -> new Year(demo, comfort))
                .toList();
        for (Year year : years) {
            System.out.printf(
                    "A year of %s, %s: %.0f min a week in %d sessions, %.1f small mats a month, worst place %.1f a year, longest wait %d days%n",
                    name,
                    year.comfort,
                    year.minutesAWeek(),
                    year.sessions,
                    year.matsAMonth(),
                    year.worst(),
                    year.longest);
        }
        for (int i = 1; i < years.size(); i++) {
            assertTrue(years.get(i).matsAMonth() > years.get(i - 1).matsAMonth());
            assertTrue(years.get(i).minutesAWeek() < years.get(i - 1).minutesAWeek());
        }
        assertTrue(years.get(1).longest <= longest, years.get(1).longest + " days");
    }
}
