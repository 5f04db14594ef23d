package rustictangle.core.coat;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import rustictangle.core.Sure;
import rustictangle.core.dog.Region;

/**
 * A coat to begin with, from a look at the dog and nothing else; its owner measures later, where it matters.
 *
 * @param usual  which length most dogs of this look have
 * @param coats  of each length
 */
public record FirstCoat(DrawnLength usual, Map<DrawnLength, Coat> coats) {

    /** What is still hair, and not a shadow of it, mm. Own estimate. */
    private static final double SHORTEST = 4;
    /** So long a close coat may look; longer hair on a dog of that look hangs in fringes. Own estimate. */
    private static final double LONGEST_SMOOTH = 30;

    public FirstCoat {
        coats = Collections.unmodifiableMap(new EnumMap<>(coats));
    }

    /** Of a breed: its own coat where the length is its usual one, else the same in another length. */
    public static FirstCoat of(Breed breed, boolean puppy) {
        Coat usual = puppy ? breed.puppyCoat() : breed.coat();
        return of(usual, Optional.empty(), colour(usual));
    }

    /**
     * Of a dog of which only this is seen.
     *
     * @param kind empty: a mixture, of which its length says most
     */
    public static FirstCoat of(Optional<CoatKind> kind) {
        return kind.map(known -> of(pattern(known).coat(1, Clipped.NO, Colour.GOLD), kind, Colour.GOLD))
                .orElseGet(FirstCoat::mixture);
    }

    private static FirstCoat of(Coat usual, Optional<CoatKind> seen, Colour colour) {
        DrawnLength longest = DrawnLength.of(longest(usual));
        Map<DrawnLength, Coat> coats = new EnumMap<>(DrawnLength.class);
        for (DrawnLength length : DrawnLength.values()) {
            coats.put(length, length == longest ? usual : scaled(usual, length, seen, colour));
        }
        return new FirstCoat(longest, coats);
    }

    /** Close hair is smooth, standing hair is double, long hair hangs in fringes. */
    private static FirstCoat mixture() {
        return new FirstCoat(
                DrawnLength.TWO_FINGERS,
                Map.of(
                        DrawnLength.VERY_SHORT, CoatPattern.THIN_SMOOTH.coat(1, Clipped.NO, Colour.GOLD),
                        DrawnLength.TWO_FINGERS, CoatPattern.SHORT_DOUBLE.coat(1, Clipped.NO, Colour.GOLD),
                        DrawnLength.A_HAND, CoatPattern.FRINGED.coat(1, Clipped.NO, Colour.GOLD)));
    }

    private static Coat scaled(Coat usual, DrawnLength length, Optional<CoatKind> seen, Colour colour) {
        boolean close = usual.regions().values().stream().allMatch(hair -> hair.kind() == CoatKind.SMOOTH);
        if (close && length.millimetres() > LONGEST_SMOOTH && seen.isEmpty()) {
            CoatPattern pattern = length == DrawnLength.A_HAND ? CoatPattern.FRINGED : CoatPattern.SHORT_DOUBLE;
            return pattern.coat(1, Clipped.NO, colour);
        }
        double scale = length.millimetres() / longest(usual);
        Map<Region, RegionCoat> regions = new EnumMap<>(Region.class);
        usual.regions().forEach((region, hair) -> regions.put(region, scaled(hair, scale)));
        return new Coat(regions, false, false);
    }

    /** Hair that grows on and is shorter than usual, somebody keeps so. */
    private static RegionCoat scaled(RegionCoat hair, double scale) {
        if (hair.kind() == CoatKind.HAIRLESS) {
            return hair;
        }
        double millimetres = Math.max(SHORTEST, Math.round(hair.length().millimetres() * scale));
        return hair.ofLength(new HairLength(Math.min(millimetres, HairLength.MAX_MILLIMETRES)))
                .kept(hair.clipped() || scale < 1 && hair.kind().growsOn());
    }

    private static double longest(Coat coat) {
        return coat.regions().values().stream()
                .mapToDouble(hair -> hair.length().millimetres())
                .max()
                .orElseThrow();
    }

    private static Colour colour(Coat coat) {
        return Sure.at(coat.regions(), Region.BODY).colour();
    }

    private static CoatPattern pattern(CoatKind kind) {
        return switch (kind) {
            case SMOOTH -> CoatPattern.THIN_SMOOTH;
            case DOUBLE -> CoatPattern.STAND_OFF_DOUBLE;
            case DROP -> CoatPattern.LONG_SILK;
            case CURLY -> CoatPattern.CURLED_WOOL;
            case FLEECE -> CoatPattern.LOOSE_FLEECE;
            case WIRE -> CoatPattern.WIRE_AND_BEARD;
            case FEATHERED -> CoatPattern.FRINGED;
            case CORDED -> CoatPattern.CORDS;
            case HAIRLESS -> CoatPattern.BARE;
        };
    }
}
