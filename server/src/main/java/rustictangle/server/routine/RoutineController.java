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
import rustictangle.core.routine.Method;
import rustictangle.core.routine.Order;
import rustictangle.core.routine.Routine;
import rustictangle.server.coat.KnownDogs;

@RestController
class RoutineController {

    /** A card that shows how, with the words to show. */
    record MethodView(Method method, String title, String why, List<String> steps) { }

    private static final List<MethodView> METHODS = Arrays.stream(Method.values())
            .map(method -> new MethodView(method, method.title(), method.why(), method.steps())).toList();

    private final KnownDogs dogs;
    private final Routines routines;
    private final Clock clock;

    RoutineController(KnownDogs dogs, Routines routines, Clock clock) {
        this.dogs = dogs;
        this.routines = routines;
        this.clock = clock;
    }

    @GetMapping("/api/dogs/{dogId}/routine")
    RoutineView routine(@PathVariable long dogId, @RequestParam(defaultValue = "DUE") Routines.Scope scope,
            @RequestParam Optional<Order> order) {
        Routine routine = routines.of(dogs.get(dogId), scope);
        return RoutineView.of(order.map(routine::inOrder).orElse(routine));
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
}
