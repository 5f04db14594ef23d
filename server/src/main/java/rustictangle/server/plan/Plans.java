package rustictangle.server.plan;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;
import rustictangle.core.dog.Section;
import rustictangle.core.plan.HouseholdPlan;
import rustictangle.core.plan.Workload;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.routine.Picture;
import rustictangle.core.routine.Routine;
import rustictangle.core.routine.RoutineStep;
import rustictangle.core.session.SessionLog;
import rustictangle.core.trust.Practice;
import rustictangle.server.coat.DogLoader;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.frame.LastMade;
import rustictangle.server.frame.Progress;
import rustictangle.server.frame.Shows;
import rustictangle.server.household.Household;
import rustictangle.server.household.HouseholdLoader;
import rustictangle.server.log.Logs;
import rustictangle.server.routine.RoutineLoader;
import rustictangle.server.trust.TrustLoader;
import rustictangle.server.visit.VisitService;

/** The household's plan from today on, reckoned anew from what is known now. */
@Component
class Plans implements Shows {

    /**
     * One dog in the plan.
     *
     * @param ready     everything that is brushed on it and not in training
     * @param practices for today, done or not
     * @param groom     when a groomer sees it next; empty: nobody said
     */
    record Member(
            KnownDog known,
            Picture picture,
            Routine ready,
            List<Practice> practices,
            Optional<LocalDate> groom,
            Workload kept) {

        int practiceSeconds() {
            return practices.stream()
                    .mapToInt(practice -> (int) practice.atMost().toSeconds())
                    .sum();
        }

        int practiceSecondsLeft() {
            return practices.stream()
                    .filter(practice -> !practice.doneToday())
                    .mapToInt(practice -> (int) practice.atMost().toSeconds())
                    .sum();
        }
    }

    /**
     * @param minutes     there are today, what was brushed today and what is to be practised taken off; empty: as many as
     *                    it takes
     * @param spentSeconds brushed today already
     */
    record Now(
            LocalDate today,
            List<Member> members,
            HouseholdPlan plan,
            Household household,
            Optional<Integer> minutes,
            int spentSeconds) {

        int practiceSecondsLeft() {
            return members.stream().mapToInt(Member::practiceSecondsLeft).sum();
        }
    }

    private final DogLoader dogs;
    private final RoutineLoader routines;
    private final TrustLoader trusts;
    private final VisitService visits;
    private final Logs logs;
    private final HouseholdLoader households;
    private final Progress progress;
    private final Clock clock;
    private final LastMade made;

    /** All that the plan follows from. */
    private record Facts(LocalDate today, Household household, List<Known> dogs, int spentSeconds) {}

    /** All that a dog's part in it follows from. */
    private record Known(KnownDog known, Picture picture, List<Practice> practices, Optional<LocalDate> groom) {}

    private record MemberFacts(LocalDate today, Comfort comfort, Known dog) {}

    Plans(
            DogLoader dogs,
            RoutineLoader routines,
            TrustLoader trusts,
            VisitService visits,
            Logs logs,
            HouseholdLoader households,
            Progress progress,
            LastMade made,
            Clock clock) {
        this.dogs = dogs;
        this.routines = routines;
        this.trusts = trusts;
        this.visits = visits;
        this.logs = logs;
        this.households = households;
        this.progress = progress;
        this.made = made;
        this.clock = clock;
    }

    /** Reckoned anew only of other facts. */
    Now now() {
        LocalDate today = LocalDate.now(clock);
        Household household = households.get();
        List<Known> known = new ArrayList<>();
        int spent = 0;
        try (Progress.Running running = progress.begin("Reckoning the plan")) {
            List<KnownDog> all = dogs.known();
            for (KnownDog dog : all) {
                running.at(dog.name(), known.size(), all.size());
                known.add(new Known(dog, routines.picture(dog), trusts.today(dog), visits.next(dog.id(), today)));
                spent += SessionLog.spentToday(logs.of(dog.id()));
            }
            running.at("the days to come", 1, 1);
            List<Member> members = known.stream()
                    .map(dog -> made.of(
                            Member.class,
                            dog.known.id(),
                            new MemberFacts(today, household.comfort(), dog),
                            Plans::member))
                    .toList();
            return made.of(Now.class, 0, new Facts(today, household, known, spent), facts -> reckon(facts, members));
        }
    }

    @Override
    public void household() {
        now();
    }

    private static Now reckon(Facts facts, List<Member> members) {
        LocalDate today = facts.today;
        Household household = facts.household;
        List<Workload> kept = members.stream().map(Member::kept).toList();
        if (household.minutes().isEmpty()) {
            return new Now(today, members, HouseholdPlan.asItTakes(kept, today), household, Optional.empty(), 0);
        }
        int practice = members.stream().mapToInt(Member::practiceSeconds).sum();
        int practiceLeft =
                members.stream().mapToInt(Member::practiceSecondsLeft).sum();
        int[] seconds = IntStream.range(0, HouseholdPlan.days(kept, today))
                .map(day -> Math.max(
                        0,
                        60 * household.minutes().get(today.plusDays(day).getDayOfWeek())
                                - (day == 0 ? facts.spentSeconds + practiceLeft : practice)))
                .toArray();
        return new Now(
                today,
                members,
                HouseholdPlan.of(kept, seconds, today),
                household,
                Optional.of(seconds[0] / 60),
                facts.spentSeconds);
    }

    private static Member member(MemberFacts facts) {
        Known dog = facts.dog;
        Routine ready = dog.picture.ready();
        Map<Section, Integer> seconds =
                ready.steps().stream().collect(Collectors.toMap(RoutineStep::section, RoutineStep::seconds));
        return new Member(
                dog.known,
                dog.picture,
                ready,
                dog.practices,
                dog.groom,
                new Workload(
                        dog.picture.forecast(),
                        facts.comfort,
                        seconds,
                        dog.groom.orElse(facts.today.plusDays(Workload.DAYS_WITHOUT_GROOMER))));
    }
}
