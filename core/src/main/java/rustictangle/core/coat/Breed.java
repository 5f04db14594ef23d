package rustictangle.core.coat;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import rustictangle.core.Reason;
import rustictangle.core.dog.Looks;
import rustictangle.core.dog.Region;

/**
 * A breed or cross with the coat and the looks to start from: a guess that the owner confirms or mends.
 *
 * @param name       the usual name
 * @param alsoCalled other names that people type, its family among them, in lower case
 * @param parents    of a cross, whose puppies take after either, so that the guess is weaker; empty: a breed
 * @param coat       of a grown dog as it walks in the street, between two grooms if a groomer clips it
 * @param keptLong   the same if nobody clips it; empty: nobody does, or it makes no difference
 */
public record Breed(
        String name, List<String> alsoCalled, List<String> parents, Coat coat, Optional<Coat> keptLong, Looks looks) {

    public Breed {
        Objects.requireNonNull(name, "name");
        alsoCalled = List.copyOf(alsoCalled);
        parents = List.copyOf(parents);
        Objects.requireNonNull(coat, "coat");
        Objects.requireNonNull(looks, "looks");
    }

    public boolean cross() {
        return !parents.isEmpty();
    }

    /** A puppy's hair against the grown dog's, and the most that a young one has, mm. Own estimates. */
    private static final double PUPPY_SHARE = 0.5;

    private static final double PUPPY_LONGEST_MM = 35;

    /** The same of a puppy: softer and shorter than the grown dog's will be. */
    public Coat puppyCoat() {
        Map<Region, RegionCoat> young = new EnumMap<>(Region.class);
        Coat grown = keptLong.orElse(coat);
        coat.regions().forEach((region, hair) -> {
            double millimetres = Math.max(
                    1,
                    Math.min(
                            PUPPY_LONGEST_MM,
                            PUPPY_SHARE * grown.at(region).length().millimetres()));
            young.put(region, hair.ofLength(new HairLength(Math.round(millimetres))));
        });
        return new Coat(young, false, false);
    }

    /** What the guess of a cross rests on, also of one that no table has. */
    public static final Reason WHY_A_CROSS = new Reason(
            "coat.breed-guess",
            "A guess: coats of crosses take after either parent, and may differ within a litter. Look, and measure.");

    private static final Reason WHY_A_BREED =
            new Reason("coat.breed-guess", "A guess from what is usual for the breed when grown. Look, and measure.");

    /** What the guess rests on. */
    public Reason why() {
        return cross() ? WHY_A_CROSS : WHY_A_BREED;
    }
}
