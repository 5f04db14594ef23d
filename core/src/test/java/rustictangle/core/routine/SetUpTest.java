package rustictangle.core.routine;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import rustictangle.core.dog.Section;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Log;
import rustictangle.core.log.SessionBegun;
import rustictangle.core.log.SessionEvent;

class SetUpTest {

    private static final Instant NOON = Instant.parse("2026-05-11T12:00:00Z");

    private static double learned(double... minutes) {
        List<Entry> entries = new ArrayList<>();
        for (int i = 0; i < minutes.length; i++) {
            UUID session = UUID.randomUUID();
            Instant begun = NOON.plusSeconds(86_400L * i);
            LocalDate day = LocalDate.of(2026, 5, 11).plusDays(i);
            SessionBegun.BegunPlace back =
                    new SessionBegun.BegunPlace(Section.BACK, Optional.empty(), Optional.empty());
            entries.add(new Entry(
                    session, begun, day, Optional.of(session), Optional.empty(), new SessionBegun(List.of(back))));
            entries.add(new Entry(
                    UUID.randomUUID(),
                    begun.plusSeconds(Math.round(60 * minutes[i])),
                    day,
                    Optional.of(session),
                    Optional.empty(),
                    new SessionEvent.Started()));
        }
        return SetUp.learned(Log.of(entries, Instant.MAX));
    }

    @Test
    void theOwnersOwnSettingUpTakesThePlaceOfTheEstimateStepByStep() {
        assertEquals(SetUp.MINUTES, learned());
        assertEquals((3 * 4 + 8) / 4.0, learned(8), 1e-9);
        assertEquals((3 * 4 + 10 * 8) / 13.0, learned(8, 8, 8, 8, 8, 8, 8, 8, 8, 8), 1e-9);
    }

    @Test
    void whatWasTappedThroughOrLeftLyingTeachesNothing() {
        assertEquals(SetUp.MINUTES, learned(0.05, 90, 0.1));
    }
}
