package rustictangle.core.session;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static rustictangle.core.dog.Section.BACK;
import static rustictangle.core.dog.Section.CHEST;
import static rustictangle.core.dog.Section.TAIL_WHOLE;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import rustictangle.core.dog.Section;
import rustictangle.core.session.SessionEvent.SectionDone;
import rustictangle.core.session.SessionEvent.SectionSkipped;
import rustictangle.core.session.SessionEvent.Stopped;
import rustictangle.core.session.SessionEvent.Undone;
import rustictangle.core.session.SessionState.End;
import rustictangle.core.trust.Signal;

class SessionTest {

    private static final List<Section> PLAN = List.of(BACK, CHEST, TAIL_WHOLE);

    @Test
    void sectionsComeOneAtATimeInTheOrderOfThePlan() {
        Session session = Session.planned(PLAN);
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
        Session once = Session.planned(PLAN).apply(optedOut(BACK));
        assertEquals("session.first-no", once.state().advice().get(0).rule());
        Session twice = once.apply(optedOut(CHEST));
        assertEquals(Optional.of(End.OPTED_OUT_TWICE), twice.state().end());
        assertEquals("session.second-no", twice.state().advice().get(0).rule());
    }

    @Test
    void stoppingEarlyKeepsWhatWasDone() {
        Session session = Session.planned(PLAN).apply(glides(BACK)).apply(new Stopped());
        assertEquals(Optional.of(End.STOPPED), session.state().end());
        assertEquals(1, session.state().done().size());
        assertThrows(IllegalStateException.class, () -> session.apply(glides(CHEST)));
    }

    @Test
    void aMatThatIsLeftComesWithItsNevers() {
        Session session = Session.planned(PLAN)
                .apply(new SectionDone(BACK, CombResult.MAT_LEFT, 1, Signal.RELAXED));
        String text = session.state().advice().get(0).text();
        assertTrue(text.contains("no scissors") && text.contains("no bath"), text);
    }

    @Test
    void anAnswerForAnotherSectionIsRefused() {
        Session session = Session.planned(PLAN);
        String message = assertThrows(IllegalStateException.class, () -> session.apply(glides(CHEST))).getMessage();
        assertTrue(message.contains("back") && message.contains("chest"), message);
    }

    @Test
    void tanglesFoundMustBeCountedAndNoneMeansNone() {
        assertThrows(IllegalArgumentException.class,
                () -> new SectionDone(BACK, CombResult.TANGLES_CLEARED, 0, Signal.RELAXED));
        assertThrows(IllegalArgumentException.class,
                () -> new SectionDone(BACK, CombResult.GLIDES, 2, Signal.RELAXED));
        assertThrows(IllegalArgumentException.class,
                () -> new SectionDone(BACK, CombResult.NOT_COMBED, 0, Signal.RELAXED));
    }

    @Test
    void anEmptyOrDoubledPlanIsRefused() {
        assertThrows(IllegalArgumentException.class, () -> Session.planned(List.of()));
        assertThrows(IllegalArgumentException.class, () -> Session.planned(List.of(BACK, BACK)));
    }

    @Test
    void undoTakesBackExactlyTheLastEntryWhateverItWas() {
        Random random = new Random(7);
        for (int round = 0; round < 200; round++) {
            Session session = Session.planned(PLAN);
            while (session.state().end().isEmpty()) {
                Session before = session;
                session = session.apply(anyAnswer(random, session.state().current().orElseThrow()));
                assertEquals(before.state(), session.apply(new Undone()).state());
            }
        }
        assertThrows(IllegalStateException.class, () -> Session.planned(PLAN).apply(new Undone()));
    }

    @Test
    void anyBeginningOfALogIsAValidSession() {
        Random random = new Random(11);
        for (int round = 0; round < 100; round++) {
            List<SessionEvent> log = new ArrayList<>();
            Session session = Session.planned(PLAN);
            for (int i = 0; i < 12 && session.state().end().isEmpty(); i++) {
                SessionEvent event = !session.state().standing().isEmpty() && random.nextInt(4) == 0
                        ? new Undone() : anyAnswer(random, session.state().current().orElseThrow());
                log.add(event);
                session = session.apply(event);
                assertEquals(session.state(), Session.replay(PLAN, log).state());
            }
        }
    }

    private static SessionEvent anyAnswer(Random random, Section section) {
        return switch (random.nextInt(5)) {
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
