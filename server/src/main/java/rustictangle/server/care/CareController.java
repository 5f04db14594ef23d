package rustictangle.server.care;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Reason;
import rustictangle.core.Refused;
import rustictangle.core.care.CareCaution;
import rustictangle.core.care.CareDue;
import rustictangle.core.care.CareRules;
import rustictangle.core.care.CareStep;
import rustictangle.core.dog.Section;
import rustictangle.core.log.Bathed;
import rustictangle.core.log.CareJob;
import rustictangle.core.log.CareOutcome;
import rustictangle.core.log.CareWarned;
import rustictangle.core.log.Cared;
import rustictangle.core.log.ClawTouched;
import rustictangle.core.log.DrynessFelt;
import rustictangle.core.log.Exercise;
import rustictangle.core.log.FingerSearched;
import rustictangle.core.log.Limits;
import rustictangle.core.log.Said;
import rustictangle.core.log.Signal;
import rustictangle.core.log.Subject;
import rustictangle.core.log.Warning;
import rustictangle.server.care.CareViews.DogCare;
import rustictangle.server.coat.DogLoader;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.frame.ScreenFacts;
import rustictangle.server.frame.ViewProbe;
import rustictangle.server.kit.KitLoader;
import rustictangle.server.log.Logs;

/** The jobs at the table besides brushing: when they come up, how they are done, and that they were. */
@RestController
@RequestMapping("/api/dogs/{dogId}/care")
record CareController(DogLoader dogs, KitLoader kits, CareViews views, CareStore store, Logs logs, Clock clock)
        implements ViewProbe, ScreenFacts {

    /**
     * One job, step by step.
     *
     * @param places where hands are in it; none: anywhere
     * @param vet    where it ends at the vet
     */
    record CareSteps(CareJob job, List<Section> places, List<CareStep> steps, Reason vet) {}

    /**
     * A job came to its end; the id is the sender's own, so that a repeat does no harm.
     *
     * @param signal how the dog took it; absent: nothing is said of that
     * @param with   what it was done with, where there is a choice; absent: as usual
     */
    record CaredForm(
            @NotNull(message = "Give the entry an id of its own.") UUID id,
            @NotNull(message = "Say which job.") CareJob job,
            @NotNull(message = "Say how it ended.") CareOutcome outcome,
            @Nullable Signal signal,
            @Nullable Subject with,
            @NotNull(message = "Leave it empty where nothing is to be said.")
                    @Size(max = Limits.LONGEST_TEXT, message = "At most {max} characters; shorten it.")
                    String words) {}

    /**
     * @param days    absent: as usual
     * @param ordered whether a vet has ordered it: then it never slips; absent: nobody has
     */
    record EveryForm(@Nullable Integer days, @Nullable Boolean ordered) {}

    @GetMapping
    DogCare care(@PathVariable long dogId) {
        return views.of(dogs.get(dogId));
    }

    @GetMapping("/{job}/steps")
    CareSteps steps(@PathVariable long dogId, @PathVariable CareJob job) {
        KnownDog known = dogs.get(dogId);
        return new CareSteps(
                job,
                job.places(),
                CareStep.of(
                        job,
                        known.dog(),
                        known.coat(),
                        kits.approach(dogId).ways().earHair()),
                CareCaution.vet(job));
    }

    @PostMapping("/done")
    DogCare done(@PathVariable long dogId, @Valid @RequestBody CaredForm form) {
        KnownDog known = dogs.get(dogId);
        logs.say(
                form.id(),
                dogId,
                LocalDate.now(clock),
                new Cared(
                        form.job(),
                        form.outcome(),
                        Optional.ofNullable(form.signal()),
                        form.words().strip(),
                        with(form.job(), form.with())),
                () -> {
                    // What was found, and that it was left, is heard whatever was said before.
                    if (form.outcome().settles()) {
                        views.refuseClosed(known, form.job());
                    }
                });
        return care(dogId);
    }

    /**
     * The dog warned or bit at the table; the id is the sender's own.
     *
     * @param sections where hands were; none: nowhere in particular
     */
    record CareWarning(
            @NotNull(message = "Give the entry an id of its own.") UUID id,
            @NotNull(message = "Say which job.") CareJob job,
            @NotNull(message = "Say where; none: nowhere in particular.") List<@NotNull Section> sections,
            @NotNull(message = "Say what the dog did.") Warning warning) {}

    /** Hands off: it ends, and the job is closed until somebody has looked. */
    @PostMapping("/warnings")
    DogCare warned(@PathVariable long dogId, @Valid @RequestBody CareWarning form) {
        dogs.get(dogId);
        logs.say(form.id(), dogId, LocalDate.now(clock), new CareWarned(form.job(), form.sections(), form.warning()));
        return care(dogId);
    }

    /** @throws Refused when it is nothing that leads to this job */
    static Optional<Subject> with(CareJob job, @Nullable Subject with) {
        if (with != null && !Exercise.leadingTo(job).contains(with)) {
            throw new Refused("with", "That is nothing for " + job.label() + "; leave it empty.");
        }
        return Optional.ofNullable(with);
    }

    /** Undo, whatever was said at the table. A repeat changes nothing. */
    @DeleteMapping("/entries/{entryId}")
    DogCare takeBack(@PathVariable long dogId, @PathVariable UUID entryId) {
        dogs.get(dogId);
        logs.takeBack(dogId, entry -> entry.id().equals(entryId) && ofCare(entry.said()));
        return care(dogId);
    }

    private static boolean ofCare(Said said) {
        return said instanceof Cared
                || said instanceof CareWarned
                || said instanceof ClawTouched
                || said instanceof Bathed
                || said instanceof FingerSearched
                || said instanceof DrynessFelt;
    }

    /** The owner's own interval, or the usual one again. */
    @PutMapping("/{job}/every")
    DogCare every(@PathVariable long dogId, @PathVariable CareJob job, @RequestBody EveryForm form) {
        dogs.get(dogId);
        if (form.days() != null && !CareDue.everyFits(form.days())) {
            throw new Refused("days", CareDue.EVERY_LIMITS);
        }
        boolean ordered = Boolean.TRUE.equals(form.ordered());
        if (ordered && (form.days() == null || form.days() == 0)) {
            throw new Refused("days", "Say how often the vet wants it, in days.");
        }
        store.choose(dogId, job, Optional.ofNullable(form.days()).map(days -> new CareDue.Chosen(days, ordered)));
        return care(dogId);
    }

    @Override
    public void dog(long dogId) {
        care(dogId);
        for (CareJob job : CareJob.values()) {
            steps(dogId, job);
        }
    }

    @Override
    public Map<String, Object> facts() {
        return Map.of(
                "jobsAtGroomers",
                CareRules.atGroomers(),
                "longestPhotoSide",
                Photo.LONGEST,
                "photoQuality",
                Photo.QUALITY);
    }
}
