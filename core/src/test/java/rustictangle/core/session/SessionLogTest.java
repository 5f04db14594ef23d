package rustictangle.core.session;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import rustictangle.core.dog.Section;
import rustictangle.core.log.CombResult;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Log;
import rustictangle.core.log.SessionBegun;
import rustictangle.core.log.SessionEvent;
import rustictangle.core.log.SessionEvent.KnotFelt;
import rustictangle.core.log.SessionEvent.Paused;
import rustictangle.core.log.SessionEvent.Resumed;
import rustictangle.core.log.SessionEvent.SectionDone;
import rustictangle.core.log.SessionEvent.SectionPostponed;
import rustictangle.core.log.SessionEvent.Started;
import rustictangle.core.log.SessionEvent.StepDone;
import rustictangle.core.log.SessionEvent.Stopped;
import rustictangle.core.log.SessionEvent.Undone;
import rustictangle.core.log.Signal;

/** What a session took, and whether it goes on. */
class SessionLogTest {

    private static final Instant BEGUN = Instant.parse("2026-05-14T18:00:00Z");
    private static final Instant MIDNIGHT = Instant.parse("2026-05-14T00:00:00Z");

    private Instant now = BEGUN;

    @Test
    void aPlaceTookItsTurnsBeforeAndAfterItWasPutOffAndNoPause() {
        SessionLog log = begun(Section.BACK, Section.CHEST);
        log = after(log, 30, new KnotFelt(Section.CHEST));
        log = after(log, 20, new Started());
        log = after(log, 50, new SectionPostponed(Section.BACK));
        log = after(log, 40, done(Section.CHEST));
        log = after(log, 10, new Paused());
        log = after(log, 600, new Resumed());
        log = after(log, 25, done(Section.BACK));
        assertEquals(List.of(40, 85), spent(log));
        assertEquals(125, log.worked(now.plusSeconds(9000)), "from the first stroke to the end");
        assertEquals(Optional.of(now), log.endedAt());
    }

    /** The page was closed, or the server was down: a gap is not brushing. */
    @Test
    void anHourWithoutAWordCountsAsWhatTheStepWasExpectedToTake() {
        SessionLog log = begun(Section.BACK, Section.CHEST, Section.BELLY);
        log = after(log, 5, new Started());
        log = after(log, 14 * 60, done(Section.BACK));
        log = after(log, 3600, done(Section.CHEST));
        assertEquals(List.of(14 * 60, 60), spent(log));
        assertEquals(14 * 60 + 60, log.worked(now));
        assertEquals(14 * 60 + 120, log.worked(now.plusSeconds(7200)), "nor is an evening with the page left open");
        log = after(log, 45, done(Section.BELLY));
        assertEquals(14 * 60 + 60 + 45, log.worked(now));
    }

    /** Begun at one touch, the dog is fetched after it: the four minutes of that are not the first place's. */
    @Test
    void whatIsBegunAtOnceDoesNotCountTheFetchingAsBrushing() {
        SessionLog log = after(begun(Section.BACK, Section.CHEST), 0, new Started());
        log = after(log, 4 * 60 + 90, done(Section.BACK));
        log = after(log, 70, done(Section.CHEST));
        assertEquals(List.of(90, 70), spent(log));
        assertEquals(160, log.worked(now));
        SessionLog quick = after(begun(Section.BACK, Section.CHEST), 0, new Started());
        quick = after(quick, 30, done(Section.BACK));
        assertEquals(List.of(30), spent(quick), "whoever had the dog at hand took no more than it took");
    }

    @Test
    void theTimeOfAnEntryThatWasTakenBackBelongsToTheNextOne() {
        SessionLog log = begun(Section.BACK);
        log = after(log, 60, done(Section.BACK));
        assertTrue(log.endedAt().isPresent());
        log = after(log, 30, new Undone());
        assertTrue(log.endedAt().isEmpty());
        log = after(log, 15, done(Section.BACK));
        assertEquals(List.of(60, 105), spent(log));
        assertEquals(3, log.revision());
        assertEquals(1, log.summary().done());
    }

    /** Clocks are set back in autumn, and by hand. */
    @Test
    void aClockThatWasSetBackTurnsNothingRound() {
        SessionLog log = begun(Section.BACK, Section.CHEST);
        log = after(log, 240, done(Section.BACK));
        log = after(log, -3600, done(Section.CHEST));
        assertEquals(List.of(240, 0), spent(log));
        assertEquals(BEGUN.plusSeconds(240), log.lastAt());
    }

    @Test
    void anUndoTakesBackTheLastEntryThatStandsAndNoOther() {
        SessionLog log = after(after(begun(Section.BACK, Section.CHEST), 9, new Started()), 9, done(Section.BACK));
        Entry right = log.next(UUID.randomUUID(), now, ZoneOffset.UTC, new Undone());
        SessionLog before = log;
        Entry wrong = new Entry(
                UUID.randomUUID(), now, right.day(), right.session(), Optional.of(UUID.randomUUID()), new Undone());
        assertThrows(IllegalArgumentException.class, () -> before.with(List.of(wrong)));
        assertEquals(1, before.with(List.of(right)).session().state().standing().size());
    }

    @Test
    void theSessionThatGoesOnIsTheLastOneOrOneThatWasReopened() {
        SessionLog first = after(begun(Section.BACK), 60, done(Section.BACK));
        now = BEGUN.plus(Duration.ofHours(1));
        SessionLog second = begun(Section.CHEST);
        List<Entry> all = new ArrayList<>(first.entries());
        all.addAll(second.entries());
        assertEquals(
                Optional.of(second.id()), SessionLog.open(Log.of(all, MIDNIGHT)).map(SessionLog::id));
        Entry stopped = second.next(UUID.randomUUID(), now, ZoneOffset.UTC, new Stopped());
        all.add(stopped);
        assertEquals(Optional.empty(), SessionLog.open(Log.of(all, MIDNIGHT)).map(SessionLog::id));
        all.add(first.next(UUID.randomUUID(), now, ZoneOffset.UTC, new Undone()));
        assertEquals(
                Optional.of(first.id()), SessionLog.open(Log.of(all, MIDNIGHT)).map(SessionLog::id));
    }

    /** One tap for a leg of three places: each takes its share of the time, by what it was expected to take. */
    @Test
    void theTimeOfAStepIsSharedAmongItsPlacesAndNoneOfItIsLostOrCountedTwice() {
        SessionLog leg = after(step(60, 120, 20), 30, new Started());
        SessionLog tangle =
                after(leg, 150, new SectionDone(Section.CHEST, CombResult.TANGLES_CLEARED, 1, Signal.RELAXED));
        assertEquals(List.of(90), spent(tangle), "120 of 200 parts of the time so far");
        SessionLog rest = after(tangle, 20, new StepDone(List.of(done(Section.BACK), done(Section.THROAT))));
        assertEquals(List.of(90, 60, 20), spent(rest), "the rest shared 60 to 20");
        SessionLog paused = after(
                after(after(after(step(60, 120, 20), 30, new Started()), 100, new Paused()), 500, new Resumed()),
                100,
                new StepDone(List.of(done(Section.BACK), done(Section.CHEST), done(Section.THROAT))));
        assertEquals(List.of(60, 120, 20), spent(paused), "a pause counts nothing");
    }

    /** Three places in one grip, with what each was expected to take, seconds. */
    private SessionLog step(int back, int chest, int throat) {
        UUID id = UUID.randomUUID();
        return SessionLog.of(List.of(new Entry(
                id,
                now,
                LocalDate.of(2026, 5, 14),
                Optional.of(id),
                Optional.empty(),
                new SessionBegun(List.of(
                        place(Section.BACK, back), place(Section.CHEST, chest), place(Section.THROAT, throat))))));
    }

    private static SessionBegun.BegunPlace place(Section section, int seconds) {
        return new SessionBegun.BegunPlace(section, Optional.of(seconds), Optional.empty(), Optional.of(1));
    }

    private SessionLog begun(Section... plan) {
        UUID id = UUID.randomUUID();
        return SessionLog.of(List.of(new Entry(
                id,
                now,
                LocalDate.of(2026, 5, 14),
                Optional.of(id),
                Optional.empty(),
                new SessionBegun(List.of(plan).stream()
                        .map(section -> new SessionBegun.BegunPlace(section, Optional.empty(), Optional.empty()))
                        .toList()))));
    }

    private SessionLog after(SessionLog log, int seconds, SessionEvent event) {
        now = now.plusSeconds(seconds);
        return log.with(List.of(log.next(UUID.randomUUID(), now, ZoneOffset.UTC, event)));
    }

    private static List<Integer> spent(SessionLog log) {
        return log.entries().stream()
                .flatMap(entry -> entry.done().stream())
                .map(done -> done.spent().orElseThrow())
                .toList();
    }

    private static SectionDone done(Section section) {
        return new SectionDone(section, CombResult.GLIDES, 0, Signal.RELAXED);
    }
}
