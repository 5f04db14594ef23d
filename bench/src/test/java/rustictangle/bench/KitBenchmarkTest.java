package rustictangle.bench;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is timed is real work. */
class KitBenchmarkTest {

    @ParameterizedTest
    @ValueSource(strings = {"CURLY", "MIXED", "SHEDDING"})
    void everySectionIsMatchedAndSomethingIsToBuy(String dog) {
        KitBenchmark benchmark = new KitBenchmark();
        benchmark.dog = dog;
        benchmark.fill();
        assertEquals(29, benchmark.wholeDogMatch().sections().size());
        assertFalse(benchmark.leastToBuyFromNothing().buy().isEmpty());
        benchmark.leastToBuyBesideSmallDrawers();
    }
}
