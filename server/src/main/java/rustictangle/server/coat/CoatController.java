package rustictangle.server.coat;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.server.dog.DogStore;
import rustictangle.server.frame.NotThere;

@RestController
@RequestMapping("/api/dogs/{dogId}/coat")
class CoatController {

    private final CoatStore store;
    private final DogStore dogs;

    CoatController(CoatStore store, DogStore dogs) {
        this.store = store;
        this.dogs = dogs;
    }

    @GetMapping
    CoatForm get(@PathVariable long dogId) {
        return store.find(dogId).orElseThrow(() -> new NotThere("coat of dog", dogId));
    }

    @PutMapping
    CoatForm put(@PathVariable long dogId, @Valid @RequestBody CoatForm form) {
        dogs.find(dogId).orElseThrow(() -> new NotThere("dog", dogId));
        form.coat();
        store.put(dogId, form);
        return get(dogId);
    }
}
