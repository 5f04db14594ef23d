package rustictangle.core;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.Colour;
import rustictangle.core.coat.Density;
import rustictangle.core.coat.HairLength;
import rustictangle.core.coat.RegionCoat;
import rustictangle.core.coat.Texture;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Habit;
import rustictangle.core.dog.History;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.dog.Mass;
import rustictangle.core.dog.Region;
import rustictangle.core.dog.Skin;
import rustictangle.core.dog.Wear;
import rustictangle.core.kit.Approach;
import rustictangle.core.kit.Kit;
import rustictangle.core.kit.Match;

/** Plain dogs and coats for the tests. */
public final class Dogs {

    private Dogs() {}

    public static Dog adult(double kilograms) {
        return new Dog(new Mass(kilograms), LifeStage.ADULT, false, Skin.SOUND, History.GENTLE, Set.of(), Set.of());
    }

    public static Dog with(LifeStage stage, History history) {
        return new Dog(new Mass(10), stage, false, Skin.SOUND, history, Set.of(), Set.of());
    }

    public static Dog living(Set<Wear> wears, Set<Habit> habits) {
        return new Dog(new Mass(14), LifeStage.ADULT, false, Skin.SOUND, History.GENTLE, wears, habits);
    }

    public static RegionCoat hair(CoatKind kind, double millimetres) {
        return hair(kind, millimetres, Density.MEDIUM, kind.usualTexture());
    }

    public static RegionCoat hair(CoatKind kind, double millimetres, Density density, Texture texture) {
        return new RegionCoat(
                kind,
                new HairLength(millimetres),
                density,
                texture,
                kind.usuallyUndercoat(),
                kind.growsOn(),
                Colour.GOLD);
    }

    public static RegionCoat fleece(double millimetres) {
        return hair(CoatKind.FLEECE, millimetres, Density.MEDIUM, Texture.SOFT);
    }

    public static Coat allOver(RegionCoat hair) {
        return new Coat(regions(hair), false, false);
    }

    public static Coat shedding(RegionCoat hair) {
        return new Coat(regions(hair), true, false);
    }

    /** What the dog asks for, and an empty drawer. */
    public static Kit kit(Dog dog, Coat coat) {
        return Kit.of(Match.of(dog, coat, Approach.USUAL), List.of());
    }

    public static Map<Region, RegionCoat> regions(RegionCoat hair) {
        Map<Region, RegionCoat> regions = new EnumMap<>(Region.class);
        for (Region region : Region.values()) {
            regions.put(region, hair);
        }
        return regions;
    }
}
