package rustictangle.core.session;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import rustictangle.core.dog.Section;
import rustictangle.core.log.CombResult;
import rustictangle.core.log.DayByDay;
import rustictangle.core.log.Log;
import rustictangle.core.log.Said;
import rustictangle.core.log.SessionEvent.SectionDone;
import rustictangle.core.log.SessionEvent.Teased;
import rustictangle.core.log.Signal;
import rustictangle.core.log.Visited;

/** A dog that has refused a mat twice is not asked anew every day. */
class RefusalsTest {

    private static final LocalDate MONDAY = LocalDate.of(2026, 5, 11);

    private static Log log(Said... said) {
        return DayByDay.log(MONDAY, said);
    }

    private static SectionDone done(CombResult comb) {
        return new SectionDone(Section.BACK, comb, comb == CombResult.GLIDES ? 0 : 1, Signal.RELAXED);
    }

    private static Visited groom() {
        return new Visited(Optional.empty(), Optional.empty(), "", "", false, Map.of());
    }

    @Test
    void twoRefusalsAreRememberedAcrossSessionsUntilTheCombRunsFree() {
        Teased no = new Teased(Section.BACK, 20, Signal.OPTED_OUT);
        assertEquals(Map.of(Section.BACK, 2), refusals(no, no));
        assertEquals(Map.of(), refusals(no, no, done(CombResult.GLIDES)));
        assertEquals(Map.of(), refusals(no, groom()));
    }

    private static Map<Section, Integer> refusals(Said... said) {
        return Refusals.before(log(said), UUID.randomUUID());
    }
}
