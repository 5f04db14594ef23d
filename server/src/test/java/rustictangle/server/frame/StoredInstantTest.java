package rustictangle.server.frame;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.time.DateTimeException;
import java.time.Instant;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Test;

/** A moment is read as it was written; the JDK's own reading is the yardstick. */
class StoredInstantTest {

    @Test
    void whatWasWrittenIsReadAsTheJdkReadsIt() {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(15);
        for (int i = 0; i < 2000; i++) {
            Instant moment = Instant.ofEpochMilli(random.nextLong(0, 4_000_000_000_000L));
            String text = StoredInstant.text(moment);
            assertEquals(Instant.parse(text), StoredInstant.of(text));
            assertEquals(moment, StoredInstant.of(text));
        }
    }

    @Test
    void aMomentWithoutMillisecondsIsReadToo() {
        assertEquals(Instant.parse("2026-05-14T09:00:00Z"), StoredInstant.of("2026-05-14T09:00:00Z"));
    }

    @Test
    void whatIsNoMomentIsNotTakenForOne() {
        assertThrows(DateTimeException.class, () -> StoredInstant.of("2026-13-14T09:00:00.000Z"));
        assertThrows(DateTimeException.class, () -> StoredInstant.of("2026-02-30T09:00:00.000Z"));
        assertThrows(DateTimeException.class, () -> StoredInstant.of("yesterday"));
    }
}
