package rustictangle.core.session;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import rustictangle.core.dog.Section;
import rustictangle.core.log.CombResult;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Log;
import rustictangle.core.log.Said;
import rustictangle.core.log.SessionBegun;
import rustictangle.core.log.SessionEvent;
import rustictangle.core.log.SessionEvent.SectionDone;
import rustictangle.core.log.SessionEvent.Teased;
import rustictangle.core.log.SessionNoted;
import rustictangle.core.log.Signal;
import rustictangle.core.log.Visited;

/** A dog that has refused a mat twice is not asked anew every day. */
class RefusalsTest {

    private static final LocalDate MONDAY = LocalDate.of(2026, 5, 11);

    private static Log log(Said... said) {
        List<Entry> entries = new ArrayList<>();
        UUID session = UUID.randomUUID();
        for (int i = 0; i < said.length; i++) {
            Instant at = MONDAY.atStartOfDay().plusHours(10L + 24L * i).toInstant(ZoneOffset.UTC);
            boolean ofSession = said[i] instanceof SessionEvent
                    || said[i] instanceof SessionBegun
                    || said[i] instanceof SessionNoted;
            entries.add(new Entry(
                    UUID.randomUUID(),
                    at,
                    MONDAY.plusDays(i),
                    ofSession ? Optional.of(session) : Optional.empty(),
                    Optional.empty(),
                    said[i]));
        }
        return Log.of(entries, Instant.MAX);
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
