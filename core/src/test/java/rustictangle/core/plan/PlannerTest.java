package rustictangle.core.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class PlannerTest {

    private static final int DAYS = 6;
    private static final int SEEDS = 40;

    /** The exact optimum by trying every set of days for every job, on small seeded cases that are short of time. */
    @Test
    void theWeekIsWithinFivePerCentOfTheBestThereIs() {
        double worst = 0;
        double sum = 0;
        for (int seed = 1; seed <= SEEDS; seed++) {
            RandomGenerator random = random(seed);
            List<Job> jobs = jobs(random, 4);
            int[] time = random.ints(DAYS, 0, 10).map(x -> 60 * x).toArray();
            Planner.Schedule plan = Planner.plan(jobs, time);
            double exact = exact(jobs, time.clone(), 0, Double.POSITIVE_INFINITY);
            assertTrue(
                    plan.bound() <= exact + 1e-9,
                    "seed " + seed + ": nothing can be below the bound " + plan.bound() + ", " + exact);
            assertEquals(cost(jobs, plan.days()), plan.cost(), 1e-9, "seed " + seed);
            assertKept(jobs, plan.days(), time, seed);
            double gap = (plan.cost() - exact) / exact;
            assertTrue(gap <= 0.05, "seed " + seed + ": " + plan.cost() + " against " + exact);
            worst = Math.max(worst, gap);
            sum += gap;
        }
        System.out.printf(
                "Week plan against the exact optimum, %d cases: worst gap %.1f %%, mean %.2f %%%n",
                SEEDS, 100 * worst, 100 * sum / SEEDS);
    }

    @Test
    void withTimeEnoughEveryJobHasItsOwnBestDays() {
        RandomGenerator random = random(5);
        List<Job> jobs = jobs(random, 5);
        int[] time = IntStream.generate(() -> 100_000).limit(DAYS).toArray();
        Planner.Schedule plan = Planner.plan(jobs, time);
        double alone = jobs.stream()
                .mapToDouble(job -> exact(List.of(job), time.clone(), 0, Double.POSITIVE_INFINITY))
                .sum();
        assertEquals(alone, plan.cost(), 1e-9);
        assertEquals(plan.bound(), plan.cost(), 0.004 * plan.cost());
    }

    @Test
    void aDayWithoutTimeStaysFree() {
        List<Job> jobs = jobs(random(9), 5);
        int[] time = {600, 0, 600, 0, 0, 600};
        Planner.plan(jobs, time)
                .days()
                .forEach(days -> assertTrue(!days.get(1) && !days.get(3) && !days.get(4), days.toString()));
    }

    @Test
    void moreTimeNeverMakesItWorse() {
        List<Job> jobs = jobs(random(7), 5);
        double before = Double.POSITIVE_INFINITY;
        for (int minutes = 0; minutes <= 20; minutes += 4) {
            int[] time = new int[DAYS];
            Arrays.fill(time, 60 * minutes);
            double cost = Planner.plan(jobs, time).cost();
            assertTrue(cost <= before + 0.01 * cost, minutes + " min: " + cost + " after " + before);
            before = cost;
        }
    }

    private static void assertKept(List<Job> jobs, List<BitSet> days, int[] time, int seed) {
        for (int day = 0; day < DAYS; day++) {
            int used = 0;
            for (int i = 0; i < jobs.size(); i++) {
                used += days.get(i).get(day) ? jobs.get(i).seconds() : 0;
            }
            assertTrue(used <= time[day], "seed " + seed + " day " + day);
        }
    }

    private static double cost(List<Job> jobs, List<BitSet> days) {
        return IntStream.range(0, jobs.size())
                .mapToDouble(i -> cost(jobs.get(i), days.get(i)))
                .sum();
    }

    private static double cost(Job job, BitSet days) {
        List<Integer> stops = new ArrayList<>(days.stream().boxed().toList());
        stops.add(job.end());
        double sum = 0;
        int before = -1;
        for (int stop : stops) {
            sum += job.cost(before, stop);
            before = stop;
        }
        return sum;
    }

    private static double exact(List<Job> jobs, int[] left, int job, double beat) {
        if (job == jobs.size()) {
            return 0;
        }
        double best = beat;
        for (int pattern = 0; pattern < 1 << DAYS; pattern++) {
            BitSet days = BitSet.valueOf(new long[] {pattern});
            double cost = cost(jobs.get(job), days);
            if (cost >= best
                    || days.stream().anyMatch(day -> left[day] < jobs.get(job).seconds())) {
                continue;
            }
            days.stream().forEach(day -> left[day] -= jobs.get(job).seconds());
            best = Math.min(best, cost + exact(jobs, left, job + 1, best - cost));
            days.stream().forEach(day -> left[day] += jobs.get(job).seconds());
        }
        return best;
    }

    /** Mats grow in a straight line once a gap is longer than tangles take to harden; a brushing costs a little. */
    private static List<Job> jobs(RandomGenerator random, int count) {
        return IntStream.range(0, count)
                .mapToObj(n -> {
                    double rate = random.nextDouble(0.02, 0.4);
                    int harden = random.nextInt(1, 4);
                    int age = random.nextInt(0, 4);
                    int seconds = 10 * random.nextInt(6, 30);
                    double[][] cost = new double[DAYS + 1][DAYS + 1];
                    for (int u = -1; u < DAYS; u++) {
                        for (int v = u + 1; v <= DAYS; v++) {
                            int gap = u < 0 ? v + age : v - u;
                            cost[u + 1][v] = rate * Math.max(0, gap - harden) + (v < DAYS ? 0.002 : 0);
                        }
                    }
                    return new Job(seconds, DAYS, cost);
                })
                .toList();
    }

    private static RandomGenerator random(int seed) {
        return RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
    }
}
