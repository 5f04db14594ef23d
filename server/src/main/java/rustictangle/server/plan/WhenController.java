package rustictangle.server.plan;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Reason;
import rustictangle.core.Refused;
import rustictangle.core.Sure;
import rustictangle.core.dog.Section;
import rustictangle.core.log.CareJob;
import rustictangle.core.log.LastCombed;
import rustictangle.core.log.Limits;
import rustictangle.core.log.Log;
import rustictangle.core.log.PastTold;
import rustictangle.core.log.SeenBy;
import rustictangle.core.plan.DogPlan;
import rustictangle.core.plan.HouseholdPlan;
import rustictangle.core.plan.PlanToday;
import rustictangle.core.plan.PlannedDog;
import rustictangle.core.plan.Race;
import rustictangle.core.rhythm.Closed;
import rustictangle.core.rhythm.ClosedJob;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.rhythm.Forecast;
import rustictangle.core.rhythm.Learned;
import rustictangle.core.rhythm.StatedCombing;
import rustictangle.server.coat.DogLoader;
import rustictangle.server.frame.ViewProbe;
import rustictangle.server.log.Logs;
import rustictangle.server.rhythm.ClosedView;

/** When each place of a dog is brushed, and why. */
@RestController
record WhenController(DogLoader dogs, Plans plans, Logs logs, Clock clock) implements ViewProbe {

    /**
     * @param season  what the shedding season asks for; absent when nothing just now
     * @param learned what this dog's own checks taught, the surest and largest first
     * @param races   between trust and tangle, of the places in training, the ones that are lost first
     * @param closed  places that somebody must see first
     * @param closedJobs jobs at the table that are closed until somebody has looked
     * @param past    when a comb last went to the skin everywhere, as far as the owner remembers; absent: nobody said
     * @param askPast whether it matters, and nobody said
     */
    record ScheduleView(
            LocalDate today,
            DogPlan plan,
            Optional<Reason> season,
            List<Learned> learned,
            List<Race> races,
            List<ClosedView> closed,
            List<ClosedView.ClosedJobView> closedJobs,
            Optional<LastCombed> past,
            boolean askPast) {}

    record PastForm(@NotNull(message = "Say when; if nobody knows, say so.") LastCombed lastCombed) {}

    record LookedForm(
            @NotNull(message = "Say who has seen it.") SeenBy.Who who,
            @NotNull @Size(max = Limits.LONGEST_TEXT, message = "At most {max} characters; shorten it.")
                    String words) {}

    /** What a comfort means for the dogs of the household: a mat is worth so many minutes. */
    record ComfortView(Comfort comfort, int minutesPerMat, List<ComfortDog> dogs) {}

    /** In the days that are planned. */
    record ComfortDog(String name, double minutesAWeek, double matsAMonth) {}

    @GetMapping("/api/dogs/{dogId}/when")
    ScheduleView when(@PathVariable long dogId) {
        dogs.get(dogId);
        PlanToday now = plans.now();
        PlannedDog member = now.dogs().get(now.position(dogId));
        Forecast forecast = member.picture().forecast();
        Log log = logs.of(dogId);
        return new ScheduleView(
                now.today(),
                now.dog(dogId),
                forecast.season(),
                forecast.learned(),
                member.races(),
                member.closed().stream().map(ClosedView::of).toList(),
                ClosedView.jobs(member.may().jobs().values()),
                StatedCombing.of(log).lastCombed(),
                askPast(forecast, log));
    }

    static boolean askPast(Forecast forecast, Log log) {
        return StatedCombing.of(log).lastCombed().isEmpty()
                && forecast.sections().stream()
                        .anyMatch(section -> section.hair().kind().mats()
                                && section.lastClear().isEmpty());
    }

    /** When a comb last went to the skin everywhere, as far as the owner remembers; the newest answer counts. */
    @PutMapping("/api/dogs/{dogId}/past")
    ScheduleView tell(@PathVariable long dogId, @Valid @RequestBody PastForm form) {
        dogs.get(dogId);
        if (!StatedCombing.of(logs.of(dogId)).lastCombed().equals(Optional.of(form.lastCombed()))) {
            logs.say(UUID.randomUUID(), dogId, LocalDate.now(clock), new PastTold(form.lastCombed()));
        }
        return when(dogId);
    }

    /** Undo: it is asked again. A repeat changes nothing. */
    @DeleteMapping("/api/dogs/{dogId}/past")
    ScheduleView forget(@PathVariable long dogId) {
        dogs.get(dogId);
        logs.takeBack(dogId, entry -> entry.said() instanceof PastTold);
        return when(dogId);
    }

    /** The vet or the groomer has looked at a place that was closed: it is open again, with what they said. */
    @PutMapping("/api/dogs/{dogId}/closed/{section}/seen")
    ScheduleView seen(@PathVariable long dogId, @PathVariable Section section, @Valid @RequestBody LookedForm form) {
        return seen(
                dogId,
                form,
                new SeenBy(section, form.who(), form.words().strip()),
                Closed.of(logs.of(dogId), LocalDate.now(clock)).stream()
                        .filter(place -> place.section() == section)
                        .map(Closed::who)
                        .toList());
    }

    /** The same of the whole dog, and of every job at the table. */
    @PutMapping("/api/dogs/{dogId}/closed/seen")
    ScheduleView seenEverywhere(@PathVariable long dogId, @Valid @RequestBody LookedForm form) {
        return seen(
                dogId,
                form,
                new SeenBy(Optional.empty(), form.who(), form.words().strip(), Optional.empty()),
                Closed.of(logs.of(dogId), LocalDate.now(clock)).stream()
                        .map(Closed::who)
                        .toList());
    }

    /** The same of a job at the table. */
    @PutMapping("/api/dogs/{dogId}/closed-jobs/{job}/seen")
    ScheduleView seenJob(@PathVariable long dogId, @PathVariable CareJob job, @Valid @RequestBody LookedForm form) {
        return seen(
                dogId,
                form,
                new SeenBy(Optional.empty(), form.who(), form.words().strip(), Optional.of(job)),
                ClosedJob.of(logs.of(dogId), LocalDate.now(clock)).stream()
                        .filter(closing -> closing.job() == job)
                        .map(ClosedJob::who)
                        .toList());
    }

    /** @param must who must look; none: it is open already */
    private ScheduleView seen(long dogId, LookedForm form, SeenBy said, List<SeenBy.Who> must) {
        dogs.get(dogId);
        if (!must.isEmpty() && must.stream().noneMatch(form.who()::opens)) {
            throw new Refused(
                    "who",
                    "Before it is opened again it must be seen by "
                            + must.get(0).label() + "; say so once they have.");
        }
        if (!must.isEmpty()) {
            logs.say(UUID.randomUUID(), dogId, LocalDate.now(clock), said);
        }
        return when(dogId);
    }

    /** Undo: it is closed again. A repeat changes nothing. */
    @DeleteMapping("/api/dogs/{dogId}/closed/{section}/seen")
    ScheduleView notSeen(@PathVariable long dogId, @PathVariable Section section) {
        dogs.get(dogId);
        LocalDate today = LocalDate.now(clock);
        logs.takeBack(
                dogId,
                entry -> entry.day().equals(today)
                        && entry.as(SeenBy.class)
                                .filter(seen -> seen.section().equals(Optional.of(section)))
                                .isPresent());
        return when(dogId);
    }

    @GetMapping("/api/comforts")
    List<ComfortView> comforts() {
        PlanToday now = plans.now();
        Map<Comfort, HouseholdPlan> byComfort = plans.byComfort();
        return Arrays.stream(Comfort.values())
                .map(comfort -> new ComfortView(
                        comfort,
                        (int) comfort.minutesPerMat(),
                        IntStream.range(0, now.dogs().size())
                                .filter(dog -> now.plan().dog(dog).anythingBrushed())
                                .mapToObj(dog -> new ComfortDog(
                                        now.dogs().get(dog).name(),
                                        Sure.at(byComfort, comfort).minutesAWeek(dog),
                                        Sure.at(byComfort, comfort).matsAMonth(dog)))
                                .toList()))
                .toList();
    }

    @Override
    public void dog(long dogId) {
        when(dogId);
    }

    @Override
    public void household() {
        comforts();
    }
}
