package rustictangle.core.coat;

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
 */
public record Coat(Map<Region, RegionCoat> regions, boolean sheddingHeavily) {

    public Coat {
        Set<Region> missing = EnumSet.allOf(Region.class);
        missing.removeAll(regions.keySet());
        if (!missing.isEmpty()) {
            throw new IllegalArgumentException("coat without regions " + missing + ", need all of "
                    + EnumSet.allOf(Region.class));
        }
        regions = Collections.unmodifiableMap(new EnumMap<>(regions));
    }

    /** What grows on this section: the hair of its region. */
    public RegionCoat at(Section section) {
        return regions.get(section.region());
    }

    /** Whether any region is of this kind. */
    public boolean has(CoatKind kind) {
        return regions.values().stream().anyMatch(region -> region.kind() == kind);
    }

    /** A double coat blowing its undercoat at this section. */
    public boolean shedsAt(Section section) {
        return sheddingHeavily && at(section).kind() == CoatKind.DOUBLE;
    }
}
