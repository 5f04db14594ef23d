package rustictangle.core.rhythm;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import rustictangle.core.dog.Section;
import rustictangle.core.log.CareJob;
import rustictangle.core.log.CareOutcome;
import rustictangle.core.log.CareWarned;
import rustictangle.core.log.Cared;
import rustictangle.core.log.Catch;
import rustictangle.core.log.CombResult;
import rustictangle.core.log.DayByDay;
import rustictangle.core.log.Exercise;
import rustictangle.core.log.Happened;
import rustictangle.core.log.LifeEvent;
import rustictangle.core.log.Log;
import rustictangle.core.log.PracticeWarned;
import rustictangle.core.log.Said;
import rustictangle.core.log.SeenBy;
import rustictangle.core.log.SessionEvent.Caught;
import rustictangle.core.log.SessionEvent.GelUsed;
import rustictangle.core.log.SessionEvent.SectionDone;
import rustictangle.core.log.SessionEvent.Warned;
import rustictangle.core.log.Signal;
import rustictangle.core.log.VisitScope;
import rustictangle.core.log.Visited;
import rustictangle.core.log.Warning;

/** What has been found outlives the day. */
class ClosedTest {

    private static final LocalDate MONDAY = LocalDate.of(2026, 5, 11);
    private static final Catch RED_SKIN =
            new Catch(Catch.SkinLook.WET_OR_BROKEN, Catch.Lump.NONE, Catch.Beneath.FREE, Catch.Spread.ONE);
    private static final Catch TIGHT =
            new Catch(Catch.SkinLook.SOUND, Catch.Lump.UP_TO_20_MM, Catch.Beneath.TIGHT, Catch.Spread.ONE);
    private static final Catch SMALL =
            new Catch(Catch.SkinLook.SOUND, Catch.Lump.UP_TO_10_MM, Catch.Beneath.FREE, Catch.Spread.ONE);

    private static List<Closed> closed(Said... said) {
        return Closed.of(log(said), MONDAY.plusDays(30));
    }

    private static Log log(Said... said) {
        return DayByDay.log(MONDAY, said);
    }

    private static SectionDone done(CombResult comb) {
        return new SectionDone(Section.BACK, comb, comb == CombResult.GLIDES ? 0 : 1, Signal.RELAXED);
    }

    private static Visited groom() {
        return new Visited(Optional.empty(), Optional.empty(), "", "", false, Map.of());
    }

    private static SeenBy seen(SeenBy.Who who) {
        return new SeenBy(Section.BACK, who, "All is well.");
    }

    @Test
    void skinInTroubleClosesAPlaceUntilTheVetHasSeenItAndNothingElseOpensIt() {
        Caught caught = new Caught(Section.BACK, RED_SKIN);
        assertEquals(
                List.of(new Closed(
                        Section.BACK, MONDAY, SeenBy.Who.VET, Optional.of(RED_SKIN), Optional.empty(), false, "")),
                closed(caught, done(CombResult.GLIDES), groom(), seen(SeenBy.Who.GROOMER)));
        assertEquals(List.of(), closed(caught, seen(SeenBy.Who.VET)));
        assertEquals(1, closed(caught, seen(SeenBy.Who.VET), caught).size(), "seen again, closed again");
    }

    @Test
    void aMatForTheGroomerClosesItUntilAVisitOrTheirWordOrAFreeComb() {
        Caught caught = new Caught(Section.BACK, TIGHT);
        assertEquals(
                SeenBy.Who.GROOMER,
                closed(caught, done(CombResult.MAT_LEFT)).get(0).who());
        assertEquals(List.of(), closed(caught, done(CombResult.MAT_LEFT), groom()));
        assertEquals(List.of(), closed(caught, seen(SeenBy.Who.GROOMER)));
        assertEquals(List.of(), closed(caught, seen(SeenBy.Who.VET)), "whoever a vet has seen, too");
        assertEquals(List.of(), closed(caught, done(CombResult.TANGLES_CLEARED)));
    }

    @Test
    void aSmallMatIsTheOwnersAndAGroomersLookNeverMakesAVetsPlaceTheirs() {
        assertEquals(List.of(), closed(new Caught(Section.BACK, SMALL), done(CombResult.MAT_LEFT)));
        assertEquals(
                SeenBy.Who.VET,
                closed(new Caught(Section.BACK, RED_SKIN), new Caught(Section.BACK, TIGHT))
                        .get(0)
                        .who());
    }

    /** A growl is information: practice only, until an adult reopens it; after a bite a trainer or a vet first. */
    @Test
    void aPlaceWhereTheDogWarnedIsClosedUntilWhoMustHasSeenIt() {
        Warned growl = new Warned(List.of(Section.BACK, Section.CHEST), Warning.GROWLED);
        Warned bite = new Warned(List.of(Section.BACK), Warning.BIT);
        assertEquals(2, closed(growl).size());
        assertTrue(closed(growl).stream().allMatch(Closed::practised));
        assertEquals(2, closed(growl, done(CombResult.GLIDES), groom()).size(), "no brush and no groomer opens it");
        assertEquals(1, closed(growl, seen(SeenBy.Who.ADULT)).size(), "place by place");
        assertFalse(closed(bite).get(0).practised());
        assertEquals(1, closed(bite, seen(SeenBy.Who.ADULT)).size(), "not by the household alone");
        assertEquals(List.of(), closed(bite, seen(SeenBy.Who.TRAINER)));
        assertEquals(
                List.of(SeenBy.Who.VET, SeenBy.Who.TRAINER),
                closed(bite, new Caught(Section.BACK, RED_SKIN)).stream()
                        .map(Closed::who)
                        .toList(),
                "the gravest first, and both must be seen");
    }

    /** Handbook 9.5: a bite at no place in particular closes the whole dog; an adult of the household does not open it. */
    @Test
    void aBiteNowhereInParticularClosesTheWholeDogAndEveryJob() {
        Warned bite = new Warned(List.of(), Warning.BIT);
        assertEquals(Section.values().length, closed(bite).size());
        assertTrue(closed(bite).stream().allMatch(Closed::everywhere));
        assertEquals(CareJob.values().length, jobs(bite).size());
        SeenBy adult = new SeenBy(Optional.empty(), SeenBy.Who.ADULT, "", Optional.empty());
        SeenBy trainer = new SeenBy(Optional.empty(), SeenBy.Who.TRAINER, "Slowly now.", Optional.empty());
        assertEquals(Section.values().length, closed(bite, adult).size());
        assertEquals(List.of(), closed(bite, trainer));
        assertEquals(List.of(), jobs(bite, trainer));
        assertEquals(
                Optional.of(new PastWarning.Opened(MONDAY.plusDays(1), SeenBy.Who.TRAINER, "Slowly now.")),
                PastWarning.of(log(bite, trainer), MONDAY.plusDays(30)).get(0).opened(),
                "and whoever touches it next is told");
    }

    /** All places of a step until it was said where; then only there. */
    @Test
    void whatIsSaidOfAWarningLastSaysWhereAndWhatItWas() {
        Warned first = new Warned(List.of(Section.BACK, Section.CHEST), Warning.GROWLED);
        Warned then = new Warned(List.of(Section.CHEST), Warning.SNAPPED);
        assertEquals(
                List.of(new Closed(
                        Section.CHEST,
                        MONDAY.plusDays(1),
                        SeenBy.Who.TRAINER,
                        Optional.empty(),
                        Optional.of(Warning.SNAPPED),
                        false,
                        "")),
                closed(first, then));
        assertEquals(1, PastWarning.of(log(first, then), MONDAY.plusDays(30)).size());
    }

    /** At the table the same: the job and where hands were; elsewhere it goes on. */
    @Test
    void aGrowlAtAClawClosesTheNailsAndThatFoot() {
        CareWarned growl = new CareWarned(CareJob.NAILS, List.of(Section.HIND_FOOT_LEFT), Warning.GROWLED);
        assertEquals(
                List.of(Section.HIND_FOOT_LEFT),
                closed(growl).stream().map(Closed::section).toList());
        assertEquals(
                List.of(CareJob.NAILS), jobs(growl).stream().map(ClosedJob::job).toList());
        assertEquals(
                List.of(), jobs(growl, new SeenBy(Optional.empty(), SeenBy.Who.ADULT, "", Optional.of(CareJob.NAILS))));
        CareWarned bite = new CareWarned(CareJob.NAILS, List.of(), Warning.BIT);
        assertEquals(Section.values().length, closed(bite).size());
        assertEquals(
                List.of(CareJob.NAILS),
                jobs(new CareWarned(CareJob.NAILS, List.of(), Warning.GROWLED)).stream()
                        .map(ClosedJob::job)
                        .toList());
        assertEquals(
                List.of(CareJob.TEETH),
                jobs(new PracticeWarned(Exercise.TOOTHBRUSH, Optional.empty(), Warning.GROWLED)).stream()
                        .map(ClosedJob::job)
                        .toList());
        assertEquals(List.of(), closed(new PracticeWarned(Exercise.TABLE, Optional.empty(), Warning.GROWLED)));
    }

    /** Handbook 13: something for the vet is not done. */
    @Test
    void aJobLeftForTheVetIsClosedUntilTheVetHasSeenIt() {
        Cared red = new Cared(CareJob.EARS, CareOutcome.FOR_THE_VET, Optional.empty(), "red and smelly");
        assertEquals("red and smelly", jobs(red).get(0).words());
        assertTrue(jobs(red).get(0).why().text().contains("red and smelly"));
        Said groomer = Visited.only(VisitScope.FULL_GROOM, Set.of());
        assertEquals(1, jobs(red, groomer).size());
        assertEquals(List.of(), jobs(red, new SeenBy(Optional.empty(), SeenBy.Who.VET, "", Optional.of(CareJob.EARS))));
    }

    /** Handbook 11: only the places of a visit's scope are reset, nails only resets no coat. */
    @Test
    void aVisitOpensOnlyWhatItWentThrough() {
        Caught caught = new Caught(Section.BACK, TIGHT);
        for (VisitScope scope : VisitScope.values()) {
            Set<Section> places = scope == VisitScope.PLACES ? Set.of(Section.CHEST) : Set.of();
            boolean through = scope.sections().contains(Section.BACK);
            assertEquals(
                    through ? 0 : 1,
                    closed(caught, done(CombResult.MAT_LEFT), Visited.only(scope, places))
                            .size(),
                    scope.label());
            assertEquals(
                    through ? 0 : 1,
                    Mat.stillIn(log(done(CombResult.MAT_LEFT), Visited.only(scope, places)), MONDAY.plusDays(30))
                            .size(),
                    scope.label());
        }
        assertEquals(List.of(), closed(caught, Visited.only(VisitScope.PLACES, Set.of(Section.BACK))));
    }

    private static List<ClosedJob> jobs(Said... said) {
        return ClosedJob.of(log(said), MONDAY.plusDays(30));
    }

    @Test
    void aMatThatIsLeftForTheGroomerClosesItsPlaceWhateverTheReasonWas() {
        assertEquals(
                SeenBy.Who.GROOMER, closed(done(CombResult.FOR_GROOMER)).get(0).who());
        assertEquals(List.of(), closed(done(CombResult.MAT_LEFT)), "left in peace for today only");
        assertEquals(List.of(), closed(done(CombResult.FOR_GROOMER), groom()));
    }

    /** Common practice, no published source: within two days, and never over a mat. */
    @Test
    void gelOwesABathWithinTwoDaysUntilItWasBathedAndNeverOverAMat() {
        GelUsed gel = new GelUsed(Section.BACK);
        LocalDate soon = MONDAY.plusDays(1);
        assertEquals(
                MONDAY.plusDays(2), OwedBath.of(log(gel), soon).orElseThrow().by());
        assertEquals(
                "rhythm.bath-waits",
                OwedBath.of(log(done(CombResult.MAT_LEFT), gel), MONDAY.plusDays(3))
                        .orElseThrow()
                        .why()
                        .rule());
        assertEquals(Optional.empty(), OwedBath.of(log(gel, new Happened(LifeEvent.BATHED)), soon));
        assertEquals(Optional.empty(), OwedBath.of(log(gel, groom()), soon));
    }
}
