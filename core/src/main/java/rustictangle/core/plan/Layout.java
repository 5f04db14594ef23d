package rustictangle.core.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.IntStream;

/** A plan that keeps the minutes of every day and the limit of every sitting; it can be made better bit by bit. */
final class Layout {

    private static final int MOST_ROUNDS = 6;
    private static final int FILLING_ROUNDS = 2;
    /** Among few places; among many, so that all of them together are as often in it. */
    private static final int MOST_RESHUFFLES = 250;

    private static final int ENOUGH_RESHUFFLED = 3000;
    private static final int TOGETHER = 4;
    private static final double NO_DIFFERENCE = 1e-9;

    private final List<DogJobs> dogs;
    /** By dog and day, minutes of a session besides its brushing. */
    private final double[][] setUp;

    /** By dog and day, how many places may be brushed at most. */
    private final int[][] most;

    /** By dog, minutes of its shortest job. */
    private final double[] shortest;

    private final double[] time;
    /** Minutes left on each day; and of each dog's sittings. */
    private final double[] left;

    private final double[][] sitting;
    /** By dog and day: how many places hold its session open; a day that is kept open counts one more. */
    private final int[][] open;
    /** By dog and day: how many places are brushed. */
    private final int[][] brushed;

    private final BitSet[][] days;
    private final List<Which> all;
    /** Of a minute on each day, besides itself, while places choose their days one after the other. */
    private double[] price;

    private double cost;

    /** Grows with whatever changes; a place that has chosen since chooses the same again. */
    private long changes = 1;

    /** By dog and place: what it chose at. */
    private final long[][] chose;

    private Layout(List<DogJobs> dogs, double[] time) {
        this.dogs = new ArrayList<>(dogs);
        this.time = time.clone();
        this.left = time.clone();
        this.price = new double[time.length];
        this.setUp = new double[dogs.size()][time.length];
        this.most = new int[dogs.size()][time.length];
        this.sitting = new double[dogs.size()][time.length];
        this.open = new int[dogs.size()][time.length];
        this.brushed = new int[dogs.size()][time.length];
        this.shortest = dogs.stream()
                .mapToDouble(dog ->
                        dog.jobs().stream().mapToDouble(Job::minutes).min().orElse(Double.POSITIVE_INFINITY))
                .toArray();
        this.days = new BitSet[dogs.size()][];
        this.chose = new long[dogs.size()][];
        this.all = new ArrayList<>();
        for (int g = 0; g < dogs.size(); g++) {
            for (int i = 0; i < dogs.get(g).jobs().size(); i++) {
                all.add(new Which(g, i));
            }
            Arrays.setAll(setUp[g], dogs.get(g)::setUp);
            Arrays.setAll(most[g], dogs.get(g)::mostPlaces);
            Arrays.setAll(sitting[g], dogs.get(g)::sitting);
            days[g] = new BitSet[dogs.get(g).jobs().size()];
            chose[g] = new long[days[g].length];
            for (int i = 0; i < days[g].length; i++) {
                days[g][i] = new BitSet();
                cost += dogs.get(g)
                        .jobs()
                        .get(i)
                        .cost(-1, dogs.get(g).jobs().get(i).end());
            }
        }
    }

    private record Which(int dog, int job) {}

    /**
     * @param wished days of sessions that are kept as far as there is time, those first that are worth most
     * @param price  of a minute on each day, besides itself, so that whoever chooses first leaves something
     */
    static Layout of(List<DogJobs> dogs, double[] time, List<SessionDays.Found> wished, double[] price) {
        Layout layout = new Layout(dogs, time);
        layout.price = price.clone();
        for (int g = 0; g < dogs.size(); g++) {
            int dog = g;
            wished.get(g).sessions().stream().forEach(day -> layout.keepOpen(dog, day));
        }
        layout.inTurn(wished).forEach(which -> layout.anew(which.dog, which.job, -1));
        for (int g = 0; g < dogs.size(); g++) {
            int dog = g;
            wished.get(g).sessions().stream().forEach(day -> layout.letGo(dog, day));
        }
        layout.rounds();
        layout.at(new double[time.length]);
        layout.rounds();
        return layout;
    }

    private List<Which> inTurn(List<SessionDays.Found> wished) {
        List<Which> sorted = new ArrayList<>(all);
        sorted.sort(Comparator.comparingDouble(which ->
                -worth(job(which.dog, which.job), wished.get(which.dog).days().get(which.job))));
        return sorted;
    }

    /** What a minute of it is worth. */
    private static double worth(Job job, BitSet days) {
        int brushings = Math.max(1, days.cardinality());
        return (job.cost(-1, job.end()) - waiting(job, days)) / (brushings * job.minutes());
    }

    private static double waiting(Job job, BitSet days) {
        double sum = 0;
        int before = -1;
        for (int day = days.nextSetBit(0); day >= 0; day = days.nextSetBit(day + 1)) {
            sum += job.cost(before, day);
            before = day;
        }
        return sum + job.cost(before, job.end());
    }

    private Job job(int dog, int job) {
        return dogs.get(dog).jobs().get(job);
    }

    List<List<BitSet>> days() {
        return Arrays.stream(days).map(List::of).toList();
    }

    /** At the price of the days' minutes. */
    double cost() {
        return cost;
    }

    /** From now on at another price. */
    private void at(double[] other) {
        for (int day = 0; day < price.length; day++) {
            if (other[day] != price[day]) {
                cost += (time[day] - left[day]) * (other[day] - price[day]);
            }
        }
        price = other.clone();
        changes++;
    }

    private void keepOpen(int dog, int day) {
        if (left[day] >= setUp[dog][day]) {
            take(dog, day, 0);
        }
    }

    private void letGo(int dog, int day) {
        if (open[dog][day] > brushed[dog][day]) {
            give(dog, day, 0);
        }
    }

    private void take(int dog, int day, double minutes) {
        changes++;
        double fetching = open[dog][day]++ == 0 ? setUp[dog][day] : 0;
        left[day] -= fetching + minutes;
        sitting[dog][day] -= minutes;
        brushed[dog][day] += minutes > 0 ? 1 : 0;
        cost += (fetching + minutes) * (1 + price[day]);
    }

    private void give(int dog, int day, double minutes) {
        changes++;
        double fetching = --open[dog][day] == 0 ? setUp[dog][day] : 0;
        left[day] += fetching + minutes;
        sitting[dog][day] += minutes;
        brushed[dog][day] -= minutes > 0 ? 1 : 0;
        cost -= (fetching + minutes) * (1 + price[day]);
    }

    private void put(int dog, int job, BitSet on) {
        Job one = job(dog, job);
        cost += waiting(one, on) - waiting(one, days[dog][job]);
        for (int day = days[dog][job].nextSetBit(0); day >= 0; day = days[dog][job].nextSetBit(day + 1)) {
            give(dog, day, one.minutes());
        }
        for (int day = on.nextSetBit(0); day >= 0; day = on.nextSetBit(day + 1)) {
            take(dog, day, one.minutes());
        }
        days[dog][job] = on;
    }

    /** Gives a place its cheapest days in the time that the others leave, never that one. */
    private void anew(int dog, int job, int never) {
        put(dog, job, new BitSet());
        put(dog, job, cheapest(dog, job(dog, job), never));
    }

    private BitSet cheapest(int dog, Job job, int never) {
        int end = job.end();
        double[] best = job.cost()[0].clone();
        int[] before = new int[end + 1];
        Arrays.fill(before, -1);
        for (int u = 0; u < end; u++) {
            double here = u == never ? Double.POSITIVE_INFINITY : price(dog, job, u);
            if (here == Double.POSITIVE_INFINITY) {
                continue;
            }
            best[u] += here;
            if (best[u] >= best[end]) {
                // Nothing on the way from here costs less than nothing.
                continue;
            }
            double[] from = job.cost()[u + 1];
            for (int v = u + 1; v <= end; v++) {
                double way = best[u] + from[v];
                if (way < best[v] - NO_DIFFERENCE) {
                    best[v] = way;
                    before[v] = u;
                }
            }
        }
        BitSet on = new BitSet();
        for (int v = before[end]; v >= 0; v = before[v]) {
            on.set(v);
        }
        return on;
    }

    private double price(int dog, Job job, int day) {
        double fetching = open[dog][day] == 0 ? setUp[dog][day] : 0;
        boolean fits = job.can(day)
                && brushed[dog][day] < most[dog][day]
                && job.minutes() <= sitting[dog][day] + NO_DIFFERENCE
                && fetching + job.minutes() <= left[day] + NO_DIFFERENCE;
        return fits ? (fetching + job.minutes()) * (1 + price[day]) : Double.POSITIVE_INFINITY;
    }

    private void rounds() {
        double before = Double.POSITIVE_INFINITY;
        for (int round = 0; round < MOST_ROUNDS && cost < before - NO_DIFFERENCE; round++) {
            before = cost;
            for (int g = 0; g < dogs.size(); g++) {
                for (int i = 0; i < days[g].length; i++) {
                    if (chose[g][i] < changes) {
                        again(g, i);
                    }
                }
            }
        }
    }

    /** The same; where it comes to the same days, nothing has changed. */
    private void again(int dog, int job) {
        long before = changes;
        BitSet kept = days[dog][job];
        anew(dog, job, -1);
        changes = kept.equals(days[dog][job]) ? before : changes;
        chose[dog][job] = changes;
    }

    /**
     * First as if every minute cost what it is worth, so that what brings little makes room; then with what is left.
     *
     * @param worth  of a minute on each day, besides itself
     * @param rounds how often sessions are tried less or more, as long as that helps; 0: only once, and not at that worth
     */
    void improve(double[] worth, int rounds) {
        at(worth);
        rounds();
        sessions(rounds);
        at(new double[worth.length]);
        rounds();
        sessions(Math.max(1, rounds));
    }

    /** The last of the dogs takes what minutes are left for what it asks for then. */
    void fill(DogJobs last) {
        int dog = dogs.size() - 1;
        for (int i = 0; i < days[dog].length; i++) {
            cost += waiting(last.jobs().get(i), days[dog][i]) - waiting(job(dog, i), days[dog][i]);
        }
        dogs.set(dog, last);
        changes++;
        for (int round = 0; round < FILLING_ROUNDS; round++) {
            for (int i = 0; i < days[dog].length; i++) {
                anew(dog, i, -1);
            }
        }
    }

    /** Tries for each dog and day whether a session less or more is cheaper. */
    private void sessions(int most) {
        double before = Double.POSITIVE_INFINITY;
        for (int round = 0; round < most && cost < before - NO_DIFFERENCE; round++) {
            before = cost;
            for (int g = 0; g < dogs.size(); g++) {
                if (dogs.get(g).setUp() > 0) {
                    sessionsOf(g);
                }
            }
            rounds();
            reshuffle();
        }
    }

    private void sessionsOf(int dog) {
        double[] worth = worth(dog);
        for (int day = 0; day < worth.length; day++) {
            if (worth[day] > 0) {
                double before = cost;
                other(dog, day);
                worth = cost < before - NO_DIFFERENCE ? worth(dog) : worth;
            }
        }
    }

    /**
     * What all places would save one by one counts for less than what they save together: they make room for each other.
     * Own choice: with it the gaps to the optimum and the sweeps of minutes are as before.
     */
    private static final double TOGETHER_AT_LEAST = 0.5;

    /** What a session more, or less, may save on each day, as each place by itself would have it; 0 or less: nothing. */
    private double[] worth(int dog) {
        int end = dogs.get(dog).end();
        double[] worth = new double[end];
        BitSet openNow = new BitSet();
        IntStream.range(0, end).filter(day -> open[dog][day] > 0).forEach(openNow::set);
        long unchanged = changes;
        for (int day = 0; day < end; day++) {
            double fetching = setUp[dog][day] * (1 + price[day]);
            worth[day] = open[dog][day] > 0 ? fetching : -TOGETHER_AT_LEAST * fetching;
        }
        for (int i = 0; i < days[dog].length; i++) {
            BitSet kept = days[dog][i];
            double with = cost;
            put(dog, i, new BitSet());
            Job job = job(dog, i);
            worth(dog, job, kept, openNow, with - cost + job.cost(-1, job.end()), worth);
            put(dog, i, kept);
        }
        changes = unchanged;
        return worth;
    }

    /**
     * What one place adds to that.
     *
     * @param kept  its days, which are given up for the moment
     * @param now   what those days cost it
     * @param worth by day; written
     */
    private void worth(int dog, Job job, BitSet kept, BitSet openNow, double now, double[] worth) {
        int end = job.end();
        double[] here =
                IntStream.range(0, end).mapToDouble(day -> price(dog, job, day)).toArray();
        double[] to = job.cost()[0].clone();
        for (int u = 0; u < end; u++) {
            to[u] += here[u];
            for (int v = u + 1; v < end && to[u] < Double.POSITIVE_INFINITY; v++) {
                to[v] = Math.min(to[v], to[u] + job.cost()[u + 1][v]);
            }
        }
        // Around each day: the cheapest way that passes over it.
        double[] around = new double[end];
        Arrays.fill(around, Double.POSITIVE_INFINITY);
        double[] after = new double[end];
        for (int u = end - 1; u >= -1; u--) {
            double until = u < 0 ? 0 : to[u];
            double[] from = job.cost()[u + 1];
            double rest = from[end];
            for (int v = end - 1; v > u; v--) {
                around[v] = Math.min(around[v], until + rest);
                rest = Math.min(rest, from[v] + here[v] + after[v]);
            }
            if (u >= 0) {
                after[u] = rest;
            }
        }
        for (int day = 0; day < end; day++) {
            if (kept.get(day)) {
                worth[day] -= Math.max(0, around[day] - now);
            } else if (!openNow.get(day) && here[day] < Double.POSITIVE_INFINITY) {
                double fetching = setUp[dog][day] * (1 + price[day]);
                worth[day] += Math.max(0, now - (to[day] - fetching + after[day]));
            }
        }
    }

    /**
     * A few places at a time give up their days and choose anew in another order, as long as that is cheaper; every other
     * time first at prices that are somewhat off, so that one takes a day that is only second best to it.
     */
    private void reshuffle() {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(all.size());
        for (int n = 0; n < Math.min(MOST_RESHUFFLES, ENOUGH_RESHUFFLED / all.size()); n++) {
            double before = cost;
            long unchanged = changes;
            List<Which> some = random.ints(TOGETHER, 0, all.size())
                    .distinct()
                    .mapToObj(all::get)
                    .toList();
            BitSet[] kept =
                    some.stream().map(which -> days[which.dog][which.job]).toArray(BitSet[]::new);
            some.forEach(which -> put(which.dog, which.job, new BitSet()));
            if (n % 2 == 1) {
                double[] real = price;
                at(Arrays.stream(real).map(each -> each + random.nextDouble()).toArray());
                some.forEach(which -> anew(which.dog, which.job, -1));
                at(real);
            }
            some.forEach(which -> anew(which.dog, which.job, -1));
            if (cost > before - NO_DIFFERENCE) {
                some.forEach(which -> put(which.dog, which.job, new BitSet()));
                for (int i = 0; i < kept.length; i++) {
                    put(some.get(i).dog, some.get(i).job, kept[i]);
                }
                changes = unchanged;
            }
        }
    }

    private void other(int dog, int day) {
        double before = cost;
        long unchanged = changes;
        BitSet[] kept = Arrays.stream(days[dog]).map(on -> (BitSet) on.clone()).toArray(BitSet[]::new);
        if (open[dog][day] > 0) {
            for (int i = 0; i < kept.length; i++) {
                if (kept[i].get(day)) {
                    anew(dog, i, day);
                }
            }
        } else if (left[day] >= setUp[dog][day] + shortest[dog]) {
            take(dog, day, 0);
            for (int i = 0; i < kept.length; i++) {
                anew(dog, i, -1);
            }
            give(dog, day, 0);
        }
        if (cost > before - NO_DIFFERENCE) {
            for (int i = 0; i < kept.length; i++) {
                if (!kept[i].equals(days[dog][i])) {
                    put(dog, i, new BitSet());
                }
            }
            for (int i = 0; i < kept.length; i++) {
                if (!kept[i].equals(days[dog][i])) {
                    put(dog, i, kept[i]);
                }
            }
            changes = unchanged;
        }
    }
}
