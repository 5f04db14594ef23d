package rustictangle.core.coat;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static rustictangle.core.dog.Section.BACK;
import static rustictangle.core.dog.Section.CHEST;
import static rustictangle.core.dog.Section.THROAT;

import java.time.LocalDate;
import java.util.Set;
import org.junit.jupiter.api.Test;
import rustictangle.core.Dogs;
import rustictangle.core.log.CombResult;
import rustictangle.core.log.DayByDay;
import rustictangle.core.log.Log;
import rustictangle.core.log.SessionEvent.SectionDone;
import rustictangle.core.log.Signal;

/** Weeks without a comb are over where one has run free. */
class CombedLatelyTest {

    private static final LocalDate FIRST = LocalDate.of(2026, 4, 1);

    private final Log log = DayByDay.log(
            FIRST,
            new SectionDone(BACK, CombResult.GLIDES, 0, Signal.RELAXED),
            new SectionDone(CHEST, CombResult.BRUSHED, 0, Signal.RELAXED),
            new SectionDone(THROAT, CombResult.MAT_LEFT, 1, Signal.RELAXED));

    @Test
    void onlyACombThatRanFreeOpensAPlaceAndOnlyForSomeWeeks() {
        assertEquals(Set.of(BACK), CombedLately.of(log, FIRST.plusDays(5)));
        assertEquals(Set.of(), CombedLately.of(log, FIRST.plusDays(30)), "weeks ago again");
        assertEquals(Set.of(), CombedLately.of(log, FIRST), "nothing changes on the day itself");
    }

    @Test
    void neglectIsOverThereAndStaysElsewhere() {
        Coat coat = new Coat(Dogs.regions(Dogs.fleece(80)), false, true).openedAt(Set.of(BACK));
        assertEquals(CoatState.ORDINARY, CoatState.of(Dogs.adult(12), coat, BACK));
        assertEquals(CoatState.NEGLECTED, CoatState.of(Dogs.adult(12), coat, CHEST));
    }
}
