package rustictangle.bench;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.Colour;
import rustictangle.core.coat.Density;
import rustictangle.core.coat.HairLength;
import rustictangle.core.coat.RegionCoat;
import rustictangle.core.coat.Texture;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.History;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.dog.Mass;
import rustictangle.core.dog.Region;
import rustictangle.core.dog.Section;
import rustictangle.core.dog.Skin;
import rustictangle.core.kit.Kit;
import rustictangle.core.plan.Workload;
import rustictangle.core.rhythm.CombCheck;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.rhythm.Diary;
import rustictangle.core.rhythm.Forecast;
import rustictangle.core.routine.Routine;
import rustictangle.core.routine.SetUp;
import rustictangle.core.trust.Trust;

/** Gentle grown dogs whose whole coat is alike. */
final class BenchDogs {

    static final LocalDate TODAY = LocalDate.of(2026, 5, 14);

    private BenchDogs() {}

    static Dog of(double kilograms) {
        return new Dog(new Mass(kilograms), LifeStage.ADULT, false, Skin.SOUND, History.GENTLE, Set.of(), Set.of());
    }

    static Coat coat(CoatKind kind, double millimetres, Density density) {
        Map<Region, RegionCoat> regions = new EnumMap<>(Region.class);
        for (Region region : Region.values()) {
            regions.put(
                    region,
                    new RegionCoat(
                            kind,
                            new HairLength(millimetres),
                            density,
                            Texture.SOFT,
                            kind == CoatKind.DOUBLE,
                            true,
                            Colour.GOLD));
        }
        return new Coat(regions, false, false);
    }

    /** From its log on, where all of it was combed to the skin so many days ago. */
    static Workload work(Dog dog, Coat coat, Kit kit, int daysAgo) {
        List<CombCheck> checks = Arrays.stream(Section.values())
                .map(section -> new CombCheck(section, TODAY.minusDays(daysAgo), 0, false))
                .toList();
        Map<Section, Workload.PlaceWork> places = new EnumMap<>(Section.class);
        Routine.of(dog, coat, kit, Trust.of(dog, kit, List.of(), TODAY), List.of(), kit.brushed())
                .places()
                .forEach(step -> places.put(step.section(), Workload.PlaceWork.ready(step.seconds() / 60)));
        return new Workload(
                Forecast.of(dog, coat, Diary.of(checks), TODAY),
                Comfort.BALANCED,
                places,
                new Workload.Sessions(SetUp.MINUTES, false, Optional.empty()),
                Optional.empty());
    }
}
