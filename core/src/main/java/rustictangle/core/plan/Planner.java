package rustictangle.core.plan;

import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Lays out the sessions of all dogs over days with only so many minutes each, so that minutes and mats together cost
 * least.
 *
 * <p>Only the minutes of a day tie the dogs to each other, and a sitting's limit the places of one dog. A price on each
 * day's minutes unties them (Lagrangian relaxation; Held and Karp 1971, Fisher 1981, quoted from memory): the prices rise
 * where a day is asked too much, and each dog's days are sought by themselves, see {@link SessionDays}. {@link Layout}
 * then makes plans of them that keep every limit.
 */
final class Planner {

    /** Rounds of prices, and how often a plan is made of them. Own choice: enough for the gaps shown by the tests. */
    private static final int ROUNDS = 18;

    /** The same of so many places and more: among many one that is second best matters less. */
    private static final int MANY = 60;

    private static final int ROUNDS_OF_MANY = 9;
    private static final int ROUNDS_BETWEEN_PLANS = 3;
    /** From a plan that was nearly right. */
    private static final int FEW_ROUNDS = 3;
    /** How often sessions less or more are tried, and from a plan that was nearly right. */
    private static final int SESSION_ROUNDS = 2;

    private static final int FEW_SESSION_ROUNDS = 0;
    private static final double LESS_BOLD = 0.85;
    private static final double HIGHEST_PRICE = 256;
    private static final int HALVINGS = 3;

    /**
     * @param days  by dog and place
     * @param cost  of all of it, minutes
     * @param price of a minute of each day, besides itself: what one more would save; 0: the day has minutes to spare
     */
    record Schedule(List<List<BitSet>> days, double cost, List<Double> price) {

        /** The days of a dog's sessions. */
        BitSet sessions(int dog) {
            BitSet sessions = new BitSet();
            days.get(dog).forEach(sessions::or);
            return sessions;
        }
    }

    private final List<DogJobs> dogs;
    /** Minutes there are each day. */
    private final double[] time;
    /** By day, and by dog and day. */
    private final double[] price;

    private final double[][] sittingPrice;

    private Planner(List<DogJobs> dogs, double[] time) {
        this.dogs = dogs;
        this.time = time;
        this.price = new double[time.length];
        this.sittingPrice = new double[dogs.size()][time.length];
    }

    /** @param time minutes there are each day; no dog's days may go on longer */
    static Schedule plan(List<DogJobs> dogs, double[] time) {
        return plan(dogs, time, List.of());
    }

    /** @param start days to begin with, of each dog, where they are nearly right already; empty: nobody knows any */
    static Schedule plan(List<DogJobs> dogs, double[] time, List<BitSet> start) {
        return plan(dogs, time, start, List.of(), Optional.empty());
    }

    /**
     * @param price that a minute of each day nearly has, besides itself; empty: nobody knows any
     * @param last  what the last of them asks for in minutes that nobody else wants; empty: nothing else
     */
    static Schedule plan(
            List<DogJobs> dogs, double[] time, List<BitSet> start, List<Double> price, Optional<DogJobs> last) {
        List<DogJobs> planned = dogs.stream().map(dog -> dog.together(time)).toList();
        Schedule schedule = new Planner(planned, time).plan(start, price, last);
        return new Schedule(
                IntStream.range(0, dogs.size())
                        .mapToObj(g -> dogs.get(g).apart(schedule.days.get(g)))
                        .toList(),
                schedule.cost,
                schedule.price);
    }

    private Schedule plan(List<BitSet> start, List<Double> known, Optional<DogJobs> last) {
        List<SessionDays.Found> found = cheapest(start);
        if (over(found) == 0 && last.isEmpty()) {
            return new Schedule(
                    found.stream().map(SessionDays.Found::days).toList(),
                    found.stream().mapToDouble(SessionDays.Found::cost).sum(),
                    Arrays.stream(price).boxed().toList());
        }
        if (known.isEmpty()) {
            boolean many = dogs.stream().mapToInt(dog -> dog.jobs().size()).sum() >= MANY;
            return shared(samePrice(found), many ? ROUNDS_OF_MANY : ROUNDS, many ? 1 : SESSION_ROUNDS, last);
        }
        Arrays.setAll(price, day -> day < known.size() ? known.get(day) : 0);
        return shared(cheapest(start), FEW_ROUNDS, FEW_SESSION_ROUNDS, last);
    }

    /** At today's prices. */
    private List<SessionDays.Found> cheapest(List<BitSet> start) {
        return IntStream.range(0, dogs.size())
                .mapToObj(g -> start.isEmpty()
                        ? SessionDays.cheapest(dogs.get(g), prices(g))
                        : SessionDays.cheapest(dogs.get(g), prices(g), start.get(g)))
                .toList();
    }

    private Schedule shared(List<SessionDays.Found> start, int rounds, int sessionRounds, Optional<DogJobs> last) {
        List<SessionDays.Found> found = start;
        Layout best = Layout.of(dogs, time, found, price);
        double bound = Double.NEGATIVE_INFINITY;
        double[] paid = price.clone();
        double boldness = 1.5;
        for (int round = 0; round < rounds; round++) {
            if (round > 0 && round % ROUNDS_BETWEEN_PLANS == 0) {
                Layout layout = Layout.of(dogs, time, found, price);
                best = layout.cost() < best.cost() ? layout : best;
            }
            double reached = found.stream().mapToDouble(SessionDays.Found::cost).sum() - paid();
            if (reached > bound) {
                bound = reached;
                paid = price.clone();
            } else {
                boldness *= LESS_BOLD;
            }
            if (!reprice(found, boldness * Math.max(0.01 * best.cost(), best.cost() - reached))) {
                break;
            }
            found = cheapest(sessions(found));
        }
        best.improve(paid, sessionRounds);
        last.ifPresent(best::fill);
        return new Schedule(
                best.days(), best.cost(), Arrays.stream(paid).boxed().toList());
    }

    /** To begin with, the same price on every day, so high that on average no more is asked for than there is. */
    private List<SessionDays.Found> samePrice(List<SessionDays.Found> free) {
        double there = Arrays.stream(time).sum();
        if (there == Double.POSITIVE_INFINITY) {
            return free;
        }
        double low = 0;
        double high = 1;
        List<SessionDays.Found> found = at(high, free);
        while (asked(found) > there && high < HIGHEST_PRICE) {
            low = high;
            high *= 2;
            found = at(high, found);
        }
        for (int halving = 0; halving < HALVINGS; halving++) {
            double middle = (low + high) / 2;
            found = at(middle, found);
            if (asked(found) > there) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return found;
    }

    private double asked(List<SessionDays.Found> found) {
        return Arrays.stream(wished(found)).sum();
    }

    private List<SessionDays.Found> at(double samePrice, List<SessionDays.Found> start) {
        Arrays.fill(price, samePrice);
        return cheapest(sessions(start));
    }

    private static List<BitSet> sessions(List<SessionDays.Found> found) {
        return found.stream().map(SessionDays.Found::sessions).toList();
    }

    private double[] prices(int dog) {
        double[] prices = new double[dogs.get(dog).end()];
        Arrays.setAll(prices, day -> price[day] + sittingPrice[dog][day]);
        return prices;
    }

    /** Minutes of brushing that are wished for. */
    private double brushing(SessionDays.Found found, int dog, int day) {
        double sum = 0;
        for (int i = 0; i < found.days().size(); i++) {
            sum += found.days().get(i).get(day) ? dogs.get(dog).jobs().get(i).minutes() : 0;
        }
        return sum;
    }

    private double[] wished(List<SessionDays.Found> found) {
        double[] wished = new double[time.length];
        for (int g = 0; g < found.size(); g++) {
            int dog = g;
            found.get(g).sessions().stream()
                    .forEach(day -> wished[day] += dogs.get(dog).setUp(day) + brushing(found.get(dog), dog, day));
        }
        return wished;
    }

    /** By how much limits are broken, all together. */
    private double over(List<SessionDays.Found> found) {
        double[] wished = wished(found);
        double over = IntStream.range(0, time.length)
                .mapToDouble(day -> Math.max(0, wished[day] - time[day]))
                .sum();
        for (int g = 0; g < found.size(); g++) {
            int dog = g;
            over += found.get(g).sessions().stream()
                    .mapToDouble(day -> Math.max(
                            0,
                            brushing(found.get(dog), dog, day) - dogs.get(dog).sitting(day)))
                    .sum();
        }
        return over;
    }

    /** What all the time there is would cost at today's prices. */
    private double paid() {
        double paid = 0;
        for (int day = 0; day < time.length; day++) {
            paid += price[day] > 0 ? price[day] * time[day] : 0;
            for (int g = 0; g < dogs.size(); g++) {
                paid += sittingPrice[g][day] > 0
                        ? sittingPrice[g][day] * dogs.get(g).sitting(day)
                        : 0;
            }
        }
        return paid;
    }

    /** @return false when every day keeps its limits and no price is paid for nothing: nothing is left to learn */
    private boolean reprice(List<SessionDays.Found> found, double gap) {
        double[] wished = wished(found);
        double[] over = new double[time.length];
        double[][] sitting = new double[dogs.size()][time.length];
        double squares = 0;
        for (int day = 0; day < time.length; day++) {
            over[day] = counts(price[day], wished[day] - time[day]);
            squares += over[day] * over[day];
            for (int g = 0; g < dogs.size(); g++) {
                sitting[g][day] = counts(
                        sittingPrice[g][day],
                        brushing(found.get(g), g, day) - dogs.get(g).sitting(day));
                squares += sitting[g][day] * sitting[g][day];
            }
        }
        if (squares == 0) {
            return false;
        }
        for (int day = 0; day < time.length; day++) {
            price[day] = Math.max(0, price[day] + gap / squares * over[day]);
            for (int g = 0; g < dogs.size(); g++) {
                sittingPrice[g][day] = Math.max(0, sittingPrice[g][day] + gap / squares * sitting[g][day]);
            }
        }
        return true;
    }

    private static double counts(double price, double over) {
        return over > 0 || price > 0 ? over : 0;
    }
}
