package rustictangle.server.trust;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.dog.Section;
import rustictangle.core.trust.Signal;
import rustictangle.core.trust.Trial;
import rustictangle.core.trust.Trust;
import rustictangle.core.trust.TreatAllowance;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.coat.KnownDogs;
import rustictangle.server.frame.NotThere;

@RestController
@RequestMapping("/api/dogs/{dogId}")
class TrustController {

    /** @param allowance the day's energy and what of it may be treats */
    record TrustView(List<StandingView> standings, PracticeView practice, TreatAllowance allowance) { }

    /** One answer in a practice; the id is the sender's own, so that a repeat does no harm. */
    record PracticeAnswer(@NotNull UUID id, @NotNull Section section, @NotNull Signal signal) { }

    private final KnownDogs dogs;
    private final TrialStore trials;
    private final Clock clock;

    TrustController(KnownDogs dogs, TrialStore trials, Clock clock) {
        this.dogs = dogs;
        this.trials = trials;
        this.clock = clock;
    }

    @GetMapping("/trust")
    TrustView trust(@PathVariable long dogId) {
        KnownDog known = dogs.get(dogId);
        Trust trust = Trust.of(known.dog(), trials.of(dogId));
        return new TrustView(
                trust.standings().entrySet().stream()
                        .map(entry -> StandingView.of(entry.getKey(), entry.getValue())).toList(),
                PracticeView.today(known.dog(), trust), TreatAllowance.of(known.dog()));
    }

    @PostMapping("/practice-trials")
    TrustView answer(@PathVariable long dogId, @Valid @RequestBody PracticeAnswer answer) {
        dogs.get(dogId);
        trials.addPractice(answer.id(), dogId, clock.instant(), new Trial(answer.section(), answer.signal()));
        return trust(dogId);
    }

    /** Undo. */
    @DeleteMapping("/practice-trials/{trialId}")
    TrustView takeBack(@PathVariable long dogId, @PathVariable UUID trialId) {
        if (!trials.removePractice(trialId, dogId)) {
            throw new NotThere("practice answer", trialId);
        }
        return trust(dogId);
    }
}
