package rustictangle.server.coat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Reason;
import rustictangle.core.coat.Breed;
import rustictangle.core.coat.BreedWords;
import rustictangle.core.coat.Breeds;
import rustictangle.core.dog.Looks;
import rustictangle.server.frame.ScreenFacts;

/** The breeds and crosses with the coat to start from. */
@RestController
class BreedController implements ScreenFacts {

    /**
     * @param coat      a guess to confirm or mend
     * @param keptLong  the same of one that nobody clips; absent: it makes no difference
     * @param puppyCoat the same of a puppy
     */
    record BreedView(
            String name,
            List<String> alsoCalled,
            List<String> parents,
            Reason why,
            CoatForm coat,
            Optional<CoatForm> keptLong,
            CoatForm puppyCoat,
            Looks looks) {}

    private static final List<BreedView> ALL = Breeds.all().stream()
            .map(breed -> new BreedView(
                    breed.name(),
                    breed.alsoCalled(),
                    breed.parents(),
                    breed.why(),
                    CoatForm.of(breed.coat()),
                    breed.keptLong().map(CoatForm::of),
                    CoatForm.of(breed.puppyCoat()),
                    breed.looks()))
            .toList();

    @GetMapping("/api/breeds")
    List<BreedView> all() {
        return ALL;
    }

    @Override
    public Map<String, Object> facts() {
        return Map.of(
                "whyACross",
                Map.of("rule", Breed.WHY_A_CROSS.rule(), "text", Breed.WHY_A_CROSS.text()),
                "breedWords",
                Map.of(
                        "cross", BreedWords.cross(),
                        "sizes", BreedWords.sizes(),
                        "colours", BreedWords.colours(),
                        "besides", BreedWords.besides(),
                        "nobodyKnows", BreedWords.nobodyKnows()));
    }
}
