package rustictangle.server.plan;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;
import rustictangle.core.log.CareJob;
import rustictangle.core.log.Log;
import rustictangle.core.plan.AfterAPause;
import rustictangle.core.plan.DogPlan;
import rustictangle.core.plan.PlanToday;
import rustictangle.core.plan.PlannedDog;
import rustictangle.core.plan.Race;
import rustictangle.core.plan.SectionPlan;
import rustictangle.core.rhythm.OwedBath;
import rustictangle.core.session.SessionLog;
import rustictangle.server.coat.CoatForm;
import rustictangle.server.coat.DogLoader;
import rustictangle.server.dog.DogForm;
import rustictangle.server.dog.StoredDog;
import rustictangle.server.frame.Settings;
import rustictangle.server.log.Logs;
import rustictangle.server.rhythm.ClosedView;
import rustictangle.server.trust.PracticeView;
import rustictangle.server.visit.VisitService;

/** What the owner sees first: what to do today in the minutes there are, and each dog. */
@RestController
record HomeController(DogLoader dogs, Plans plans, Logs logs, VisitService visits, Clock clock, Settings settings) {

    /** @param demo whether this is the made-up household */
    record Home(LocalDate today, boolean demo, TodayView day, List<HomeDog> dogs) {}

    /**
     * Today, over all dogs.
     *
     * @param minutes         that it asks for in all: brushing, practice and the table, setting up included
     * @param neededMinutes   for all that could be wished for
     * @param brushedSeconds  spent on it today already, setting up included
     * @param practiceSeconds still to be practised today
     * @param done            whether all that the day asked for is done
     * @param picks           dog by dog
     * @param care            the small jobs, and baths, besides it
     */
    record TodayView(
            int minutes,
            int neededMinutes,
            int brushedSeconds,
            int practiceSeconds,
            boolean done,
            List<PickView> picks,
            List<CareTurn> care) {}

    /**
     * One job at the table.
     *
     * @param learning whether the next step of its ladder is the job
     */
    record CareTurn(long dogId, CareJob job, double minutes, boolean learning) {}

    /**
     * One session with one dog.
     *
     * @param sections     in the order of the dog's routine
     * @param seconds      of it, setting up included
     * @param setUpSeconds of that
     */
    record PickView(long dogId, List<Section> sections, double seconds, double setUpSeconds) {}

    /**
     * @param form  how it is drawn, with its coat
     * @param coat  absent until it has been described
     * @param known absent until then
     */
    record HomeDog(long id, String name, DogForm form, Optional<CoatForm> coat, Optional<HomeKnown> known) {}

    /**
     * @param brushed         whether anything is brushed on this dog at all
     * @param nextDate        absent: not within the days that are planned
     * @param dueCount        places to brush today
     * @param matLikelyCount  places where a mat is in, or likely, in training or not
     * @param dueSeconds      what they take, setting up included
     * @param inTraining      places that are practised, not brushed
     * @param matsInTraining  expected in those by now, as far as anybody knows
     * @param backOn          on which day there is time for it again; absent: there is today
     * @param afterPause      the first words after a long time without a brush; absent: it was none
     * @param added           what of it came in for what happened today; absent: nothing
     * @param lost            places in training where a mat is likely before they are ready
     * @param owedBath        a bath that gel asks for; absent: none
     * @param closed          places that somebody must see first
     * @param closedJobs      jobs at the table that are closed until somebody has looked
     * @param nobodyKnows     what is in most of its hair: no comb has been through, and nobody remembers
     * @param askPast         whether nobody said yet when a comb last went to the skin
     * @param inPeace         why it is left in peace for the rest of today; absent: it is not
     * @param practice        a few for today; none where its minutes keep more mats elsewhere
     * @param practiceOn      when there are some; absent: nothing is practised
     * @param openSession     the session going on; absent: none
     * @param lastBrushed     absent: never
     * @param unconfirmed     an appointment that was, of which nobody has said whether it took place; absent: none
     */
    record HomeKnown(
            boolean brushed,
            Optional<LocalDate> nextDate,
            Reason why,
            List<SectionBurrs> burrs,
            int dueCount,
            Optional<LocalDate> backOn,
            Optional<Reason> afterPause,
            Optional<Reason> added,
            int matLikelyCount,
            double dueSeconds,
            int inTraining,
            double matsInTraining,
            int lost,
            List<ClosedView> closed,
            List<ClosedView.ClosedJobView> closedJobs,
            Optional<Reason> owedBath,
            Optional<Reason> inPeace,
            boolean nobodyKnows,
            boolean askPast,
            Optional<UUID> openSession,
            Optional<LocalDate> lastBrushed,
            List<PracticeView> practice,
            Optional<LocalDate> practiceOn,
            Optional<LocalDate> unconfirmed) {}

    /** Of a place of which somebody knows what is in it. */
    record SectionBurrs(Section section, int burrs) {}

    @GetMapping("/api/home")
    Home home() {
        PlanToday now = plans.now();
        Map<Long, PlannedDog> members =
                now.dogs().stream().collect(Collectors.toMap(member -> member.id(), Function.identity()));
        return new Home(
                now.today(),
                settings.demo(),
                day(now, now.asked()),
                dogs.all().stream()
                        .map(dog -> dog(now, dog, Optional.ofNullable(members.get(dog.id()))))
                        .toList());
    }

    /** @param minutes there are today, for all of it; absent: as many as the day asks for */
    @GetMapping("/api/today")
    TodayView today(@RequestParam Optional<@Min(0) @Max(PlanToday.MOST_MINUTES) Integer> minutes) {
        PlanToday now = plans.now();
        return day(now, minutes.map(plans::asked).orElseGet(now::asked));
    }

    private TodayView day(PlanToday now, PlanToday.Asked asked) {
        return new TodayView(
                (int) Math.ceil(now.asked().minutes()),
                now.neededMinutes(),
                now.spentSeconds(),
                asked.practiceSeconds(),
                now.done(),
                picks(asked.plan(), 0),
                care(asked.plan(), 0));
    }

    /** The jobs at the table on a day of the plan, 0 being today. */
    static List<CareTurn> care(PlanToday now, int day) {
        return now.care().on(day).stream()
                .map(turn -> new CareTurn(now.dogs().get(turn.dog()).id(), turn.job(), turn.minutes(), turn.learning()))
                .toList();
    }

    /** Dog by dog, on a day of the plan, 0 being today. */
    static List<PickView> picks(PlanToday now, int day) {
        List<PickView> picks = new ArrayList<>();
        for (int i = 0; i < now.dogs().size(); i++) {
            int dog = i;
            List<Section> sections = now.inOrder(dog, day);
            if (!sections.isEmpty()) {
                double all = 60 * now.plan().minutes(dog, day);
                picks.add(new PickView(
                        now.dogs().get(dog).id(),
                        sections,
                        all,
                        all - 60 * now.plan().brushing(dog, day)));
            }
        }
        return picks;
    }

    private HomeDog dog(PlanToday now, StoredDog dog, Optional<PlannedDog> member) {
        return new HomeDog(
                dog.id(),
                dog.form().name(),
                dog.form(),
                dogs.described(dog.id()),
                member.map(planned -> known(now, planned)));
    }

    private HomeKnown known(PlanToday now, PlannedDog member) {
        long id = member.id();
        int position = now.position(id);
        Log log = logs.of(id);
        DogPlan dog = now.dog(id);
        List<SectionPlan> training = dog.sections().stream()
                .filter(section -> member.inTraining().contains(section.section()))
                .toList();
        return new HomeKnown(
                dog.anythingBrushed(),
                dog.next(),
                dog.reason(),
                dog.sections().stream()
                        .filter(section -> !section.nobodyKnows())
                        .map(s -> new SectionBurrs(s.section(), s.burrs()))
                        .toList(),
                dog.due(now.today()).size(),
                member.backOn(),
                AfterAPause.words(member.picture().forecast(), SessionLog.lastDone(log)),
                now.added(position, log),
                (int) dog.sections().stream().filter(SectionPlan::matLikely).count(),
                60 * now.plan().minutes(position, 0),
                training.size(),
                training.stream()
                        .filter(section -> !section.nobodyKnows())
                        .mapToDouble(SectionPlan::mats)
                        .sum(),
                (int) member.races().stream().filter(Race::lost).count(),
                member.closed().stream().map(ClosedView::of).toList(),
                ClosedView.jobs(member.may().jobs().values()),
                OwedBath.of(log, now.today()).map(OwedBath::why),
                member.may().brushing(),
                dog.nobodyKnows(),
                WhenController.askPast(member.picture().forecast(), log),
                SessionLog.open(log).map(SessionLog::id),
                SessionLog.lastDone(log),
                now.practices(position).stream().map(PracticeView::of).toList(),
                now.practiceOn(position),
                visits.unconfirmed(id, now.today()).stream().findFirst());
    }
}
