package rustictangle.core.coat;

import static rustictangle.core.coat.CoatPattern.BARE;
import static rustictangle.core.coat.CoatPattern.CORDS;
import static rustictangle.core.coat.CoatPattern.CRESTED;
import static rustictangle.core.coat.CoatPattern.CURLED_WOOL;
import static rustictangle.core.coat.CoatPattern.FRINGED;
import static rustictangle.core.coat.CoatPattern.FRINGED_DOUBLE;
import static rustictangle.core.coat.CoatPattern.LONG_DOUBLE;
import static rustictangle.core.coat.CoatPattern.LONG_SILK;
import static rustictangle.core.coat.CoatPattern.LOOSE_FLEECE;
import static rustictangle.core.coat.CoatPattern.SHAGGY_DOUBLE;
import static rustictangle.core.coat.CoatPattern.SHORT_DOUBLE;
import static rustictangle.core.coat.CoatPattern.SHORT_SMOOTH;
import static rustictangle.core.coat.CoatPattern.SHORT_WIRE;
import static rustictangle.core.coat.CoatPattern.STAND_OFF_DOUBLE;
import static rustictangle.core.coat.CoatPattern.WIRE_AND_BEARD;

import java.text.Normalizer;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Common breeds and crosses with the coat they usually carry.
 *
 * <p>Which coat a breed carries is quoted from memory of published breed standards, not re-read. The
 * number after a pattern scales its lengths to the breed's size and is an own estimate.
 */
public final class Breeds {

    private static final List<Breed> ALL = Stream.of(
                    breeds(
                            SHORT_SMOOTH,
                            1.0,
                            "Beagle",
                            "Boxer",
                            "Dalmatian",
                            "Dobermann",
                            "Great Dane",
                            "Greyhound",
                            "Hungarian Vizsla",
                            "Rhodesian Ridgeback",
                            "Staffordshire Bull Terrier",
                            "Weimaraner",
                            "Bull Terrier",
                            "Basset Hound",
                            "Bloodhound",
                            "Smooth Dachshund"),
                    breeds(
                            SHORT_SMOOTH,
                            0.7,
                            "French Bulldog",
                            "Bulldog",
                            "Boston Terrier",
                            "Italian Greyhound",
                            "Miniature Pinscher",
                            "Smooth Chihuahua",
                            "Whippet"),
                    breeds(
                            SHORT_DOUBLE,
                            1.0,
                            "Labrador Retriever",
                            "Rottweiler",
                            "Australian Cattle Dog",
                            "Pembroke Welsh Corgi",
                            "Shiba Inu",
                            "Smooth Collie"),
                    breeds(SHORT_DOUBLE, 0.6, "Pug"),
                    breeds(SHORT_DOUBLE, 1.3, "German Shepherd", "Siberian Husky", "Akita", "Norwegian Elkhound"),
                    breeds(
                            STAND_OFF_DOUBLE,
                            1.0,
                            "Keeshond",
                            "Samoyed",
                            "Alaskan Malamute",
                            "Eurasier",
                            "Finnish Lapphund",
                            "Chow Chow"),
                    breeds(STAND_OFF_DOUBLE, 0.75, "Pomeranian", "Japanese Spitz", "American Eskimo Dog"),
                    breeds(
                            LONG_DOUBLE,
                            1.0,
                            "Rough Collie",
                            "Newfoundland",
                            "Bernese Mountain Dog",
                            "Great Pyrenees",
                            "Leonberger",
                            "Long-haired German Shepherd"),
                    breeds(LONG_DOUBLE, 0.75, "Shetland Sheepdog", "Border Collie", "Australian Shepherd"),
                    breeds(SHAGGY_DOUBLE, 1.0, "Old English Sheepdog", "Bearded Collie", "Polish Lowland Sheepdog"),
                    breeds(FRINGED_DOUBLE, 1.0, "Golden Retriever", "Flat-coated Retriever"),
                    breeds(FRINGED_DOUBLE, 0.7, "Nova Scotia Duck Tolling Retriever"),
                    breeds(FRINGED_DOUBLE, 0.5, "Long-haired Chihuahua"),
                    breeds(
                            FRINGED,
                            1.0,
                            "Irish Setter",
                            "English Setter",
                            "Gordon Setter",
                            "English Springer Spaniel",
                            "Cocker Spaniel",
                            "American Cocker Spaniel",
                            "Saluki"),
                    breeds(FRINGED, 0.6, "Brittany"),
                    breeds(FRINGED, 0.8, "Cavalier King Charles Spaniel", "Papillon", "Long-haired Dachshund"),
                    breeds(LONG_SILK, 1.0, "Tibetan Terrier", "Afghan Hound", "Lhasa Apso", "Shih Tzu", "Maltese"),
                    breeds(
                            LONG_SILK,
                            0.8,
                            "Yorkshire Terrier",
                            "Havanese",
                            "Silky Terrier",
                            "Coton de Tulear",
                            "Biewer Terrier"),
                    breeds(
                            CURLED_WOOL,
                            1.0,
                            "Standard Poodle",
                            "Portuguese Water Dog",
                            "Irish Water Spaniel",
                            "Barbet",
                            "Spanish Water Dog"),
                    breeds(
                            CURLED_WOOL,
                            0.8,
                            "Miniature Poodle",
                            "Toy Poodle",
                            "Bichon Frise",
                            "Lagotto Romagnolo",
                            "Bolognese",
                            "Bedlington Terrier"),
                    breeds(CURLED_WOOL, 0.5, "Curly-coated Retriever"),
                    breeds(LOOSE_FLEECE, 1.0, "Soft Coated Wheaten Terrier", "Kerry Blue Terrier"),
                    crosses(LOOSE_FLEECE, 1.0, "Labradoodle", "Goldendoodle", "Bernedoodle", "Sheepadoodle"),
                    crosses(
                            LOOSE_FLEECE,
                            0.8,
                            "Cockapoo",
                            "Cavapoo",
                            "Maltipoo",
                            "Schnoodle",
                            "Yorkipoo",
                            "Cavachon",
                            "Shihpoo"),
                    crosses(CURLED_WOOL, 0.8, "Lagotto cross"),
                    crosses(SHORT_SMOOTH, 0.8, "Puggle"),
                    crosses(LONG_SILK, 0.7, "Morkie"),
                    crosses(STAND_OFF_DOUBLE, 0.8, "Pomsky"),
                    breeds(
                            WIRE_AND_BEARD,
                            1.0,
                            "Miniature Schnauzer",
                            "Standard Schnauzer",
                            "Giant Schnauzer",
                            "Airedale Terrier",
                            "Wire Fox Terrier",
                            "Scottish Terrier",
                            "West Highland White Terrier",
                            "Cairn Terrier",
                            "Welsh Terrier",
                            "Lakeland Terrier",
                            "Irish Wolfhound"),
                    breeds(
                            SHORT_WIRE,
                            1.0,
                            "Border Terrier",
                            "Wire-haired Dachshund",
                            "German Wirehaired Pointer",
                            "Norfolk Terrier",
                            "Irish Terrier"),
                    crosses(SHORT_WIRE, 1.0, "Jack Russell cross"),
                    breeds(CORDS, 1.0, "Puli", "Komondor", "Bergamasco"),
                    breeds(CRESTED, 1.0, "Chinese Crested"),
                    breeds(BARE, 1.0, "Mexican Hairless", "Peruvian Hairless"))
            .flatMap(List::stream)
            .sorted(Comparator.comparing(Breed::name))
            .toList();

    private Breeds() {}

    /** Every breed and cross known, by name. */
    public static List<Breed> all() {
        return ALL;
    }

    /** The breed of this name, however it is spelt: capitals, accents, hyphens and spaces do not matter. */
    public static Optional<Breed> named(String name) {
        String wanted = plain(name);
        return ALL.stream().filter(breed -> plain(breed.name()).equals(wanted)).findFirst();
    }

    private static String plain(String name) {
        return Normalizer.normalize(name, Normalizer.Form.NFD)
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z]", "");
    }

    private static List<Breed> breeds(CoatPattern pattern, double scale, String... names) {
        return Arrays.stream(names)
                .map(name -> new Breed(name, false, pattern.coat(scale)))
                .toList();
    }

    private static List<Breed> crosses(CoatPattern pattern, double scale, String... names) {
        return Arrays.stream(names)
                .map(name -> new Breed(name, true, pattern.coat(scale)))
                .toList();
    }
}
