package rustictangle.core.plan;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.function.IntToDoubleFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import rustictangle.core.Reason;
import rustictangle.core.Sure;
import rustictangle.core.care.CareDue;
import rustictangle.core.dog.Section;
import rustictangle.core.log.Happened;
import rustictangle.core.log.Log;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.trust.MayBegin;
import rustictangle.core.trust.Practice;

/**
 * The household's plan as it stands today: every view of it reads this one.
 *
 * @param promise      what the day asks for, done or not
 * @param care         the small jobs, by the position of the dogs; of today, what is left of them
 * @param plan         of today, what is left of what was promised
 * @param set          minutes a day that the household has chosen; none: as many as it takes
 * @param settled      what it was planned from
 * @param spentSeconds with the dogs already today
 */
public record PlanToday(
        LocalDate today,
        List<PlannedDog> dogs,
        Promise promise,
        CareDays care,
        HouseholdPlan plan,
        Comfort comfort,
        Map<DayOfWeek, Integer> set,
        Settled settled,
        int spentSeconds) {

    /** Nobody has more for one day. */
    public static final int MOST_MINUTES = 600;

    /** By so much a day may run over before something of it waits, minutes. Own choice. */
    private static final double RUNS_OVER = 1;

    /** All that the plan follows from. */
    public record Basis(
            LocalDate today,
            Comfort comfort,
            Map<DayOfWeek, Integer> set,
            List<PlannedDog> dogs,
            CareDays.Asked care,
            Promise promise,
            int spentSeconds) {}

    /**
     * What the days to come are planned from, what is left of today being settled.
     *
     * @param chores what comes after today besides brushing
     * @param set    minutes of each day of the week; none: as many as it takes
     * @param spent  minutes of today that are no more there for brushing: for all else, done or not, and for what was brushed
     */
    public record Settled(
            List<Workload> dogs, Chores chores, Map<DayOfWeek, Integer> set, LocalDate today, double spent) {

        /** To a tenth of a second, so that a sum in another order is no other day. */
        public Settled {
            spent = Math.round(600 * spent) / 600.0;
        }

        /** @param like one that is nearly right */
        public HouseholdPlan plan(HouseholdPlan like) {
            return with(dogs, like);
        }

        private HouseholdPlan with(List<Workload> others, HouseholdPlan like) {
            return set.isEmpty()
                    ? HouseholdPlan.asItTakes(others, chores)
                    : HouseholdPlan.of(others, chores, PlanToday.minutes(set, today), spent, Optional.of(like));
        }

        /** The same with so many minutes for brushing today. */
        private HouseholdPlan with(List<Workload> others, double minutesToday, HouseholdPlan like) {
            return HouseholdPlan.of(
                    others, chores, day -> day == 0 ? minutesToday : minutes(day), 0, Optional.of(like));
        }

        /** There are on a day, for all of it; infinite: as many as it takes. */
        double minutes(int day) {
            return set.isEmpty()
                    ? Double.POSITIVE_INFINITY
                    : PlanToday.minutes(set, today).applyAsDouble(day);
        }

        /** What is left of today for brushing. */
        private double left() {
            return Math.max(0, minutes(0) - spent);
        }
    }

    /** Minutes of each day, 0 being today. */
    static IntToDoubleFunction minutes(Map<DayOfWeek, Integer> set, LocalDate today) {
        return day -> Sure.at(set, today.plusDays(day).getDayOfWeek());
    }

    /** @param plan of what is {@link #settled} by these facts: while nothing is done, the promise's own */
    public static PlanToday of(Basis facts, Settled settled, HouseholdPlan plan) {
        return new PlanToday(
                facts.today,
                facts.dogs,
                facts.promise,
                plan.care().withToday(careLeft(facts)),
                plan,
                facts.comfort,
                facts.set,
                settled,
                facts.spentSeconds);
    }

    public static Settled settled(Basis facts) {
        List<Set<Section>> left = IntStream.range(0, facts.dogs.size())
                .mapToObj(dog -> facts.dogs.get(dog).left(facts.promise.dogs().get(dog)))
                .toList();
        Settled settled = settled(facts, work(facts.dogs, left, Workload.Today::just));
        double sure = settled.dogs.stream()
                .mapToDouble(dog -> dog.minutesSureToday(settled.minutes(0)))
                .sum();
        return facts.spentSeconds > 0 && sure > settled.left() + RUNS_OVER
                ? settled(facts, work(facts.dogs, left, Workload.Today::only))
                : settled;
    }

    private static Settled settled(Basis facts, List<Workload> work) {
        double table = CareDays.done(facts.dogs.stream().map(PlannedDog::care).toList())
                + careLeft(facts).stream()
                        .filter(job -> !job.bath())
                        .mapToDouble(CareDays.PlannedJob::minutes)
                        .sum();
        double practice =
                practiceSeconds(facts.dogs, facts.promise, true) + practiceSeconds(facts.dogs, facts.promise, false);
        return new Settled(
                work,
                Chores.afterToday(facts.care, facts.promise.care(), facts.promise.practice()),
                facts.set,
                facts.today,
                table + (practice + facts.spentSeconds) / 60.0);
    }

    private static List<Workload> work(
            List<PlannedDog> dogs, List<Set<Section>> sections, Function<Set<Section>, Workload.Today> settled) {
        return IntStream.range(0, dogs.size())
                .mapToObj(dog -> dogs.get(dog).work(settled.apply(sections.get(dog))))
                .toList();
    }

    /** Of what was promised at the table what is left, and what must be done today whatever was promised. */
    private static List<CareDays.PlannedJob> careLeft(Basis facts) {
        List<List<CareDue>> dogs = facts.care.dogs();
        Set<CareDays.PlannedJob> left = new LinkedHashSet<>();
        for (CareDays.PlannedJob job : facts.promise.care()) {
            if (dogs.get(job.dog()).stream()
                    .anyMatch(due ->
                            due.job() == job.job() && due.learning() == job.learning() && due.due(facts.today))) {
                left.add(job);
            }
        }
        facts.care.baths(Optional.empty()).get(0).stream()
                .filter(job -> dogs.get(job.dog()).stream().anyMatch(due -> due.job() == job.job() && due.owed()))
                .filter(job -> left.stream().noneMatch(other -> other.dog() == job.dog() && other.job() == job.job()))
                .forEach(left::add);
        return List.copyOf(left);
    }

    /**
     * What is asked for at the table.
     *
     * @param dogs what each of them asks for
     * @param may  by the position of the dogs, what may be begun with them now
     * @param off  by the same, when nothing is done with them
     */
    public static CareDays.Asked careAsked(
            List<List<CareDue>> dogs,
            List<MayBegin> may,
            List<List<DaysOff>> off,
            Map<DayOfWeek, Integer> set,
            LocalDate today) {
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
                off.stream()
                        .map(days -> DaysOff.among(days, today, Workload.MOST_DAYS))
                        .toList(),
                today,
                minutes);
    }

    /**
     * The same plan with other minutes today: what was promised first, and more where they suffice for more.
     *
     * @param dogId only this dog is brushed today; empty: any
     */
    public PlanToday with(double minutesToday, Optional<Long> dogId) {
        List<Set<Section>> promised = IntStream.range(0, dogs.size())
                .mapToObj(dog -> dogId.filter(id -> id != dogs.get(dog).id()).isPresent()
                        ? Set.<Section>of()
                        : plan.sectionsOn(dog, 0))
                .toList();
        double takes = IntStream.range(0, dogs.size())
                .filter(dog -> !promised.get(dog).isEmpty())
                .mapToDouble(dog -> plan.minutes(dog, 0))
                .sum();
        boolean more = minutesToday >= takes;
        List<Workload> work = IntStream.range(0, dogs.size())
                .mapToObj(dog -> dogs.get(dog)
                        .work(
                                dogId.filter(id -> id != dogs.get(dog).id()).isPresent()
                                        ? Workload.Today.NOTHING
                                        : more
                                                ? Workload.Today.atLeast(promised.get(dog))
                                                : Workload.Today.only(promised.get(dog))))
                .toList();
        return new PlanToday(
                today,
                dogs,
                promise,
                care,
                settled.with(work, minutesToday, plan),
                comfort,
                set,
                settled,
                spentSeconds);
    }

    /**
     * What today asks for, all of it.
     *
     * @param plan            of today's brushing, and of the jobs at the table
     * @param practiceSeconds of practice
     */
    public record Asked(PlanToday plan, int practiceSeconds) {

        /** Brushing, practice and the small jobs, setting up included; a bath is an hour of its own. */
        public double minutes() {
            return plan.plan.minutes(0) + plan.care.minutes(0) + practiceSeconds / 60.0;
        }
    }

    public Asked asked() {
        return new Asked(this, practiceSecondsLeft());
    }

    /**
     * What there is time for: the hottest places first, then jobs at the table and practice; where there is more than the
     * day asks for, more is brushed.
     */
    public Asked asked(double minutesToday) {
        double besides = asked().minutes() - plan.minutes(0);
        if (minutesToday >= asked().minutes()) {
            return new Asked(with(minutesToday - besides, Optional.empty()), practiceSecondsLeft());
        }
        PlanToday brushed = with(minutesToday, Optional.empty());
        double left = minutesToday - brushed.plan.minutes(0);
        List<CareDays.PlannedJob> jobs = new ArrayList<>();
        for (CareDays.PlannedJob job : care.on(0)) {
            if (job.bath() || job.minutes() <= left) {
                jobs.add(job);
                left -= job.bath() ? 0 : job.minutes();
            }
        }
        PlanToday all = new PlanToday(
                today, dogs, promise, care.withToday(jobs), brushed.plan, comfort, set, settled, spentSeconds);
        return new Asked(all, practiceSecondsLeft() <= 60 * left ? practiceSecondsLeft() : 0);
    }

    /** Whether all that the day asked for is done. */
    public boolean done() {
        boolean anything = !promise.care().isEmpty()
                || promise.dogs().stream().anyMatch(places -> !places.isEmpty())
                || IntStream.range(0, dogs.size())
                        .anyMatch(dog -> promise.practice().on(dog, 0));
        return anything
                && plan.on(0).isEmpty()
                && care.on(0).stream().allMatch(CareDays.PlannedJob::bath)
                && practiceSecondsLeft() == 0;
    }

    private static final Log.Reading<String> HAPPENED = entries -> entries.stream()
            .flatMap(entry -> entry.as(Happened.class).stream())
            .map(happened -> happened.event().label())
            .toList();

    /** Of what is left for today what came in for what happened to a dog; empty: nothing. */
    public Optional<Reason> added(int dog, Log log) {
        Set<Section> added = plan.sectionsOn(dog, 0);
        added.retainAll(promise.added().get(dog));
        return added.isEmpty()
                ? Optional.empty()
                : Optional.of(new Reason(
                        "plan.added",
                        "New since it "
                                + log.readToday(HAPPENED).stream().distinct().collect(Collectors.joining(" and "))
                                + ": "
                                + added.size() + (added.size() == 1 ? " place." : " places.")));
    }

    /** One plan for each of the comforts, in the minutes there are. */
    public Map<Comfort, HouseholdPlan> byComfort() {
        Map<Comfort, HouseholdPlan> plans = new ConcurrentHashMap<>();
        Arrays.stream(Comfort.values())
                .parallel()
                .forEach(other -> plans.put(
                        other,
                        settled.with(
                                dogs.stream().map(dog -> dog.work().with(other)).toList(), plan)));
        return new EnumMap<>(plans);
    }

    /** As far as one can sensibly say of any dog. */
    public int daysTold() {
        return dogs.stream().mapToInt(dog -> dog.work().daysTold()).max().orElse(1);
    }

    /** Days that are planned, today included. */
    public int daysPlanned() {
        return care.days().size();
    }

    /** Of practice on a day, 0 being today: what is still to be done. */
    public int practiceSeconds(int day) {
        return day == 0
                ? practiceSecondsLeft()
                : (int) Math.round(60 * promise.practice().minutes(day));
    }

    public int practiceSecondsLeft() {
        return practiceSeconds(dogs, promise, false);
    }

    /** Done or not; what is not is asked for only where it was promised. */
    private static int practiceSeconds(List<PlannedDog> dogs, Promise promise, boolean done) {
        return IntStream.range(0, dogs.size())
                .filter(dog -> done || promise.practice().on(dog, 0))
                .map(dog -> dogs.get(dog).practiceSeconds(done))
                .sum();
    }

    /** Practices of a dog, by its position, that today asks for, and those that are done. */
    public List<Practice> practices(int dog) {
        PlannedDog here = dogs.get(dog);
        return here.practices().stream()
                .filter(practice -> practice.doneToday()
                        || practiceOn(dog).filter(today::equals).isPresent())
                .toList();
    }

    /** When a dog practises next, by its position; empty: nothing is to be practised in the days that are planned. */
    public Optional<LocalDate> practiceOn(int dog) {
        PlannedDog here = dogs.get(dog);
        if (here.backOn().isPresent() || here.practices().stream().noneMatch(Practice::leadsToBrushing)) {
            return Optional.of(here.backOn().orElse(today))
                    .filter(day -> !here.practices().isEmpty());
        }
        return promise.practice().days(dog).stream().findFirst().map(today::plusDays);
    }

    /** Minutes of a day that nothing takes; infinite: as many as it takes. */
    double spare(int day) {
        return settled.minutes(day)
                - plan.minutes(day)
                - (day == 0 ? settled.spent() : care.minutes(day) + practiceSeconds(day) / 60.0);
    }

    /** If every day had as many minutes as it takes, what was promised for today first. */
    public HouseholdPlan asItTakes() {
        return HouseholdPlan.asItTakes(IntStream.range(0, dogs.size())
                .mapToObj(dog -> dogs.get(dog).work(Workload.Today.atLeast(plan.sectionsOn(dog, 0))))
                .toList());
    }

    /** Minutes for all that could be wished for today, practice and the table included: more where minutes are short. */
    public int neededMinutes() {
        return (int) Math.ceil(asked().minutes() + Math.max(0, asItTakes().minutes(0) - plan.minutes(0)));
    }

    /** For brushing one dog, by its position. */
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
        Set<Section> sections = plan.sectionsOn(dog, day);
        return dogs.get(dog).order().stream().filter(sections::contains).toList();
    }
}
