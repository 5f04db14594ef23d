package rustictangle.core.coat;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashSet;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rustictangle.core.dog.Region;

/** The breeds table, read row by row; which coat a breed carries is quoted from memory of breed standards. */
class BreedsTest {

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "Keeshond, DOUBLE", "Lagotto cross, CURLY", "Tibetan Terrier, DROP", "Border Terrier, WIRE",
        "Beagle, SMOOTH", "Labrador Retriever, DOUBLE", "Standard Poodle, CURLY", "Yorkshire Terrier, DROP",
        "Irish Setter, FEATHERED", "Miniature Schnauzer, WIRE", "Puli, CORDED", "Mexican Hairless, HAIRLESS",
        "Chinese Crested, HAIRLESS", "Golden Retriever, DOUBLE", "Soft Coated Wheaten Terrier, CURLY",
    })
    void aBreedStartsFromTheCoatItUsuallyCarries(String name, CoatKind body) {
        assertEquals(
                body,
                Breeds.named(name)
                        .orElseThrow()
                        .coat()
                        .regions()
                        .get(Region.BODY)
                        .kind());
    }

    @Test
    void aBreedIsFoundHoweverItIsSpelt() {
        assertEquals(
                "Long-haired Dachshund",
                Breeds.named("  LONGHAIRED dachshund").orElseThrow().name());
        assertTrue(Breeds.named("no such dog").isEmpty());
    }

    @Test
    void everyGuessIsMarkedAsAGuessAndACrossAsAWeakerOne() {
        List<Breed> all = Breeds.all();
        assertTrue(all.size() > 100, all.size() + " breeds");
        assertEquals(all.size(), new HashSet<>(all.stream().map(Breed::name).collect(Collectors.toList())).size());
        all.forEach(breed -> assertTrue(breed.why().text().startsWith("A guess"), breed.name()));
        assertTrue(Breeds.named("Cockapoo").orElseThrow().why().text().contains("either parent"));
    }

    @Test
    void aGoldenCarriesTwoCoatsAndACrestedDogIsBareWithTufts() {
        Coat golden = Breeds.named("Golden Retriever").orElseThrow().coat();
        assertEquals(CoatKind.FEATHERED, golden.regions().get(Region.TAIL).kind());
        Coat crested = Breeds.named("Chinese Crested").orElseThrow().coat();
        assertEquals(CoatKind.DROP, crested.regions().get(Region.HEAD).kind());
    }
}
