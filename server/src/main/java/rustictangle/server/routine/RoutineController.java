package rustictangle.server.routine;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Reason;
import rustictangle.core.routine.Method;
import rustictangle.core.routine.Order;
import rustictangle.core.routine.Routine;
import rustictangle.server.coat.DogLoader;
import rustictangle.server.frame.Shows;
import rustictangle.server.trust.StandingView;

@RestController
class RoutineController implements Shows {

    /** A card that shows how, with the words to show. */
    record MethodView(Method method, String title, String why, List<String> steps) {}

    private static final List<MethodView> METHODS = Arrays.stream(Method.values())
            .map(method -> new MethodView(method, method.title(), method.why(), method.steps()))
            .toList();

    private final DogLoader dogs;
    private final RoutineLoader routines;
    private final Clock clock;

    RoutineController(DogLoader dogs, RoutineLoader routines, Clock clock) {
        this.dogs = dogs;
        this.routines = routines;
        this.clock = clock;
    }

    /**
     * @param inTraining where the dog is practised with, not brushed
     * @param why        absent when there is no such place
     * @param season     what the shedding season asks for; absent when nothing just now
     */
    record RoutineAnswer(
            RoutineView routine, List<StandingView> inTraining, Optional<Reason> why, Optional<Reason> season) {}

    /** @param training whether what is still in training is brushed all the same */
    @GetMapping("/api/dogs/{dogId}/routine")
    RoutineAnswer routine(
            @PathVariable long dogId,
            @RequestParam(defaultValue = "DUE") RoutineLoader.Scope scope,
            @RequestParam Optional<Order> order,
            @RequestParam(defaultValue = "false") boolean training) {
        RoutineLoader.Today today = routines.today(dogs.get(dogId), scope, training);
        Routine routine = today.routine();
        return new RoutineAnswer(
                RoutineView.of(order.map(routine::inOrder).orElse(routine)),
                today.inTraining(),
                today.why(),
                today.season());
    }

    /** How each thing is done with the hands. */
    @GetMapping("/api/methods")
    List<MethodView> methods() {
        return METHODS;
    }

    /** "I have N minutes". */
    @GetMapping("/api/dogs/{dogId}/minutes")
    MinutesView minutes(@PathVariable long dogId) {
        return routines.minutes(dogs.get(dogId), LocalDate.now(clock));
    }

    @Override
    public void dog(long dogId) {
        routine(dogId, RoutineLoader.Scope.WHOLE, Optional.empty(), true);
        minutes(dogId);
    }
}
