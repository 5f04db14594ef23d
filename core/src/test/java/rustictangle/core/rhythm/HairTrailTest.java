package rustictangle.core.rhythm;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static rustictangle.core.log.HairOut.HANDFUL;
import static rustictangle.core.log.HairOut.HEAP;
import static rustictangle.core.log.HairOut.PINCH;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import rustictangle.core.Reason;
import rustictangle.core.log.DayByDay;
import rustictangle.core.log.HairOut;
import rustictangle.core.log.Said;
import rustictangle.core.log.SessionEvent.PassRepeated;

/** That pinches after heaps mean the end of a season is common practice, no published source. */
class HairTrailTest {

    private static final LocalDate FIRST = LocalDate.of(2026, 4, 1);

    @Test
    void threePinchesAfterAHeapMeanThatTheSeasonEnds() {
        assertEquals(Optional.of("rhythm.hair-ends"), meaning(HEAP, HANDFUL, PINCH, PINCH, PINCH));
        assertEquals(Optional.of("rhythm.hair-none"), meaning(PINCH, PINCH, PINCH), "there was none");
        assertEquals(Optional.empty(), meaning(HEAP, PINCH, PINCH), "two may be chance");
        assertEquals(Optional.of("rhythm.hair-heap"), meaning(PINCH, PINCH, PINCH, HEAP));
        assertEquals(Optional.of("rhythm.hair-handful"), meaning(PINCH, HANDFUL));
        assertEquals(Optional.empty(), meaning());
    }

    @Test
    void theMostOfADayCountsAndWhatIsOlderThanASeasonIsForgotten() {
        assertEquals(
                0,
                HairTrail.of(DayByDay.log(FIRST, said(HEAP)), FIRST.plusWeeks(9))
                        .days()
                        .size());
        assertEquals(
                HEAP,
                HairTrail.of(DayByDay.log(FIRST, said(HEAP)), FIRST.plusWeeks(7))
                        .days()
                        .get(0)
                        .most());
    }

    private static Optional<String> meaning(HairOut... days) {
        Said[] said = Arrays.stream(days).map(HairTrailTest::said).toArray(Said[]::new);
        return HairTrail.of(DayByDay.log(FIRST, said), FIRST.plusDays(20))
                .meaning()
                .map(Reason::rule);
    }

    private static Said said(HairOut hair) {
        return new PassRepeated(1, hair);
    }
}
