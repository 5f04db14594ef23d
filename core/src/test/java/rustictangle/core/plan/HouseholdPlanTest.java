package rustictangle.core.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.Collectors;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.variables.BoolVar;
import org.chocosolver.solver.variables.IntVar;
import org.junit.jupiter.api.Test;
import rustictangle.core.Dogs;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Section;
import rustictangle.core.rhythm.CombCheck;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.rhythm.Diary;
import rustictangle.core.rhythm.Forecast;
import rustictangle.core.routine.Knapsack;

class HouseholdPlanTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);
    private static final int AMPLE = 180;

    /** The oracle is the constraint solver choco-solver, on worths in millionths. */
    @Test
    void noOtherChoiceForTodayIsWorthMoreInTheSameTime() {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(6);
        for (int n = 0; n < 30; n++) {
            int[] weights = random.ints(60, 1, 14).toArray();
            int[] worth = random.ints(60, 0, 400_000).toArray();
            int capacity = random.nextInt(5, 120);
            Knapsack knapsack =
                    new Knapsack(weights, Arrays.stream(worth).asDoubleStream().toArray(), capacity);
            Model model = new Model();
            BoolVar[] take = model.boolVarArray(weights.length);
            IntVar sum = model.intVar(0, Arrays.stream(worth).sum());
            model.knapsack(take, model.intVar(0, capacity), sum, weights, worth).post();
            assertEquals(
                    model.getSolver().findOptimalSolution(sum, true).getIntVal(sum), knapsack.worth(capacity), 1e-6);
            assertEquals(
                    knapsack.worth(capacity),
                    knapsack.chosen(capacity).stream()
                            .mapToDouble(i -> worth[i])
                            .sum(),
                    1e-6);
            assertTrue(knapsack.chosen(capacity).stream().map(i -> weights[i]).sum() <= capacity);
        }
    }

    @Test
    void withTimeEnoughEachPlaceIsBrushedOnTheDayItIsDue() {
        Workload dog = clearOn(Dogs.adult(12), CoatKind.DOUBLE, 60, 2);
        HouseholdPlan plan = HouseholdPlan.asItTakes(List.of(dog), TODAY);
        dog.seconds().keySet().forEach(section -> {
            int due = (int) ChronoUnit.DAYS.between(
                    TODAY, dog.forecast().rhythm().at(section).due());
            assertEquals(due, plan.of(0).get(section).nextSetBit(0), section.label());
        });
        assertTrue(plan.on(0).isEmpty(), "nothing is brushed before it is due");
    }

    @Test
    void minutesThatAreSetAreSpentBeforeAnythingCanMat() {
        Workload dog = clearOn(Dogs.adult(12), CoatKind.DOUBLE, 60, 2);
        int hardensIn = 7;
        plan(AMPLE, dog)
                .of(0)
                .forEach((section, days) ->
                        assertTrue(days.nextSetBit(0) + 2 <= hardensIn, section.label() + " " + days));
    }

    @Test
    void beforeADayWithoutTimeWhatWouldFallDueThenIsDoneToday() {
        Workload dog = clearOn(Dogs.adult(12), CoatKind.DROP, 80, 2);
        int[] time = new int[Workload.MOST_DAYS];
        Arrays.fill(time, 60 * AMPLE);
        assertTrue(HouseholdPlan.of(List.of(dog), time, TODAY).on(0).isEmpty());
        for (int day = 1; day <= 4; day++) {
            time[day] = 0;
        }
        assertFalse(HouseholdPlan.of(List.of(dog), time, TODAY).on(0).isEmpty());
    }

    @Test
    void noDayTakesLongerThanThereIs() {
        Workload fleece = clearOn(Dogs.adult(12), CoatKind.CURLY, 80, 3);
        Workload drop = clearOn(Dogs.adult(9), CoatKind.DROP, 140, 2);
        int[] minutes = {15, 0, 20, 10, 0, 40, 25};
        int[] time = new int[Workload.MOST_DAYS];
        for (int day = 0; day < time.length; day++) {
            time[day] = 60 * minutes[day % 7];
        }
        HouseholdPlan plan = HouseholdPlan.of(List.of(fleece, drop), time, TODAY);
        for (int day = 0; day < HouseholdPlan.days(List.of(fleece, drop), TODAY); day++) {
            int used =
                    plan.on(day).stream().mapToInt(HouseholdPlan.Place::seconds).sum();
            assertTrue(used <= time[day], "day " + day + ": " + used);
        }
    }

    @Test
    void moreMinutesTodayNeverLeaveMoreUndone() {
        HouseholdPlan plan = plan(
                20, clearOn(Dogs.adult(12), CoatKind.CURLY, 80, 3), clearOn(Dogs.adult(17), CoatKind.DOUBLE, 60, 9));
        List<HouseholdPlan.Choice> choices = plan.choices();
        assertTrue(choices.get(0).places().isEmpty());
        int before = -1;
        for (HouseholdPlan.Choice choice : choices) {
            int seconds = choice.places().stream()
                    .mapToInt(HouseholdPlan.Place::seconds)
                    .sum();
            assertTrue(choice.minutes() > before && seconds <= 60 * choice.minutes(), choice.minutes() + " min");
            before = choice.minutes();
        }
    }

    @Test
    void nothingIsPlannedAfterTheGroom() {
        Workload dog = clearOn(Dogs.adult(12), CoatKind.CURLY, 80, 1);
        Workload soon = new Workload(dog.forecast(), dog.comfort(), dog.seconds(), TODAY.plusDays(5));
        HouseholdPlan plan = plan(AMPLE, soon, dog);
        plan.of(0).values().forEach(days -> assertTrue(days.length() <= 5, days.toString()));
        assertTrue(plan.of(1).values().stream().anyMatch(days -> days.length() > 5));
    }

    @Test
    void aMissedDayOnlyMovesWhatWasPlannedForIt() {
        Dog adult = Dogs.adult(12);
        Workload on = clearOn(adult, CoatKind.DROP, 80, 4);
        BitSet due = new BitSet();
        plan(AMPLE, on).on(0).forEach(place -> due.set(place.section().ordinal()));
        assertFalse(due.isEmpty());
        Workload missed = keptOn(adult, CoatKind.DROP, 80, 4, TODAY.plusDays(1));
        int[] time = new int[Workload.MOST_DAYS];
        Arrays.fill(time, 60 * AMPLE);
        BitSet next = new BitSet();
        HouseholdPlan.of(List.of(missed), time, TODAY.plusDays(1))
                .on(0)
                .forEach(place -> next.set(place.section().ordinal()));
        due.stream().forEach(section -> assertTrue(next.get(section), Section.values()[section].label()));
    }

    private static HouseholdPlan plan(int minutes, Workload... dogs) {
        int[] time = new int[Workload.MOST_DAYS];
        Arrays.fill(time, 60 * minutes);
        return HouseholdPlan.of(List.of(dogs), time, TODAY);
    }

    static Workload clearOn(Dog dog, CoatKind kind, double mm, int daysAgo) {
        return keptOn(dog, kind, mm, daysAgo, TODAY);
    }

    private static Workload keptOn(Dog dog, CoatKind kind, double mm, int daysAgo, LocalDate today) {
        Coat coat = Dogs.allOver(Dogs.hair(kind, mm));
        List<CombCheck> checks = new ArrayList<>();
        for (Section section : Section.values()) {
            checks.add(new CombCheck(section, TODAY.minusDays(daysAgo), 0, false));
        }
        Map<Section, Integer> seconds = Arrays.stream(Section.values())
                .collect(Collectors.toMap(s -> s, s -> 60, (a, b) -> a, () -> new EnumMap<>(Section.class)));
        return new Workload(
                Forecast.of(dog, coat, Comfort.BALANCED, Diary.of(checks), today),
                Comfort.BALANCED,
                seconds,
                today.plusDays(Workload.DAYS_WITHOUT_GROOMER));
    }
}
