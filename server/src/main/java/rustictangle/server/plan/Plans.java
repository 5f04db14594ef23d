package rustictangle.server.plan;

import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;
import rustictangle.core.Reason;
import rustictangle.core.care.CareDue;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Hand;
import rustictangle.core.log.Log;
import rustictangle.core.plan.CareDays;
import rustictangle.core.plan.DogPlan;
import rustictangle.core.plan.HouseholdPlan;
import rustictangle.core.plan.Race;
import rustictangle.core.plan.Workload;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.routine.Picture;
import rustictangle.core.routine.RoutineStep;
import rustictangle.core.routine.SetUp;
import rustictangle.core.routine.Sitting;
import rustictangle.core.session.Closed;
import rustictangle.core.session.SessionLog;
import rustictangle.core.trust.Practice;
import rustictangle.server.care.CareLoader;
import rustictangle.server.coat.DogLoader;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.frame.LastMade;
import rustictangle.server.frame.NotThere;
import rustictangle.server.frame.Progress;
import rustictangle.server.frame.Shows;
import rustictangle.server.household.Household;
import rustictangle.server.household.HouseholdLoader;
import rustictangle.server.kit.KitLoader;
import rustictangle.server.log.Logs;
import rustictangle.server.routine.RoutineLoader;
import rustictangle.server.trust.TrustLoader;
import rustictangle.server.visit.VisitService;

/** The household's plan from today on, reckoned anew from what is known now: every view of it reads this one. */
@Component
class Plans implements Shows {

    /**
     * One dog in the plan.
     *
     * @param order     of everything that is brushed
     * @param races     between trust and tangle, of the places in training, the ones that are lost first
     * @param closed    where a vet or a groomer must look first
     * @param sitting   the longest there may be; empty: as long as both are at ease
     * @param practices for today, done or not
     * @param care      every job at the table, due or not
     * @param groom     when a groomer sees it next; empty: nobody said
     */
    record Member(
            KnownDog known,
            Picture picture,
            List<Section> order,
            List<Race> races,
            List<Closed> closed,
            Optional<Sitting> sitting,
            List<Practice> practices,
            List<CareDue> care,
            Optional<LocalDate> groom,
            Workload work) {

        /** What leads to brushing takes its minutes first; all else what is left of the day. */
        int practiceSeconds() {
            return practices.stream()
                    .filter(Practice::leadsToBrushing)
                    .mapToInt(practice -> (int) practice.atMost().toSeconds())
                    .sum();
        }

        int practiceSecondsLeft() {
            return practices.stream()
                    .filter(practice -> practice.leadsToBrushing() && !practice.doneToday())
                    .mapToInt(practice -> (int) practice.atMost().toSeconds())
                    .sum();
        }
    }

    /**
     * @param minutes      there are each day for brushing, today's practice and what was brushed already taken off;
     *                     empty: as many as it takes
     * @param spentSeconds with the dogs already today
     * @param care         the small jobs, by the position of the dogs
     */
    record Now(
            LocalDate today,
            List<Member> members,
            CareDays care,
            HouseholdPlan plan,
            Household household,
            Optional<double[]> minutes,
            int spentSeconds) {

        /** As far as one can sensibly say of any dog. */
        int daysTold() {
            return members.stream()
                    .mapToInt(member -> member.work().daysTold())
                    .max()
                    .orElse(1);
        }

        int practiceSecondsLeft() {
            return members.stream().mapToInt(Member::practiceSecondsLeft).sum();
        }

        /** If every day had as many minutes as it takes. */
        HouseholdPlan asItTakes() {
            return minutes.isEmpty()
                    ? plan
                    : HouseholdPlan.asItTakes(members.stream().map(Member::work).toList());
        }

        /** Minutes for all that is wished for today, setting up included: more where later days are full. */
        int neededMinutes() {
            return (int) Math.max(Math.ceil(asItTakes().minutes(0)), Math.floor(plan.minutes(0)));
        }

        /** The same with one dog, by its position. */
        int neededMinutes(int dog) {
            return (int) Math.ceil(Math.max(asItTakes().minutes(dog, 0), plan.minutes(dog, 0)));
        }

        int position(long dogId) {
            return IntStream.range(0, members.size())
                    .filter(i -> members.get(i).known().id() == dogId)
                    .findFirst()
                    .orElseThrow(() -> new NotThere("dog", dogId));
        }

        DogPlan dog(long dogId) {
            return plan.dog(position(dogId));
        }

        /** The sections of one dog that are brushed on a day, 0 being today, in the order of its routine. */
        List<Section> inOrder(int dog, int day) {
            List<Section> sections = plan.on(day).stream()
                    .filter(place -> place.dog() == dog)
                    .map(HouseholdPlan.Place::section)
                    .toList();
            return members.get(dog).order().stream().filter(sections::contains).toList();
        }

        /** Those that are practised, not brushed. */
        List<Section> inTraining(long dogId) {
            return members.get(position(dogId)).races().stream()
                    .map(Race::section)
                    .toList();
        }
    }

    private final DogLoader dogs;
    private final RoutineLoader routines;
    private final TrustLoader trusts;
    private final KitLoader kits;
    private final VisitService visits;
    private final CareLoader cares;
    private final Logs logs;
    private final HouseholdLoader households;
    private final Progress progress;
    private final Clock clock;
    private final LastMade made;

    /** All that the plan follows from. */
    private record Facts(LocalDate today, Household household, List<Member> members, CareDays care, int spentSeconds) {}

    /** All that a dog's part in it follows from. */
    private record Known(
            LocalDate today,
            Comfort comfort,
            KnownDog known,
            Picture picture,
            List<Practice> practices,
            List<CareDue> care,
            List<Integer> baths,
            Optional<LocalDate> groom,
            boolean going,
            double setUp,
            Hand hand,
            List<Closed> closed) {}

    Plans(
            DogLoader dogs,
            RoutineLoader routines,
            TrustLoader trusts,
            KitLoader kits,
            VisitService visits,
            CareLoader cares,
            Logs logs,
            HouseholdLoader households,
            Progress progress,
            LastMade made,
            Clock clock) {
        this.dogs = dogs;
        this.routines = routines;
        this.trusts = trusts;
        this.kits = kits;
        this.visits = visits;
        this.cares = cares;
        this.logs = logs;
        this.households = households;
        this.progress = progress;
        this.made = made;
        this.clock = clock;
    }

    /** Reckoned anew only of other facts. */
    Now now() {
        return made.of(Now.class, 0, facts(), Plans::reckon);
    }

    private Facts facts() {
        LocalDate today = LocalDate.now(clock);
        Household household = households.get();
        List<Member> members = new ArrayList<>();
        double spent = 0;
        try (Progress.Running running = progress.begin("Reckoning the plan")) {
            List<KnownDog> all = dogs.known();
            for (KnownDog dog : all) {
                Log log = logs.of(dog.id());
                spent += SessionLog.spentToday(log) + 60 * SetUp.learned(log) * SessionLog.begunToday(log);
            }
            CareDays days = careDays(all, household, spent, today);
            for (KnownDog dog : all) {
                running.at(dog.name(), members.size(), all.size());
                Log log = logs.of(dog.id());
                members.add(made.of(
                        Member.class,
                        dog.id(),
                        new Known(
                                today,
                                household.comfort(),
                                dog,
                                routines.picture(dog),
                                trusts.today(dog),
                                cares.of(dog),
                                days.baths(members.size()),
                                visits.next(dog.id(), today),
                                SessionLog.open(log).isPresent(),
                                SetUp.learned(log),
                                kits.approach(dog.id()).hand(),
                                Closed.of(log, today)),
                        Plans::member));
            }
            running.at("the days to come", 1, 1);
            return new Facts(today, household, members, days, (int) Math.round(spent));
        }
    }

    /** Before the brushing, whose minutes they take. */
    private CareDays careDays(List<KnownDog> all, Household household, double spentSeconds, LocalDate today) {
        double[] minutes = IntStream.range(0, Workload.MOST_DAYS)
                .mapToDouble(day -> Optional.ofNullable(
                                household.minutes().get(today.plusDays(day).getDayOfWeek()))
                        .map(there -> Math.max(0, there - (day == 0 ? spentSeconds / 60 : 0)))
                        .orElse(Double.POSITIVE_INFINITY))
                .toArray();
        return CareDays.of(
                all.stream()
                        .map(dog ->
                                trusts.of(dog).inPeaceToday().isPresent() ? later(cares.of(dog), today) : cares.of(dog))
                        .toList(),
                today,
                minutes);
    }

    private static List<CareDue> later(List<CareDue> care, LocalDate today) {
        return care.stream().map(due -> due.notBefore(today.plusDays(1))).toList();
    }

    @Override
    public void household() {
        now();
    }

    private static Now reckon(Facts facts) {
        List<Workload> work = facts.members.stream().map(Member::work).toList();
        Optional<double[]> minutes = minutes(facts, HouseholdPlan.days(work));
        return new Now(
                facts.today,
                facts.members,
                facts.care,
                minutes.map(there -> HouseholdPlan.of(work, there)).orElseGet(() -> HouseholdPlan.asItTakes(work)),
                facts.household,
                minutes,
                facts.spentSeconds);
    }

    /** Practice and the small jobs take their minutes first. */
    private static Optional<double[]> minutes(Facts facts, int days) {
        if (facts.household.minutes().isEmpty()) {
            return Optional.empty();
        }
        int practice = facts.members.stream().mapToInt(Member::practiceSeconds).sum();
        int left = facts.members.stream().mapToInt(Member::practiceSecondsLeft).sum();
        return Optional.of(IntStream.range(0, days)
                .mapToDouble(day -> Math.max(
                        0,
                        facts.household.minutes().get(facts.today.plusDays(day).getDayOfWeek())
                                - facts.care.minutes(day)
                                - (day == 0 ? facts.spentSeconds + left : practice) / 60.0))
                .toArray());
    }

    private record Asked(Now now, double minutes, Optional<Long> dogId) {}

    /**
     * The same plan with other minutes today.
     *
     * @param dogId only this dog is brushed today; empty: any
     */
    Now with(double minutes, Optional<Long> dogId) {
        Now now = now();
        return made.of(
                        AskedPlan.class,
                        dogId.orElse(0L),
                        new Asked(now, minutes, dogId),
                        asked -> new AskedPlan(with(asked)))
                .now;
    }

    private record AskedPlan(Now now) {}

    private static Now with(Asked asked) {
        Now now = asked.now;
        List<Workload> work = IntStream.range(0, now.members.size())
                .mapToObj(i -> asked.dogId.isEmpty() || now.position(asked.dogId.get()) == i
                        ? now.members.get(i).work()
                        : now.members.get(i).work().notToday())
                .toList();
        double[] minutes = now.minutes.map(double[]::clone).orElseGet(() -> {
            double[] asLongAsItTakes = new double[HouseholdPlan.days(work)];
            Arrays.fill(asLongAsItTakes, Double.POSITIVE_INFINITY);
            return asLongAsItTakes;
        });
        minutes[0] = asked.minutes;
        return new Now(
                now.today,
                now.members,
                now.care,
                HouseholdPlan.of(work, minutes),
                now.household,
                Optional.of(minutes),
                now.spentSeconds);
    }

    /** One dog for each of the comforts, in the minutes there are. */
    Map<Comfort, HouseholdPlan> byComfort() {
        Now now = now();
        return made.of(ByComfort.class, 0, now, Plans::byComfort).plans;
    }

    private record ByComfort(Map<Comfort, HouseholdPlan> plans) {}

    private static ByComfort byComfort(Now now) {
        Map<Comfort, HouseholdPlan> plans = new EnumMap<>(Comfort.class);
        for (Comfort comfort : Comfort.values()) {
            List<Workload> work = now.members.stream()
                    .map(member -> member.work().with(comfort))
                    .toList();
            plans.put(
                    comfort,
                    comfort == now.household.comfort()
                            ? now.plan
                            : now.minutes
                                    .map(there -> HouseholdPlan.of(work, there))
                                    .orElseGet(() -> HouseholdPlan.asItTakes(work)));
        }
        return new ByComfort(plans);
    }

    private static Member member(Known dog) {
        Picture picture = dog.picture;
        Optional<Sitting> sitting = Sitting.of(dog.known.dog(), dog.hand);
        List<RoutineStep> steps = picture.routine(picture.kit().brushed()).steps();
        Map<Section, Reason> closed = dog.closed.stream()
                .collect(Collectors.toMap(Closed::section, Closed::why, (gravest, other) -> gravest));
        Set<Section> untouched = dog.closed.stream()
                .filter(one -> !one.practised())
                .map(Closed::section)
                .collect(Collectors.toSet());
        List<Race> races = picture.trust().notReady(picture.kit().brushed()).stream()
                .filter(section -> !closed.containsKey(section))
                .map(section -> Race.of(
                        section,
                        picture.forecast().at(section).orElseThrow(),
                        picture.trust().readiness(section).orElseThrow(),
                        picture.trust().at(section).orElseThrow().afterFear()))
                .sorted(Comparator.comparingDouble(Race::matsThen).reversed())
                .toList();
        Map<Section, Optional<Integer>> ready = races.stream().collect(Collectors.toMap(Race::section, Race::ready));
        Map<Section, Workload.Place> places = new EnumMap<>(Section.class);
        steps.forEach(step -> {
            double minutes = step.seconds() / 60;
            places.put(
                    step.section(),
                    closed.containsKey(step.section())
                            ? Workload.Place.closed(minutes, closed.get(step.section()))
                            : ready.containsKey(step.section())
                                    ? Workload.Place.inTraining(minutes, ready.get(step.section()))
                                    : Workload.Place.ready(minutes));
        });
        Workload work = new Workload(
                picture.forecast(),
                dog.comfort,
                places,
                new Workload.Sessions(dog.setUp, dog.going, sitting.map(Sitting::atMost)),
                dog.groom.map(day -> (int) ChronoUnit.DAYS.between(dog.today, day)),
                dog.baths);
        return new Member(
                dog.known,
                picture,
                steps.stream().map(RoutineStep::section).toList(),
                races,
                dog.closed,
                sitting,
                dog.practices.stream()
                        .filter(practice -> practice.spot()
                                .section()
                                .filter(untouched::contains)
                                .isEmpty())
                        .toList(),
                dog.care,
                dog.groom,
                picture.trust().inPeaceToday().isPresent() ? work.notToday() : work);
    }
}
