package rustictangle.core.coat;

import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import rustictangle.core.Sure;
import rustictangle.core.dog.Region;
import rustictangle.core.dog.Section;

/**
 * A dog's coat: one per region, since a dog may carry several.
 *
 * @param regions         every region, none missing
 * @param sheddingHeavily the undercoat is letting go just now
 * @param neglected       no comb has been to the skin for weeks
 * @param opened          where one has been since, so that this is over there
 */
public record Coat(Map<Region, RegionCoat> regions, boolean sheddingHeavily, boolean neglected, Set<Section> opened) {

    public Coat {
        Set<Region> missing = EnumSet.allOf(Region.class);
        missing.removeAll(regions.keySet());
        if (!missing.isEmpty()) {
            throw new IllegalArgumentException(
                    "coat without regions " + missing + ", need all of " + EnumSet.allOf(Region.class));
        }
        regions = Collections.unmodifiableMap(new EnumMap<>(regions));
        opened = Set.copyOf(opened);
    }

    /** Of which nothing has been opened since. */
    public Coat(Map<Region, RegionCoat> regions, boolean sheddingHeavily, boolean neglected) {
        this(regions, sheddingHeavily, neglected, Set.of());
    }

    /** The same, opened at these places. */
    public Coat openedAt(Set<Section> combed) {
        return new Coat(regions, sheddingHeavily, neglected, combed);
    }

    public boolean neglectedAt(Section section) {
        return neglected && !opened.contains(section);
    }

    /** What grows on this section: the hair of its region. */
    public RegionCoat at(Section section) {
        return at(section.region());
    }

    public RegionCoat at(Region region) {
        return Sure.at(regions, region);
    }

    /** The same after a groom that leaves so much at {@link #clippedRegions()}. */
    public Coat clippedTo(HairLength length) {
        Set<Region> where = clippedRegions();
        Map<Region, RegionCoat> clipped = new EnumMap<>(regions);
        clipped.replaceAll((region, hair) -> where.contains(region) ? hair.ofLength(length) : hair);
        return new Coat(clipped, sheddingHeavily, neglected, opened);
    }

    /**
     * Where a groomer clips it; of a dog that was never clipped: where its hair grows on, or else wherever it mats, since
     * that is what would be clipped.
     */
    public Set<Region> clippedRegions() {
        return regionsWhere(RegionCoat::clipped)
                .or(() -> regionsWhere(RegionCoat::growsOn))
                .or(() -> regionsWhere(hair -> hair.kind().mats()))
                .orElse(Set.of());
    }

    /** @return empty: none is so */
    private Optional<Set<Region>> regionsWhere(Predicate<RegionCoat> so) {
        Set<Region> found = EnumSet.noneOf(Region.class);
        regions.forEach((region, hair) -> {
            if (so.test(hair)) {
                found.add(region);
            }
        });
        return found.isEmpty() ? Optional.empty() : Optional.of(found);
    }

    /** Whether it grows on anywhere until it is cut. */
    public boolean growsOn() {
        return regions.values().stream().anyMatch(RegionCoat::growsOn);
    }

    /** Whether a groomer clips it anywhere. */
    public boolean isClipped() {
        return regions.values().stream().anyMatch(RegionCoat::clipped);
    }

    /** How many sections have hair that can mat. */
    public int placesThatMat() {
        return (int) Arrays.stream(Section.values())
                .filter(section -> at(section).kind().mats())
                .count();
    }

    /** From here, mm, a double coat on body and legs passes from an ordinary to a shaggy one. Own estimates. */
    private static final double SHAGGY_FROM_MM = 60;

    private static final double SHAGGY_TO_MM = 100;

    /**
     * How far it is a double coat that is long and shaggy all over, on body and legs alike, in [0, 1]: 0 up to 60 mm, 1 from
     * 100 mm, a straight line between. Common practice, no published source; the numbers own estimates.
     */
    public double shagginess() {
        double shortest = Double.MAX_VALUE;
        for (Region region : new Region[] {Region.BODY, Region.LEGS}) {
            RegionCoat hair = at(region);
            shortest = Math.min(
                    shortest, hair.kind() == CoatKind.DOUBLE ? hair.length().millimetres() : 0);
        }
        return Math.max(0, Math.min(1, (shortest - SHAGGY_FROM_MM) / (SHAGGY_TO_MM - SHAGGY_FROM_MM)));
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
                switch (hair.kind()) {
                    case DOUBLE, WIRE, FEATHERED, SMOOTH -> true;
                    default -> false;
                };
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
