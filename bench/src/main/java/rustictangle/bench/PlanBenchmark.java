package rustictangle.bench;

import java.util.Arrays;
import java.util.List;
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
import rustictangle.core.coat.Density;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Mass;
import rustictangle.core.kit.Approach;
import rustictangle.core.kit.Kit;
import rustictangle.core.kit.Match;
import rustictangle.core.plan.HouseholdPlan;
import rustictangle.core.plan.Workload;

/** The plan of the largest dog with a long fleece, from its log on: with as many minutes as it takes, and with few. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class PlanBenchmark {

    private Dog dog;
    private Coat coat;
    private Kit kit;

    @Setup
    public void fill() {
        dog = BenchDogs.of(Mass.MAX_KILOGRAMS);
        coat = BenchDogs.coat(CoatKind.FLEECE, 110, Density.DENSE);
        kit = Kit.of(Match.of(dog, coat, Approach.USUAL), List.of());
    }

    @Param({"0", "15", "40"})
    private int minutes;

    @Benchmark
    public HouseholdPlan plan() {
        List<Workload> work = List.of(BenchDogs.work(dog, coat, kit, 2));
        double[] time = new double[HouseholdPlan.days(work)];
        Arrays.fill(time, minutes);
        return minutes == 0 ? HouseholdPlan.asItTakes(work) : HouseholdPlan.of(work, time);
    }
}
