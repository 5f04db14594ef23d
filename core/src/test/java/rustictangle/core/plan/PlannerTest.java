package rustictangle.core.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.IntStream;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.variables.BoolVar;
import org.chocosolver.solver.variables.IntVar;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import rustictangle.core.Sample;
import rustictangle.core.log.CareJob;

/** Small seeded cases: two dogs, a few places each, sessions that must be set up, limits of days and sittings. */
class PlannerTest {

    private static final int DAYS = 6;
    private static final int SEEDS = Sample.of(6, 40);
    /** The solver reckons in hundredths of a minute. */
    private static final double HUNDREDTHS = 100;

    /** The oracle is the constraint solver choco-solver, which proves that nothing is cheaper. */
    @Test
    void theWeekIsWithinTwoPerCentOfTheBestThereIs() {
        double worst = 0;
        double sum = 0;
        int best = 0;
        for (int seed = 1; seed <= SEEDS; seed++) {
            RandomGenerator random = random(seed);
            List<DogJobs> dogs = List.of(dog(random, 3), dog(random, 2));
            double[] time = random.ints(DAYS, 0, 14).asDoubleStream().toArray();
            Planner.Schedule plan = Planner.plan(dogs, time);
            assertKept(dogs, plan, time, "seed " + seed);
            assertEquals(cost(dogs, plan.days()), plan.cost(), 1e-6, "seed " + seed);
            double exact = exact(dogs, time, plan.cost());
            assertEquals(exact, dayByDay(dogs, time), 0.03, "seed " + seed);
            double gap = (plan.cost() - exact) / exact;
            assertTrue(gap <= 0.02 && gap > -0.001, "seed " + seed + ": " + plan.cost() + " against " + exact);
            worst = Math.max(worst, gap);
            sum += gap;
            best += gap < 1e-3 ? 1 : 0;
        }
        System.out.printf(
                "Week plan of two dogs against the exact optimum, %d cases: %d optimal, worst gap %.1f %%, mean %.2f %%%n",
                SEEDS, best, 100 * worst, 100 * sum / SEEDS);
    }

    /** The same with what is done besides brushing: teeth, a look-over, ears, and a practice that brings a place nearer. */
    @Test
    void theWeekWithTheTableAndPracticeIsWithinTwoPerCentOfTheBestThereIs() {
        double worst = 0;
        int best = 0;
        for (int seed = 1; seed <= SEEDS; seed++) {
            RandomGenerator random = random(1000 + seed);
            DogJobs dog = dog(random, 3);
            DogJobs besides = new DogJobs(
                    List.of(
                            chore(random, 2, 1, 3, 0).job(DAYS, false),
                            chore(random, 2, 3, 10, 0).job(DAYS, false),
                            chore(random, 2, 4, 14, 0).job(DAYS, false),
                            chore(random, 1.5, 1, 4, random.nextDouble(0, 2)).job(DAYS, false)),
                    0,
                    0,
                    900,
                    900,
                    false,
                    new double[0]);
            List<DogJobs> all = List.of(dog, besides);
            double[] time = random.ints(DAYS, 0, 14).asDoubleStream().toArray();
            Planner.Schedule plan = Planner.plan(all, time);
            assertKept(all, plan, time, "seed " + seed);
            double exact = dayByDay(all, time);
            double gap = (plan.cost() - exact) / exact;
            assertTrue(gap <= 0.02 && gap > -1e-6, "seed " + seed + ": " + plan.cost() + " against " + exact);
            worst = Math.max(worst, gap);
            best += gap < 1e-3 ? 1 : 0;
        }
        System.out.printf(
                "Week plan of a dog with table and practice against the exact optimum, %d cases: %d optimal, worst gap %.1f %%%n",
                SEEDS, best, 100 * worst);
    }

    private static Chore chore(RandomGenerator random, double minutes, int gap, int waits, double lost) {
        return new Chore(
                1,
                Optional.of(CareJob.EARS),
                false,
                minutes,
                random.nextInt(0, 3),
                random.nextInt(1, 2 * waits),
                gap,
                waits,
                lost,
                false,
                List.of());
    }

    @ParameterizedTest
    @ValueSource(ints = {3, 8, 21})
    void withTimeEnoughItIsTheBestThereIsForEachDogAlone(int seed) {
        List<DogJobs> dogs = List.of(dog(random(seed), 3));
        double[] time = new double[DAYS];
        Arrays.fill(time, 1000);
        double cost = Planner.plan(dogs, time).cost();
        assertEquals(exact(dogs, time, cost), cost, 0.02);
    }

    @Test
    void aDayWithoutTimeStaysFree() {
        double[] time = {20, 0, 20, 0, 0, 20};
        Planner.plan(List.of(dog(random(9), 5)), time)
                .days()
                .get(0)
                .forEach(days -> assertTrue(!days.get(1) && !days.get(3) && !days.get(4), days.toString()));
    }

    @Test
    void moreTimeNeverMakesItWorse() {
        List<DogJobs> dogs = List.of(dog(random(7), 5), dog(random(8), 4));
        double before = Double.POSITIVE_INFINITY;
        for (int minutes = 0; minutes <= 40; minutes += 4) {
            double[] time = new double[DAYS];
            Arrays.fill(time, minutes);
            double cost = Planner.plan(dogs, time).cost();
            assertTrue(cost <= before * 1.01, minutes + " min: " + cost + " after " + before);
            before = cost;
        }
    }

    @Test
    void theSameCaseHasTheSamePlan() {
        double[] time = {9, 12, 0, 9, 12, 9};
        assertEquals(
                Planner.plan(List.of(dog(random(4), 4), dog(random(5), 4)), time),
                Planner.plan(List.of(dog(random(4), 4), dog(random(5), 4)), time));
    }

    private static void assertKept(List<DogJobs> dogs, Planner.Schedule plan, double[] time, String where) {
        for (int day = 0; day < DAYS; day++) {
            double used = 0;
            for (int g = 0; g < dogs.size(); g++) {
                double brushing = 0;
                for (int i = 0; i < dogs.get(g).jobs().size(); i++) {
                    brushing += plan.days().get(g).get(i).get(day)
                            ? dogs.get(g).jobs().get(i).minutes()
                            : 0;
                }
                assertTrue(brushing <= dogs.get(g).sitting() + 1e-6, where + ", a sitting on day " + day);
                used += brushing > 0 ? brushing + dogs.get(g).setUp(day) : 0;
            }
            assertTrue(used <= time[day] + 1e-6, where + ", day " + day);
        }
    }

    private static double cost(List<DogJobs> dogs, List<List<BitSet>> days) {
        double sum = 0;
        for (int g = 0; g < dogs.size(); g++) {
            BitSet sessions = new BitSet();
            for (int i = 0; i < dogs.get(g).jobs().size(); i++) {
                Job job = dogs.get(g).jobs().get(i);
                sessions.or(days.get(g).get(i));
                int before = -1;
                for (int day : days.get(g).get(i).stream().toArray()) {
                    sum += job.cost(before, day) + job.minutes();
                    before = day;
                }
                sum += job.cost(before, DAYS);
            }
            int dog = g;
            sum += sessions.stream()
                    .mapToDouble(day -> dogs.get(dog).setUp(day))
                    .sum();
        }
        return sum;
    }

    /** @param known what a plan costs: the solver need not look at what is dearer, its own rounding apart */
    private static double exact(List<DogJobs> dogs, double[] time, double known) {
        Model model = new Model();
        List<IntVar> costs = new ArrayList<>();
        IntVar[] used = new IntVar[DAYS];
        List<List<IntVar>> onDay = IntStream.range(0, DAYS)
                .mapToObj(day -> (List<IntVar>) new ArrayList<IntVar>())
                .toList();
        for (DogJobs dog : dogs) {
            BoolVar[][] brushed = new BoolVar[dog.jobs().size()][];
            for (int i = 0; i < brushed.length; i++) {
                brushed[i] = model.boolVarArray(DAYS);
                costs.add(waiting(model, dog.jobs().get(i), brushed[i]));
            }
            for (int day = 0; day < DAYS; day++) {
                int at = day;
                BoolVar[] here = Arrays.stream(brushed).map(place -> place[at]).toArray(BoolVar[]::new);
                int[] minutes = dog.jobs().stream()
                        .mapToInt(job -> whole(job.minutes()))
                        .toArray();
                BoolVar session = model.boolVar();
                model.max(session, here).post();
                IntVar brushing = model.intVar(0, Math.min(100_000, whole(Math.min(900, dog.sitting()))));
                model.scalar(here, minutes, "=", brushing).post();
                IntVar all = model.intVar(0, 200_000);
                model.scalar(new IntVar[] {brushing, session}, new int[] {1, whole(dog.setUp(day))}, "=", all)
                        .post();
                onDay.get(day).add(all);
                costs.add(all);
            }
        }
        for (int day = 0; day < DAYS; day++) {
            used[day] = model.intVar(0, whole(time[day]));
            model.sum(onDay.get(day).toArray(IntVar[]::new), "=", used[day]).post();
        }
        IntVar sum = model.intVar(0, whole(1.001 * known + 1));
        model.sum(costs.toArray(IntVar[]::new), "=", sum).post();
        return model.getSolver().findOptimalSolution(sum, false).getIntVal(sum) / HUNDREDTHS;
    }

    /** All that can be done, day by day: by when each of them was done last, what is cheapest so far. */
    private static double dayByDay(List<DogJobs> dogs, double[] time) {
        List<Job> jobs = dogs.stream().flatMap(dog -> dog.jobs().stream()).toList();
        int[] dog = IntStream.range(0, dogs.size())
                .flatMap(g -> dogs.get(g).jobs().stream().mapToInt(job -> g))
                .toArray();
        int n = jobs.size();
        double[] least = new double[(int) Math.pow(DAYS + 1, n)];
        Arrays.fill(least, Double.POSITIVE_INFINITY);
        least[0] = 0;
        int[] digit =
                IntStream.range(0, n).map(i -> (int) Math.pow(DAYS + 1, i)).toArray();
        for (int day = 0; day < DAYS; day++) {
            double[] next = least.clone();
            for (int some = 1; some < 1 << n; some++) {
                double[] brushing = new double[dogs.size()];
                boolean can = true;
                for (int i = 0; i < n; i++) {
                    brushing[dog[i]] += (some >> i & 1) * jobs.get(i).minutes();
                    can &= (some >> i & 1) == 0 || jobs.get(i).can(day);
                }
                double used = 0;
                for (int g = 0; g < dogs.size(); g++) {
                    used += brushing[g] == 0 ? 0 : brushing[g] + dogs.get(g).setUp(day);
                    can &= brushing[g] <= dogs.get(g).sitting(day) + 1e-9;
                }
                if (!can || used > time[day] + 1e-9) {
                    continue;
                }
                for (int state = 0; state < least.length; state++) {
                    if (least[state] == Double.POSITIVE_INFINITY) {
                        continue;
                    }
                    double cost = least[state] + used;
                    int then = state;
                    for (int i = 0; i < n; i++) {
                        if ((some >> i & 1) == 1) {
                            int last = state / digit[i] % (DAYS + 1);
                            cost += jobs.get(i).cost(last - 1, day);
                            then += (day + 1 - last) * digit[i];
                        }
                    }
                    next[then] = Math.min(next[then], cost);
                }
            }
            least = next;
        }
        double best = Double.POSITIVE_INFINITY;
        for (int state = 0; state < least.length; state++) {
            double cost = least[state];
            for (int i = 0; i < n && cost < best; i++) {
                cost += jobs.get(i).cost(state / digit[i] % (DAYS + 1) - 1, DAYS);
            }
            best = Math.min(best, cost);
        }
        return best;
    }

    /** What a place's pattern of days costs, as a table of all of them. */
    private static IntVar waiting(Model model, Job job, BoolVar[] brushed) {
        int[] costs = new int[1 << DAYS];
        for (int pattern = 0; pattern < costs.length; pattern++) {
            int before = -1;
            double cost = 0;
            for (int day = 0; day < DAYS; day++) {
                if ((pattern >> day & 1) == 1) {
                    cost += job.cost(before, day);
                    before = day;
                }
            }
            costs[pattern] = whole(cost + job.cost(before, DAYS));
        }
        IntVar pattern = model.intVar(0, costs.length - 1);
        model.scalar(brushed, IntStream.range(0, DAYS).map(day -> 1 << day).toArray(), "=", pattern)
                .post();
        IntVar cost = model.intVar(-100_000, 1_000_000);
        model.element(cost, costs, pattern).post();
        return cost;
    }

    private static int whole(double minutes) {
        return (int) Math.round(HUNDREDTHS * minutes);
    }

    /** Mats grow faster and faster from one brushing to the next. */
    private static DogJobs dog(RandomGenerator random, int places) {
        List<Job> jobs = IntStream.range(0, places)
                .mapToObj(n -> {
                    double rate = random.nextDouble(0.05, 0.9);
                    int age = random.nextInt(0, 4);
                    double minutes = whole(random.nextDouble(0.5, 4)) / HUNDREDTHS;
                    double[][] cost = new double[DAYS + 1][DAYS + 1];
                    for (int u = -1; u < DAYS; u++) {
                        for (int v = u + 1; v <= DAYS; v++) {
                            cost[u + 1][v] =
                                    u < 0 ? rate * (Math.pow(v + age, 2) - age * age) : rate * Math.pow(v - u, 2);
                        }
                    }
                    return new Job(minutes, 0, DAYS, cost);
                })
                .toList();
        double setUp = whole(random.nextDouble(1, 4)) / HUNDREDTHS;
        double setUpToday = random.nextInt(4) == 0 ? 0 : setUp;
        double sitting = random.nextBoolean() ? 900 : 6;
        return new DogJobs(jobs, setUp, setUpToday, sitting, sitting, false, new double[0]);
    }

    private static RandomGenerator random(int seed) {
        return RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
    }
}
