package rustictangle.server.coat;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Reason;
import rustictangle.core.coat.Answer;
import rustictangle.core.coat.CoatFinder;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.Density;
import rustictangle.core.coat.Finding;
import rustictangle.core.coat.Observation;
import rustictangle.core.coat.Texture;

/** From what an owner sees to the coat it is; nothing is stored here. */
@RestController
@RequestMapping("/api/coat-finder")
class CoatFinderController {

    record ObservationView(Observation observation, String question, String how, List<AnswerView> answers) {}

    record AnswerView(Answer answer, String label) {}

    /** @param answers at most one for each observation */
    record SeenForm(
            @NotNull(message = "Send the answers given so far, or an empty list.") Set<@NotNull Answer> answers) {}

    /** @param sureness in words */
    record LikelyView(CoatKind kind, String label, String recognisedBy, String sureness, Reason why) {}

    record DensityView(Density value, String label, String sureness, Reason why) {}

    record TextureView(Texture value, String sureness, Reason why) {}

    record UndercoatView(boolean value, String sureness, Reason why) {}

    /** @param answered whether only a second look can help */
    record DeciderView(
            Observation observation,
            boolean answered,
            Answer forFirst,
            String forFirstLabel,
            Answer forSecond,
            String forSecondLabel) {}

    record FindingView(
            List<LikelyView> likely,
            DensityView density,
            TextureView texture,
            UndercoatView undercoat,
            Optional<DeciderView> decider,
            Optional<Reason> limits) {}

    private static final List<ObservationView> KEY = Arrays.stream(Observation.values())
            .map(observation -> new ObservationView(
                    observation,
                    observation.question(),
                    observation.how(),
                    observation.answers().stream()
                            .map(a -> new AnswerView(a, a.label()))
                            .toList()))
            .toList();

    @GetMapping
    List<ObservationView> key() {
        return KEY;
    }

    @PostMapping("/finding")
    FindingView find(@Valid @RequestBody SeenForm seen) {
        Finding finding = CoatFinder.find(seen.answers());
        return new FindingView(
                finding.likely().stream().map(CoatFinderController::view).toList(),
                new DensityView(
                        finding.density().value(),
                        finding.density().value().label(),
                        finding.density().sureness().label(),
                        finding.density().why()),
                new TextureView(
                        finding.texture().value(),
                        finding.texture().sureness().label(),
                        finding.texture().why()),
                new UndercoatView(
                        finding.undercoat().value(),
                        finding.undercoat().sureness().label(),
                        finding.undercoat().why()),
                finding.decider().map(CoatFinderController::view),
                finding.limits());
    }

    private static LikelyView view(Finding.Likely likely) {
        return new LikelyView(
                likely.kind(),
                likely.kind().label(),
                likely.kind().recognisedBy(),
                likely.sureness().label(),
                likely.why());
    }

    private static DeciderView view(Finding.Decider decider) {
        return new DeciderView(
                decider.observation(),
                decider.answered(),
                decider.forFirst(),
                decider.forFirst().label(),
                decider.forSecond(),
                decider.forSecond().label());
    }
}
