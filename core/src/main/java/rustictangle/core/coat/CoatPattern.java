package rustictangle.core.coat;

import static rustictangle.core.coat.CoatKind.CORDED;
import static rustictangle.core.coat.CoatKind.CURLY;
import static rustictangle.core.coat.CoatKind.DOUBLE;
import static rustictangle.core.coat.CoatKind.DROP;
import static rustictangle.core.coat.CoatKind.FEATHERED;
import static rustictangle.core.coat.CoatKind.HAIRLESS;
import static rustictangle.core.coat.CoatKind.SMOOTH;
import static rustictangle.core.coat.CoatKind.WIRE;

import java.util.EnumMap;
import java.util.Map;
import rustictangle.core.dog.Region;

/**
 * Starting coats that many breeds share, for a grown dog not clipped lately.
 *
 * <p>Lengths in mm are own estimates; which kind grows where is quoted from memory.
 */
enum CoatPattern {
    //              density         texture         head ears neck body legs rear tail
    SHORT_SMOOTH(Density.MEDIUM, Texture.SOFT, all(SMOOTH), 6, 6, 12, 12, 8, 12, 10),
    SHORT_DOUBLE(Density.DENSE, Texture.HARSH, all(DOUBLE), 10, 8, 35, 30, 15, 38, 32),
    STAND_OFF_DOUBLE(Density.DENSE, Texture.HARSH, all(DOUBLE), 20, 15, 95, 65, 28, 90, 95),
    LONG_DOUBLE(Density.DENSE, Texture.HARSH, all(DOUBLE), 18, 30, 110, 80, 35, 110, 110),
    SHAGGY_DOUBLE(Density.DENSE, Texture.HARSH, all(DOUBLE), 90, 80, 110, 120, 90, 120, 110),
    FRINGED_DOUBLE(Density.MEDIUM, Texture.SOFT, withFringes(DOUBLE), 15, 45, 60, 50, 60, 90, 100),
    FRINGED(Density.MEDIUM, Texture.SILKY, all(FEATHERED), 12, 80, 42, 32, 70, 80, 75),
    LONG_SILK(Density.MEDIUM, Texture.SILKY, all(DROP), 80, 90, 100, 120, 90, 110, 110),
    CURLED_WOOL(Density.DENSE, Texture.CURLY, all(CURLY), 50, 60, 40, 35, 50, 40, 50),
    LOOSE_FLEECE(Density.MEDIUM, Texture.SOFT, all(CURLY), 60, 70, 60, 60, 60, 60, 80),
    WIRE_AND_BEARD(Density.MEDIUM, Texture.HARSH, all(WIRE), 45, 12, 30, 30, 45, 28, 25),
    SHORT_WIRE(Density.MEDIUM, Texture.HARSH, all(WIRE), 28, 10, 25, 25, 22, 22, 20),
    CORDS(Density.DENSE, Texture.CURLY, all(CORDED), 120, 120, 150, 180, 130, 160, 150),
    CRESTED(Density.SPARSE, Texture.SILKY, crested(), 70, 60, 1, 1, 50, 1, 80),
    BARE(Density.SPARSE, Texture.SOFT, all(HAIRLESS), 1, 1, 1, 1, 1, 1, 1);

    private final Density density;
    private final Texture texture;
    private final Map<Region, CoatKind> kinds;
    private final int[] millimetres;

    CoatPattern(Density density, Texture texture, Map<Region, CoatKind> kinds, int... millimetres) {
        this.density = density;
        this.texture = texture;
        this.kinds = kinds;
        this.millimetres = millimetres;
    }

    /** The coat, its lengths times the scale. */
    Coat coat(double scale) {
        Map<Region, RegionCoat> regions = new EnumMap<>(Region.class);
        for (Region region : Region.values()) {
            CoatKind kind = kinds.get(region);
            double mm = kind == HAIRLESS ? 1 : Math.max(1, Math.round(millimetres[region.ordinal()] * scale));
            regions.put(
                    region, new RegionCoat(kind, new HairLength(mm), density, texture, kind.usuallyUndercoat(), false));
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
