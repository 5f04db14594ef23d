package rustictangle.server.coat;

import java.time.Clock;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import rustictangle.core.Refused;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CombedLately;
import rustictangle.server.dog.DogStore;
import rustictangle.server.dog.StoredDog;
import rustictangle.server.frame.NotThere;
import rustictangle.server.frame.ReadCache;
import rustictangle.server.log.Logs;

/** Loads dogs together with their coats. */
@Component
public class DogLoader {

    /** @param known by id, those whose coat is described */
    private record Dogs(List<StoredDog> all, Map<Long, CoatForm> described, Map<Long, KnownDog> known) {}

    private final DogStore dogs;
    private final CoatStore coats;
    private final ReadCache reads;
    private final Logs logs;
    private final Clock clock;

    DogLoader(DogStore dogs, CoatStore coats, ReadCache reads, Logs logs, Clock clock) {
        this.dogs = dogs;
        this.coats = coats;
        this.reads = reads;
        this.logs = logs;
        this.clock = clock;
    }

    private Dogs now() {
        return reads.of(Dogs.class, () -> {
            List<StoredDog> all = dogs.all();
            Map<Long, CoatForm> described = coats.all();
            Map<Long, KnownDog> known = new HashMap<>();
            all.forEach(dog -> Optional.ofNullable(described.get(dog.id()))
                    .ifPresent(coat -> known.put(
                            dog.id(),
                            new KnownDog(dog.id(), dog.form().name(), dog.form().dog(), coat(dog.id(), coat.coat())))));
            return new Dogs(all, described, known);
        });
    }

    /** Its coat as it was described; empty: it was not yet. */
    public Optional<CoatForm> described(long dogId) {
        return Optional.ofNullable(now().described().get(dogId));
    }

    /** What was neglected is so no more where a comb has run free since. */
    private Coat coat(long dogId, Coat coat) {
        return coat.neglected() ? coat.openedAt(CombedLately.of(logs.of(dogId), LocalDate.now(clock))) : coat;
    }

    /**
     * @throws NotThere when there is no such dog
     * @throws Refused  when its coat has not been described yet
     */
    public KnownDog get(long dogId) {
        StoredDog dog = all().stream()
                .filter(found -> found.id() == dogId)
                .findFirst()
                .orElseThrow(() -> new NotThere("dog", dogId));
        return known(dog)
                .orElseThrow(() -> new Refused(
                        "Describe " + dog.form().name() + "'s coat first: everything else follows from it."));
    }

    public List<StoredDog> all() {
        return now().all;
    }

    /** Every dog whose coat is described. */
    public List<KnownDog> known() {
        return all().stream().flatMap(dog -> known(dog).stream()).toList();
    }

    /** Empty when the coat has not been described yet. */
    public Optional<KnownDog> known(StoredDog dog) {
        return Optional.ofNullable(now().known.get(dog.id()));
    }
}
