package rustictangle.core.rhythm;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import rustictangle.core.Dogs;
import rustictangle.core.coat.Coat;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.History;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.dog.Mass;
import rustictangle.core.dog.Section;
import rustictangle.core.dog.Skin;

/** A puppy coat hardly tangles before about four months: handbook 10.2, common practice, no published source. */
class PuppyCoatTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);
    private static final Coat FLEECE = Dogs.allOver(Dogs.fleece(25));

    private static Dog born(LifeStage stage, Optional<LocalDate> day) {
        return new Dog(new Mass(5), stage, false, true, Skin.SOUND, History.GENTLE, Set.of(), Set.of(), day);
    }

    private static Forecast unknownPast(Dog dog) {
        return Forecast.of(dog, FLEECE, Diary.of(List.of()), TODAY);
    }

    private static double mats(Dog dog) {
        return Stream.of(Section.values())
                .mapToDouble(
                        section -> unknownPast(dog).at(section).orElseThrow().mats(0))
                .sum();
    }

    /** Nobody knows when it was combed, and there is no cause for alarm all the same. */
    @Test
    void aPuppyOfElevenWeeksHasNextToNoMats() {
        Dog pup = born(LifeStage.PUPPY, Optional.of(TODAY.minusWeeks(11)));
        assertTrue(mats(pup) < 2, mats(pup) + " mats");
        assertEquals(List.of(), unknownPast(pup).matLikely());
        double grown = mats(born(LifeStage.ADULT, Optional.empty()));
        assertTrue(grown > 5 * mats(pup), grown + " of a grown dog");
    }

    /** The older it gets the more, and from four months on as much as any. */
    @Test
    void theOlderThePuppyTheMoreItTangles() {
        double last = 0;
        for (int weeks = 8; weeks <= 60; weeks += 4) {
            double mats = mats(born(LifeStage.PUPPY, Optional.of(TODAY.minusWeeks(weeks))));
            assertTrue(mats >= last, weeks + " weeks: " + mats + " after " + last);
            last = mats;
        }
        assertEquals(mats(born(LifeStage.ADULT, Optional.empty())), last, 1e-9);
    }

    @Test
    void ofUnknownAgeAPuppyTanglesHalfAsMuch() {
        assertEquals(
                mats(born(LifeStage.ADULT, Optional.empty())) / 2, mats(born(LifeStage.PUPPY, Optional.empty())), 1e-9);
    }
}
