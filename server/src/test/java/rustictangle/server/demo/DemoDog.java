package rustictangle.server.demo;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.Colour;
import rustictangle.core.coat.Density;
import rustictangle.core.coat.Texture;
import rustictangle.core.dog.Build;
import rustictangle.core.dog.Ears;
import rustictangle.core.dog.Habit;
import rustictangle.core.dog.History;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.dog.Looks;
import rustictangle.core.dog.Region;
import rustictangle.core.dog.Skin;
import rustictangle.core.dog.TailShape;
import rustictangle.core.dog.Wear;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Said;
import rustictangle.core.rhythm.Season;
import rustictangle.server.coat.CoatForm;
import rustictangle.server.coat.CoatForm.RegionForm;
import rustictangle.server.dog.DogForm;
import rustictangle.server.household.Household;

/**
 * One made-up dog of the demo household.
 *
 * @param coat           sheds heavily, if at all, in the seasons
 * @param daysBack       how long ago its records begin
 * @param findsTime      chance in (0, 1] that the owner brushes on a day when something is due
 * @param pause          days up to today on which nobody found the time
 * @param groomInDays    when the groomer sees it; empty: no appointment
 * @param ease           log odds of a relaxed answer at a place the dog does not mind
 */
record DemoDog(
        DogForm form,
        CoatForm coat,
        int daysBack,
        double findsTime,
        int pause,
        double ease,
        Optional<Integer> groomInDays) {

    /** The puppy is five months old on the morning for which the household is made. */
    private static final LocalDate BORN = LocalDate.of(2025, 12, 12);

    static List<DemoDog> household() {
        return List.of(oakum(), gannet(), thimble(), pintle());
    }

    boolean clipped() {
        return coat.coat().isClipped();
    }

    /** The coat as an owner would describe it on that day. */
    CoatForm coatOn(LocalDate day) {
        boolean sheds = coat.sheddingHeavily()
                && Season.about(Household.LATITUDE, Collections.emptyNavigableSet(), day).stream()
                        .anyMatch(season -> !day.isBefore(season.from()) && !day.isAfter(season.to()));
        return new CoatForm(coat.regions(), sheds, coat.neglected());
    }

    private static DemoDog oakum() {
        Map<Region, RegionForm> coat = allOver(
                CoatKind.DOUBLE,
                Texture.HARSH,
                Density.DENSE,
                Colour.GREY,
                Map.of(
                        Region.HEAD,
                        22.0,
                        Region.EARS,
                        20.0,
                        Region.NECK,
                        95.0,
                        Region.BODY,
                        70.0,
                        Region.LEGS,
                        30.0,
                        Region.REAR,
                        90.0,
                        Region.TAIL,
                        95.0));
        return new DemoDog(
                dog(
                        "Oakum",
                        "Keeshond",
                        17.5,
                        LifeStage.ADULT,
                        History.GENTLE,
                        Set.of(),
                        Set.of(Habit.FIELDS_OR_SAND),
                        new Looks(Build.SPITZ, Ears.PRICKED, TailShape.CURLED),
                        null),
                form(coat, true),
                130,
                0.75,
                0,
                4.5,
                Optional.empty());
    }

    private static DemoDog gannet() {
        Map<Region, RegionForm> coat = allOver(
                CoatKind.CURLY,
                Texture.CURLY,
                Density.MEDIUM,
                Colour.BROWN,
                Map.of(
                        Region.HEAD,
                        30.0,
                        Region.EARS,
                        38.0,
                        Region.NECK,
                        27.0,
                        Region.BODY,
                        26.0,
                        Region.LEGS,
                        29.0,
                        Region.REAR,
                        27.0,
                        Region.TAIL,
                        26.0));
        return new DemoDog(
                dog(
                        "Gannet",
                        "Lagotto cross",
                        14,
                        LifeStage.ADULT,
                        History.GENTLE,
                        Set.of(Wear.HARNESS),
                        Set.of(Habit.SWIMS),
                        new Looks(Build.SQUARE, Ears.HANGING, TailShape.SABRE),
                        null),
                form(coat, false),
                125,
                0.85,
                2,
                4.0,
                Optional.empty());
    }

    private static DemoDog thimble() {
        Map<Region, RegionForm> coat = allOver(
                CoatKind.DROP,
                Texture.SILKY,
                Density.MEDIUM,
                Colour.DARK,
                Map.of(
                        Region.HEAD,
                        80.0,
                        Region.EARS,
                        90.0,
                        Region.NECK,
                        85.0,
                        Region.BODY,
                        105.0,
                        Region.LEGS,
                        80.0,
                        Region.REAR,
                        105.0,
                        Region.TAIL,
                        115.0));
        for (Region white : List.of(Region.NECK, Region.LEGS, Region.TAIL)) {
            coat.computeIfPresent(
                    white,
                    (region, hair) -> new RegionForm(
                            region,
                            hair.kind(),
                            hair.millimetres(),
                            hair.density(),
                            hair.texture(),
                            hair.undercoat(),
                            hair.clipped(),
                            Colour.PALE));
        }
        return new DemoDog(
                dog(
                        "Thimble",
                        "Tibetan Terrier",
                        9.6,
                        LifeStage.ADULT,
                        History.ROUGH_GROOM,
                        Set.of(),
                        Set.of(),
                        new Looks(Build.SQUARE, Ears.HANGING, TailShape.CURLED),
                        null),
                form(coat, false),
                110,
                0.85,
                0,
                1.9,
                Optional.of(24));
    }

    private static DemoDog pintle() {
        Map<Region, RegionForm> coat = allOver(
                CoatKind.WIRE,
                Texture.HARSH,
                Density.MEDIUM,
                Colour.GOLD,
                Map.of(
                        Region.HEAD,
                        18.0,
                        Region.EARS,
                        12.0,
                        Region.NECK,
                        12.0,
                        Region.BODY,
                        12.0,
                        Region.LEGS,
                        13.0,
                        Region.REAR,
                        12.0,
                        Region.TAIL,
                        12.0));
        return new DemoDog(
                dog(
                        "Pintle",
                        "Border Terrier",
                        4.1,
                        LifeStage.PUPPY,
                        History.GENTLE,
                        Set.of(),
                        Set.of(),
                        new Looks(Build.SQUARE, Ears.HANGING, TailShape.UPRIGHT),
                        BORN),
                form(coat, false),
                40,
                0.8,
                2,
                3.2,
                Optional.empty());
    }

    private static DogForm dog(
            String name,
            String breed,
            double kilograms,
            LifeStage stage,
            History history,
            Set<Wear> wears,
            Set<Habit> habits,
            Looks looks,
            @Nullable LocalDate born) {
        return new DogForm(
                name,
                breed,
                kilograms,
                stage,
                false,
                true,
                Skin.SOUND,
                history,
                wears,
                habits,
                born,
                looks.build(),
                looks.ears(),
                looks.tail(),
                false);
    }

    private static Map<Region, RegionForm> allOver(
            CoatKind kind, Texture texture, Density density, Colour colour, Map<Region, Double> millimetres) {
        Map<Region, RegionForm> regions = new EnumMap<>(Region.class);
        Arrays.stream(Region.values())
                .forEach(region -> regions.put(
                        region,
                        new RegionForm(
                                region,
                                kind,
                                millimetres.get(region),
                                density,
                                texture,
                                kind.usuallyUndercoat(),
                                kind.growsOn(),
                                colour)));
        return regions;
    }

    private static CoatForm form(Map<Region, RegionForm> regions, boolean shedding) {
        return new CoatForm(List.copyOf(regions.values()), shedding, false);
    }

    /** What was said of it at noon of a day. */
    static Entry said(DemoDog demo, LocalDate day, Said said) {
        UUID id = UUID.nameUUIDFromBytes((demo.form().name() + day + said).getBytes(StandardCharsets.UTF_8));
        Instant noon = day.atTime(LocalTime.NOON).toInstant(ZoneOffset.UTC);
        return new Entry(id, noon, day, Optional.empty(), Optional.empty(), said);
    }
}
