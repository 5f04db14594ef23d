package rustictangle.core.care;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import rustictangle.core.Dogs;
import rustictangle.core.care.BathGate.Way;
import rustictangle.core.coat.Coat;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Kit;
import rustictangle.core.kit.Tool;
import rustictangle.core.log.BathKind;
import rustictangle.core.log.Bathed;
import rustictangle.core.log.CombResult;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Happened;
import rustictangle.core.log.LifeEvent;
import rustictangle.core.log.Log;
import rustictangle.core.log.Said;
import rustictangle.core.log.SessionBegun;
import rustictangle.core.log.SessionEvent;
import rustictangle.core.log.SessionEvent.SectionDone;
import rustictangle.core.log.SessionEvent.StepDone;
import rustictangle.core.log.Signal;
import rustictangle.core.log.ToolKind;
import rustictangle.core.log.Visited;
import rustictangle.core.rhythm.Diary;
import rustictangle.core.rhythm.Forecast;
import rustictangle.core.trust.Trust;

/** The gate before a bath, read off what was really said: by its moment, not its day. */
class ProofTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);
    private static final Dog DOG = Dogs.adult(16);
    private static final Coat COAT = Dogs.allOver(Dogs.fleece(80));

    private final List<Entry> entries = new ArrayList<>();
    private final UUID session = UUID.randomUUID();

    private ProofTest say(LocalDate day, Said said) {
        boolean ofSession = said instanceof SessionEvent || said instanceof SessionBegun;
        Instant at = day.atStartOfDay().plusHours(8).plusMinutes(entries.size()).toInstant(ZoneOffset.UTC);
        entries.add(new Entry(
                UUID.randomUUID(),
                at,
                day,
                ofSession ? Optional.of(session) : Optional.empty(),
                Optional.empty(),
                said));
        return this;
    }

    private ProofTest combed(LocalDate day, CombResult comb) {
        return say(
                day,
                new StepDone(Arrays.stream(Section.values())
                        .map(section -> new SectionDone(section, comb, comb.leavesMat() ? 1 : 0, Signal.RELAXED))
                        .toList()));
    }

    private BathGate gate(Tool... drawer) {
        Log log = Log.of(entries, TODAY.atStartOfDay().toInstant(ZoneOffset.UTC));
        Kit kit = Kit.of(Dogs.kit(DOG, COAT).match(), List.of(drawer));
        Forecast forecast = Forecast.of(DOG, COAT, Diary.of(log, 51.5, TODAY), TODAY);
        Trust trust = Trust.of(DOG, kit, List.of(), TODAY);
        return BathGate.of(log, kit, trust, forecast, BathKind.WHOLE_DOG, TODAY);
    }

    @Test
    void aCombInTheMorningOpensItAndASwimAfterItClosesItAgain() {
        assertEquals(29, gate().first().size(), "nobody has combed it yet");
        combed(TODAY, CombResult.GLIDES);
        assertEquals(Way.BATHE, gate().way());
        say(TODAY, new Happened(LifeEvent.SWAM));
        assertEquals(Way.BRUSH_FIRST, gate().way());
        combed(TODAY, CombResult.GLIDES);
        assertEquals(Way.BATHE, gate().way());
        say(TODAY, new Bathed(BathKind.UNDERCARRIAGE));
        assertTrue(gate().first().contains(Section.BELLY), "a second bath asks for the comb again");
        assertTrue(!gate().first().contains(Section.BACK), "where it stayed dry it does not");
    }

    @Test
    void aProofHoldsTwoDaysAndABrushAloneProvesNothing() {
        combed(TODAY.minusDays(2), CombResult.GLIDES);
        assertEquals(Way.BATHE, gate().way());
        entries.clear();
        combed(TODAY.minusDays(3), CombResult.GLIDES);
        assertEquals(Way.BRUSH_FIRST, gate().way());
        entries.clear();
        combed(TODAY, CombResult.BRUSHED);
        assertEquals(Way.BRUSH_FIRST, gate().way());
    }

    @Test
    void overAMatOnlyTheGroomerBathesAndAfterTheVisitItIsOpen() {
        combed(TODAY, CombResult.MAT_LEFT);
        BathGate closed = gate();
        assertEquals(Way.GROOMER, closed.way());
        assertEquals(29, closed.mats().size());
        say(TODAY, new Visited(Optional.empty(), Optional.empty(), "", "", false, Map.of()));
        assertEquals(Way.BATHE, gate().way());
    }

    /** A way forward that needs a comb says so where there is none. */
    @Test
    void withoutACombInTheDrawerItSaysThatOnlyACombProves() {
        assertTrue(gate().why().text().contains("none lies in the drawer"));
        assertTrue(!gate(Tool.of(ToolKind.COMB)).why().text().contains("none lies in the drawer"));
        assertEquals(Set.of("care.gate-brush"), Set.of(gate().why().rule()));
    }
}
