package rustictangle.core.coat;

import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import rustictangle.core.dog.Region;
import rustictangle.core.dog.Section;

/**
 * A dog's coat: one per region, since a dog may carry several.
 *
 * @param regions         every region, none missing
 * @param sheddingHeavily the undercoat is letting go just now
 * @param neglected       no comb has been to the skin for weeks
 */
public record Coat(Map<Region, RegionCoat> regions, boolean sheddingHeavily, boolean neglected) {

    public Coat {
        Set<Region> missing = EnumSet.allOf(Region.class);
        missing.removeAll(regions.keySet());
        if (!missing.isEmpty()) {
            throw new IllegalArgumentException(
                    "coat without regions " + missing + ", need all of " + EnumSet.allOf(Region.class));
        }
        regions = Collections.unmodifiableMap(new EnumMap<>(regions));
    }

    /** What grows on this section: the hair of its region. */
    public RegionCoat at(Section section) {
        return regions.get(section.region());
    }

    /** The same after a groom that leaves so much wherever hair grows on. */
    public Coat clippedTo(HairLength length) {
        Map<Region, RegionCoat> clipped = new EnumMap<>(regions);
        clipped.replaceAll((region, hair) -> hair.kind().growsOn() ? hair.ofLength(length) : hair);
        return new Coat(clipped, sheddingHeavily, neglected);
    }

    /**
     * The same after a groom that leaves so much.
     *
     * @param onlyWhereItGrowsOn else wherever hair mats: schnauzers, westies, cockers and many double coats are clipped,
     *                           too (common practice, no published source)
     */
    public Coat clippedTo(HairLength length, boolean onlyWhereItGrowsOn) {
        if (onlyWhereItGrowsOn) {
            return clippedTo(length);
        }
        Map<Region, RegionCoat> clipped = new EnumMap<>(regions);
        clipped.replaceAll((region, hair) -> hair.kind().mats() ? hair.ofLength(length) : hair);
        return new Coat(clipped, sheddingHeavily, neglected);
    }

    /** Whether a groomer clips it anywhere. */
    public boolean growsOn() {
        return regions.values().stream().anyMatch(hair -> hair.kind().growsOn());
    }

    /** How many sections have hair that can mat. */
    public int placesThatMat() {
        return (int) Arrays.stream(Section.values())
                .filter(section -> at(section).kind().mats())
                .count();
    }

    /** Whether any region is of this kind. */
    public boolean has(CoatKind kind) {
        return regions.values().stream().anyMatch(region -> region.kind() == kind);
    }

    /**
     * An undercoat that lets go twice a year at this section. Curly and drop hair keep their dead hair inside:
     * they have no season.
     */
    public boolean seasonalAt(Section section) {
        RegionCoat hair = at(section);
        boolean hasSeason =
                hair.kind() == CoatKind.DOUBLE || hair.kind() == CoatKind.WIRE || hair.kind() == CoatKind.FEATHERED;
        return hair.undercoat() && hasSeason;
    }

    /** Whether it has a shedding season anywhere. */
    public boolean seasonal() {
        return Arrays.stream(Section.values()).anyMatch(this::seasonalAt);
    }

    /** An undercoat letting go at this section just now. */
    public boolean shedsAt(Section section) {
        return sheddingHeavily && seasonalAt(section);
    }
}
