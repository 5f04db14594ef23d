package rustictangle.server.coat;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.coat.Answer;
import rustictangle.core.coat.CoatFinder;
import rustictangle.core.coat.Finding;
import rustictangle.core.coat.Observation;

/** From what an owner sees to the coat it is; nothing is stored here. */
@RestController
@RequestMapping("/api/coat-finder")
class CoatFinderController {

    record ObservationView(Observation observation, String question, String how, List<Answer> answers) {}

    /** @param answers at most one for each observation */
    record SeenForm(
            @NotNull(message = "Send the answers given so far, or an empty list.") Set<@NotNull Answer> answers) {}

    private static final List<ObservationView> KEY = Arrays.stream(Observation.values())
            .map(observation ->
                    new ObservationView(observation, observation.question(), observation.how(), observation.answers()))
            .toList();

    @GetMapping
    List<ObservationView> key() {
        return KEY;
    }

    @PostMapping("/finding")
    Finding find(@Valid @RequestBody SeenForm seen) {
        return CoatFinder.find(seen.answers());
    }
}
