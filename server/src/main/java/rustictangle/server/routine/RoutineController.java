package rustictangle.server.routine;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.routine.Order;
import rustictangle.core.routine.Routine;
import rustictangle.server.coat.KnownDogs;

@RestController
class RoutineController {

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

    /** "I have N minutes". */
    @GetMapping("/api/dogs/{dogId}/minutes")
    MinutesView minutes(@PathVariable long dogId) {
        return routines.minutes(dogs.get(dogId), LocalDate.now(clock));
    }
}
