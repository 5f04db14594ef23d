package rustictangle.server.dog;

import jakarta.validation.Valid;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.dog.Dog;
import rustictangle.server.frame.FormCheck;
import rustictangle.server.frame.NotThere;
import rustictangle.server.frame.ScreenFacts;
import rustictangle.server.frame.ViewProbe;

@RestController
@RequestMapping("/api/dogs")
record DogController(DogStore store, Clock clock, FormCheck forms) implements ViewProbe, ScreenFacts {

    @GetMapping
    List<StoredDog> all() {
        return store.all();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    StoredDog add(@Valid @RequestBody DogForm form) {
        refuseBorn(form);
        return get(store.add(form));
    }

    @GetMapping("/{dogId}")
    StoredDog get(@PathVariable long dogId) {
        return store.find(dogId).orElseThrow(() -> new NotThere("dog", dogId));
    }

    @PutMapping("/{dogId}")
    StoredDog replace(@PathVariable long dogId, @Valid @RequestBody DogForm form) {
        refuseBorn(form);
        return store.replace(dogId, form).orElseThrow(() -> new NotThere("dog", dogId));
    }

    /** The dog and all its records leave the screen and can be brought back. */
    @DeleteMapping("/{dogId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable long dogId) {
        found(store.remove(dogId, clock.instant()), dogId);
    }

    @PostMapping("/{dogId}/restore")
    StoredDog restore(@PathVariable long dogId) {
        found(store.restore(dogId), dogId);
        return get(dogId);
    }

    private void refuseBorn(DogForm form) {
        if (form.born() != null) {
            Dog.refuseBorn(form.born(), LocalDate.now(clock));
        }
    }

    private static void found(boolean found, long dogId) {
        if (!found) {
            throw new NotThere("dog", dogId);
        }
    }

    @Override
    public void household() {
        store.all().forEach(dog -> forms.checked(dog.form()));
    }

    @Override
    public Map<String, Object> facts() {
        return Map.of("longestDogName", DogForm.LONGEST_NAME, "longestBreed", DogForm.LONGEST_BREED);
    }
}
