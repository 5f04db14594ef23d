package rustictangle.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import rustictangle.core.dog.Section;
import rustictangle.core.routine.Knapsack;

/**
 * Who is brushed where on which day, over all dogs, in the minutes there are.
 *
 * <p>With as many minutes as it takes, each place is brushed on the day it is due. With so many a day, they are spent
 * so that the fewest mats are to be expected.
 *
 * <p>Today's choice is exact, a 0/1 knapsack: of each place what would be lost if it were left today,
 * with the days to come and their minutes in view. The days after it are laid out by {@link Planner}. Nothing is kept
 * from an earlier plan: a missed day only means that today's plan begins from there.
 */
public final class HouseholdPlan {

    /** Nobody is offered more for one day, minutes. */
    public static final int MOST_MINUTES = 180;
    /** All times are multiples of this. */
    private static final int UNIT_SECONDS = 10;

    private static final int UNITS_A_MINUTE = 60 / UNIT_SECONDS;

    /** A place of one of the dogs, by the dog's position. */
    public record Place(int dog, Section section, int seconds) {}

    /**
     * What to do today in the minutes there are.
     *
     * @param minutes from which on this is best
     */
    public record Choice(int minutes, List<Place> places) {

        public Choice {
            places = List.copyOf(places);
        }
    }

    private final List<Place> places;
    private final List<Choice> choices;
    private final List<BitSet> days;
    private final double cost;
    private final double bound;

    private HouseholdPlan(List<Place> places, List<Choice> choices, Planner.Schedule schedule, double bound) {
        this.places = places;
        this.choices = choices;
        this.days = schedule.days();
        this.cost = schedule.cost();
        this.bound = bound;
    }

    /** As many days as have to be planned for, today included. */
    public static int days(List<Workload> dogs, LocalDate today) {
        return dogs.stream().mapToInt(dog -> dog.days(today)).max().orElse(1);
    }

    /** As many minutes as it takes. */
    public static HouseholdPlan asItTakes(List<Workload> dogs, LocalDate today) {
        int[] seconds = new int[days(dogs, today)];
        Arrays.fill(seconds, 60 * MOST_MINUTES);
        return of(dogs, seconds, true, today);
    }

    /**
     * @param seconds there are for brushing, each day from today on, at least as many as {@link #days}
     */
    public static HouseholdPlan of(List<Workload> dogs, int[] seconds, LocalDate today) {
        return of(dogs, Arrays.copyOf(seconds, days(dogs, today)), false, today);
    }

    private static HouseholdPlan of(List<Workload> dogs, int[] time, boolean onlyDue, LocalDate today) {
        List<Place> places = new ArrayList<>();
        List<Job> jobs = new ArrayList<>();
        for (int i = 0; i < dogs.size(); i++) {
            int dog = i;
            dogs.get(i).jobs(onlyDue, today).forEach((section, job) -> {
                places.add(new Place(dog, section, job.seconds()));
                jobs.add(job);
            });
        }
        Planner.Schedule free = Planner.plan(jobs, time);
        Knapsack worth = new Knapsack(
                jobs.stream()
                        .mapToInt(job -> Math.max(1, job.seconds() / UNIT_SECONDS))
                        .toArray(),
                jobs.stream()
                        .mapToDouble(job -> Planner.worthToday(job, free.prices()))
                        .toArray(),
                UNITS_A_MINUTE * MOST_MINUTES);
        BitSet today0 = worth.chosen(Math.min(UNITS_A_MINUTE * MOST_MINUTES, time[0] / UNIT_SECONDS));
        List<Job> fixed = IntStream.range(0, jobs.size())
                .mapToObj(i ->
                        today0.get(i) ? jobs.get(i).doneToday() : jobs.get(i).leftToday())
                .toList();
        return new HouseholdPlan(places, choices(places, worth), Planner.plan(fixed, time), free.bound());
    }

    private static List<Choice> choices(List<Place> places, Knapsack worth) {
        List<Choice> choices = new ArrayList<>();
        BitSet before = null;
        for (int minutes = 0; minutes <= MOST_MINUTES; minutes++) {
            BitSet chosen = worth.chosen(UNITS_A_MINUTE * minutes);
            if (!chosen.equals(before)) {
                choices.add(new Choice(
                        minutes, chosen.stream().mapToObj(places::get).toList()));
                before = chosen;
            }
        }
        return choices;
    }

    /** Today's choice for every number of minutes, only where it changes; the last one leaves nothing undone. */
    public List<Choice> choices() {
        return choices;
    }

    /** On a day, 0 being today. */
    public List<Place> on(int day) {
        return IntStream.range(0, places.size())
                .filter(i -> days.get(i).get(day))
                .mapToObj(places::get)
                .toList();
    }

    /** The days of each place of one dog, 0 being today. */
    public Map<Section, BitSet> of(int dog) {
        Map<Section, BitSet> of = new EnumMap<>(Section.class);
        for (int i = 0; i < places.size(); i++) {
            if (places.get(i).dog() == dog) {
                of.put(places.get(i).section(), (BitSet) days.get(i).clone());
            }
        }
        return of;
    }

    /** How far the plan may be from the best there is, as a part of its cost, in [0, 1]. */
    public double gap() {
        return cost <= 0 ? 0 : Math.max(0, (cost - bound) / cost);
    }
}
