package rustictangle.server.plan;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import rustictangle.core.log.Log;
import rustictangle.core.plan.CareDays;
import rustictangle.core.plan.HouseholdPlan;
import rustictangle.core.plan.PlanToday;
import rustictangle.core.plan.PlannedDog;
import rustictangle.core.rhythm.Closed;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.routine.SetUp;
import rustictangle.core.session.SessionLog;
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
import rustictangle.server.rhythm.ForecastLoader;
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
        CareLoader cares,
        ForecastLoader forecasts,
        Logs logs,
        HouseholdLoader households,
        Progress progress,
        DerivedCache made,
        Clock clock)
        implements ViewProbe {

    private record MorningPrice(List<Double> each) {}

    private record Priced(PlanToday.Basis facts, List<Double> price) {}

    PlanToday now() {
        PlanToday.Basis facts = facts();
        List<Double> price = PlanToday.price(facts)
                .map(morning -> made.of(MorningPrice.class, 0, morning, now -> new MorningPrice(now.reckoned())).each)
                .orElse(List.of());
        return made.of(
                PlanToday.class, 0, new Priced(facts, price), priced -> PlanToday.of(priced.facts, priced.price));
    }

    private PlanToday.Basis facts() {
        LocalDate today = LocalDate.now(clock);
        Household household = households.get();
        List<PlannedDog> planned = new ArrayList<>();
        try (Progress.Running running = progress.begin("Reckoning the plan")) {
            List<KnownDog> all = dogs.known();
            double spent =
                    all.stream().mapToDouble(dog -> spent(logs.of(dog.id()))).sum();
            CareDays.Asked care = PlanToday.careAsked(
                    all.stream().map(cares::of).toList(),
                    all.stream().map(trusts::may).toList(),
                    household.minutes(),
                    today);
            CareDays asChosen = care.asChosen();
            for (KnownDog dog : all) {
                running.at(dog.name(), planned.size(), all.size());
                planned.add(made.of(
                        PlannedDog.class,
                        dog.id(),
                        facts(dog, household.comfort(), asChosen.baths(planned.size()), today),
                        PlannedDog::of));
            }
            running.at("the days to come", 1, 1);
            return new PlanToday.Basis(
                    today, household.comfort(), household.minutes(), planned, care, (int) Math.round(spent));
        }
    }

    private static double spent(Log log) {
        return SessionLog.spentToday(log) + 60 * SetUp.learned(log) * SessionLog.workedToday(log);
    }

    private PlannedDog.Basis facts(KnownDog dog, Comfort comfort, List<Integer> baths, LocalDate today) {
        Log log = logs.of(dog.id());
        return new PlannedDog.Basis(
                dog.id(),
                dog.name(),
                today,
                comfort,
                dog.dog(),
                routines.picture(dog),
                forecasts.thisMorning(dog),
                trusts.today(dog),
                cares.of(dog),
                baths,
                visits.next(dog.id(), today),
                SessionLog.open(log).isPresent(),
                SetUp.learned(log),
                kits.approach(dog.id()).hand(),
                trusts.may(dog),
                Closed.of(log, today));
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
