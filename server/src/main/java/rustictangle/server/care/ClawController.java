package rustictangle.server.care;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Reason;
import rustictangle.core.care.CareDue;
import rustictangle.core.care.CareRules;
import rustictangle.core.care.Claws;
import rustictangle.core.care.Claws.DewClaws;
import rustictangle.core.care.NailWords;
import rustictangle.core.log.CareJob;
import rustictangle.core.log.ClawResult;
import rustictangle.core.log.ClawTouched;
import rustictangle.core.log.Paw;
import rustictangle.core.log.Signal;
import rustictangle.core.log.Subject;
import rustictangle.server.coat.DogLoader;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.frame.ViewProbe;
import rustictangle.server.log.Logs;

/** Paws and claws. */
@RestController
@RequestMapping("/api/dogs/{dogId}/claws")
record ClawController(DogLoader dogs, CareLoader care, CareViews views, CareStore store, Logs logs, Clock clock)
        implements ViewProbe {

    /**
     * @param how      to cut, for claws of that colour
     * @param holds    the dog: a fore paw, a hind paw, a small one
     * @param tooShort what to do at once when one bleeds
     */
    record ClawsView(
            LocalDate today,
            boolean frontDew,
            boolean hindDew,
            boolean dark,
            List<ClawView> claws,
            List<Reason> how,
            List<Reason> holds,
            List<Reason> tooShort,
            int bleedsAtMostSeconds) {}

    /**
     * @param toe  0: the dew claw
     * @param due  whether its turn is today
     * @param last absent: nothing was said
     */
    record ClawView(Paw paw, int toe, boolean due, Optional<LocalDate> day, Optional<ClawResult> last) {}

    /**
     * One claw; the id is the sender's own.
     *
     * @param signal how the dog took it, where one was cut too short; absent: not asked
     * @param with   what it was done with; absent: as usual
     */
    record ClawForm(
            @NotNull(message = "Give the entry an id of its own.") UUID id,
            @NotNull(message = "Say which paw.") Paw paw,
            @NotNull(message = "Say which toe, 1 to 4, or 0 for the dew claw.") Integer toe,
            @NotNull(message = "Say what was done.") ClawResult result,
            @Nullable Signal signal,
            @Nullable Subject with) {}

    record ClawKindForm(
            @NotNull(message = "Say true or false.") Boolean frontDew,
            @NotNull(message = "Say true or false.") Boolean hindDew,
            @NotNull(message = "Say true or false.") Boolean dark) {}

    @GetMapping
    ClawsView claws(@PathVariable long dogId) {
        KnownDog known = dogs.get(dogId);
        LocalDate today = LocalDate.now(clock);
        CareStore.ClawKind kind = care.clawKind(dogId);
        Claws claws = care.claws(dogId);
        int every = Optional.ofNullable(care.chosen(dogId).get(CareJob.NAILS))
                .map(CareDue.Chosen::every)
                .orElseGet(() -> CareRules.of(CareJob.NAILS).every(known.dog()));
        List<Claws.Claw> due = claws.due(today, every);
        return new ClawsView(
                today,
                kind.dewClaws().front(),
                kind.dewClaws().hind(),
                kind.dark(),
                claws.claws().stream()
                        .map(claw -> new ClawView(
                                claw.paw(),
                                claw.toe(),
                                due.contains(claw),
                                claw.last().map(Claws.Touch::day),
                                claw.last().map(Claws.Touch::result)))
                        .toList(),
                NailWords.how(kind.dark()),
                NailWords.holds(),
                NailWords.tooShort(care.supplies().keySet()),
                NailWords.BLEEDS_AT_MOST_SECONDS);
    }

    @PostMapping
    ClawsView touched(@PathVariable long dogId, @Valid @RequestBody ClawForm form) {
        KnownDog known = dogs.get(dogId);
        ClawTouched touched = new ClawTouched(
                form.paw(),
                form.toe(),
                form.result(),
                Optional.ofNullable(form.signal()),
                CareController.with(CareJob.NAILS, form.with()));
        logs.say(form.id(), dogId, LocalDate.now(clock), touched, () -> {
            // A claw that bleeds is heard whatever was said before.
            if (form.result() == ClawResult.DONE) {
                views.refuseClosed(known, CareJob.NAILS);
            }
        });
        return claws(dogId);
    }

    @PutMapping
    ClawsView kind(@PathVariable long dogId, @Valid @RequestBody ClawKindForm form) {
        dogs.get(dogId);
        store.put(dogId, new CareStore.ClawKind(new DewClaws(form.frontDew(), form.hindDew()), form.dark()));
        return claws(dogId);
    }

    @Override
    public void dog(long dogId) {
        claws(dogId);
    }
}
