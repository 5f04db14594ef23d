package rustictangle.core.trust;

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
import rustictangle.core.care.Damp;
import rustictangle.core.coat.Coat;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.History;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Hand;
import rustictangle.core.kit.Kit;
import rustictangle.core.kit.Tool;
import rustictangle.core.log.BathKind;
import rustictangle.core.log.Bathed;
import rustictangle.core.log.CombResult;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Exercise;
import rustictangle.core.log.FingerSearched;
import rustictangle.core.log.Happened;
import rustictangle.core.log.LifeEvent;
import rustictangle.core.log.Log;
import rustictangle.core.log.Practised;
import rustictangle.core.log.Said;
import rustictangle.core.log.SessionBegun;
import rustictangle.core.log.SessionEvent;
import rustictangle.core.log.SessionEvent.SectionDone;
import rustictangle.core.log.SessionEvent.StepDone;
import rustictangle.core.log.Signal;
import rustictangle.core.log.ToolKind;
import rustictangle.core.log.Visited;
import rustictangle.core.trust.BathGate.Way;

/** The gate before a bath, read off what was really said: by its moment, not its day. */
class BathGateLogTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);
    private Dog dog = Dogs.adult(16);
    private Coat coat = Dogs.allOver(Dogs.fleece(80));

    private final List<Entry> entries = new ArrayList<>();
    private final UUID session = UUID.randomUUID();

    private BathGateLogTest say(LocalDate day, Said said) {
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

    private BathGateLogTest combed(LocalDate day, CombResult comb) {
        return say(
                day,
                new StepDone(Arrays.stream(Section.values())
                        .map(section -> new SectionDone(section, comb, comb.leavesMat() ? 1 : 0, Signal.RELAXED))
                        .toList()));
    }

    private Log log() {
        return Log.of(entries, TODAY.atStartOfDay().toInstant(ZoneOffset.UTC));
    }

    private BathGate gate(Tool... drawer) {
        return may(drawer).gate(BathKind.WHOLE_DOG);
    }

    private MayBegin may(Tool... drawer) {
        Log log = log();
        Kit kit = Kit.of(Dogs.kit(dog, coat).match(), List.of(drawer));
        Trust trust = Trust.of(dog, kit, log.read(Trial.ANSWERS), TODAY);
        return MayBegin.of(dog, coat, kit, trust, log, Hand.EXPERIENCED, TODAY);
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

    @Test
    void fingersOpenAShortPuppyCoatALumpClosesItAndWaterAsksForThemAgain() {
        dog = Dogs.with(LifeStage.PUPPY, History.RAISED_HERE);
        coat = Dogs.allOver(Dogs.fleece(30));
        List<Section> all = List.of(Section.values());
        BathGate gate = gate();
        assertEquals(Way.SEARCH_FIRST, gate.way());
        assertEquals(all, gate.search());
        say(TODAY, new FingerSearched(all, List.of(Section.ARMPIT_LEFT)));
        assertEquals(Way.GROOMER, gate().way());
        assertEquals(List.of(Section.ARMPIT_LEFT), gate().mats());
        say(TODAY, new FingerSearched(List.of(Section.ARMPIT_LEFT), List.of()));
        assertEquals(Way.BATHE, gate().way(), "teased out with the fingers, and felt once more");
        say(TODAY, new Bathed(BathKind.RINSE));
        assertEquals(Way.SEARCH_FIRST, gate().way());
        assertTrue(!gate().search().contains(Section.BACK), "where it stayed dry they need not go again");
        coat = Dogs.allOver(Dogs.fleece(60));
        assertEquals(Way.RINSE_ONLY, gate().way(), "in long hair fingers do not find it");
    }

    /** A practice that wets the coat is a bath of that part: with gate, record and drying. */
    @Test
    void aPracticeThatWetsTheCoatAsksTheGateAndAsksForDrying() {
        Spot bathing = new Spot(Exercise.BATHING, Optional.empty());
        for (int i = 0; i < 6 * 3; i++) {
            say(
                    TODAY.minusDays(20 - i),
                    new Practised(Optional.of(Exercise.BATHING), Optional.empty(), Signal.RELAXED));
        }
        assertEquals(Optional.of(BathKind.RINSE), may().wets(bathing), "legs and feet");
        assertEquals(Optional.empty(), may().practice(bathing), "no mat is known beneath");
        combed(TODAY.minusDays(1), CombResult.MAT_LEFT);
        assertEquals("care.gate-mat", may().practice(bathing).orElseThrow().rule());
        combed(TODAY, CombResult.GLIDES);
        assertEquals(Optional.empty(), may().practice(bathing));
        for (int i = 0; i < 3; i++) {
            say(
                    TODAY,
                    new Practised(
                            Optional.of(Exercise.BATHING), Optional.empty(), Signal.RELAXED, may().wets(bathing)));
        }
        assertEquals(Optional.of(BathKind.WHOLE_DOG), may().wets(bathing), "the next rung wets all of it");
        assertEquals(
                "care.gate-brush",
                may().practice(bathing).orElseThrow().rule(),
                "its legs were wet, and no comb went through since");
        assertEquals(Optional.of(BathKind.RINSE), Damp.last(log(), TODAY).flatMap(Damp::bath));
        combed(TODAY, CombResult.GLIDES);
        say(TODAY, new Practised(Optional.of(Exercise.BATHING), Optional.empty(), Signal.RELAXED, may().wets(bathing)));
        assertEquals(Optional.empty(), may().practice(bathing), "three tries hold one practice, though it is wet now");
        say(TODAY, new FingerSearched(List.of(Section.BACK), List.of(Section.BACK)));
        assertEquals("care.gate-mat", may().practice(bathing).orElseThrow().rule(), "but not over a lump");
    }
}
