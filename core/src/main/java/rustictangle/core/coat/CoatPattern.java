package rustictangle.core.coat;

import static rustictangle.core.coat.CoatKind.CORDED;
import static rustictangle.core.coat.CoatKind.CURLY;
import static rustictangle.core.coat.CoatKind.DOUBLE;
import static rustictangle.core.coat.CoatKind.DROP;
import static rustictangle.core.coat.CoatKind.FEATHERED;
import static rustictangle.core.coat.CoatKind.FLEECE;
import static rustictangle.core.coat.CoatKind.HAIRLESS;
import static rustictangle.core.coat.CoatKind.SMOOTH;
import static rustictangle.core.coat.CoatKind.WIRE;

import java.util.EnumMap;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import rustictangle.core.Sure;
import rustictangle.core.dog.Region;

/**
 * Starting coats that many breeds share, for a grown dog.
 *
 * <p>Lengths in mm are own estimates; which kind grows where is quoted from memory.
 */
enum CoatPattern {
    //              density         texture    undercoat  kinds      head ears neck body legs rear tail
    THIN_SMOOTH(Density.MEDIUM, Texture.SOFT, false, all(SMOOTH), 6, 6, 12, 12, 8, 12, 10),
    PLUSH_SMOOTH(Density.DENSE, Texture.SOFT, true, all(SMOOTH), 9, 8, 20, 18, 12, 20, 18),
    SHORT_DOUBLE(Density.DENSE, Texture.HARSH, true, all(DOUBLE), 10, 8, 35, 30, 15, 38, 32),
    STAND_OFF_DOUBLE(Density.DENSE, Texture.HARSH, true, all(DOUBLE), 20, 15, 95, 65, 28, 90, 95),
    LONG_DOUBLE(Density.DENSE, Texture.HARSH, true, all(DOUBLE), 18, 30, 110, 80, 35, 110, 110),
    SHAGGY_DOUBLE(Density.DENSE, Texture.HARSH, true, all(DOUBLE), 90, 80, 110, 120, 90, 120, 110),
    FRINGED_DOUBLE(Density.MEDIUM, Texture.SOFT, true, withFringes(DOUBLE), 15, 45, 60, 50, 60, 90, 100),
    FRINGED(Density.MEDIUM, Texture.SILKY, false, all(FEATHERED), 12, 80, 42, 32, 70, 80, 75),
    LONG_SILK(Density.MEDIUM, Texture.SILKY, false, all(DROP), 80, 90, 100, 120, 90, 110, 110),
    COTTON_DROP(Density.DENSE, Texture.SOFT, true, all(DROP), 80, 90, 90, 100, 85, 100, 110),
    CURLED_WOOL(Density.DENSE, Texture.CURLY, false, all(CURLY), 50, 60, 40, 35, 50, 40, 50),
    CLOSE_CURLS(Density.DENSE, Texture.CURLY, false, all(CURLY), 8, 22, 25, 22, 20, 25, 22),
    LOOSE_FLEECE(Density.MEDIUM, Texture.SOFT, false, all(FLEECE), 60, 70, 60, 60, 60, 60, 80),
    SILK_FLEECE(Density.MEDIUM, Texture.SILKY, false, all(FLEECE), 60, 75, 65, 65, 65, 65, 85),
    WIRE_AND_BEARD(Density.MEDIUM, Texture.HARSH, true, all(WIRE), 45, 12, 30, 30, 45, 28, 25),
    SHORT_WIRE(Density.MEDIUM, Texture.HARSH, true, all(WIRE), 28, 10, 25, 25, 22, 22, 20),
    SADDLED(Density.MEDIUM, Texture.SILKY, false, all(DROP), 40, 130, 90, 35, 120, 80, 20),
    CORDS(Density.DENSE, Texture.CURLY, false, all(CORDED), 120, 120, 150, 180, 130, 160, 150),
    CRESTED(Density.SPARSE, Texture.SILKY, false, crested(), 70, 60, 1, 1, 50, 1, 80),
    BARE(Density.SPARSE, Texture.SOFT, false, all(HAIRLESS), 1, 1, 1, 1, 1, 1, 1);

    private final Density density;
    private final Texture texture;
    private final boolean undercoat;
    private final Map<Region, CoatKind> kinds;
    private final int[] millimetres;

    CoatPattern(Density density, Texture texture, boolean undercoat, Map<Region, CoatKind> kinds, int... millimetres) {
        this.density = density;
        this.texture = texture;
        this.undercoat = undercoat;
        this.kinds = kinds;
        this.millimetres = millimetres;
    }

    /** What a groomer leaves of a small companion's hair, region by region, mm, half-way between two visits. */
    private static final int[] TRIM = {30, 40, 26, 26, 32, 26, 40};

    /** Longer than that nobody calls a clip, mm; then larger dogs are left so much more than small ones. */
    private static final double LONGEST_CLIP = 70;

    private static final double LARGER = 1.5;

    /** The coat as it grows, its lengths times the scale. */
    Coat coat(double scale, Clipped clipped, Colour colour) {
        return coat(clipped, colour, region -> millimetres[region.ordinal()] * scale);
    }

    /** The same as it walks in the street: where a groomer keeps it short it is short. */
    Coat inTrim(double scale, Clipped clipped, Colour colour, boolean small) {
        return coat(clipped, colour, region -> {
            double grown = millimetres[region.ordinal()] * scale;
            double trim = TRIM[region.ordinal()] * (small ? 1 : LARGER);
            return clipped.at(region) && (small || grown > LONGEST_CLIP) ? Math.min(grown, trim) : grown;
        });
    }

    private Coat coat(Clipped clipped, Colour colour, ToDoubleFunction<Region> length) {
        Map<Region, RegionCoat> regions = new EnumMap<>(Region.class);
        for (Region region : Region.values()) {
            CoatKind kind = Sure.at(kinds, region);
            double mm = kind == HAIRLESS ? 1 : Math.max(1, Math.round(length.applyAsDouble(region)));
            boolean beneath = undercoat && kind != FEATHERED;
            regions.put(
                    region,
                    new RegionCoat(kind, new HairLength(mm), density, texture, beneath, clipped.at(region), colour));
        }
        return new Coat(regions, false, false);
    }

    private static Map<Region, CoatKind> all(CoatKind kind) {
        Map<Region, CoatKind> kinds = new EnumMap<>(Region.class);
        for (Region region : Region.values()) {
            kinds.put(region, kind);
        }
        return kinds;
    }

    private static Map<Region, CoatKind> withFringes(CoatKind jacket) {
        Map<Region, CoatKind> kinds = all(jacket);
        for (Region region : new Region[] {Region.EARS, Region.LEGS, Region.REAR, Region.TAIL}) {
            kinds.put(region, FEATHERED);
        }
        return kinds;
    }

    /** Bare, with a crest, plumed feet and tail. */
    private static Map<Region, CoatKind> crested() {
        Map<Region, CoatKind> kinds = all(HAIRLESS);
        for (Region region : new Region[] {Region.HEAD, Region.EARS, Region.LEGS, Region.TAIL}) {
            kinds.put(region, DROP);
        }
        return kinds;
    }
}
