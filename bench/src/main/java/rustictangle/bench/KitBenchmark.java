package rustictangle.bench;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import rustictangle.core.buy.Purchases;
import rustictangle.core.buy.Purchases.Growing;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.Colour;
import rustictangle.core.coat.Density;
import rustictangle.core.coat.HairLength;
import rustictangle.core.coat.RegionCoat;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.History;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.dog.Mass;
import rustictangle.core.dog.Region;
import rustictangle.core.dog.Skin;
import rustictangle.core.kit.Approach;
import rustictangle.core.kit.HeadShape;
import rustictangle.core.kit.Kit;
import rustictangle.core.kit.Match;
import rustictangle.core.kit.PadKind;
import rustictangle.core.kit.Spacing;
import rustictangle.core.kit.Tips;
import rustictangle.core.kit.Tool;
import rustictangle.core.log.ToolKind;

/** A whole dog, all sections: its match against a drawer of 40 tools, and the least to buy for it. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.Throughput)
@OutputTimeUnit(TimeUnit.SECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class KitBenchmark {

    private static final int DRAWER = 40;
    private static final int OTHER_DRAWERS = 200;

    /** A curly dog, one of many coats, and a big shedding dog. */
    @Param({"CURLY", "MIXED", "SHEDDING"})
    public String dog;

    private Dog who;
    private Coat coat;
    private Match match;
    private List<Tool> drawer;
    private List<List<Tool>> smallDrawers;
    private int turn;

    @Setup
    public void fill() {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(40);
        who = new Dog(
                new Mass(dog.equals("SHEDDING") ? 42 : 14),
                LifeStage.ADULT,
                false,
                Skin.SOUND,
                History.GENTLE,
                Set.of(),
                Set.of());
        coat = coat();
        match = Match.of(who, coat, Approach.USUAL);
        drawer = tools(random, DRAWER);
        smallDrawers = new ArrayList<>();
        for (int i = 0; i < OTHER_DRAWERS; i++) {
            smallDrawers.add(tools(random, random.nextInt(6)));
        }
    }

    @Benchmark
    public Kit wholeDogMatch() {
        return Kit.of(Match.of(who, coat, Approach.USUAL), drawer);
    }

    @Benchmark
    public Purchases leastToBuyFromNothing() {
        return Purchases.of(who, Growing.steady(coat), Approach.USUAL, List.of());
    }

    /** One drawer of up to five tools after the other. */
    @Benchmark
    public Purchases leastToBuyBesideSmallDrawers() {
        turn = (turn + 1) % OTHER_DRAWERS;
        return Purchases.of(who, Growing.steady(coat), Approach.USUAL, smallDrawers.get(turn));
    }

    private Coat coat() {
        CoatKind[] kinds = {
            CoatKind.DROP,
            CoatKind.FEATHERED,
            CoatKind.CURLY,
            CoatKind.WIRE,
            CoatKind.DOUBLE,
            CoatKind.CURLY,
            CoatKind.DROP
        };
        int[] millimetres = {60, 90, 120, 30, 45, 170, 150};
        Map<Region, RegionCoat> regions = new EnumMap<>(Region.class);
        for (Region region : Region.values()) {
            CoatKind kind =
                    switch (dog) {
                        case "MIXED" -> kinds[region.ordinal()];
                        case "SHEDDING" -> CoatKind.DOUBLE;
                        default -> CoatKind.CURLY;
                    };
            regions.put(
                    region,
                    new RegionCoat(
                            kind,
                            new HairLength(millimetres[region.ordinal()]),
                            Density.MEDIUM,
                            kind.usualTexture(),
                            kind.usuallyUndercoat(),
                            kind.growsOn(),
                            Colour.GOLD));
        }
        return new Coat(regions, dog.equals("SHEDDING"), false);
    }

    private static List<Tool> tools(RandomGenerator random, int count) {
        List<Tool> tools = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            ToolKind kind = any(random, ToolKind.values());
            tools.add(new Tool(
                    i + 1,
                    "",
                    kind.canBeOwned() ? kind : ToolKind.COMB,
                    Optional.of((double) random.nextInt(10, 40)),
                    Optional.of(any(random, PadKind.values())),
                    Optional.of(any(random, Tips.values())),
                    Optional.of(any(random, HeadShape.values())),
                    Optional.of((double) random.nextInt(30, 120)),
                    Optional.of(any(random, Spacing.values())),
                    random.nextBoolean(),
                    Optional.empty(),
                    Optional.empty()));
        }
        return tools;
    }

    private static <T> T any(RandomGenerator random, T[] values) {
        return values[random.nextInt(values.length)];
    }
}
