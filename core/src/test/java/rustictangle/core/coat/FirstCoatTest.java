package rustictangle.core.coat;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import rustictangle.core.dog.Region;

/** A coat from a look at the dog, over every breed, kind and length. */
class FirstCoatTest {

    /** Whoever says "as most have it" gets the breed's very coat; the other lengths are what they say. */
    @Test
    void everyBreedHasItsUsualCoatAndTheLengthsGrow() {
        for (Breed breed : Breeds.all()) {
            for (boolean puppy : new boolean[] {false, true}) {
                FirstCoat first = FirstCoat.of(breed, puppy);
                assertEquals(
                        puppy ? breed.puppyCoat() : breed.coat(), first.coats().get(first.usual()), breed.name());
                if (first.coats().get(first.usual()).has(CoatKind.HAIRLESS)) {
                    continue;
                }
                List<Double> longest = lengths(first);
                assertTrue(
                        longest.get(0) < longest.get(1) && longest.get(1) < longest.get(2),
                        breed.name() + ": " + longest);
            }
        }
    }

    private static List<Double> lengths(FirstCoat first) {
        return Stream.of(DrawnLength.values())
                .map(length -> Stream.of(Region.values())
                        .mapToDouble(region ->
                                first.coats().get(length).at(region).length().millimetres())
                        .max()
                        .orElseThrow())
                .toList();
    }

    @ParameterizedTest
    @EnumSource(CoatKind.class)
    void theKindThatIsSeenStaysWhateverItsLength(CoatKind kind) {
        FirstCoat first = FirstCoat.of(Optional.of(kind));
        for (DrawnLength length : DrawnLength.values()) {
            assertEquals(kind, first.coats().get(length).at(Region.BODY).kind(), length + "");
        }
    }

    /** Common practice, no published source: what grows on and is short is kept so; what sheds is short by itself. */
    @Test
    void shortFleeceIsClippedAndAShortDoubleCoatIsNot() {
        Coat fleece = FirstCoat.of(Optional.of(CoatKind.FLEECE)).coats().get(DrawnLength.VERY_SHORT);
        assertTrue(fleece.isClipped() && fleece.growsOn());
        assertFalse(FirstCoat.of(Optional.of(CoatKind.DOUBLE))
                .coats()
                .get(DrawnLength.VERY_SHORT)
                .isClipped());
    }

    /** A dog that lies close is smooth; called a Beagle and a hand long, it is none, and hangs in fringes. */
    @Test
    void longHairIsNotCalledSmooth() {
        assertEquals(CoatKind.SMOOTH, mixture(DrawnLength.VERY_SHORT));
        assertEquals(CoatKind.DOUBLE, mixture(DrawnLength.TWO_FINGERS));
        assertEquals(CoatKind.FEATHERED, mixture(DrawnLength.A_HAND));
        Breed beagle = Breeds.all().stream()
                .filter(breed -> breed.name().equals("Beagle"))
                .findFirst()
                .orElseThrow();
        assertEquals(
                CoatKind.FEATHERED,
                FirstCoat.of(beagle, false)
                        .coats()
                        .get(DrawnLength.A_HAND)
                        .at(Region.LEGS)
                        .kind());
    }

    private static CoatKind mixture(DrawnLength length) {
        return FirstCoat.of(Optional.empty())
                .coats()
                .get(length)
                .at(Region.BODY)
                .kind();
    }
}
