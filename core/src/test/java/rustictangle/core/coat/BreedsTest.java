package rustictangle.core.coat;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import rustictangle.core.dog.Build;
import rustictangle.core.dog.Ears;
import rustictangle.core.dog.Region;
import rustictangle.core.dog.TailShape;

/** What coat and looks a breed usually has: breed standards, quoted from memory. */
class BreedsTest {

    /** Parents that stand for a family, not for a breed. */
    private static final Set<String> FAMILIES =
            Set.of("another", "Terrier", "Terrier or Collie", "Spaniel", "Setter", "Schnauzer");

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "Keeshond, DOUBLE",
        "Lagotto cross, CURLY",
        "Tibetan Terrier, DROP",
        "Border Terrier, WIRE",
        "Beagle, SMOOTH",
        "Labrador Retriever, DOUBLE",
        "Standard Poodle, CURLY",
        "Yorkshire Terrier, DROP",
        "Irish Setter, FEATHERED",
        "Miniature Schnauzer, WIRE",
        "Puli, CORDED",
        "Mexican Hairless, HAIRLESS",
        "Chinese Crested, HAIRLESS",
        "Golden Retriever, DOUBLE",
        "Soft Coated Wheaten Terrier, FLEECE",
        "Cockapoo, FLEECE",
        "Labradoodle, FLEECE",
        "Curly-coated Retriever, CURLY",
    })
    void aBreedStartsFromTheCoatItUsuallyCarries(String name, CoatKind body) {
        assertEquals(body, at(name, Region.BODY).kind());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Miniature Schnauzer",
                "West Highland White Terrier",
                "English Cocker Spaniel",
                "Old English Sheepdog",
                "Poodle",
                "Cavapoo",
                "Shih Tzu"
            })
    void whatGroomersClipSaysSo(String name) {
        assertTrue(at(name, Region.BODY).clipped());
    }

    @ParameterizedTest
    @ValueSource(strings = {"Curly-coated Retriever", "Keeshond", "Golden Retriever", "Border Terrier", "Beagle"})
    void whatNobodyClipsIsNotSaidToBeClippedNorToGrowOn(String name) {
        RegionCoat body = at(name, Region.BODY);
        assertFalse(body.clipped() || body.growsOn());
    }

    @ParameterizedTest(name = "{0}: {1}, {2}, {3}")
    @CsvSource({
        "Keeshond, SPITZ, PRICKED, CURLED",
        "Basset Hound, LONG_AND_LOW, LONG_AND_LOW, SABRE",
        "Pug, FLAT_FACED, HANGING, CURLED",
        "Whippet, SLENDER, ROSE, WHIP",
        "Labrador Retriever, SQUARE, HANGING, OTTER",
        "Newfoundland, HEAVY, HANGING, SABRE",
        "Chihuahua, FINE, PRICKED, SABRE",
        "Border Terrier, SQUARE, HANGING, UPRIGHT",
    })
    void aBreedIsDrawnAsItIsBuilt(String name, Build build, Ears ears, TailShape tail) {
        Breed breed = named(name);
        assertEquals(build, breed.looks().build());
        assertEquals(ears, breed.looks().ears());
        assertEquals(tail, breed.looks().tail());
    }

    @Test
    void everyGuessIsMarkedAsAGuessAndACrossAsAWeakerOne() {
        List<Breed> all = Breeds.all();
        assertTrue(all.size() >= 250, all.size() + " breeds");
        assertEquals(all.size(), names().size());
        all.forEach(breed -> assertTrue(breed.why().text().startsWith("A guess"), breed.name()));
        assertTrue(named("Cockapoo").why().text().contains("either parent"));
    }

    @Test
    void theParentsOfACrossAreInTheTableThemselves() {
        Breeds.all().stream()
                .flatMap(breed -> breed.parents().stream())
                .forEach(parent -> assertTrue(names().contains(parent) || FAMILIES.contains(parent), parent));
    }

    @Test
    void noBreedIsCalledByItsOwnNameTwice() {
        Breeds.all()
                .forEach(breed ->
                        assertFalse(breed.alsoCalled().contains(breed.name().toLowerCase(Locale.ROOT)), breed.name()));
    }

    /** Handbook 2.3: a guess is what walks in the street, not what is shown. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "Yorkshire Terrier",
                "Maltese",
                "Shih Tzu",
                "Lhasa Apso",
                "Havanese",
                "Coton de Tulear",
                "Toy Poodle",
                "Bichon Frise",
                "Cavapoo",
                "Maltipoo",
                "Morkie",
                "Shihpoo"
            })
    void aSmallCompanionIsGuessedInItsPetTrimUnlessItIsKeptLong(String name) {
        for (Region region : Region.values()) {
            double mm = at(name, region).length().millimetres();
            assertTrue(mm >= 20 && mm <= 40, name + ", " + region + ": " + mm);
            assertTrue(at(name, region).clipped());
        }
        Coat kept = named(name).keptLong().orElseThrow();
        assertTrue(kept.at(Region.EARS).length().millimetres() > 40);
        assertFalse(kept.at(Region.BODY).clipped());
    }

    @Test
    void nothingIsLongAndClipped() {
        for (Breed breed : Breeds.all()) {
            breed.coat()
                    .regions()
                    .forEach((region, hair) -> assertTrue(
                            !hair.clipped() || hair.length().millimetres() <= 75,
                            breed.name() + ", " + region + ": " + hair.length()));
        }
    }

    @Test
    void aSaddleIsShortAndFringesAreLong() {
        assertTrue(mm("Afghan Hound", Region.BODY) < 50 && mm("Afghan Hound", Region.TAIL) < 50);
        assertTrue(mm("Afghan Hound", Region.EARS) > 100 && mm("Afghan Hound", Region.LEGS) > 100);
        assertEquals(CoatKind.FEATHERED, at("Pekingese", Region.EARS).kind());
        assertTrue(mm("Pekingese", Region.REAR) > mm("Pekingese", Region.BODY));
    }

    private static double mm(String name, Region region) {
        return at(name, region).length().millimetres();
    }

    @Test
    void aGoldenCarriesTwoCoatsAndACrestedDogIsBareWithTufts() {
        assertEquals(CoatKind.FEATHERED, at("Golden Retriever", Region.TAIL).kind());
        assertEquals(CoatKind.DROP, at("Chinese Crested", Region.HEAD).kind());
    }

    private static Set<String> names() {
        return Breeds.all().stream().map(Breed::name).collect(Collectors.toCollection(HashSet::new));
    }

    private static RegionCoat at(String name, Region region) {
        return named(name).coat().regions().get(region);
    }

    private static Breed named(String name) {
        return Breeds.all().stream()
                .filter(breed -> breed.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    /** An eleven-week puppy has no grown dog's coat: what would be alarm out of no knowledge. */
    @Test
    void aPuppysCoatIsGuessedShorterThanTheGrownDogs() {
        for (Breed breed : Breeds.all()) {
            breed.puppyCoat().regions().forEach((region, young) -> {
                double grown = breed.keptLong()
                        .orElse(breed.coat())
                        .at(region)
                        .length()
                        .millimetres();
                double puppy = young.length().millimetres();
                assertTrue(puppy >= 1 && puppy <= 35 && puppy <= Math.max(1, grown), breed.name() + ": " + puppy);
                assertEquals(breed.coat().at(region).kind(), young.kind());
            });
        }
    }
}
