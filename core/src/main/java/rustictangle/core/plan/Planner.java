package rustictangle.core.plan;

import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Lays out brushings over days with only so much time each, so that the cost is lowest.
 *
 * <p>Each job alone is a shortest way over the days, exactly solvable; only the time of each day ties them together.
 * A price on each day's time unties them (Lagrangian relaxation; Held and Karp 1971, Fisher 1981, quoted from
 * memory): the prices rise where a day is asked too much, the sum of the priced jobs is a bound that no plan can
 * beat, and the priced ways show where to begin. Plans that keep the times are then made job by job, each given what
 * time the others leave, until no single job can do better.
 */
final class Planner {

    /** Rounds of prices, and how often a plan is made of them. Own choice: enough for the gaps shown by the tests. */
    private static final int ROUNDS = 60;

    private static final int ROUNDS_BETWEEN_PLANS = 6;
    /** Close enough to the bound to stop. */
    private static final double GOOD_ENOUGH = 0.003;

    private static final int MOST_IMPROVEMENTS = 8;
    private static final double NO_DIFFERENCE = 1e-12;
    private static final int RESHUFFLES = 400;
    private static final int RESHUFFLED_TOGETHER = 4;

    /**
     * @param days  of each job, in its order
     * @param cost  of all jobs together
     * @param bound  no plan costs less
     * @param prices of a second on each day, under which the bound was found
     */
    record Schedule(List<BitSet> days, double cost, double bound, double[] prices) {

        Schedule {
            days = List.copyOf(days);
        }
    }

    private final List<Job> jobs;
    /** Seconds there are each day. */
    private final int[] time;

    private final double[] prices;

    private Planner(List<Job> jobs, int[] time) {
        this.jobs = jobs;
        this.time = time;
        this.prices = new double[time.length];
    }

    /** @param time seconds there are each day; no job may end later than there are days */
    static Schedule plan(List<Job> jobs, int[] time) {
        return new Planner(jobs, time).plan();
    }

    private Schedule plan() {
        List<Way> free =
                jobs.stream().map(job -> Way.cheapest(job, prices, null)).toList();
        int[] wished = used(free);
        if (IntStream.range(0, time.length).allMatch(day -> wished[day] <= time[day])) {
            // Time enough for what each would do alone: there is nothing to share out.
            double cost = cost(free.stream());
            return new Schedule(free.stream().map(Way::days).toList(), cost, cost, prices);
        }
        return shared();
    }

    private Schedule shared() {
        Schedule best = improved(inTurn());
        double bound = Double.NEGATIVE_INFINITY;
        double[] telling = prices.clone();
        double boldness = 1.5;
        for (int round = 0; round < ROUNDS; round++) {
            List<Way> ways =
                    jobs.stream().map(job -> Way.cheapest(job, prices, null)).toList();
            int[] used = used(ways);
            double reached = ways.stream().mapToDouble(Way::priced).sum() - paid();
            if (reached > bound) {
                bound = reached;
                telling = prices.clone();
            } else {
                boldness *= 0.85;
            }
            if (round % ROUNDS_BETWEEN_PLANS == 0) {
                best = cheaper(best, fitted(ways));
            }
            if (best.cost <= bound + GOOD_ENOUGH * Math.abs(bound)
                    || !reprice(used, boldness * (best.cost - reached))) {
                break;
            }
        }
        if (best.cost > bound + GOOD_ENOUGH * Math.abs(bound)) {
            best = cheaper(best, reshuffled(best));
        }
        return new Schedule(best.days, best.cost, Math.min(bound, best.cost), telling);
    }

    /** A few jobs at a time give up their days and choose anew in another order, as long as that is cheaper. */
    private Schedule reshuffled(Schedule plan) {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(jobs.size());
        int[] left = time.clone();
        Way[] ways = new Way[jobs.size()];
        for (int i = 0; i < ways.length; i++) {
            ways[i] = Way.on(jobs.get(i), plan.days.get(i));
            ways[i].take(left, jobs.get(i).seconds());
        }
        double[] free = new double[time.length];
        for (int n = 0; n < RESHUFFLES; n++) {
            int[] some = random.ints(Math.min(RESHUFFLED_TOGETHER, ways.length), 0, ways.length)
                    .distinct()
                    .toArray();
            Way[] before = Arrays.stream(some).mapToObj(i -> ways[i]).toArray(Way[]::new);
            for (int i : some) {
                ways[i].take(left, -jobs.get(i).seconds());
            }
            for (int i : some) {
                ways[i] = Way.cheapest(jobs.get(i), free, left);
                ways[i].take(left, jobs.get(i).seconds());
            }
            if (cost(Arrays.stream(some).mapToObj(i -> ways[i])) > cost(Arrays.stream(before))) {
                for (int k = 0; k < some.length; k++) {
                    ways[some[k]].take(left, -jobs.get(some[k]).seconds());
                    ways[some[k]] = before[k];
                    ways[some[k]].take(left, jobs.get(some[k]).seconds());
                }
            }
        }
        return new Schedule(
                Arrays.stream(ways).map(Way::days).toList(),
                cost(Arrays.stream(ways)),
                Double.NEGATIVE_INFINITY,
                prices);
    }

    private static double cost(Stream<Way> ways) {
        return ways.mapToDouble(Way::cost).sum();
    }

    private static Schedule cheaper(Schedule one, Schedule other) {
        return other.cost < one.cost ? other : one;
    }

    /** Day by day as many as fit, those first that can wait least: with time enough nothing waits too long. */
    private Way[] inTurn() {
        BitSet[] days = jobs.stream().map(job -> new BitSet()).toArray(BitSet[]::new);
        for (int day = 0; day < time.length; day++) {
            int left = time[day];
            int today = day;
            List<Integer> order = IntStream.range(0, jobs.size())
                    .filter(i -> today < jobs.get(i).end())
                    .boxed()
                    .sorted(Comparator.comparingInt(i -> jobs.get(i).canWaitTo(days[i].length() - 1)))
                    .toList();
            for (int i : order) {
                if (jobs.get(i).seconds() <= left) {
                    left -= jobs.get(i).seconds();
                    days[i].set(day);
                }
            }
        }
        return IntStream.range(0, days.length)
                .mapToObj(i -> Way.on(jobs.get(i), days[i]))
                .toArray(Way[]::new);
    }

    private int[] used(List<Way> ways) {
        int[] used = new int[time.length];
        for (int i = 0; i < jobs.size(); i++) {
            int seconds = jobs.get(i).seconds();
            ways.get(i).days().stream().forEach(day -> used[day] += seconds);
        }
        return used;
    }

    /** What all the time there is would cost at today's prices. */
    private double paid() {
        return IntStream.range(0, time.length)
                .mapToDouble(day -> prices[day] * time[day])
                .sum();
    }

    /** @return false when every day keeps its time and no price is paid for nothing: nothing is left to learn */
    private boolean reprice(int[] used, double gap) {
        double squares = 0;
        for (int day = 0; day < time.length; day++) {
            double over = used[day] - time[day];
            squares += over > 0 || prices[day] > 0 ? over * over : 0;
        }
        if (squares == 0) {
            return false;
        }
        for (int day = 0; day < time.length; day++) {
            prices[day] = Math.max(0, prices[day] + gap / squares * (used[day] - time[day]));
        }
        return true;
    }

    /** A plan that keeps the times: those that would lose most first, at the prices; then each anew at its true cost. */
    private Schedule fitted(List<Way> wished) {
        int[] left = time.clone();
        Way[] ways = new Way[jobs.size()];
        List<Integer> order = IntStream.range(0, jobs.size())
                .boxed()
                .sorted(Comparator.comparingDouble((Integer i) ->
                        (wished.get(i).cost() - jobs.get(i).cost(-1, jobs.get(i).end()))
                                / jobs.get(i).seconds()))
                .toList();
        for (int i : order) {
            ways[i] = Way.cheapest(jobs.get(i), prices, left);
            ways[i].take(left, jobs.get(i).seconds());
        }
        return improved(ways);
    }

    /** Each job anew at its true cost with what time the others leave, until none can do better. */
    private Schedule improved(Way[] ways) {
        int[] left = time.clone();
        for (int i = 0; i < ways.length; i++) {
            ways[i].take(left, jobs.get(i).seconds());
        }
        double[] free = new double[time.length];
        List<Integer> order = IntStream.range(0, ways.length).boxed().toList();
        for (int again = 0; again < MOST_IMPROVEMENTS && improve(ways, left, free, order); again++) {}
        return new Schedule(
                Arrays.stream(ways).map(Way::days).toList(),
                cost(Arrays.stream(ways)),
                Double.NEGATIVE_INFINITY,
                prices);
    }

    private boolean improve(Way[] ways, int[] left, double[] free, List<Integer> order) {
        boolean better = false;
        for (int i : order) {
            Job job = jobs.get(i);
            ways[i].take(left, -job.seconds());
            Way way = Way.cheapest(job, free, left);
            if (way.cost() < ways[i].cost() - NO_DIFFERENCE) {
                ways[i] = way;
                better = true;
            }
            ways[i].take(left, job.seconds());
        }
        return better;
    }

    /**
     * What it is worth to do the job on day 0, at these prices of the days after it: what is lost when it is left.
     *
     * @return 0 or more; 0 when nothing is lost
     */
    static double worthToday(Job job, double[] prices) {
        double[] later = prices.clone();
        later[0] = 0;
        return Math.max(
                0,
                Way.cheapest(job.leftToday(), later, null).priced()
                        - Way.cheapest(job.doneToday(), later, null).priced());
    }

    /**
     * One job's brushings.
     *
     * @param cost   without the prices of the days
     * @param priced with them
     */
    private record Way(BitSet days, double cost, double priced) {

        static Way on(Job job, BitSet days) {
            double cost = 0;
            int before = -1;
            for (int day = days.nextSetBit(0); day >= 0; day = days.nextSetBit(day + 1)) {
                cost += job.cost(before, day);
                before = day;
            }
            cost += job.cost(before, job.end());
            return new Way(days, cost, cost);
        }

        /**
         * The shortest way from the last brushing before the plan to its end.
         *
         * @param left seconds left each day; null: as many as wished
         */
        static Way cheapest(Job job, double[] prices, int[] left) {
            int end = job.end();
            double[] best = new double[end + 1];
            int[] before = new int[end + 1];
            for (int v = 0; v <= end; v++) {
                best[v] = job.cost(-1, v);
                before[v] = -1;
                if (v < end && left != null && left[v] < job.seconds()) {
                    best[v] = Double.POSITIVE_INFINITY;
                    continue;
                }
                for (int u = 0; u < v; u++) {
                    double way = best[u] + job.cost(u, v);
                    // Of ways that cost the same the one that brushes later: nothing before it is due.
                    if (way <= best[v] + NO_DIFFERENCE) {
                        best[v] = way;
                        before[v] = u;
                    }
                }
                best[v] += v < end ? prices[v] * job.seconds() : 0;
            }
            BitSet days = new BitSet(end);
            double cost = 0;
            for (int v = end; v >= 0; v = before[v]) {
                cost += job.cost(before[v], v);
                if (v < end) {
                    days.set(v);
                }
            }
            return new Way(days, cost, best[end]);
        }

        void take(int[] left, int seconds) {
            days.stream().forEach(day -> left[day] -= seconds);
        }
    }
}
