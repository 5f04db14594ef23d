package rustictangle.core.plan;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import rustictangle.core.Sure;
import rustictangle.core.care.CareDue;
import rustictangle.core.dog.Section;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.trust.MayBegin;

/**
 * The household's plan as it stands today: every view of it reads this one.
 *
 * @param care         the small jobs, by the position of the dogs
 * @param set          minutes a day that the household has chosen; none: as many as it takes
 * @param minutes      there are each day for brushing, today's practice and what was brushed already taken off; empty:
 *                     as many as it takes
 * @param spentSeconds with the dogs already today
 */
public record PlanToday(
        LocalDate today,
        List<PlannedDog> dogs,
        CareDays care,
        HouseholdPlan plan,
        Comfort comfort,
        Map<DayOfWeek, Integer> set,
        Optional<double[]> minutes,
        int spentSeconds) {

    /** Nobody has more for one day. */
    public static final int MOST_MINUTES = 600;

    /** All that the plan follows from. */
    public record Basis(
            LocalDate today,
            Comfort comfort,
            Map<DayOfWeek, Integer> set,
            List<PlannedDog> dogs,
            CareDays.Asked care,
            int spentSeconds) {}

    /** What the price of the days' minutes follows from; none where there are as many as it takes. */
    public static Optional<OnePrice> price(Basis facts) {
        if (facts.set.isEmpty()) {
            return Optional.empty();
        }
        List<Workload.Basis> morning =
                facts.dogs.stream().map(PlannedDog::morning).toList();
        int days = HouseholdPlan.days(facts.dogs.stream().map(PlannedDog::work).toList());
        return Optional.of(new OnePrice(
                morning,
                Arrays.stream(minutes(facts, facts.care.asChosen(), days, false))
                        .map(each -> Math.round(4 * each) / 4.0)
                        .boxed()
                        .toList()));
    }

    /** @param price of a minute on each day, besides itself; none: the minutes suffice */
    public static PlanToday of(Basis facts, List<Double> price) {
        List<Workload> work = facts.dogs.stream().map(PlannedDog::work).toList();
        CareDays care = facts.care.laid(price);
        if (facts.set.isEmpty()) {
            return of(facts, care, HouseholdPlan.asItTakes(work), Optional.empty());
        }
        double[] minutes = minutes(facts, care, HouseholdPlan.days(work), true);
        return of(facts, care, HouseholdPlan.of(work, minutes), Optional.of(minutes));
    }

    private static PlanToday of(Basis facts, CareDays care, HouseholdPlan plan, Optional<double[]> minutes) {
        return new PlanToday(
                facts.today, facts.dogs, care, plan, facts.comfort, facts.set, minutes, facts.spentSeconds);
    }

    private static HouseholdPlan plan(List<Workload> work, Optional<double[]> minutes) {
        return minutes.map(time -> HouseholdPlan.of(work, time)).orElseGet(() -> HouseholdPlan.asItTakes(work));
    }

    /**
     * For brushing: what practice and the small jobs leave.
     *
     * @param now whether what was done today is taken off; else as it was this morning
     */
    private static double[] minutes(Basis facts, CareDays care, int days, boolean now) {
        double practice =
                facts.dogs.stream().mapToInt(PlannedDog::practiceSeconds).sum() / 60.0;
        double left =
                facts.dogs.stream().mapToInt(PlannedDog::practiceSecondsLeft).sum() / 60.0;
        double done = CareDays.done(facts.dogs.stream().map(PlannedDog::care).toList());
        return IntStream.range(0, days)
                .mapToDouble(day -> Math.max(
                        0,
                        Sure.at(facts.set, facts.today.plusDays(day).getDayOfWeek())
                                - care.minutes(day)
                                - (day == 0 ? done : 0)
                                - (day == 0 && now ? facts.spentSeconds / 60.0 + left : practice)))
                .toArray();
    }

    /**
     * What is asked for at the table.
     *
     * @param dogs what each of them asks for
     * @param may  by the position of the dogs, what may be begun with them now
     */
    public static CareDays.Asked careAsked(
            List<List<CareDue>> dogs, List<MayBegin> may, Map<DayOfWeek, Integer> set, LocalDate today) {
        List<Double> minutes = IntStream.range(0, Workload.MOST_DAYS)
                .mapToObj(day -> Optional.ofNullable(set.get(today.plusDays(day).getDayOfWeek()))
                        .map(Integer::doubleValue)
                        .orElse(Double.POSITIVE_INFINITY))
                .toList();
        return new CareDays.Asked(
                IntStream.range(0, dogs.size())
                        .mapToObj(dog -> dogs.get(dog).stream()
                                .filter(due -> !may.get(dog).jobClosed(due.job(), due.learning()))
                                .map(due -> may.get(dog)
                                                .care(due.job(), due.learning())
                                                .isPresent()
                                        ? due.notBefore(today.plusDays(1))
                                        : due)
                                .toList())
                        .toList(),
                today,
                minutes);
    }

    /**
     * The same plan with other minutes today.
     *
     * @param dogId only this dog is brushed today; empty: any
     */
    public PlanToday with(double minutesToday, Optional<Long> dogId) {
        List<Workload> work = dogs.stream()
                .map(dog -> dogId.filter(id -> id != dog.id()).isPresent()
                        ? dog.work().notToday()
                        : dog.work())
                .toList();
        double[] there = minutes.map(double[]::clone).orElseGet(() -> {
            double[] asLongAsItTakes = new double[HouseholdPlan.days(work)];
            Arrays.fill(asLongAsItTakes, Double.POSITIVE_INFINITY);
            return asLongAsItTakes;
        });
        there[0] = minutesToday;
        return new PlanToday(
                today, dogs, care, HouseholdPlan.of(work, there), comfort, set, Optional.of(there), spentSeconds);
    }

    /** One plan for each of the comforts, in the minutes there are. */
    public Map<Comfort, HouseholdPlan> byComfort() {
        Map<Comfort, HouseholdPlan> plans = new EnumMap<>(Comfort.class);
        for (Comfort other : Comfort.values()) {
            plans.put(
                    other,
                    other == comfort
                            ? plan
                            : plan(
                                    dogs.stream()
                                            .map(dog -> dog.work().with(other))
                                            .toList(),
                                    minutes));
        }
        return plans;
    }

    /** As far as one can sensibly say of any dog. */
    public int daysTold() {
        return dogs.stream().mapToInt(dog -> dog.work().daysTold()).max().orElse(1);
    }

    public int practiceSecondsLeft() {
        return dogs.stream().mapToInt(PlannedDog::practiceSecondsLeft).sum();
    }

    /** If every day had as many minutes as it takes. */
    public HouseholdPlan asItTakes() {
        return minutes.isEmpty()
                ? plan
                : HouseholdPlan.asItTakes(dogs.stream().map(PlannedDog::work).toList());
    }

    /** Minutes for all that is wished for today, setting up included: more where later days are full. */
    public int neededMinutes() {
        return (int) Math.max(Math.ceil(asItTakes().minutes(0)), Math.floor(plan.minutes(0)));
    }

    /** The same with one dog, by its position. */
    public int neededMinutes(int dog) {
        return (int) Math.ceil(Math.max(asItTakes().minutes(dog, 0), plan.minutes(dog, 0)));
    }

    /** @throws IllegalArgumentException when it is none of the dogs in the plan */
    public int position(long dogId) {
        return IntStream.range(0, dogs.size())
                .filter(i -> dogs.get(i).id() == dogId)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("dog " + dogId + " is not in the plan"));
    }

    public PlannedDog at(long dogId) {
        return dogs.get(position(dogId));
    }

    public DogPlan dog(long dogId) {
        return plan.dog(position(dogId));
    }

    /** The sections of one dog that are brushed on a day, 0 being today, in the order of its routine. */
    public List<Section> inOrder(int dog, int day) {
        List<Section> sections = plan.on(day).stream()
                .filter(place -> place.dog() == dog)
                .map(HouseholdPlan.PlannedPlace::section)
                .toList();
        return dogs.get(dog).order().stream().filter(sections::contains).toList();
    }
}
