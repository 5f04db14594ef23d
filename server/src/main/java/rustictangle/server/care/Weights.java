package rustictangle.server.care;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rustictangle.core.Reason;
import rustictangle.core.care.Weight;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Weighed;
import rustictangle.server.dog.DogForm;
import rustictangle.server.dog.DogStore;
import rustictangle.server.dog.StoredDog;
import rustictangle.server.frame.NotThere;
import rustictangle.server.log.Logs;

/** What the scale said of a dog. The newest is what it weighs. */
@Service
public class Weights {

    /** @param weighings oldest first */
    record WeightView(LocalDate today, double kilograms, List<Weight.Weighing> weighings, Optional<Reason> askTheVet) {}

    private final Logs logs;
    private final DogStore dogs;

    Weights(Logs logs, DogStore dogs) {
        this.logs = logs;
        this.dogs = dogs;
    }

    WeightView view(long dogId, LocalDate today) {
        StoredDog dog = dog(dogId);
        Weight weight = Weight.of(logs.of(dogId));
        return new WeightView(
                today,
                dog.form().kilograms(),
                weight.weighings(),
                weight.askTheVet(dog.form().lifeStage()));
    }

    @Transactional
    public void say(long dogId, LocalDate day, double kilograms) {
        DogForm form = dog(dogId).form();
        // Of what was only looked at nothing is lost or gained.
        double before = form.weightGuessed() ? kilograms : form.kilograms();
        logs.say(UUID.randomUUID(), dogId, day, new Weighed(kilograms, before));
        takeOver(dogId, before);
    }

    /** @return whether there was one */
    @Transactional
    public boolean takeBack(long dogId, LocalDate day) {
        dog(dogId);
        List<Entry> gone = logs.takeBack(dogId, entry -> entry.day().equals(day) && entry.said() instanceof Weighed);
        gone.stream()
                .findFirst()
                .flatMap(entry -> entry.as(Weighed.class))
                .ifPresent(said -> takeOver(dogId, said.before()));
        return !gone.isEmpty();
    }

    /** @param otherwise where it was never weighed, kg */
    private void takeOver(long dogId, double otherwise) {
        dogs.setKilograms(dogId, Weight.of(logs.of(dogId)).now().orElse(otherwise));
    }

    private StoredDog dog(long dogId) {
        return dogs.find(dogId).orElseThrow(() -> new NotThere("dog", dogId));
    }
}
