package rustictangle.core.session;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import rustictangle.core.Dogs;
import rustictangle.core.Refused;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Kit;
import rustictangle.core.kit.Structure;
import rustictangle.core.log.CombResult;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Log;
import rustictangle.core.log.SessionBegun;
import rustictangle.core.log.SessionEvent.SectionDone;
import rustictangle.core.log.SessionEvent.StepDone;
import rustictangle.core.log.SessionEvent.Undone;
import rustictangle.core.log.Signal;
import rustictangle.core.log.ToolKind;
import rustictangle.core.rhythm.CombCheck;
import rustictangle.core.rhythm.Mat;
import rustictangle.core.rhythm.Unproved;
import rustictangle.core.routine.Course;
import rustictangle.core.routine.Pace;
import rustictangle.core.routine.Routine;
import rustictangle.core.routine.RoutinePlace;
import rustictangle.core.routine.RoutineStep;
import rustictangle.core.trust.Trial;
import rustictangle.core.trust.Trust;

/** A brushing painted afterwards is a session like any other. */
class AfterwardsTest {

    private static final LocalDate DAY = LocalDate.of(2026, 5, 14);
    private static final Instant AT = DAY.atTime(20, 0).toInstant(ZoneOffset.UTC);
    private static final List<RoutinePlace> HOW = steps(Dogs.allOver(Dogs.fleece(60)));

    @Test
    void paintingAfterwardsTeachesTheSameAsASessionWithTheSameFacts() {
        int seconds = HOW.stream().mapToInt(RoutinePlace::wholeSeconds).sum();
        Log painted = Log.of(told(true, Optional.of(seconds)), Instant.MIN);
        List<Entry> led = led();
        Log session = Log.of(led, Instant.MIN);
        assertEquals(checks(session), checks(painted));
        assertEquals(session.read(Trial.ANSWERS), painted.read(Trial.ANSWERS));
        assertEquals(Mat.stillIn(session, DAY), Mat.stillIn(painted, DAY));
        List<SectionDone> ledTimes = Pace.times(session);
        List<SectionDone> paintedTimes = Pace.times(painted);
        assertEquals(ledTimes.size(), paintedTimes.size());
        for (SectionDone one : ledTimes) {
            SectionDone same = paintedTimes.stream()
                    .filter(other -> other.section() == one.section())
                    .findFirst()
                    .orElseThrow();
            assertEquals(one.spent().orElseThrow(), same.spent().orElseThrow(), 2, one.section() + "");
        }
        assertEquals(
                Optional.of(SessionState.End.ALL_DONE),
                SessionLog.of(told(true, Optional.empty())).session().end());
    }

    @Test
    void withoutTheCombItIsNoCheckButABrushingAllTheSame() {
        Log log = Log.of(told(false, Optional.empty()), Instant.MIN);
        assertEquals(
                List.of(Section.ARMPIT_LEFT),
                checks(log).stream().map(c -> c.section()).toList(),
                "a mat is felt");
        assertEquals(28, log.read(Unproved.BRUSHED).size());
        assertEquals(29, log.read(Trial.ANSWERS).size());
        assertTrue(Pace.times(log).isEmpty(), "nobody looked at the clock");
    }

    /** Common practice, no published source: a smooth coat is rubbed down, and no comb proves it. */
    @Test
    void aSmoothCoatAsksForNoProof() {
        List<RoutinePlace> smooth = steps(Dogs.allOver(Dogs.hair(CoatKind.SMOOTH, 12)));
        Afterwards told = new Afterwards(
                List.of(new Afterwards.AnsweredPlace(Section.BACK, 0, false, Signal.RELAXED)),
                false,
                Optional.empty(),
                Optional.empty());
        List<RoutinePlace> back =
                smooth.stream().filter(step -> step.section() == Section.BACK).toList();
        List<Entry> entries = told.entries(UUID.randomUUID(), begun(back), back, DAY, AT, UUID::randomUUID);
        assertEquals(CombResult.GLIDES, entries.get(1).done().get(0).comb());
    }

    @Test
    void nothingPaintedOrAnImpossibleTimeIsRefused() {
        assertThrows(Refused.class, () -> new Afterwards(List.of(), true, Optional.empty(), Optional.empty()));
        Afterwards.AnsweredPlace back = new Afterwards.AnsweredPlace(Section.BACK, 0, false, Signal.RELAXED);
        assertThrows(
                Refused.class, () -> new Afterwards(List.of(back, back), true, Optional.empty(), Optional.empty()));
        assertThrows(Refused.class, () -> new Afterwards(List.of(back), true, Optional.of(151 * 60), Optional.empty()));
    }

    /** Fetching dog and things is counted once a stroke was done: what was taken back, or ended before, takes no time. */
    @Test
    void aBrushingThatWasTakenBackTakesNothingFromTheDay() {
        Instant midnight = DAY.atStartOfDay().toInstant(ZoneOffset.UTC);
        List<Entry> kept = told(true, Optional.of(600));
        assertEquals(1, SessionLog.workedToday(Log.of(kept, midnight)));
        assertEquals(0, SessionLog.workedToday(Log.of(kept.subList(0, 1), midnight)), "begun, and no stroke yet");
        List<Entry> undone = new ArrayList<>(kept);
        for (int i = kept.size() - 1; i > 0; i--) {
            undone.add(new Entry(
                    UUID.randomUUID(),
                    AT.plusSeconds(undone.size()),
                    DAY,
                    kept.get(0).session(),
                    Optional.of(kept.get(i).id()),
                    new Undone()));
        }
        assertEquals(0, SessionLog.workedToday(Log.of(undone, midnight)));
    }

    /** A touch in passing proves its place, teaches nothing of how long places take, and is no sitting. */
    @Test
    void whatWasDoneInPassingTakesNothingFromTheDay() {
        Log log = Log.of(told(true, Optional.of(0)), DAY.atStartOfDay().toInstant(ZoneOffset.UTC));
        assertEquals(0, SessionLog.workedToday(log));
        assertEquals(0, SessionLog.spentToday(log));
        assertTrue(Pace.times(log).isEmpty());
        assertEquals(29, checks(log).size());
    }

    private static List<Entry> told(boolean proved, Optional<Integer> seconds) {
        Afterwards told = new Afterwards(
                HOW.stream()
                        .map(step -> new Afterwards.AnsweredPlace(
                                step.section(), tangles(step.section()), mat(step.section()), signal(step.section())))
                        .toList(),
                proved,
                seconds,
                Optional.empty());
        return told.entries(UUID.randomUUID(), begun(HOW), HOW, DAY, AT, UUID::randomUUID);
    }

    /** The same, answered step by step at the time. */
    private static List<Entry> led() {
        UUID id = UUID.randomUUID();
        Instant now = AT;
        Entry begun = new Entry(id, now, DAY, Optional.of(id), Optional.empty(), begun(HOW));
        SessionLog session = SessionLog.of(List.of(begun));
        List<Entry> entries = new ArrayList<>(List.of(begun));
        while (session.session().state().current().isPresent()) {
            List<Section> hand = session.session().state().hand();
            now = now.plusSeconds(HOW.stream()
                    .filter(step -> hand.contains(step.section()))
                    .mapToInt(RoutinePlace::wholeSeconds)
                    .sum());
            List<SectionDone> done = hand.stream()
                    .map(section -> new SectionDone(
                            section,
                            mat(section)
                                    ? CombResult.MAT_LEFT
                                    : tangles(section) > 0 ? CombResult.TANGLES_CLEARED : CombResult.GLIDES,
                            tangles(section),
                            signal(section)))
                    .toList();
            Entry entry = session.next(UUID.randomUUID(), now, ZoneOffset.UTC, new StepDone(done));
            session = session.with(List.of(entry));
            entries.add(entry);
        }
        return entries;
    }

    private static int tangles(Section section) {
        return section == Section.ARMPIT_LEFT ? 1 : section == Section.THROAT ? 2 : 0;
    }

    private static boolean mat(Section section) {
        return section == Section.ARMPIT_LEFT;
    }

    private static Signal signal(Section section) {
        return section == Section.MUZZLE ? Signal.UNEASY : Signal.RELAXED;
    }

    private static SessionBegun begun(List<RoutinePlace> how) {
        List<SessionBegun.BegunPlace> places = new ArrayList<>();
        List<RoutineStep> steps =
                Course.of(Structure.PLACE_BY_PLACE, how, section -> true).steps();
        for (int i = 0; i < steps.size(); i++) {
            for (RoutinePlace step : steps.get(i).places()) {
                places.add(new SessionBegun.BegunPlace(
                        step.section(),
                        Optional.of(step.wholeSeconds()),
                        Optional.of(ToolKind.SLICKER),
                        Optional.of(i + 1)));
            }
        }
        return new SessionBegun(places);
    }

    private record Check(Section section, LocalDate day, int tangles, boolean matLeft) {}

    private static List<Check> checks(Log log) {
        return log.read(CombCheck.CHECKS).stream()
                .map(check -> new Check(check.section(), check.date(), check.tangles(), check.matLeft()))
                .toList();
    }

    private static List<RoutinePlace> steps(Coat coat) {
        Dog dog = Dogs.adult(14);
        Kit kit = Dogs.kit(dog, coat);
        return Routine.of(dog, coat, kit, Trust.of(dog, kit, List.of(), DAY), List.of(), List.of(Section.values()))
                .places();
    }
}
