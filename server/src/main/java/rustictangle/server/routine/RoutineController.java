package rustictangle.server.routine;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.server.coat.KnownDogs;

@RestController
class RoutineController {

    private final KnownDogs dogs;
    private final Routines routines;

    RoutineController(KnownDogs dogs, Routines routines) {
        this.dogs = dogs;
        this.routines = routines;
    }

    @GetMapping("/api/dogs/{dogId}/routine")
    RoutineView routine(@PathVariable long dogId, @RequestParam(defaultValue = "DUE") Routines.Scope scope) {
        return RoutineView.of(routines.of(dogs.get(dogId), scope));
    }
}
