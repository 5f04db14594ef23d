package rustictangle.server.plan;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;
import rustictangle.core.kit.Approach;
import rustictangle.core.log.Log;
import rustictangle.core.plan.CareDays;
import rustictangle.core.plan.DaysOff;
import rustictangle.core.plan.HouseholdPlan;
import rustictangle.core.plan.NotEnough;
import rustictangle.core.plan.PlanToday;
import rustictangle.core.plan.PlannedDog;
import rustictangle.core.plan.PracticeDays;
import rustictangle.core.plan.Promise;
import rustictangle.core.plan.Workload;
import rustictangle.core.rhythm.Closed;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.routine.SetUp;
import rustictangle.core.session.SessionLog;
import rustictangle.core.trust.Practice;
import rustictangle.server.care.CareLoader;
import rustictangle.server.coat.DogLoader;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.frame.DerivedCache;
import rustictangle.server.frame.Progress;
import rustictangle.server.frame.ViewProbe;
import rustictangle.server.household.Household;
import rustictangle.server.household.HouseholdLoader;
import rustictangle.server.kit.KitLoader;
import rustictangle.server.log.Logs;
import rustictangle.server.routine.RoutineLoader;
import rustictangle.server.trust.TrustLoader;
import rustictangle.server.visit.VisitService;

/** Loads all that the household's plan follows from; reckoned anew only of other facts. */
@Component
record Plans(
        DogLoader dogs,
        RoutineLoader routines,
        TrustLoader trusts,
        KitLoader kits,
        VisitService visits,
        DaysOffStore daysOff,
        CareLoader cares,
        Logs logs,
        HouseholdLoader households,
        Progress progress,
        DerivedCache made,
        Clock clock)
        implements ViewProbe {

    PlanToday now() {
        PlanToday.Basis facts = facts();
        PlanToday.Settled settled = PlanToday.settled(facts);
        HouseholdPlan plan = settled.equals(facts.promise().settled())
                ? facts.promise().plan()
                : made.of(
                                Later.class,
                                0,
                                new LaterBasis(settled, facts.promise()),
                                now -> new Later(now.settled.plan(now.promise.plan())))
                        .plan;
        return made.of(PlanToday.class, 0, facts, now -> PlanToday.of(now, settled, plan));
    }

    private record LaterBasis(PlanToday.Settled settled, Promise promise) {}

    private record Later(HouseholdPlan plan) {}

    private PlanToday.Basis facts() {
        Household household = households.get();
        LocalDate today = LocalDate.now(clock);
        List<PlannedDog> planned = new ArrayList<>();
        try (Progress.Running running = progress.begin("Reckoning the plan")) {
            List<KnownDog> all = dogs.known();
            List<Log> now = all.stream().map(dog -> logs.of(dog.id())).toList();
            CareDays.Asked care = care(all, now, household, today);
            Promise promise = promise(all, now.stream().map(Log::morning).toList(), household, today);
            for (KnownDog dog : all) {
                int position = planned.size();
                running.at(dog.name(), position, all.size());
                planned.add(planned(
                        dog,
                        now.get(position),
                        household.comfort(),
                        care.baths(position),
                        promise.practice().every(position),
                        today));
            }
            double spent = now.stream().mapToDouble(Plans::spent).sum();
            return new PlanToday.Basis(
                    today, household.comfort(), household.minutes(), planned, care, promise, (int) Math.round(spent));
        }
    }

    private record EnoughBasis(Promise.Basis facts, Promise morning) {}

    private record Enough(Optional<NotEnough> not) {}

    /** That the minutes do not suffice, and what would; empty: they do. */
    Optional<NotEnough> notEnough() {
        List<KnownDog> all = dogs.known();
        List<Log> begun =
                all.stream().map(dog -> logs.of(dog.id()).morning().begun()).toList();
        Household household = households.get();
        Promise.Basis facts = begun(all, begun, household, LocalDate.now(clock));
        return made.of(
                        Enough.class,
                        0,
                        new EnoughBasis(facts, morning(facts)),
                        now -> new Enough(NotEnough.of(now.facts, now.morning)))
                .not;
    }

    private Promise morning(Promise.Basis facts) {
        return made.of(Promise.class, 0, facts, Promise::of);
    }

    private record Since(Promise.Basis begun, Promise morning, Promise.Stand happened) {}

    private record WithNews(Promise promise) {}

    private Promise promise(List<KnownDog> all, List<Log.Morning> mornings, Household household, LocalDate today) {
        List<Log> begun = mornings.stream().map(Log.Morning::begun).toList();
        List<Log> since = mornings.stream().map(Log.Morning::since).toList();
        Promise.Basis facts = begun(all, begun, household, today);
        Promise morning = morning(facts);
        return begun.equals(since)
                ? morning
                : made.of(
                                WithNews.class,
                                0,
                                new Since(facts, morning, stand(all, since, household, today)),
                                now -> new WithNews(now.morning.and(now.begun, now.happened)))
                        .promise;
    }

    private Promise.Basis begun(List<KnownDog> all, List<Log> begun, Household household, LocalDate today) {
        return new Promise.Basis(
                today,
                household.minutes(),
                IntStream.range(0, all.size())
                        .mapToObj(dog -> practice(all.get(dog), begun.get(dog), household.comfort(), today))
                        .toList(),
                stand(all, begun, household, today));
    }

    private PracticeDays.Asked practice(KnownDog dog, Log log, Comfort comfort, LocalDate today) {
        List<Practice> practices = trusts.today(dog, log);
        return PracticeDays.Asked.of(
                practices,
                routines.picture(dog, log).forecast(),
                comfort,
                trusts.of(dog, log).atRest(practices),
                DaysOff.among(daysOff.of(dog.id()), today, Workload.MOST_DAYS));
    }

    private Promise.Stand stand(List<KnownDog> all, List<Log> told, Household household, LocalDate today) {
        CareDays.Asked care = care(all, told, household, today);
        return new Promise.Stand(
                IntStream.range(0, all.size())
                        .mapToObj(dog -> work(all.get(dog), told.get(dog), household.comfort(), care.baths(dog), today))
                        .toList(),
                care);
    }

    private CareDays.Asked care(List<KnownDog> all, List<Log> told, Household household, LocalDate today) {
        return PlanToday.careAsked(
                IntStream.range(0, all.size())
                        .mapToObj(dog -> cares.of(all.get(dog), told.get(dog)))
                        .toList(),
                IntStream.range(0, all.size())
                        .mapToObj(dog -> trusts.may(all.get(dog), told.get(dog)))
                        .toList(),
                all.stream().map(dog -> daysOff.of(dog.id())).toList(),
                household.minutes(),
                today);
    }

    private static double spent(Log log) {
        return SessionLog.spentToday(log) + 60 * SetUp.learned(log) * SessionLog.workedToday(log);
    }

    /** As far as a log of the dog's tells. */
    private Workload work(KnownDog dog, Log log, Comfort comfort, List<Integer> baths, LocalDate today) {
        Workload.Basis basis = made.of(
                Workload.Basis.class, dog.id(), facts(dog, log, comfort, baths, today), PlannedDog.WorkBasis::work);
        return made.of(Workload.class, dog.id(), basis, Workload.Basis::work);
    }

    /** A usual week of one dog that is brushed in another way, where there are minutes enough. */
    HouseholdPlan.Week week(KnownDog dog, Approach approach) {
        Workload work = facts(
                        dog, logs.of(dog.id()), households.get().comfort(), List.of(), approach, LocalDate.now(clock))
                .work()
                .work();
        return HouseholdPlan.asItTakes(List.of(work)).week(0);
    }

    private PlannedDog.WorkBasis facts(KnownDog dog, Log log, Comfort comfort, List<Integer> baths, LocalDate today) {
        return facts(dog, log, comfort, baths, kits.approach(dog.id()), today);
    }

    private PlannedDog.WorkBasis facts(
            KnownDog dog, Log log, Comfort comfort, List<Integer> baths, Approach approach, LocalDate today) {
        return new PlannedDog.WorkBasis(
                today,
                comfort,
                dog.dog(),
                routines.picture(dog, log),
                baths,
                daysOff.of(dog.id()),
                visits.next(dog.id(), today),
                SessionLog.open(log).isPresent(),
                SetUp.learned(log),
                approach,
                trusts.may(dog, log));
    }

    /** @param every after how many days it practises again */
    private PlannedDog planned(
            KnownDog dog, Log log, Comfort comfort, List<Integer> baths, int every, LocalDate today) {
        return made.of(
                PlannedDog.class,
                dog.id(),
                new PlannedDog.Basis(
                        dog.id(),
                        dog.name(),
                        facts(dog, log, comfort, baths, today),
                        work(dog, log, comfort, baths, today),
                        SessionLog.doneToday(log),
                        SessionLog.workedToday(log) > 0,
                        trusts.today(dog, log),
                        every,
                        cares.of(dog, log),
                        Closed.of(log, today)),
                PlannedDog::of);
    }

    private record Question(PlanToday now, double minutes, Optional<Long> dogId) {}

    private record AskedPlan(PlanToday plan) {}

    /**
     * The same plan with other minutes today.
     *
     * @param dogId only this dog is brushed today; empty: any
     */
    PlanToday with(double minutes, Optional<Long> dogId) {
        return made.of(
                        AskedPlan.class,
                        dogId.orElse(0L),
                        new Question(now(), minutes, dogId),
                        asked -> new AskedPlan(asked.now.with(asked.minutes, asked.dogId)))
                .plan;
    }

    private record Minutes(PlanToday now, int minutes) {}

    /** What today asks for where there are so many minutes. */
    PlanToday.Asked asked(int minutes) {
        return made.of(PlanToday.Asked.class, 0, new Minutes(now(), minutes), asked -> asked.now.asked(asked.minutes));
    }

    private record ByComfort(Map<Comfort, HouseholdPlan> plans) {}

    /** One plan for each of the comforts, in the minutes there are. */
    Map<Comfort, HouseholdPlan> byComfort() {
        return made.of(ByComfort.class, 0, now(), now -> new ByComfort(now.byComfort())).plans;
    }

    @Override
    public void household() {
        now();
    }
}
