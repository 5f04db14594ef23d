package rustictangle.server.coat;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Reason;
import rustictangle.core.coat.Breeds;

/** The breeds and crosses with the coat to start from. */
@RestController
class BreedController {

    /** @param coat a guess to confirm or mend */
    record BreedView(String name, boolean cross, Reason why, CoatForm coat) {}

    private static final List<BreedView> ALL = Breeds.all().stream()
            .map(breed -> new BreedView(breed.name(), breed.cross(), breed.why(), CoatForm.of(breed.coat())))
            .toList();

    @GetMapping("/api/breeds")
    List<BreedView> all() {
        return ALL;
    }
}
