package rustictangle.server.coat;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Reason;
import rustictangle.core.coat.Breeds;
import rustictangle.core.dog.Looks;

/** The breeds and crosses with the coat to start from. */
@RestController
class BreedController {

    /**
     * @param coat      a guess to confirm or mend
     * @param puppyCoat the same of a puppy
     */
    record BreedView(
            String name,
            List<String> alsoCalled,
            List<String> parents,
            Reason why,
            CoatForm coat,
            CoatForm puppyCoat,
            Looks looks) {}

    private static final List<BreedView> ALL = Breeds.all().stream()
            .map(breed -> new BreedView(
                    breed.name(),
                    breed.alsoCalled(),
                    breed.parents(),
                    breed.why(),
                    CoatForm.of(breed.coat()),
                    CoatForm.of(breed.puppyCoat()),
                    breed.looks()))
            .toList();

    @GetMapping("/api/breeds")
    List<BreedView> all() {
        return ALL;
    }
}
