package rustictangle.core.session;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static rustictangle.core.dog.Section.ARMPIT_LEFT;
import static rustictangle.core.dog.Section.BACK;
import static rustictangle.core.dog.Section.CHEST;
import static rustictangle.core.dog.Section.THROAT;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Drawers;
import rustictangle.core.kit.Tips;
import rustictangle.core.kit.Tool;
import rustictangle.core.kit.ToolCheck;
import rustictangle.core.log.CombResult;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Log;
import rustictangle.core.log.SessionBegun;
import rustictangle.core.log.SessionEvent.SectionDone;
import rustictangle.core.log.SessionEvent.Signalled;
import rustictangle.core.log.SessionEvent.Started;
import rustictangle.core.log.Signal;
import rustictangle.core.log.ToolFault;
import rustictangle.core.log.ToolKind;
import rustictangle.core.session.WhyItMinds.Cause;
import rustictangle.core.session.WhyItMinds.What;

/** Four plain causes before fear: common practice, no published source. */
class WhyItMindsTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 20);
    private static final Tool SLICKER = Drawers.slicker(15, Tips.COATED, true);

    private final List<Entry> entries = new ArrayList<>();

    @Test
    void severalPlacesWithOneToolAskForItsPalmTestAndALookSinceThenClearsIt() {
        session(TODAY.minusDays(3), 60, 60, Signal.UNEASY, BACK, CHEST, THROAT);
        Cause tool = cause(What.TOOL, SLICKER);
        assertTrue(tool.suspected());
        assertEquals(List.of(SLICKER), tool.tools());
        assertEquals(List.of(SLICKER), palmTests(SLICKER));
        Tool looked = SLICKER.checked(new ToolCheck(TODAY, Set.of()));
        assertEquals(
                "session.why-tool-fine",
                cause(What.TOOL, looked).reasons().get(0).rule());
        assertEquals(List.of(), palmTests(looked));
        Tool before = SLICKER.checked(new ToolCheck(TODAY.minusDays(10), Set.of()));
        assertTrue(cause(What.TOOL, before).suspected(), "it was looked over before it was minded");
    }

    @Test
    void aToolThatScratchedIsNeverCalledFine() {
        session(TODAY.minusDays(3), 60, 60, Signal.UNEASY, BACK, CHEST, THROAT);
        Tool scratched = SLICKER.checked(new ToolCheck(TODAY, Set.of(ToolFault.values()[0])));
        Cause tool = cause(What.TOOL, scratched);
        assertTrue(tool.suspected());
        assertEquals("session.why-tool-aside", tool.reasons().get(0).rule());
        assertEquals(List.of(), palmTests(scratched), "it lies aside already");
    }

    @Test
    void aTenthOfUneasyAnswersIsNoToolsFaultHoweverManyPlacesTheyAreAt() {
        for (int day = 1; day <= 9; day++) {
            session(TODAY.minusDays(3), 60, 60, Signal.RELAXED, BACK, CHEST, THROAT);
        }
        session(TODAY.minusDays(3), 60, 60, Signal.UNEASY, BACK, CHEST, THROAT);
        assertEquals(false, cause(What.TOOL, SLICKER).suspected());
        assertEquals(List.of(), palmTests(SLICKER));
    }

    @Test
    void onePlaceIsHardlyTheToolAndMayBePain() {
        session(TODAY.minusDays(3), 60, 60, Signal.UNEASY, ARMPIT_LEFT);
        session(TODAY.minusDays(1), 60, 60, Signal.UNEASY, ARMPIT_LEFT);
        assertEquals(false, cause(What.TOOL, SLICKER).suspected());
        assertEquals(List.of(), palmTests(SLICKER));
        assertEquals(
                "session.why-pain", cause(What.FEAR, SLICKER).reasons().get(0).rule());
    }

    @Test
    void twoDogsCountAsTwoPlaces() {
        session(TODAY.minusDays(3), 60, 60, Signal.UNEASY, BACK, CHEST);
        Log one = log();
        entries.clear();
        session(TODAY.minusDays(2), 60, 60, Signal.OPTED_OUT, BACK);
        assertEquals(List.of(SLICKER), WhyItMinds.palmTests(List.of(one, log()), List.of(SLICKER), TODAY));
        assertEquals(List.of(), WhyItMinds.palmTests(List.of(one), List.of(SLICKER), TODAY));
    }

    @Test
    void whoIsQuickWhereItMindsIsToldSo() {
        session(TODAY.minusDays(3), 100, 40, Signal.UNEASY, BACK);
        assertEquals("session.why-hand-quick", rule(What.HAND));
        entries.clear();
        session(TODAY.minusDays(3), 100, 90, Signal.UNEASY, BACK);
        assertEquals("session.why-hand", rule(What.HAND));
    }

    @Test
    void aTangleAtThePlaceThatIsMindedIsNamedAndOneElsewhereIsNot() {
        session(TODAY.minusDays(3), 60, 60, Signal.UNEASY, BACK);
        assertEquals("session.why-tangle", rule(What.TANGLE));
        assertEquals(
                "session.why-tangle-found",
                WhyItMinds.of(log(), List.of(), Set.of(BACK), TODAY)
                        .causes()
                        .get(2)
                        .reasons()
                        .get(0)
                        .rule());
        assertEquals(
                "session.why-tangle",
                WhyItMinds.of(log(), List.of(), Set.of(CHEST), TODAY)
                        .causes()
                        .get(2)
                        .reasons()
                        .get(0)
                        .rule());
    }

    @Test
    void fearIsLastAndSuspectedWhereNothingPlainExplainsIt() {
        session(TODAY.minusDays(3), 60, 60, Signal.UNEASY, BACK);
        WhyItMinds why = WhyItMinds.of(log(), List.of(SLICKER), Set.of(), TODAY);
        assertEquals(
                List.of(What.values()), why.causes().stream().map(Cause::what).toList());
        assertTrue(why.causes().get(4).suspected());
        session(TODAY.minusDays(2), 60, 60, Signal.UNEASY, CHEST, THROAT);
        assertEquals(
                false,
                WhyItMinds.of(log(), List.of(SLICKER), Set.of(), TODAY)
                        .causes()
                        .get(4)
                        .suspected(),
                "look at the tool first");
        assertEquals(
                List.of(),
                WhyItMinds.of(Log.of(List.of(), Instant.MAX), List.of(SLICKER), Set.of(), TODAY).causes().stream()
                        .filter(Cause::suspected)
                        .toList(),
                "a dog that minds nothing is suspected of nothing");
    }

    @Test
    void whatIsMoreThanAMonthAgoSaysNothingOfToday() {
        session(TODAY.minusDays(40), 60, 60, Signal.UNEASY, BACK, CHEST, THROAT);
        assertEquals(List.of(), palmTests(SLICKER));
    }

    @Test
    void theThirdUneasyAnswerOfASessionAsksWhy() {
        Session session = Session.placeByPlace(List.of(BACK, CHEST, THROAT)).apply(new Started());
        for (Section section : List.of(BACK, CHEST)) {
            session = session.apply(new Signalled(section, Signal.UNEASY));
            assertEquals(false, rules(session).contains("session.why"));
            session = session.apply(new SectionDone(section, CombResult.GLIDES, 0, Signal.RELAXED));
        }
        session = session.apply(new Signalled(THROAT, Signal.UNEASY));
        assertTrue(rules(session).contains("session.why"));
        assertEquals(false, rules(session).contains("session.uneasy-break"), "that was said at the second");
    }

    private static List<String> rules(Session session) {
        return session.state().reaction().orElseThrow().reasons().stream()
                .map(Reason::rule)
                .toList();
    }

    private String rule(What what) {
        return cause(what, SLICKER).reasons().get(0).rule();
    }

    private Cause cause(What what, Tool owned) {
        return WhyItMinds.of(log(), List.of(owned), Set.of(), TODAY).causes().get(what.ordinal());
    }

    private List<Tool> palmTests(Tool owned) {
        return WhyItMinds.palmTests(List.of(log()), List.of(owned), TODAY);
    }

    private Log log() {
        return Log.of(entries, Instant.MAX);
    }

    /** A session with the slicker in which each place was taken so. */
    private void session(LocalDate day, int expected, int spent, Signal signal, Section... sections) {
        UUID id = UUID.randomUUID();
        say(
                id,
                id,
                day,
                new SessionBegun(List.of(sections).stream()
                        .map(section -> new SessionBegun.BegunPlace(
                                section, Optional.of(expected), Optional.of(ToolKind.SLICKER)))
                        .toList()));
        for (Section section : sections) {
            CombResult comb = signal.isNo() ? CombResult.NOT_COMBED : CombResult.GLIDES;
            say(UUID.randomUUID(), id, day, new SectionDone(section, comb, 0, signal, Optional.of(spent)));
        }
    }

    private void say(UUID entry, UUID session, LocalDate day, rustictangle.core.log.Said said) {
        Instant at = day.atTime(18, 0).plusSeconds(entries.size()).toInstant(ZoneOffset.UTC);
        entries.add(new Entry(entry, at, day, Optional.of(session), Optional.empty(), said));
    }
}
