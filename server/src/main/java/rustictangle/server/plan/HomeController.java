package rustictangle.server.plan;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;
import rustictangle.core.log.Log;
import rustictangle.core.plan.HouseholdPlan;
import rustictangle.core.rhythm.Rhythm;
import rustictangle.core.rhythm.SectionRhythm;
import rustictangle.core.routine.RoutineStep;
import rustictangle.core.routine.Training;
import rustictangle.core.session.SessionLog;
import rustictangle.server.coat.DogLoader;
import rustictangle.server.dog.StoredDog;
import rustictangle.server.frame.Settings;
import rustictangle.server.log.Logs;
import rustictangle.server.trust.PracticeView;
import rustictangle.server.visit.VisitService;

/** What the owner sees first: what to do today in the minutes there are, and each dog. */
@RestController
class HomeController {

    /** @param demo whether this is the made-up household */
    record Home(LocalDate today, boolean demo, TodayView day, List<HomeDog> dogs) {}

    /**
     * Today, over all dogs.
     *
     * @param minutes         for brushing; absent: as many as it takes
     * @param neededMinutes   with so many nothing is left to do
     * @param brushedSeconds  done today already
     * @param practiceSeconds still to be practised today, besides those minutes
     * @param choices         only where the choice changes: each holds until the minutes of the next
     */
    record TodayView(
            Optional<Integer> minutes,
            int neededMinutes,
            int brushedSeconds,
            int practiceSeconds,
            List<ChoiceView> choices) {}

    /** @param minutes from which on this is best */
    record ChoiceView(int minutes, List<PickView> picks) {}

    /** @param sections in the order of the dog's routine */
    record PickView(long dogId, List<Section> sections, int seconds) {}

    /** @param known absent until the coat has been described */
    record HomeDog(long id, String name, Optional<HomeKnown> known) {}

    /**
     * @param brushed         whether anything is brushed on this dog at all
     * @param dueCount        places to brush today
     * @param dueSeconds      minutes of work due today, as seconds
     * @param inTraining      places that are due and practised, not brushed
     * @param practice        one or two for today; none where nothing is brushed
     * @param openSession     the session going on; absent: none
     * @param lastBrushed     absent: never
     * @param unconfirmed     an appointment that was, of which nobody has said whether it took place; absent: none
     */
    record HomeKnown(
            boolean brushed,
            LocalDate nextDate,
            Reason why,
            List<SectionBurrs> burrs,
            int dueCount,
            int overdueCount,
            int dueSeconds,
            int inTraining,
            Optional<UUID> openSession,
            Optional<LocalDate> lastBrushed,
            List<PracticeView> practice,
            Optional<LocalDate> unconfirmed) {}

    record SectionBurrs(Section section, int burrs) {}

    private final DogLoader dogs;
    private final Plans plans;
    private final Logs logs;
    private final VisitService visits;
    private final Clock clock;
    private final Settings settings;

    HomeController(DogLoader dogs, Plans plans, Logs logs, VisitService visits, Clock clock, Settings settings) {
        this.dogs = dogs;
        this.plans = plans;
        this.logs = logs;
        this.visits = visits;
        this.clock = clock;
        this.settings = settings;
    }

    @GetMapping("/api/home")
    Home home() {
        Plans.Now now = plans.now();
        Map<Long, Plans.Member> members = now.members().stream()
                .collect(Collectors.toMap(member -> member.known().id(), Function.identity()));
        return new Home(
                now.today(),
                settings.demo(),
                day(now),
                dogs.all().stream()
                        .map(dog -> dog(dog, Optional.ofNullable(members.get(dog.id()))))
                        .toList());
    }

    private static TodayView day(Plans.Now now) {
        List<HouseholdPlan.Choice> choices = now.plan().choices();
        return new TodayView(
                now.minutes(),
                choices.get(choices.size() - 1).minutes(),
                now.spentSeconds(),
                now.practiceSecondsLeft(),
                choices.stream()
                        .map(choice -> new ChoiceView(choice.minutes(), picks(now, choice.places())))
                        .toList());
    }

    /** Dog by dog. */
    static List<PickView> picks(Plans.Now now, Collection<HouseholdPlan.Place> places) {
        List<PickView> picks = new ArrayList<>();
        for (int i = 0; i < now.members().size(); i++) {
            Plans.Member member = now.members().get(i);
            int dog = i;
            Map<Section, Integer> chosen = places.stream()
                    .filter(place -> place.dog() == dog)
                    .collect(Collectors.toMap(HouseholdPlan.Place::section, HouseholdPlan.Place::seconds));
            if (!chosen.isEmpty()) {
                picks.add(new PickView(
                        member.known().id(),
                        member.ready().steps().stream()
                                .map(RoutineStep::section)
                                .filter(chosen::containsKey)
                                .toList(),
                        chosen.values().stream().mapToInt(Integer::intValue).sum()));
            }
        }
        return picks;
    }

    private HomeDog dog(StoredDog dog, Optional<Plans.Member> member) {
        return new HomeDog(dog.id(), dog.form().name(), member.map(this::known));
    }

    private HomeKnown known(Plans.Member member) {
        long id = member.known().id();
        Log log = logs.of(id);
        Rhythm rhythm = member.picture().rhythm();
        List<SectionRhythm> due = rhythm.dueSections();
        Training training = Training.of(
                member.picture().trust(),
                due.stream().map(SectionRhythm::section).toList());
        return new HomeKnown(
                rhythm.anythingBrushed(),
                rhythm.nextDate(),
                rhythm.reason(),
                rhythm.sections().stream()
                        .map(s -> new SectionBurrs(s.section(), s.burrs()))
                        .toList(),
                training.brushed().size(),
                (int) due.stream().filter(SectionRhythm::overdue).count(),
                member.ready().steps().stream()
                        .filter(step -> training.brushed().contains(step.section()))
                        .mapToInt(RoutineStep::seconds)
                        .sum(),
                training.practised().size(),
                SessionLog.open(log).map(SessionLog::id),
                SessionLog.lastEnded(log).map(at -> LocalDate.ofInstant(at, clock.getZone())),
                member.practices().stream().map(PracticeView::of).toList(),
                visits.unconfirmed(id, LocalDate.now(clock)).stream().findFirst());
    }
}
