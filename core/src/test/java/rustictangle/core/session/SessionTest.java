package rustictangle.core.session;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static rustictangle.core.dog.Section.BACK;
import static rustictangle.core.dog.Section.CHEST;
import static rustictangle.core.dog.Section.TAIL_WHOLE;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import rustictangle.core.Refused;
import rustictangle.core.dog.Section;
import rustictangle.core.log.Catch;
import rustictangle.core.log.CombResult;
import rustictangle.core.log.SessionEvent;
import rustictangle.core.log.SessionEvent.Caught;
import rustictangle.core.log.SessionEvent.SectionDone;
import rustictangle.core.log.SessionEvent.SectionPostponed;
import rustictangle.core.log.SessionEvent.SectionSkipped;
import rustictangle.core.log.SessionEvent.Stopped;
import rustictangle.core.log.SessionEvent.Teased;
import rustictangle.core.log.SessionEvent.Undone;
import rustictangle.core.log.Signal;
import rustictangle.core.session.SessionState.End;

class SessionTest {

    private static final List<Section> PLAN = List.of(BACK, CHEST, TAIL_WHOLE);
    private static final Catch SMALL =
            new Catch(Catch.SkinLook.SOUND, Catch.Lump.UP_TO_10_MM, Catch.Beneath.FREE, Catch.Spread.ONE);

    @Test
    void sectionsComeOneAtATimeInTheOrderOfThePlan() {
        Session session = Session.placeByPlace(PLAN);
        assertEquals(Optional.of(BACK), session.state().current());
        session = session.apply(glides(BACK));
        assertEquals(Optional.of(CHEST), session.state().current());
        session = session.apply(new SectionSkipped(CHEST)).apply(glides(TAIL_WHOLE));
        assertEquals(Optional.of(End.ALL_DONE), session.state().end());
        assertEquals(Optional.empty(), session.state().current());
        assertEquals(2, session.state().done().size());
    }

    @Test
    void aSecondNoEndsItForToday() {
        Session once = Session.placeByPlace(PLAN).apply(optedOut(BACK));
        assertEquals("session.first-no", once.state().advice().get(0).rule());
        Session twice = once.apply(optedOut(CHEST));
        assertEquals(Optional.of(End.OPTED_OUT_TWICE), twice.state().end());
        assertEquals("session.second-no", twice.state().advice().get(0).rule());
    }

    @Test
    void stoppingEarlyKeepsWhatWasDone() {
        Session session = Session.placeByPlace(PLAN).apply(glides(BACK)).apply(new Stopped());
        assertEquals(Optional.of(End.STOPPED), session.state().end());
        assertEquals(1, session.state().done().size());
        assertThrows(Refused.class, () -> session.apply(glides(CHEST)));
    }

    @Test
    void aMatThatIsLeftComesWithItsNevers() {
        Session session =
                Session.placeByPlace(PLAN).apply(new SectionDone(BACK, CombResult.MAT_LEFT, 1, Signal.RELAXED));
        String text = session.state().advice().get(0).text();
        assertTrue(text.contains("no scissors") && text.contains("no bath"), text);
    }

    @Test
    void anAnswerForAnotherSectionIsRefused() {
        Session session = Session.placeByPlace(PLAN);
        String message =
                assertThrows(Refused.class, () -> session.apply(glides(CHEST))).getMessage();
        assertTrue(message.contains("back") && message.contains("chest"), message);
    }

    @Test
    void tanglesFoundMustBeCountedAndNoneMeansNone() {
        assertThrows(Refused.class, () -> new SectionDone(BACK, CombResult.TANGLES_CLEARED, 0, Signal.RELAXED));
        assertThrows(Refused.class, () -> new SectionDone(BACK, CombResult.GLIDES, 2, Signal.RELAXED));
        assertThrows(Refused.class, () -> new SectionDone(BACK, CombResult.NOT_COMBED, 0, Signal.RELAXED));
    }

    @Test
    void aPlacePutOffComesAfterAllOthers() {
        Session session = Session.placeByPlace(PLAN).apply(new SectionPostponed(PLAN.get(0)));
        assertEquals(PLAN.get(1), session.state().current().orElseThrow());
        for (int i = 1; i < PLAN.size(); i++) {
            session = session.apply(glides(PLAN.get(i)));
        }
        assertEquals(PLAN.get(0), session.state().current().orElseThrow());
        assertTrue(session.apply(glides(PLAN.get(0))).state().end().isPresent());
    }

    @Test
    void whatCaughtIsAdvisedOnUntilTheSectionIsAnsweredAndTriesChangeTheAdvice() {
        Session session = Session.placeByPlace(PLAN);
        assertTrue(advice(session).isEmpty());
        session = session.apply(new Caught(PLAN.get(0), SMALL));
        assertEquals(PLAN.get(0), session.state().current().orElseThrow());
        assertEquals(
                CatchAdvice.Todo.SOAK_AND_TEASE, advice(session).orElseThrow().todo());
        session = session.apply(new Teased(PLAN.get(0), 60, Signal.RELAXED))
                .apply(new Teased(PLAN.get(0), 60, Signal.UNEASY));
        assertEquals(
                CatchAdvice.Todo.LEAVE_AND_COME_BACK,
                advice(session).orElseThrow().todo());
        assertEquals(
                CatchAdvice.Todo.SOAK_AND_TEASE,
                advice(session.apply(new Undone())).orElseThrow().todo());
        session = session.apply(new Teased(PLAN.get(0), 200, Signal.RELAXED));
        assertEquals(
                CatchAdvice.Todo.LEAVE_FOR_GROOMER,
                advice(session).orElseThrow().todo());
        session = session.apply(new SectionDone(PLAN.get(0), CombResult.MAT_LEFT, 1, Signal.RELAXED));
        assertTrue(advice(session).isEmpty());
    }

    @Test
    void timeSpentOnAnOrdinaryTangleNeverMakesItAMatForTheGroomer() {
        Catch tangle = new Catch(Catch.SkinLook.SOUND, Catch.Lump.NONE, Catch.Beneath.FREE, Catch.Spread.ONE);
        Session session = Session.placeByPlace(PLAN)
                .apply(new Caught(PLAN.get(0), tangle))
                .apply(new Teased(PLAN.get(0), 900, Signal.RELAXED));
        assertEquals(
                CatchAdvice.Todo.FROM_THE_ENDS, advice(session).orElseThrow().todo());
        session = session.apply(glides(PLAN.get(0))).apply(new Caught(PLAN.get(1), SMALL));
        assertEquals(
                CatchAdvice.Todo.SOAK_AND_TEASE, advice(session).orElseThrow().todo());
    }

    @Test
    void teasingOverTheWholeDogIsAddedUp() {
        Session session = Session.placeByPlace(PLAN);
        for (Section section : List.of(PLAN.get(0), PLAN.get(1))) {
            session = session.apply(new Caught(section, SMALL))
                    .apply(new Teased(section, 290, Signal.RELAXED))
                    .apply(new Teased(section, 5, Signal.RELAXED))
                    .apply(glides(section));
        }
        session = session.apply(new Caught(PLAN.get(2), SMALL));
        assertEquals(
                CatchAdvice.Todo.SOAK_AND_TEASE, advice(session).orElseThrow().todo());
        session = session.apply(new Undone())
                .apply(new Caught(PLAN.get(2), SMALL))
                .apply(new Teased(PLAN.get(2), 299, Signal.RELAXED))
                .apply(new Teased(PLAN.get(2), 11, Signal.RELAXED));
        assertEquals(
                CatchAdvice.Todo.LEAVE_FOR_GROOMER,
                advice(session).orElseThrow().todo());
    }

    @Test
    void nothingIsTeasedBeforeSomethingCaughtAndOptingOutTwiceEndsIt() {
        Session session = Session.placeByPlace(PLAN);
        assertThrows(Refused.class, () -> session.apply(new Teased(PLAN.get(0), 30, Signal.RELAXED)));
        Session caught =
                session.apply(new Caught(PLAN.get(0), SMALL)).apply(new Teased(PLAN.get(0), 30, Signal.OPTED_OUT));
        assertEquals(
                CatchAdvice.Todo.LEAVE_AND_COME_BACK,
                advice(caught).orElseThrow().todo());
        assertEquals(
                SessionState.End.OPTED_OUT_TWICE,
                caught.apply(new Teased(PLAN.get(0), 30, Signal.OPTED_OUT))
                        .state()
                        .end()
                        .orElseThrow());
    }

    private static Optional<CatchAdvice> advice(Session session) {
        return session.catchAdvice(new Session.Before(Set.of(), 29, Map.of()), CatchTest.PLAIN);
    }

    @Test
    void anEmptyOrDoubledPlanIsRefused() {
        assertThrows(Refused.class, () -> Session.placeByPlace(List.of()));
        assertThrows(Refused.class, () -> Session.placeByPlace(List.of(BACK, BACK)));
    }

    @Test
    void undoTakesBackExactlyTheLastEntryWhateverItWas() {
        Random random = new Random(7);
        for (int round = 0; round < 200; round++) {
            Session session = Session.placeByPlace(PLAN);
            while (session.state().end().isEmpty()) {
                Session before = session;
                session = session.apply(
                        anyAnswer(random, session.state().current().orElseThrow()));
                assertEquals(before.state(), session.apply(new Undone()).state());
            }
        }
        assertThrows(Refused.class, () -> Session.placeByPlace(PLAN).apply(new Undone()));
    }

    @Test
    void anyBeginningOfALogIsAValidSession() {
        Random random = new Random(11);
        for (int round = 0; round < 100; round++) {
            List<SessionEvent> log = new ArrayList<>();
            Session session = Session.placeByPlace(PLAN);
            for (int i = 0; i < 12 && session.state().end().isEmpty(); i++) {
                SessionEvent event = !session.state().standing().isEmpty() && random.nextInt(4) == 0
                        ? new Undone()
                        : anyAnswer(random, session.state().current().orElseThrow());
                log.add(event);
                session = session.apply(event);
                assertEquals(
                        session.state(), Session.placeByPlace(PLAN).replay(log).state());
            }
        }
    }

    private static SessionEvent anyAnswer(Random random, Section section) {
        return switch (random.nextInt(12)) {
            case 7 -> new SessionEvent.StepDone(List.of(glides(section)));
            case 8 -> new SessionEvent.KnotFelt(Section.values()[random.nextInt(Section.values().length)]);
            case 9 -> new SessionEvent.Signalled(section, Signal.values()[random.nextInt(Signal.values().length)]);
            case 10 -> new SessionEvent.TreatGiven();
            case 11 -> new SessionEvent.HairWeighed(section, 2.5);
            case 5 -> new SectionPostponed(section);
            case 6 -> new Caught(section, SMALL);
            case 0 -> new SectionSkipped(section);
            case 1 -> optedOut(section);
            case 2 -> new SectionDone(section, CombResult.TANGLES_CLEARED, 1 + random.nextInt(4), Signal.UNEASY);
            case 3 -> new Stopped();
            default -> glides(section);
        };
    }

    private static SectionDone glides(Section section) {
        return new SectionDone(section, CombResult.GLIDES, 0, Signal.RELAXED);
    }

    private static SectionDone optedOut(Section section) {
        return new SectionDone(section, CombResult.NOT_COMBED, 0, Signal.OPTED_OUT);
    }
}
