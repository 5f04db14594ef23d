package rustictangle.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.IntStream;
import rustictangle.core.Dogs;
import rustictangle.core.coat.Coat;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Section;
import rustictangle.core.rhythm.CombCheck;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.rhythm.Diary;
import rustictangle.core.rhythm.Forecast;
import rustictangle.core.routine.Routine;
import rustictangle.core.routine.RoutineStep;
import rustictangle.core.trust.Trust;

/**
 * A long fleece whose sections tangle up to three times more or less often than the table says, which nobody tells
 * its owner. Tangles come as random events day by day and are mats three days later.
 */
final class SimulatedDog {

    static final LocalDate START = LocalDate.of(2026, 1, 5);
    private static final int HARDEN_DAYS = 3;
    /** Common practice: a long fleece every 3rd day. */
    private static final int ROTATION_DAYS = 3;

    private static final int PLANNED_DAYS = 10;

    private final Dog dog = Dogs.adult(12);
    private final Coat coat = Dogs.allOver(Dogs.fleece(110));
    private final RandomGenerator random;
    private final Map<Section, Double> truth = new EnumMap<>(Section.class);
    private final Map<Section, Integer> seconds = new EnumMap<>(Section.class);
    private final List<Section> order;
    private final Map<Section, List<Integer>> tangles = new EnumMap<>(Section.class);
    private final List<CombCheck> checks = new ArrayList<>();
    private int next;
    private int day;
    private int mats;

    SimulatedDog(int seed) {
        random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
        Forecast table = forecast();
        Routine whole = Routine.of(
                dog,
                coat,
                Dogs.kit(dog, coat),
                Trust.of(dog, Dogs.kit(dog, coat), List.of(), START),
                table.rhythm().sections(),
                Arrays.asList(Section.values()));
        whole.steps().forEach(step -> seconds.put(step.section(), step.seconds()));
        order = whole.steps().stream().map(RoutineStep::section).toList();
        for (Section section : Section.values()) {
            tangles.put(section, new ArrayList<>());
            double otherwise = Math.exp((2 * random.nextDouble() - 1) * Math.log(3));
            truth.put(section, otherwise * table.at(section).orElseThrow().tangles(START, 1));
        }
    }

    /** What is believed on the evening of the days simulated so far. */
    Forecast forecast() {
        return Forecast.of(dog, coat, Comfort.BALANCED, Diary.of(checks), START.plusDays(day));
    }

    /** Tangles a day that the dog really has there. */
    double truth(Section section) {
        return truth.get(section);
    }

    int mats() {
        return mats + Arrays.stream(Section.values()).mapToInt(this::hardened).sum();
    }

    /** The fewest minutes a day in which the rotation gets round in its days, as seconds. */
    int rotationNeeds() {
        return IntStream.iterate(600, budget -> budget + 30)
                .filter(this::getsRound)
                .findFirst()
                .orElseThrow();
    }

    private boolean getsRound(int budget) {
        int at = 0;
        for (int n = 0; n < ROTATION_DAYS; n++) {
            for (int left = budget; at < order.size() && seconds.get(order.get(at)) <= left; at++) {
                left -= seconds.get(order.get(at));
            }
        }
        return at == order.size();
    }

    /** The rule of thumb: one place after the other, as far as the minutes reach, and on from there the next day. */
    void rotate(int days, int budget) {
        for (int n = 0; n < days; n++) {
            live();
            int left = budget;
            for (int places = 0; places < order.size() && seconds.get(order.get(next)) <= left; places++) {
                left -= seconds.get(order.get(next));
                comb(order.get(next));
                next = (next + 1) % order.size();
            }
        }
    }

    /** Today's choice of the plan, made anew each day from what the comb has shown so far. */
    void followThePlan(int days, int budget) {
        int[] time = new int[PLANNED_DAYS];
        Arrays.fill(time, budget);
        for (int n = 0; n < days; n++) {
            live();
            LocalDate today = START.plusDays(day);
            Workload kept = new Workload(forecast(), Comfort.BALANCED, seconds, today.plusDays(PLANNED_DAYS));
            HouseholdPlan.of(List.of(kept), time, today).on(0).forEach(place -> comb(place.section()));
        }
    }

    int checksAt(Section section) {
        return (int) checks.stream().filter(check -> check.section() == section).count();
    }

    void countMatsFromHere() {
        mats = 0;
    }

    private void live() {
        day++;
        truth.forEach((section, perDay) -> {
            for (double at = wait(perDay); at < 1; at += wait(perDay)) {
                tangles.get(section).add(day);
            }
        });
    }

    private double wait(double perDay) {
        return -Math.log(1 - random.nextDouble()) / perDay;
    }

    private void comb(Section section) {
        mats += hardened(section);
        checks.add(
                new CombCheck(section, START.plusDays(day), tangles.get(section).size(), false));
        tangles.get(section).clear();
    }

    private int hardened(Section section) {
        return (int) tangles.get(section).stream()
                .filter(arisen -> day - arisen >= HARDEN_DAYS)
                .count();
    }
}
