package rustictangle.core.coat;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rustictangle.core.Dogs;

/** Combinations that handbook 2.1 and 2.2 make unlikely are questioned, never refused. */
class DoubtTest {

    @ParameterizedTest(name = "{0} of {1} mm, {2}, undercoat {3}: {4}")
    @CsvSource({
        "DROP, 100, SILKY, true, UNDERCOAT",
        "DOUBLE, 60, HARSH, false, UNDERCOAT",
        "SMOOTH, 15, CURLY, false, TEXTURE",
        "CURLY, 60, HARSH, false, TEXTURE",
        "WIRE, 30, SILKY, true, TEXTURE",
        "SMOOTH, 40, SOFT, false, LENGTH",
        "HAIRLESS, 30, SOFT, false, LENGTH",
    })
    void anUnlikelyCombinationIsAskedAbout(
            CoatKind kind, double mm, Texture texture, boolean undercoat, Doubt.Aspect aspect) {
        List<Doubt> doubts = Doubt.about(Dogs.allOver(
                new RegionCoat(kind, new HairLength(mm), Density.MEDIUM, texture, undercoat, false, Colour.GOLD)));
        assertEquals(7, doubts.size());
        doubts.forEach(doubt -> assertEquals(aspect, doubt.aspect()));
    }

    @Test
    void noBreedOfTheTableIsDoubted() {
        for (Breed breed : Breeds.all()) {
            assertEquals(List.of(), Doubt.about(breed.coat()), breed.name());
        }
    }
}
