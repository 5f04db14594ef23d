package rustictangle.bench;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import rustictangle.core.Reason;
import rustictangle.core.care.CareDue;
import rustictangle.core.care.CareRules;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.Density;
import rustictangle.core.dog.Dog;
import rustictangle.core.kit.Approach;
import rustictangle.core.kit.Kit;
import rustictangle.core.kit.Match;
import rustictangle.core.log.CareJob;
import rustictangle.core.plan.CareDays;
import rustictangle.core.plan.PracticeDays;
import rustictangle.core.plan.Promise;
import rustictangle.core.plan.Workload;

/**
 * The plan of six dogs over 42 days with brushing, jobs at the table and practice in 60 minutes a day: as a day begins, and
 * after something has happened to one of them.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class HouseholdBenchmark {

    private static final int MINUTES = 60;
    private static final List<CoatKind> DOGS =
            List.of(CoatKind.FLEECE, CoatKind.CURLY, CoatKind.DROP, CoatKind.DOUBLE, CoatKind.FEATHERED, CoatKind.WIRE);

    private Promise.Basis begun;
    private Promise promise;
    private Promise.Stand happened;

    @Setup
    public void household() {
        Map<DayOfWeek, Integer> minutes = new EnumMap<>(DayOfWeek.class);
        Arrays.stream(DayOfWeek.values()).forEach(day -> minutes.put(day, MINUTES));
        CareDays.Asked care = new CareDays.Asked(
                DOGS.stream().map(kind -> table(DOGS.indexOf(kind))).toList(),
                BenchDogs.TODAY,
                Collections.nCopies(Workload.MOST_DAYS, (double) MINUTES));
        begun = new Promise.Basis(
                BenchDogs.TODAY,
                minutes,
                DOGS.stream()
                        .map(kind -> new PracticeDays.Asked(1.5, 1, OptionalInt.of(1), List.of()))
                        .toList(),
                new Promise.Stand(work(3), care));
        promise = morning();
        happened = new Promise.Stand(work(9), care);
    }

    private static List<CareDue> table(int dog) {
        return List.of(CareJob.LOOK_OVER, CareJob.TEETH, CareJob.EYES, CareJob.EARS, CareJob.FEET, CareJob.NAILS)
                .stream()
                .map(job -> {
                    int every = Math.max(1, CareRules.of(job).every(dog(DOGS.get(dog))));
                    LocalDate last = BenchDogs.TODAY.minusDays(1 + dog % every);
                    return new CareDue(
                            job,
                            every,
                            false,
                            Optional.of(last),
                            Optional.of(last.plusDays(every)),
                            CareRules.of(job).minutes(),
                            Optional.empty(),
                            Optional.empty(),
                            false,
                            false,
                            new Reason("care.every", ""));
                })
                .toList();
    }

    /** @param third days since the third was combed to the skin; the others three */
    private static List<Workload> work(int third) {
        List<Workload> all = new ArrayList<>();
        IntStream.range(0, DOGS.size()).forEach(n -> all.add(work(DOGS.get(n), n == 2 ? third : 3)));
        return all;
    }

    private static Workload work(CoatKind kind, int daysAgo) {
        Dog dog = dog(kind);
        Coat coat = BenchDogs.coat(kind, 60, Density.MEDIUM);
        return BenchDogs.work(dog, coat, Kit.of(Match.of(dog, coat, Approach.USUAL), List.of()), daysAgo);
    }

    private static Dog dog(CoatKind kind) {
        return BenchDogs.of(6 + 4 * kind.ordinal());
    }

    @Benchmark
    public Promise morning() {
        return Promise.of(begun);
    }

    @Benchmark
    public Promise afterAnEvent() {
        return promise.and(begun, happened);
    }
}
