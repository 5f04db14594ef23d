package rustictangle.server.coat;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import rustictangle.core.Refused;
import rustictangle.server.dog.DogStore;
import rustictangle.server.dog.StoredDog;
import rustictangle.server.frame.NotThere;

/** Finds dogs together with their coats. */
@Component
public class KnownDogs {

    private final DogStore dogs;
    private final CoatStore coats;

    KnownDogs(DogStore dogs, CoatStore coats) {
        this.dogs = dogs;
        this.coats = coats;
    }

    /**
     * @throws NotThere              when there is no such dog
     * @throws Refused when its coat has not been described yet
     */
    public KnownDog get(long dogId) {
        StoredDog dog = dogs.find(dogId).orElseThrow(() -> new NotThere("dog", dogId));
        return known(dog)
                .orElseThrow(() -> new Refused(
                        "Describe " + dog.form().name() + "'s coat first: everything else follows from it."));
    }

    public List<StoredDog> all() {
        return dogs.all();
    }

    /** Empty when the coat has not been described yet. */
    public Optional<KnownDog> known(StoredDog dog) {
        return coats.find(dog.id())
                .map(coat ->
                        new KnownDog(dog.id(), dog.form().name(), dog.form().dog(), coat.coat()));
    }
}
