package rustictangle.server.visit;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Optional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.server.coat.KnownDogs;
import rustictangle.server.frame.BadField;

/** When a groomer sees the dog next. */
@RestController
@RequestMapping("/api/dogs/{dogId}/groom")
class VisitController {

    private static final int MONTHS_AHEAD = 12;

    /** @param day absent: none is to come */
    record GroomView(Optional<LocalDate> day) { }

    private final KnownDogs dogs;
    private final VisitStore store;
    private final Clock clock;

    VisitController(KnownDogs dogs, VisitStore store, Clock clock) {
        this.dogs = dogs;
        this.store = store;
        this.clock = clock;
    }

    @PutMapping("/{day}")
    GroomView set(@PathVariable long dogId, @PathVariable LocalDate day) {
        dogs.get(dogId);
        LocalDate today = LocalDate.now(clock);
        if (!day.isAfter(today) || day.isAfter(today.plusMonths(MONTHS_AHEAD))) {
            throw new BadField("day", "The next groom is after today, at most a year ahead; give a day from " + today.plusDays(1)
                    + " to " + today.plusMonths(MONTHS_AHEAD) + ".");
        }
        store.setNext(dogId, today, Optional.of(day));
        return view(dogId);
    }

    /** None is to come. A repeat changes nothing. */
    @DeleteMapping
    GroomView remove(@PathVariable long dogId) {
        dogs.get(dogId);
        store.setNext(dogId, LocalDate.now(clock), Optional.empty());
        return view(dogId);
    }

    private GroomView view(long dogId) {
        return new GroomView(store.next(dogId, LocalDate.now(clock)));
    }
}
