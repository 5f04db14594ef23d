package rustictangle.bench;

import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;

/** What is timed is real work. */
class EventsBenchmarkTest {

    @Test
    void entriesAreAcceptedOneAfterTheOtherHoweverTheyCome() throws Exception {
        EventsBenchmark benchmark = new EventsBenchmark();
        benchmark.start();
        try {
            benchmark.entryThroughTheService();
            benchmark.plainInsert();
            String session = benchmark.entryOverHttp();
            assertTrue(session.contains("\"entries\":2"), session);
        } finally {
            benchmark.stop();
        }
    }
}
