package rustictangle.core.kit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.random.RandomGenerator;
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
import rustictangle.core.dog.Skin;
import rustictangle.core.log.ToolFault;
import rustictangle.core.log.ToolKind;

/** Tools for the tests, plain ones and seeded random ones. */
public final class Drawers {

    public static final Tool COMB = Tool.comb(ToolKind.COMB, Spacing.WIDE_AND_FINE);

    private Drawers() {}

    public static Tool pins(double millimetres, PadKind pad) {
        return Tool.brush(ToolKind.PIN_BRUSH, millimetres, Optional.of(pad), Tips.GROUND, HeadShape.OVAL, false);
    }

    public static Tool slicker(double millimetres, Tips tips, boolean flexible) {
        return Tool.brush(ToolKind.SLICKER, millimetres, Optional.empty(), tips, HeadShape.OVAL, flexible);
    }

    /** The fit of a tool where it serves best on the section. */
    public static Fit fit(Tool tool, Need need) {
        return Arrays.stream(Fit.atEachStep(tool, need))
                .max(Comparator.comparingDouble(Fit::score))
                .orElseThrow();
    }

    public static List<Tool> random(RandomGenerator random, int most) {
        List<Tool> drawer = new ArrayList<>();
        int count = random.nextInt(most + 1);
        for (int i = 0; i < count; i++) {
            drawer.add(tool(random, i + 1));
        }
        return drawer;
    }

    public static Tool tool(RandomGenerator random, long id) {
        ToolKind kind = any(random, ToolKind.values());
        while (!kind.canBeOwned()) {
            kind = any(random, ToolKind.values());
        }
        Optional<ToolCheck> check = random.nextInt(12) > 0
                ? Optional.empty()
                : Optional.of(new ToolCheck(java.time.LocalDate.of(2026, 5, 1), Set.of(ToolFault.SCRATCHES)));
        return new Tool(
                id,
                "",
                kind,
                maybe(random, (double) random.nextInt(8, 45)),
                maybe(random, any(random, PadKind.values())),
                maybe(random, any(random, Tips.values())),
                maybe(random, any(random, HeadShape.values())),
                maybe(random, (double) random.nextInt(20, 140)),
                maybe(random, any(random, Spacing.values())),
                random.nextBoolean(),
                Optional.empty(),
                check);
    }

    public static Dog dog(RandomGenerator random) {
        return new Dog(
                new Mass(random.nextDouble(1.5, 60)),
                any(random, LifeStage.values()),
                random.nextInt(6) == 0,
                any(random, Skin.values()),
                any(random, History.values()),
                Set.of(),
                Set.of());
    }

    /** One kind with lengths of its own in each region, now and then a region of another kind. */
    public static Coat coat(RandomGenerator random) {
        CoatKind mostly = any(random, CoatKind.values());
        Map<Region, RegionCoat> regions = new EnumMap<>(Region.class);
        for (Region region : Region.values()) {
            CoatKind kind = random.nextInt(5) == 0 ? any(random, CoatKind.values()) : mostly;
            regions.put(
                    region,
                    new RegionCoat(
                            kind,
                            new HairLength(random.nextInt(2, 220)),
                            any(random, Density.values()),
                            any(random, Texture.values()),
                            random.nextBoolean(),
                            random.nextBoolean(),
                            random.nextInt(4) == 0 ? Colour.PALE : Colour.DARK));
        }
        return new Coat(regions, random.nextInt(4) == 0, random.nextInt(6) == 0);
    }

    public static Approach approach(RandomGenerator random) {
        Approach approach = Approach.USUAL;
        for (SchoolQuestion question : SchoolQuestion.values()) {
            List<SchoolQuestion.Option> options = question.options(approach);
            approach = options.get(random.nextInt(options.size())).approach();
        }
        return approach;
    }

    public static <T> T any(RandomGenerator random, T[] values) {
        return Arrays.asList(values).get(random.nextInt(values.length));
    }

    private static <T> Optional<T> maybe(RandomGenerator random, T value) {
        return random.nextInt(4) == 0 ? Optional.empty() : Optional.of(value);
    }
}
