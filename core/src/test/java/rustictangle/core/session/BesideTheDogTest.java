package rustictangle.core.session;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static rustictangle.core.dog.Section.ARMPIT_LEFT;
import static rustictangle.core.dog.Section.BACK;
import static rustictangle.core.dog.Section.CHEST;
import static rustictangle.core.dog.Section.FRONT_LEG_LEFT;
import static rustictangle.core.dog.Section.TAIL_WHOLE;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import rustictangle.core.Reason;
import rustictangle.core.Refused;
import rustictangle.core.dog.Section;
import rustictangle.core.log.Catch;
import rustictangle.core.log.CombResult;
import rustictangle.core.log.HairOut;
import rustictangle.core.log.SessionEvent;
import rustictangle.core.log.SessionEvent.HairCameOut;
import rustictangle.core.log.SessionEvent.HairWeighed;
import rustictangle.core.log.SessionEvent.KnotFelt;
import rustictangle.core.log.SessionEvent.Paused;
import rustictangle.core.log.SessionEvent.Resumed;
import rustictangle.core.log.SessionEvent.SectionDone;
import rustictangle.core.log.SessionEvent.SectionPostponed;
import rustictangle.core.log.SessionEvent.SectionSkipped;
import rustictangle.core.log.SessionEvent.Signalled;
import rustictangle.core.log.SessionEvent.Started;
import rustictangle.core.log.SessionEvent.StepDone;
import rustictangle.core.log.SessionEvent.StepPostponed;
import rustictangle.core.log.SessionEvent.StepSkipped;
import rustictangle.core.log.SessionEvent.TreatGiven;
import rustictangle.core.log.SessionEvent.Undone;
import rustictangle.core.log.Signal;
import rustictangle.core.session.SessionState.End;

/** What happens while the hands are on the dog. Common practice, no published source (handbook 6, 7 and 9.5). */
class BesideTheDogTest {

    private static final Session PLAN = Session.placeByPlace(List.of(BACK, CHEST, TAIL_WHOLE));

    /** The last look belongs to an end that was chosen, not to one that the dog asked for. */
    @Test
    void theSkinIsLookedAtOnceMoreWhereTheEndWasAGoodOne() {
        Session begun =
                Session.placeByPlace(List.of(Section.BACK, Section.CHEST)).apply(new SessionEvent.Started());
        Session one = begun.apply(new SessionEvent.SectionDone(Section.BACK, CombResult.GLIDES, 0, Signal.RELAXED));
        assertTrue(Review.of(one.apply(new SessionEvent.Stopped()).state(), 60, 60)
                .lastLook()
                .isPresent());
        assertTrue(Review.of(begun.apply(new SessionEvent.Stopped()).state(), 0, 60)
                .lastLook()
                .isEmpty());
        Session afraid = one.apply(new SessionEvent.Signalled(Section.CHEST, Signal.AFRAID));
        assertTrue(Review.of(afraid.state(), 60, 60).lastLook().isEmpty());
    }

    @Test
    void theChecklistStandsUntilTheFirstStroke() {
        assertTrue(PLAN.state().preparing());
        Session started = PLAN.apply(new TreatGiven()).apply(new Started());
        assertFalse(started.state().preparing());
        assertThrows(Refused.class, () -> started.apply(new Started()), "two screens, one first stroke");
        assertFalse(
                PLAN.apply(glides(BACK)).state().preparing(), "sessions kept before there was a checklist have begun");
    }

    @Test
    void aKnotFeltWhereNothingWasPlannedIsWorkedAfterThePlan() {
        Session felt = PLAN.apply(new KnotFelt(FRONT_LEG_LEFT)).apply(new KnotFelt(BACK));
        assertEquals(Set.of(FRONT_LEG_LEFT, BACK), felt.state().knots());
        assertEquals(
                List.of(BACK, CHEST, TAIL_WHOLE, FRONT_LEG_LEFT), felt.state().plan());
        Session planned = felt.apply(glides(BACK)).apply(glides(CHEST)).apply(glides(TAIL_WHOLE));
        assertEquals(Optional.of(FRONT_LEG_LEFT), planned.state().current());
        assertEquals(
                List.of(BACK, CHEST, TAIL_WHOLE),
                felt.apply(new KnotFelt(FRONT_LEG_LEFT)).state().plan(),
                "marked again, it is off the map");
    }

    @Test
    void aStepIsAnsweredWithOneTapAndWhatIsSaidOfOnePlaceOpensOnlyThat() {
        Session legs = Session.planned(List.of(List.of(FRONT_LEG_LEFT, ARMPIT_LEFT), List.of(BACK)));
        assertEquals(List.of(FRONT_LEG_LEFT, ARMPIT_LEFT), legs.state().hand());
        Session tangle = legs.apply(new SectionDone(ARMPIT_LEFT, CombResult.TANGLES_CLEARED, 2, Signal.RELAXED));
        assertEquals(List.of(FRONT_LEG_LEFT), tangle.state().hand(), "the rest of the step still waits");
        Session one = tangle.apply(new StepDone(List.of(glides(FRONT_LEG_LEFT))));
        assertEquals(List.of(BACK), one.state().hand());
        Session both = legs.apply(new StepDone(List.of(glides(FRONT_LEG_LEFT), glides(ARMPIT_LEFT))));
        assertEquals(List.of(BACK), both.state().hand());
        assertEquals(legs.state().hand(), both.apply(new Undone()).state().hand(), "one tap takes it back");
        assertThrows(Refused.class, () -> legs.apply(new StepDone(List.of(glides(BACK)))));
        Session later = legs.apply(new StepPostponed(legs.state().hand()));
        assertEquals(List.of(BACK), later.state().hand());
        assertEquals(
                List.of(FRONT_LEG_LEFT, ARMPIT_LEFT),
                later.apply(new StepSkipped(List.of(BACK))).state().hand(),
                "together again");
    }

    @Test
    void whileHandsAreOffNothingIsWorkedButTreatsAreWelcome() {
        Session paused = PLAN.apply(new Started()).apply(new Paused());
        assertTrue(paused.state().paused());
        assertThrows(Refused.class, () -> paused.apply(glides(BACK)));
        assertThrows(Refused.class, () -> paused.apply(new Paused()));
        Session on = paused.apply(new TreatGiven()).apply(new Resumed());
        assertFalse(on.state().paused());
        assertThrows(Refused.class, () -> on.apply(new Resumed()));
    }

    @Test
    void uneasyMeansEaseOffAndUneasyAgainMeansAnotherPlace() {
        Session once = PLAN.apply(seen(Signal.UNEASY));
        assertEquals(Reaction.Response.EASE, todo(once));
        assertEquals(Optional.of(BACK), once.state().current(), "the place is not given up for it");
        Session twice = once.apply(new TreatGiven()).apply(seen(Signal.UNEASY));
        assertEquals(Reaction.Response.CHANGE_PLACE, todo(twice));
        assertEquals(
                Reaction.Response.CHANGE_PLACE, todo(twice.apply(new TreatGiven())), "a treat does not wipe it away");
        assertTrue(twice.apply(new HairCameOut(BACK, HairOut.PINCH))
                .state()
                .reaction()
                .isEmpty());
        assertEquals(Reaction.Response.GO_ON, todo(PLAN.apply(seen(Signal.RELAXED))));
    }

    @Test
    void aLegPulledAwayIsGoneAlongWith() {
        Session leg = Session.placeByPlace(List.of(FRONT_LEG_LEFT)).apply(new Signalled(FRONT_LEG_LEFT, Signal.UNEASY));
        assertTrue(rules(leg.state().reaction().orElseThrow().reasons()).contains("session.leg"));
        assertFalse(rules(PLAN.apply(seen(Signal.UNEASY))
                        .state()
                        .reaction()
                        .orElseThrow()
                        .reasons())
                .contains("session.leg"));
    }

    @Test
    void aNoMayBeAskedOnceMoreAndASecondNoEndsItWhereverItComes() {
        assertEquals(
                List.of(Reaction.Response.ASK_ONCE_MORE, Reaction.Response.END_WELL),
                Reaction.toEachNo().stream().map(no -> no.optedOut().todo()).toList(),
                "what each no would mean");
        assertEquals(
                List.of(Reaction.Response.END_WELL, Reaction.Response.END_WELL),
                Reaction.toEachNo().stream().map(no -> no.afraid().todo()).toList());
        assertEquals(
                Optional.of(End.AFRAID), PLAN.apply(seen(Signal.AFRAID)).state().end(), "one fear sign is enough");
        Session once = PLAN.apply(seen(Signal.OPTED_OUT));
        assertEquals(Reaction.Response.ASK_ONCE_MORE, todo(once));
        assertEquals(Optional.of(BACK), once.state().current());
        Session elsewhere = once.apply(new SectionPostponed(BACK)).apply(new Signalled(CHEST, Signal.OPTED_OUT));
        assertEquals(Optional.of(End.OPTED_OUT_TWICE), elsewhere.state().end());
        assertEquals(
                once.state(),
                once.apply(seen(Signal.OPTED_OUT)).apply(new Undone()).state());
    }

    @Test
    void anotherPassIsWorthItWhileTheLastOneStillBroughtAHandful() {
        assertEquals(List.of("session.another-pass"), rules(after(HairOut.HEAP)));
        assertEquals(List.of("session.another-pass"), rules(after(HairOut.HANDFUL)));
        assertEquals(List.of("session.enough-hair"), rules(after(HairOut.PINCH)));
        assertEquals(HairOut.PINCH, HairOut.weighing(0.9));
        assertEquals(HairOut.HANDFUL, HairOut.weighing(1));
        assertEquals(HairOut.HEAP, HairOut.weighing(4));
        assertThrows(IllegalArgumentException.class, () -> HairOut.weighing(Double.NaN));
        assertThrows(Refused.class, () -> new HairWeighed(BACK, 501));
    }

    @Test
    void oneThingToTryNextTimeIsTheOneThatMattersMost() {
        assertEquals(
                "session.next-like-this",
                next(PLAN.apply(glides(BACK)).apply(glides(CHEST)).apply(glides(TAIL_WHOLE)), 100, 100));
        assertEquals("session.next-fewer", next(PLAN.apply(glides(BACK)).apply(new SessionEvent.Stopped()), 800, 600));
        assertEquals(
                "session.next-skipped",
                next(PLAN.apply(new SectionSkipped(BACK)).apply(new SessionEvent.Stopped()), 800, 600));
        Session many =
                PLAN.apply(new SectionSkipped(BACK)).apply(done(CHEST, CombResult.TANGLES_CLEARED, 3, Signal.RELAXED));
        assertEquals("session.next-sooner", next(many.apply(glides(TAIL_WHOLE)), 800, 600));
        Session minded = PLAN.apply(done(BACK, CombResult.TANGLES_CLEARED, 5, Signal.RELAXED))
                .apply(new Signalled(CHEST, Signal.UNEASY));
        Review review = Review.of(minded.apply(new SessionEvent.Stopped()).state(), 800, 600);
        assertEquals("session.next-practice", review.nextTime().rule());
        assertTrue(review.nextTime().text().contains("chest"));
        assertEquals(
                "session.next-mat",
                next(
                        minded.apply(done(CHEST, CombResult.MAT_LEFT, 1, Signal.UNEASY))
                                .apply(new SessionEvent.Stopped()),
                        800,
                        600));
        assertEquals(
                "session.next-shorter",
                next(PLAN.apply(seen(Signal.OPTED_OUT)).apply(seen(Signal.OPTED_OUT)), 50, 600));
    }

    @Test
    void whatAVetOrAGroomerMustSeeIsTheOneThingHoweverTheSessionEnded() {
        Catch sore = new Catch(Catch.SkinLook.WET_OR_BROKEN, Catch.Lump.NONE, Catch.Beneath.FREE, Catch.Spread.ONE);
        Catch big = new Catch(Catch.SkinLook.SOUND, Catch.Lump.OVER_20_MM, Catch.Beneath.FREE, Catch.Spread.ONE);
        Session groomer = PLAN.apply(new SessionEvent.Caught(BACK, big))
                .apply(done(BACK, CombResult.MAT_LEFT, 1, Signal.RELAXED));
        Session vet = groomer.apply(new SessionEvent.Caught(CHEST, sore)).apply(new SessionEvent.Stopped());
        assertEquals("session.next-vet", next(vet, 100, 100));
        assertTrue(Review.of(vet.state(), 100, 100).nextTime().text().contains("chest"));
        assertEquals("session.next-groomer", next(groomer.apply(new SessionEvent.Stopped()), 100, 100));
        Session out = PLAN.apply(new SessionEvent.Caught(BACK, big))
                .apply(done(BACK, CombResult.TANGLES_CLEARED, 1, Signal.RELAXED));
        assertEquals("session.next-like-this", next(out.apply(new SessionEvent.Stopped()), 100, 100));
    }

    /** Common practice, no published source: the comb proves, the brush does not. */
    @Test
    void whatWasBrushedWithoutACombIsCombedNextTime() {
        Session back =
                Session.placeByPlace(List.of(BACK)).apply(new SectionDone(BACK, CombResult.BRUSHED, 0, Signal.RELAXED));
        assertEquals("session.next-comb", next(back, 100, 100));
    }

    private static String next(Session session, int spent, int expected) {
        assertTrue(session.state().end().isPresent());
        return Review.of(session.state(), spent, expected).nextTime().rule();
    }

    private static List<Reason> after(HairOut hair) {
        return PLAN.apply(new HairCameOut(BACK, hair)).state().advice();
    }

    private static Reaction.Response todo(Session session) {
        return session.state().reaction().orElseThrow().todo();
    }

    private static Signalled seen(Signal signal) {
        return new Signalled(BACK, signal);
    }

    private static SectionDone glides(Section section) {
        return done(section, CombResult.GLIDES, 0, Signal.RELAXED);
    }

    private static SectionDone done(Section section, CombResult comb, int tangles, Signal signal) {
        return new SectionDone(section, comb, tangles, signal);
    }

    private static List<String> rules(List<Reason> reasons) {
        return reasons.stream().map(Reason::rule).toList();
    }
}
