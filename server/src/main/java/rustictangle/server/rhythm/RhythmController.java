package rustictangle.server.rhythm;

import java.time.Clock;
import java.time.LocalDate;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.rhythm.Rhythm;
import rustictangle.server.coat.KnownDogs;

@RestController
class RhythmController {

    record RhythmView(LocalDate today, Rhythm rhythm) { }

    private final KnownDogs dogs;
    private final Rhythms rhythms;
    private final Clock clock;

    RhythmController(KnownDogs dogs, Rhythms rhythms, Clock clock) {
        this.dogs = dogs;
        this.rhythms = rhythms;
        this.clock = clock;
    }

    @GetMapping("/api/dogs/{dogId}/rhythm")
    RhythmView rhythm(@PathVariable long dogId) {
        return new RhythmView(LocalDate.now(clock), rhythms.of(dogs.get(dogId)));
    }
}
