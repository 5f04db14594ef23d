package rustictangle.bench;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import rustictangle.core.plan.Promise;

/** What is timed is real work: minutes are short, and all of the household shares them. */
class HouseholdBenchmarkTest {

    @Test
    void sixDogsTheTableAndPracticeShareTheMinutes() {
        HouseholdBenchmark benchmark = new HouseholdBenchmark();
        benchmark.household();
        Promise morning = benchmark.morning();
        assertTrue(morning.dogs().stream().anyMatch(places -> !places.isEmpty()));
        assertTrue(IntStream.range(0, 14)
                .anyMatch(day -> !morning.plan().care().on(day).isEmpty()));
        assertTrue(benchmark
                .afterAnEvent()
                .dogs()
                .get(2)
                .containsAll(morning.dogs().get(2)));
    }
}
