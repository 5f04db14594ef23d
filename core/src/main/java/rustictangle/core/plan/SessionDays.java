package rustictangle.core.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.stream.IntStream;

/**
 * On which days to have a session with one dog, when each minute of a day has its price: places share the set-up of a
 * session.
 *
 * <p>Given the days, each place's cheapest ones among them are a shortest path. The days begin with the best even
 * rhythm; then one at a time is added, dropped or moved while that is cheaper.
 */
final class SessionDays {

    private static final int LONGEST_RHYTHM = 14;
    private static final int MOST_MOVES = 60;
    /** From days that were nearly right before. */
    private static final int FEW_MOVES = 5;

    /** Relative; costs are sums of many, at prices of up to some hundreds. */
    private static final double NO_DIFFERENCE = 1e-8;

    private final List<Job> jobs;
    private final int end;
    /** What a minute of each day costs: 1 and its price. */
    private final double[] weight;
    /** What setting up costs on each day. */
    private final double[] setUp;
    /** By job and day: the cheapest way to a brushing on that day, and on from it. */
    private final double[][] to;

    private final double[][] after;

    private SessionDays(DogJobs dog, double[] prices) {
        this.jobs = dog.jobs();
        this.end = dog.end();
        this.weight = Arrays.stream(prices).map(price -> 1 + price).toArray();
        this.setUp = IntStream.range(0, end)
                .mapToDouble(day -> weight[day] * dog.setUp(day))
                .toArray();
        this.to = new double[jobs.size()][end];
        this.after = new double[jobs.size()][end];
    }

    /**
     * @param days each place's
     * @param cost of all of it at the prices
     */
    record Found(BitSet sessions, List<BitSet> days, double cost) {}

    /** @param prices of a minute on each day, besides itself; 0 or more */
    static Found cheapest(DogJobs dog, double[] prices) {
        SessionDays search = new SessionDays(dog, prices);
        return search.found(search.improved(search.evenRhythm(), MOST_MOVES));
    }

    /** @param start days to begin with; where nothing has to be set up every day is a session */
    static Found cheapest(DogJobs dog, double[] prices, BitSet start) {
        if (dog.setUp() == 0) {
            BitSet every = new BitSet();
            every.set(0, dog.end());
            return new SessionDays(dog, prices).found(every);
        }
        SessionDays search = new SessionDays(dog, prices);
        return search.found(search.improved(start, FEW_MOVES));
    }

    private BitSet evenRhythm() {
        BitSet best = new BitSet();
        double least = cost(best);
        for (int every = 1; every <= LONGEST_RHYTHM; every++) {
            for (int first = 0; first < Math.min(every, end); first++) {
                BitSet days = new BitSet();
                for (int day = first; day < end; day += every) {
                    days.set(day);
                }
                double cost = cost(days);
                if (cost < least - NO_DIFFERENCE) {
                    least = cost;
                    best = days;
                }
            }
        }
        return best;
    }

    private BitSet improved(BitSet start, int most) {
        BitSet days = (BitSet) start.clone();
        for (int move = 0; move < most; move++) {
            Move best = bestMove(days);
            if (best.saved() <= NO_DIFFERENCE) {
                return days;
            }
            days = with(days, best.added(), best.dropped());
        }
        return days;
    }

    /** One day more, one less, or one moved by a day; -1 for none. */
    private record Move(double saved, int added, int dropped) {

        Move or(double otherSaved, int otherAdded, int otherDropped) {
            return otherSaved > saved + NO_DIFFERENCE ? new Move(otherSaved, otherAdded, otherDropped) : this;
        }
    }

    private Move bestMove(BitSet days) {
        int[] on = days.stream().toArray();
        double[] whole = new double[jobs.size()];
        for (int i = 0; i < whole.length; i++) {
            whole[i] = forward(jobs.get(i), on, to[i]);
            backward(jobs.get(i), on, after[i]);
        }
        double[] saved = new double[end];
        double[][] avoiding = new double[on.length][jobs.size()];
        double[] moved = new double[2 * on.length];
        for (int i = 0; i < whole.length; i++) {
            avoid(i, on, avoiding);
            adding(i, on, whole[i], avoiding, saved, moved);
        }
        Move best = new Move(0, -1, -1);
        for (int day = 0; day < end; day++) {
            if (!days.get(day)) {
                best = best.or(saved[day] - setUp(day), day, -1);
            }
        }
        for (int k = 0; k < on.length; k++) {
            double lost = 0;
            for (int i = 0; i < whole.length; i++) {
                lost += avoiding[k][i] - whole[i];
            }
            double dropping = setUp(on[k]) - lost;
            best = best.or(dropping, -1, on[k]);
            for (int side = 0; side < 2; side++) {
                int day = on[k] + (side == 0 ? -1 : 1);
                if (day >= 0 && day < end && !days.get(day)) {
                    best = best.or(dropping + moved[2 * k + side] - setUp(day), day, on[k]);
                }
            }
        }
        return best;
    }

    /**
     * What each day more saves one job, and each session moved by a day, their set-ups apart.
     *
     * @param avoiding see {@link #avoid}
     * @param saved    by day; added to
     * @param moved    by session, to the day before it and to the day after; added to
     */
    private void adding(int i, int[] on, double whole, double[][] avoiding, double[] saved, double[] moved) {
        Job job = jobs.get(i);
        double[][] cost = job.cost();
        double[] before = cost[0].clone();
        // The same to the day after each session where there is no such session.
        double[] beforeWithout = new double[on.length];
        for (int k = 0; k < on.length; k++) {
            double until = to[i][k];
            double[] from = cost[on[k] + 1];
            beforeWithout[k] = before[on[k] + 1];
            for (int day = on[k] + 1; day < end; day++) {
                before[day] = less(before[day], until + from[day]);
            }
        }
        double[] onFrom = new double[on.length];
        for (int k = 0; k < on.length; k++) {
            onFrom[k] = weight[on[k]] * job.minutes() + after[i][k];
        }
        int next = 0;
        for (int day = 0; day < end; day++) {
            while (next < on.length && on[next] < day) {
                next++;
            }
            if (!job.can(day) || next < on.length && on[next] == day) {
                continue;
            }
            double[] from = cost[day + 1];
            boolean isBefore = next < on.length && on[next] == day + 1;
            boolean isAfter = next > 0 && on[next - 1] == day - 1;
            double laterWithout = from[end];
            for (int k = isBefore ? next + 1 : next; k < on.length; k++) {
                laterWithout = less(laterWithout, from[on[k]] + onFrom[k]);
            }
            double later = isBefore ? less(laterWithout, from[on[next]] + onFrom[next]) : laterWithout;
            double here = weight[day] * job.minutes();
            saved[day] += Math.max(0, whole - (before[day] + here + later));
            if (isBefore) {
                moved[2 * next] += Math.max(0, avoiding[next][i] - (before[day] + here + laterWithout));
            }
            if (isAfter) {
                moved[2 * next - 1] += Math.max(0, avoiding[next - 1][i] - (beforeWithout[next - 1] + here + later));
            }
        }
    }

    /** @param avoiding by day, and by job: the cheapest way that is not brushed on that day; written for one job */
    private void avoid(int i, int[] on, double[][] avoiding) {
        Job job = jobs.get(i);
        for (double[] without : avoiding) {
            without[i] = Double.POSITIVE_INFINITY;
        }
        // Every step from one brushing to the next, or from the beginning, passes over the days between.
        for (int u = -1; u < on.length; u++) {
            double until = u < 0 ? 0 : to[i][u];
            double[] from = job.cost()[u < 0 ? 0 : on[u] + 1];
            double rest = from[end];
            for (int v = on.length - 1; v > u; v--) {
                avoiding[v][i] = less(avoiding[v][i], until + rest);
                rest = less(rest, from[on[v]] + weight[on[v]] * job.minutes() + after[i][v]);
            }
        }
    }

    private static BitSet with(BitSet days, int added, int dropped) {
        BitSet other = (BitSet) days.clone();
        if (dropped >= 0) {
            other.clear(dropped);
        }
        if (added >= 0) {
            other.set(added);
        }
        return other;
    }

    private double setUps(BitSet days) {
        return days.stream().mapToDouble(this::setUp).sum();
    }

    private double setUp(int day) {
        return setUp[day];
    }

    private double cost(BitSet days) {
        int[] on = days.stream().toArray();
        double sum = setUps(days);
        double[] best = new double[on.length];
        for (Job job : jobs) {
            sum += forward(job, on, best);
        }
        return sum;
    }

    /** @param best the cheapest way to a brushing on each of those days; written */
    private double forward(Job job, int[] on, double[] best) {
        double[][] cost = job.cost();
        double whole = cost[0][end];
        for (int k = 0; k < on.length; k++) {
            best[k] = cost[0][on[k]];
        }
        for (int k = 0; k < on.length; k++) {
            if (!job.can(on[k])) {
                best[k] = Double.POSITIVE_INFINITY;
                continue;
            }
            best[k] += weight[on[k]] * job.minutes();
            double[] from = cost[on[k] + 1];
            whole = less(whole, best[k] + from[end]);
            for (int j = k + 1; j < on.length; j++) {
                best[j] = less(best[j], best[k] + from[on[j]]);
            }
        }
        return whole;
    }

    /** @param best the cheapest way on from a brushing on each of those days; written */
    private void backward(Job job, int[] on, double[] best) {
        double[][] cost = job.cost();
        for (int k = on.length - 1; k >= 0; k--) {
            double[] from = cost[on[k] + 1];
            double least = job.can(on[k]) ? from[end] : Double.POSITIVE_INFINITY;
            for (int j = k + 1; job.can(on[k]) && j < on.length; j++) {
                least = less(least, from[on[j]] + weight[on[j]] * job.minutes() + best[j]);
            }
            best[k] = least;
        }
    }

    private Found found(BitSet days) {
        int[] on = days.stream().toArray();
        List<BitSet> each = new ArrayList<>(jobs.size());
        BitSet used = new BitSet();
        double cost = 0;
        double[] best = new double[on.length];
        for (Job job : jobs) {
            double least = forward(job, on, best);
            BitSet path = path(job, on, best, least);
            each.add(path);
            used.or(path);
            cost += least;
        }
        return new Found(used, each, cost + setUps(used));
    }

    /**
     * Of ways that cost the same the one with fewer brushings, and of those the later: nothing before it is due.
     *
     * @param best the cheapest way to a brushing on each of those days
     */
    private BitSet path(Job job, int[] on, double[] best, double least) {
        double rest = least;
        BitSet days = new BitSet();
        int next = end;
        while (!same(rest, job.cost(-1, next))) {
            int before = before(job, on, best, next, rest);
            next = on[before];
            days.set(next);
            rest = best[before] - weight[next] * job.minutes();
        }
        return days;
    }

    private static int before(Job job, int[] on, double[] best, int next, double rest) {
        for (int k = on.length - 1; k >= 0; k--) {
            if (on[k] < next && job.can(on[k]) && same(best[k] + job.cost(on[k], next), rest)) {
                return k;
            }
        }
        throw new IllegalStateException("no way leads there");
    }

    /** Of finite or infinite numbers; what else {@link Math#min} heeds costs time in these loops. */
    private static double less(double a, double b) {
        return a < b ? a : b;
    }

    private static boolean same(double a, double b) {
        return Math.abs(a - b) <= NO_DIFFERENCE * (1 + Math.abs(a));
    }
}
