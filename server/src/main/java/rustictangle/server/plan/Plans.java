package rustictangle.server.plan;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import rustictangle.core.dog.Section;
import rustictangle.core.plan.HouseholdPlan;
import rustictangle.core.plan.KeptDog;
import rustictangle.core.routine.Routine;
import rustictangle.core.routine.RoutineStep;
import rustictangle.core.trust.Practice;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.coat.KnownDogs;
import rustictangle.server.frame.DataFile;
import rustictangle.server.frame.PastLogStore;
import rustictangle.server.frame.Progress;
import rustictangle.server.frame.Shows;
import rustictangle.server.household.Household;
import rustictangle.server.household.HouseholdStore;
import rustictangle.server.routine.Routines;
import rustictangle.server.session.SessionStore;
import rustictangle.server.trust.Trusts;
import rustictangle.server.visit.VisitStore;

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
    record Member(Routines.Dog dog, Routine ready, List<Practice> practices, Optional<LocalDate> groom, KeptDog kept) {

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

    private final KnownDogs dogs;
    private final Routines routines;
    private final Trusts trusts;
    private final VisitStore visits;
    private final SessionStore sessions;
    private final HouseholdStore households;
    private final PastLogStore log;
    private final DataFile data;
    private final Progress progress;
    private final Clock clock;
    private Key reckonedFor;
    private Now reckoned;

    private record Key(DataFile.Version data, LocalDate today) {}

    Plans(
            KnownDogs dogs,
            Routines routines,
            Trusts trusts,
            VisitStore visits,
            SessionStore sessions,
            HouseholdStore households,
            PastLogStore log,
            DataFile data,
            Progress progress,
            Clock clock) {
        this.dogs = dogs;
        this.routines = routines;
        this.trusts = trusts;
        this.visits = visits;
        this.sessions = sessions;
        this.households = households;
        this.log = log;
        this.data = data;
        this.progress = progress;
        this.clock = clock;
    }

    /** The first page does not wait for what can be reckoned before it is asked for. */
    @EventListener(ApplicationReadyEvent.class)
    void beforeAnybodyAsks() {
        Thread ahead = new Thread(() -> data.reading(this::now), "plan-ahead");
        ahead.setDaemon(true);
        ahead.start();
    }

    /** Reckoned anew only after something was written, or on another day. */
    synchronized Now now() {
        Key key = new Key(data.version(), LocalDate.now(clock));
        if (!key.equals(reckonedFor)) {
            reckoned = reckon(key.today);
            reckonedFor = key;
        }
        return reckoned;
    }

    @Override
    public void household() {
        reckon(LocalDate.now(clock));
    }

    private Now reckon(LocalDate today) {
        try (Progress.Running running = progress.begin("Reckoning the plan")) {
            return reckon(today, running);
        }
    }

    private Now reckon(LocalDate today, Progress.Running running) {
        Household household = households.get();
        List<KnownDog> known =
                dogs.all().stream().flatMap(dog -> dogs.known(dog).stream()).toList();
        List<Member> members = new ArrayList<>();
        for (KnownDog dog : known) {
            running.at(dog.name(), members.size(), known.size());
            members.add(member(routines.dog(dog), household, today));
        }
        running.at("the days to come", 1, 1);
        List<KeptDog> kept = members.stream().map(Member::kept).toList();
        if (household.minutes().isEmpty()) {
            return new Now(today, members, HouseholdPlan.asItTakes(kept, today), household, Optional.empty(), 0);
        }
        int spent = sessions.spentSince(log.beginning(today));
        int practice = members.stream().mapToInt(Member::practiceSeconds).sum();
        int practiceLeft =
                members.stream().mapToInt(Member::practiceSecondsLeft).sum();
        int[] seconds = IntStream.range(0, HouseholdPlan.days(kept, today))
                .map(day -> Math.max(
                        0,
                        60 * household.minutes().get(today.plusDays(day).getDayOfWeek())
                                - (day == 0 ? spent + practiceLeft : practice)))
                .toArray();
        return new Now(
                today, members, HouseholdPlan.of(kept, seconds, today), household, Optional.of(seconds[0] / 60), spent);
    }

    private Member member(Routines.Dog dog, Household household, LocalDate today) {
        Routine ready = dog.ready();
        Map<Section, Integer> seconds =
                ready.steps().stream().collect(Collectors.toMap(RoutineStep::section, RoutineStep::seconds));
        Optional<LocalDate> groom = visits.next(dog.known().id(), today);
        return new Member(
                dog,
                ready,
                trusts.today(dog.known(), dog.trust()),
                groom,
                new KeptDog(
                        dog.forecast(),
                        household.comfort(),
                        seconds,
                        groom.orElse(today.plusDays(KeptDog.DAYS_WITHOUT_GROOMER))));
    }
}
