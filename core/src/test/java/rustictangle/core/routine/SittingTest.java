package rustictangle.core.routine;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.time.Duration;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import rustictangle.core.Dogs;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.History;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.dog.Mass;
import rustictangle.core.dog.Skin;
import rustictangle.core.kit.Hand;

class SittingTest {

    private static Optional<Long> minutes(Dog dog, Hand hand) {
        return Sitting.of(dog, hand).map(Sitting::atMost).map(Duration::toMinutes);
    }

    /** Own estimates of the handbook: the shortest that applies holds. */
    @Test
    void aSittingIsAsLongAsTheOneWhoTiresFirst() {
        assertEquals(Optional.empty(), minutes(Dogs.adult(12), Hand.BEGINNER));
        assertEquals(Optional.of(5L), minutes(Dogs.with(LifeStage.PUPPY, History.GENTLE), Hand.EXPERIENCED));
        Dog old = Dogs.with(LifeStage.ELDERLY, History.GENTLE);
        assertEquals(Optional.of(15L), minutes(old, Hand.EXPERIENCED));
        assertEquals(Optional.of(10L), minutes(old, Hand.TIRES));
        assertEquals(Optional.of(5L), minutes(old, Hand.CHILD));
        Dog flat = new Dog(new Mass(9), LifeStage.ELDERLY, true, Skin.SOUND, History.GENTLE, Set.of(), Set.of());
        assertEquals(Optional.of(10L), minutes(flat, Hand.EXPERIENCED));
    }
}
