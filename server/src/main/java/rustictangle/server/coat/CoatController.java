package rustictangle.server.coat;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.server.dog.DogStore;
import rustictangle.server.frame.FormCheck;
import rustictangle.server.frame.NotThere;
import rustictangle.server.frame.ViewProbe;

@RestController
@RequestMapping("/api/dogs/{dogId}/coat")
record CoatController(CoatStore store, DogStore dogs, FormCheck forms) implements ViewProbe {

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

    @Override
    public void dog(long dogId) {
        forms.checked(get(dogId)).coat();
    }
}
