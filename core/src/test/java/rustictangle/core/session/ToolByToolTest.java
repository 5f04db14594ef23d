package rustictangle.core.session;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static rustictangle.core.dog.Section.BACK;
import static rustictangle.core.dog.Section.CHEST;
import static rustictangle.core.dog.Section.THROAT;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import rustictangle.core.Refused;
import rustictangle.core.dog.Section;
import rustictangle.core.log.CombResult;
import rustictangle.core.log.Entry;
import rustictangle.core.log.HairOut;
import rustictangle.core.log.Log;
import rustictangle.core.log.SessionBegun;
import rustictangle.core.log.SessionBegun.BegunPass;
import rustictangle.core.log.SessionBegun.BegunPlace;
import rustictangle.core.log.SessionEvent;
import rustictangle.core.log.SessionEvent.PassDone;
import rustictangle.core.log.SessionEvent.PassRepeated;
import rustictangle.core.log.SessionEvent.PassSkipped;
import rustictangle.core.log.SessionEvent.SectionDone;
import rustictangle.core.log.SessionEvent.Started;
import rustictangle.core.log.SessionEvent.StepDone;
import rustictangle.core.log.SessionEvent.Stopped;
import rustictangle.core.log.SessionEvent.TanglesOut;
import rustictangle.core.log.SessionEvent.Undone;
import rustictangle.core.log.Signal;
import rustictangle.core.log.Subject;
import rustictangle.core.log.ToolKind;
import rustictangle.core.rhythm.CombCheck;
import rustictangle.core.rhythm.Diary;
import rustictangle.core.rhythm.Unproved;
import rustictangle.core.trust.Trial;

/** One tool over the whole dog, then the next, the comb last. Common practice, no published source. */
class ToolByToolTest {

    private static final LocalDate DAY = LocalDate.of(2026, 5, 14);

    private Instant now = Instant.parse("2026-05-14T18:00:00Z");

    /** The slicker at back and chest, the rake at the back alone; the comb proves all three. */
    private SessionLog log = begun();

    @Test
    void eachToolComesOnceAndOnlyThenThePlaces() {
        say(5, new Started());
        assertEquals(Optional.of(1), state().pass());
        assertEquals(List.of(BACK, CHEST), state().hand());
        say(300, done(1));
        assertEquals(Optional.of(2), state().pass());
        assertEquals(List.of(BACK), state().hand());
        say(60, done(2));
        assertEquals(Optional.empty(), state().pass());
        assertEquals(List.of(BACK, CHEST), state().hand());
    }

    @Test
    void nothingElseThanTheToolInHandIsTakenForDone() {
        say(5, new Started());
        assertThrows(Refused.class, () -> say(1, done(2)));
        say(1, done(1));
        assertThrows(Refused.class, () -> say(1, done(1)), "said twice by two screens");
        say(1, done(2));
        assertThrows(Refused.class, () -> say(1, new PassSkipped(2)));
    }

    @Test
    void aHandfulAsksForAnotherRoundAndAPinchIsEnough() {
        say(5, new Started());
        say(200, new PassRepeated(1, HairOut.HEAP));
        assertEquals(Optional.of(1), state().pass());
        assertEquals("session.another-pass", state().advice().get(0).rule());
        say(100, new PassDone(1, Optional.of(HairOut.PINCH), List.of()));
        assertEquals(Optional.of(2), state().pass());
        assertEquals("session.enough-hair", state().advice().get(0).rule());
        say(5, new Undone());
        assertEquals(Optional.of(1), state().pass());
    }

    /** 300 s with the slicker, 60 s with the rake, 40 s and then 20 s with the comb: all of it is some place's. */
    @Test
    void thePlacesShareTheTimeOfEachToolAndNoneOfItIsLostOrCountedTwice() {
        say(5, new Started());
        say(300, done(1));
        say(60, done(2));
        say(40, free(BACK, CHEST));
        say(20, free(THROAT));
        // Back and chest were expected to take 120 and 60 s.
        assertEquals(List.of(200 + 60 + 27, 100 + 13, 20), spent());
        assertEquals(420, log.worked(now));
    }

    /** What it minds under the rake is the rake's; what it minds under the tool that leads, and beneath the comb, is that one's. */
    @Test
    void anUneasyAnswerBelongsToTheToolThatWasInTheHand() {
        say(5, new Started());
        say(60, new SessionEvent.Signalled(CHEST, Signal.UNEASY));
        say(300, done(1));
        say(60, new SessionEvent.Signalled(BACK, Signal.UNEASY));
        say(60, done(2));
        say(40, free(BACK, CHEST));
        List<Trial> trials = Trial.ANSWERS.apply(log.entries());
        assertEquals(Set.of(ToolKind.UNDERCOAT_RAKE), minded(trials, BACK));
        assertEquals(Set.of(ToolKind.SLICKER), minded(trials, CHEST));
    }

    private static Set<Subject> minded(List<Trial> trials, Section section) {
        return trials.stream()
                .filter(trial -> trial.section().equals(Optional.of(section)))
                .filter(trial -> trial.answer().signal().equals(Optional.of(Signal.UNEASY)))
                .flatMap(trial -> trial.subject().stream())
                .collect(Collectors.toSet());
    }

    /** A quarter of an hour with one tool is no gap; two hours are. */
    @Test
    void aToolMayTakeLongerThanAnyStep() {
        say(5, new Started());
        say(20 * 60, done(1));
        assertEquals(20 * 60, log.worked(now));
        say(2 * 3600, done(2));
        assertEquals(20 * 60 + 100, log.worked(now), "of the forgotten page what the rake was expected to take");
    }

    @Test
    void whatAToolTookOutIsInWhatTheCombTellsAndEndsNoPlaceBefore() {
        say(5, new Started());
        say(100, new TanglesOut(CHEST, 2));
        assertEquals(List.of(BACK, CHEST), state().hand());
        assertThrows(Refused.class, () -> new TanglesOut(CHEST, 0));
    }

    @Test
    void enoughAfterTheBrushesMeansBrushedAndNotProvedWhereverTheyWere() {
        say(5, new Started());
        say(300, done(1));
        assertEquals(Set.of(BACK, CHEST), state().brushedOnly(), "the slicker leads, the rake only lifts");
        say(60, new PassSkipped(2));
        say(10, new Stopped());
        assertEquals(Set.of(BACK, CHEST), state().brushedOnly());
        assertEquals(2, log.summary().unproved());
        Log whole = Log.of(log.entries(), Instant.MAX);
        assertEquals(Set.of(BACK, CHEST), SessionLog.doneToday(Log.of(log.entries(), midnight())));
        assertEquals(
                Set.of(BACK, CHEST),
                Diary.of(whole, 50, DAY).unproved().stream()
                        .map(Unproved::section)
                        .collect(java.util.stream.Collectors.toSet()));
    }

    /** Else half of what the comb tells would be taken for what the brush left, and the place would seem to tangle twice as fast. */
    @Test
    void whereTheCombFollowsOnlyTheCombIsHeard() {
        say(5, new Started());
        say(300, done(1));
        say(60, done(2));
        say(
                40,
                new StepDone(List.of(
                        new SectionDone(BACK, CombResult.GLIDES, 0, Signal.RELAXED),
                        new SectionDone(CHEST, CombResult.TANGLES_CLEARED, 2, Signal.RELAXED))));
        Diary diary = Diary.of(Log.of(log.entries(), Instant.MAX), 50, DAY);
        assertEquals(List.of(), diary.unproved());
        assertEquals(
                List.of(0, 2), diary.checks().stream().map(CombCheck::tangles).toList());
        assertEquals(Set.of(), state().brushedOnly());
    }

    @Test
    void aToolLeftOutBrushesNothing() {
        say(5, new Started());
        say(5, new PassSkipped(1));
        say(60, done(2));
        assertEquals(Set.of(), state().brushedOnly(), "a rake alone is no brushing");
        assertTrue(log.session().state().hand().containsAll(List.of(BACK, CHEST)));
    }

    @Test
    void aPlaceThatIsLeftIsPassedOverByEveryToolThatFollows() {
        say(5, new Started());
        say(5, new SessionEvent.SectionSkipped(BACK));
        assertEquals(List.of(CHEST), state().hand());
        say(60, done(1));
        assertEquals(Optional.empty(), state().pass(), "the rake has nowhere to go");
    }

    private static Instant midnight() {
        return Instant.parse("2026-05-14T00:00:00Z");
    }

    private static PassDone done(int pass) {
        return new PassDone(pass, Optional.empty(), List.of());
    }

    private static StepDone free(Section... sections) {
        return new StepDone(List.of(sections).stream()
                .map(section -> new SectionDone(section, CombResult.GLIDES, 0, Signal.RELAXED))
                .toList());
    }

    private SessionState state() {
        return log.session().state();
    }

    private void say(int seconds, SessionEvent event) {
        now = now.plusSeconds(seconds);
        log = log.with(List.of(log.next(UUID.randomUUID(), now, ZoneOffset.UTC, event)));
    }

    private List<Integer> spent() {
        return log.entries().stream()
                .flatMap(entry -> entry.done().stream())
                .map(done -> done.spent().orElseThrow())
                .toList();
    }

    private SessionLog begun() {
        UUID id = UUID.randomUUID();
        return SessionLog.of(List.of(new Entry(
                id,
                now,
                DAY,
                Optional.of(id),
                Optional.empty(),
                new SessionBegun(
                        List.of(place(BACK, 120, 1), place(CHEST, 60, 1), place(THROAT, 20, 2)),
                        List.of(
                                new BegunPass(ToolKind.SLICKER, List.of(BACK, CHEST), 700),
                                new BegunPass(ToolKind.UNDERCOAT_RAKE, List.of(BACK), 100))))));
    }

    private static BegunPlace place(Section section, int seconds, int step) {
        return new BegunPlace(section, Optional.of(seconds), Optional.of(ToolKind.SLICKER), Optional.of(step));
    }
}
