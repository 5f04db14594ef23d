package rustictangle.bench;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.TimeUnit;
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
import rustictangle.core.kit.Approach;
import rustictangle.core.kit.Kit;
import rustictangle.core.kit.Match;
import rustictangle.core.plan.HouseholdPlan;
import rustictangle.core.plan.Workload;
import rustictangle.core.rhythm.CombCheck;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.rhythm.Diary;
import rustictangle.core.rhythm.Forecast;
import rustictangle.core.routine.Routine;
import rustictangle.core.routine.SetUp;
import rustictangle.core.trust.Trust;

/** The plan of the largest dog with a long fleece, from its log on: with as many minutes as it takes, and with few. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class PlanBenchmark {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);

    private Dog dog;
    private Coat coat;
    private Kit kit;

    @Setup
    public void fill() {
        dog = new Dog(
                new Mass(Mass.MAX_KILOGRAMS), LifeStage.ADULT, false, Skin.SOUND, History.GENTLE, Set.of(), Set.of());
        Map<Region, RegionCoat> regions = new EnumMap<>(Region.class);
        for (Region region : Region.values()) {
            regions.put(
                    region,
                    new RegionCoat(
                            CoatKind.FLEECE,
                            new HairLength(110),
                            Density.DENSE,
                            Texture.SOFT,
                            false,
                            true,
                            Colour.GOLD));
        }
        coat = new Coat(regions, false, false);
        kit = Kit.of(Match.of(dog, coat, Approach.USUAL), List.of());
    }

    @Param({"0", "15", "40"})
    private int minutes;

    @Benchmark
    public HouseholdPlan plan() {
        List<CombCheck> checks = Arrays.stream(Section.values())
                .map(section -> new CombCheck(section, TODAY.minusDays(2), 0, false))
                .toList();
        Map<Section, Workload.PlaceWork> places = new EnumMap<>(Section.class);
        Routine.of(dog, coat, kit, Trust.of(dog, kit, List.of(), TODAY), List.of(), kit.brushed())
                .places()
                .forEach(step -> places.put(step.section(), Workload.PlaceWork.ready(step.seconds() / 60)));
        List<Workload> work = List.of(new Workload(
                Forecast.of(dog, coat, Diary.of(checks), TODAY),
                Comfort.BALANCED,
                places,
                new Workload.Sessions(SetUp.MINUTES, false, Optional.empty()),
                Optional.empty()));
        double[] time = new double[HouseholdPlan.days(work)];
        Arrays.fill(time, minutes);
        return minutes == 0 ? HouseholdPlan.asItTakes(work) : HouseholdPlan.of(work, time);
    }
}
