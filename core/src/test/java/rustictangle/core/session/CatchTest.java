package rustictangle.core.session;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import rustictangle.core.Reason;
import rustictangle.core.log.Catch;
import rustictangle.core.log.Catch.Beneath;
import rustictangle.core.log.Catch.Lump;
import rustictangle.core.log.Catch.SkinLook;
import rustictangle.core.log.Catch.Spread;
import rustictangle.core.log.SeenBy;
import rustictangle.core.session.CatchAdvice.Todo;
import rustictangle.core.session.CatchMeans.Softener;

/** When the comb catches: handbook 8, common practice, no published source; its thresholds are own estimates. */
class CatchTest {

    static final CatchMeans PLAIN =
            new CatchMeans(false, false, Optional.of("slicker"), true, false, true, Softener.MIST, false, false);
    private static final CatchMeans TENDER =
            new CatchMeans(true, false, Optional.of("slicker"), true, false, true, Softener.MIST, false, false);
    private static final CatchPast FRESH = new CatchPast(0, 0, 0, 0, 1, 29, false);

    @Test
    void everyCombinationGivesExactlyOneAnswerWithReasonStepsAndNevers() {
        int combinations = 0;
        for (Catch found : all()) {
            for (CatchPast past : pasts()) {
                for (boolean tender : new boolean[] {false, true}) {
                    CatchAdvice advice = CatchAdvice.of(found, past, tender ? TENDER : PLAIN);
                    assertFalse(advice.reasons().isEmpty(), found + " " + past);
                    assertFalse(advice.steps().isEmpty());
                    assertEquals(4, advice.never().size());
                    combinations++;
                }
            }
        }
        assertEquals(6 * 4 * 2 * 3 * pasts().size() * 2, combinations);
    }

    @Test
    void noCombinationWithASkinSignEverSaysTeaseOrBrush() {
        for (Catch found : all()) {
            for (CatchPast past : pasts()) {
                if (found.skin() != SkinLook.SOUND) {
                    assertEquals(
                            Todo.CALL_A_VET, CatchAdvice.of(found, past, PLAIN).todo(), found.toString());
                } else {
                    assertFalse(CatchAdvice.of(found, past, PLAIN).todo() == Todo.CALL_A_VET, found.toString());
                }
            }
        }
    }

    /** What is told at the table and what closes the place afterwards name the same one. */
    @Test
    void whoeverMustLookFirstIsWhoTheAdviceSendsTo() {
        for (Catch found : all()) {
            Optional<SeenBy.Who> sentTo =
                    switch (CatchAdvice.of(found, FRESH, PLAIN).todo()) {
                        case CALL_A_VET -> Optional.of(SeenBy.Who.VET);
                        case LEAVE_FOR_GROOMER -> Optional.of(SeenBy.Who.GROOMER);
                        case LEAVE_AND_COME_BACK, SOAK_AND_TEASE, TEASE_DRY, FROM_THE_ENDS -> Optional.empty();
                    };
            assertEquals(sentTo, found.whoMustSee(), found.toString());
        }
    }

    @Test
    void scissorsAreNeverInTheStepsAndAlwaysAmongTheNevers() {
        for (Catch found : all()) {
            CatchAdvice advice = CatchAdvice.of(found, FRESH, PLAIN);
            assertTrue(
                    advice.steps().stream().noneMatch(step -> step.toLowerCase().matches(".*(scissor|cut|clip at).*")),
                    advice.steps().toString());
            assertTrue(rules(advice.never())
                    .containsAll(Set.of(
                            "session.never-scissors",
                            "session.never-bath",
                            "session.never-pull",
                            "session.never-clip")));
        }
    }

    @Test
    void whatSlowsWithoutALumpIsBrushedFromTheEnds() {
        assertEquals(
                Todo.FROM_THE_ENDS,
                of(Lump.NONE, Beneath.FREE, Spread.ONE, FRESH).todo());
    }

    @Test
    void aSmallLumpWithFreeSkinBeneathIsTeasedAndALargeTightOrJoinedOneIsLeftForTheGroomer() {
        assertEquals(
                Todo.SOAK_AND_TEASE,
                of(Lump.UP_TO_10_MM, Beneath.FREE, Spread.ONE, FRESH).todo());
        assertEquals(
                Todo.SOAK_AND_TEASE,
                of(Lump.UP_TO_20_MM, Beneath.FREE, Spread.A_FEW, FRESH).todo());
        assertGroomer("session.catch-size", of(Lump.OVER_20_MM, Beneath.FREE, Spread.ONE, FRESH));
        assertGroomer("session.catch-tight", of(Lump.UP_TO_10_MM, Beneath.TIGHT, Spread.ONE, FRESH));
        assertGroomer("session.catch-joined", of(Lump.UP_TO_10_MM, Beneath.FREE, Spread.JOINED, FRESH));
        assertEquals(
                3,
                of(Lump.OVER_20_MM, Beneath.TIGHT, Spread.JOINED, FRESH)
                        .reasons()
                        .size());
    }

    @Test
    void theStepsNameOnlyWhatTheDrawerTheSchoolAndThePlaceAllow() {
        Catch lump = new Catch(SkinLook.SOUND, Lump.UP_TO_10_MM, Beneath.FREE, Spread.ONE);
        Catch tangle = new Catch(SkinLook.SOUND, Lump.NONE, Beneath.FREE, Spread.ONE);
        CatchMeans muzzle =
                new CatchMeans(true, true, Optional.of("face comb"), true, false, false, Softener.NOTHING, true, false);
        CatchMeans combOnly =
                new CatchMeans(false, false, Optional.empty(), true, false, false, Softener.MIST, false, false);
        CatchMeans nothing =
                new CatchMeans(false, false, Optional.empty(), false, false, false, Softener.NOTHING, false, false);
        CatchMeans full = new CatchMeans(
                false, false, Optional.of("slicker"), true, true, true, Softener.CORNSTARCH, true, false);
        String atMuzzle = words(lump, FRESH, muzzle);
        assertFalse(atMuzzle.contains("soak") || atMuzzle.contains("slicker") || atMuzzle.contains("mist"), atMuzzle);
        assertFalse(
                words(lump, new CatchPast(1, 60, 60, 0, 1, 29, false), muzzle).contains("gel"), "no gel near the eyes");
        assertFalse(words(tangle, FRESH, combOnly).contains("brush")
                || words(lump, FRESH, combOnly).contains("slicker"));
        assertTrue(words(tangle, FRESH, nothing).contains("with your fingers"));
        assertFalse(words(lump, FRESH, nothing).contains("prove it"), "nothing is proved without a comb");
        assertFalse(words(lump, FRESH, nothing).contains("mist"), "what is not in the drawer is not asked for");
        assertEquals(Todo.TEASE_DRY, CatchAdvice.of(lump, FRESH, nothing).todo());
        assertTrue(words(lump, FRESH, full).contains("cornstarch"));
        assertTrue(words(lump, FRESH, full).contains("thick-pin brush"));
        assertFalse(words(lump, FRESH, full).contains("gel"), "gel is for what has withstood a try");
        assertTrue(words(lump, new CatchPast(1, 60, 60, 0, 1, 29, false), full).contains("bath is owed"));
    }

    /** A school: then every mat is a groomer's, and a tangle is none. */
    @Test
    void whoLeavesMatsToTheGroomerTeasesNone() {
        CatchMeans groomerOnly =
                new CatchMeans(false, false, Optional.of("slicker"), true, false, true, Softener.MIST, false, true);
        Catch lump = new Catch(SkinLook.SOUND, Lump.UP_TO_10_MM, Beneath.FREE, Spread.ONE);
        assertGroomer("session.catch-groomer-only", CatchAdvice.of(lump, FRESH, groomerOnly));
        Catch tangle = new Catch(SkinLook.SOUND, Lump.NONE, Beneath.FREE, Spread.ONE);
        assertEquals(
                Todo.FROM_THE_ENDS, CatchAdvice.of(tangle, FRESH, groomerOnly).todo());
    }

    private static String words(Catch found, CatchPast past, CatchMeans means) {
        return String.join(" ", CatchAdvice.of(found, past, means).steps()).toLowerCase(java.util.Locale.ROOT);
    }

    @Test
    void theLimitsOfTeasingChangeTheAdvice() {
        assertEquals(
                Todo.SOAK_AND_TEASE,
                lump(new CatchPast(1, 299, 899, 0, 1, 29, false)).todo());
        assertGroomer("session.catch-minutes", lump(new CatchPast(1, 300, 300, 0, 1, 29, false)));
        assertGroomer("session.catch-minutes", lump(new CatchPast(0, 0, 900, 0, 1, 29, false)));
        assertGroomer("session.catch-opt-out", lump(new CatchPast(0, 0, 0, 2, 1, 29, false)));
        assertEquals(
                Todo.SOAK_AND_TEASE,
                lump(new CatchPast(0, 0, 0, 0, 7, 29, false)).todo());
        assertGroomer("session.catch-quarter", lump(new CatchPast(0, 0, 0, 0, 8, 29, false)));
    }

    @Test
    void nobodyWorksOneSpotOnAndOn() {
        assertEquals(
                Todo.SOAK_AND_TEASE,
                lump(new CatchPast(1, 60, 60, 0, 1, 29, false)).todo());
        assertEquals(
                Todo.LEAVE_AND_COME_BACK,
                lump(new CatchPast(2, 120, 120, 0, 1, 29, false)).todo());
        assertEquals(
                Todo.SOAK_AND_TEASE,
                lump(new CatchPast(3, 120, 120, 0, 1, 29, false)).todo());
        assertEquals(
                Todo.LEAVE_AND_COME_BACK,
                lump(new CatchPast(0, 0, 0, 1, 1, 29, false)).todo());
        CatchPast once = new CatchPast(1, 60, 60, 0, 1, 29, false);
        assertEquals(
                Todo.LEAVE_AND_COME_BACK,
                CatchAdvice.of(new Catch(SkinLook.SOUND, Lump.UP_TO_10_MM, Beneath.FREE, Spread.ONE), once, TENDER)
                        .todo());
    }

    /** Worse findings and a longer past never lead to a milder answer. */
    @ParameterizedTest
    @EnumSource(Lump.class)
    void aBiggerLumpIsNeverAnsweredMoreMildly(Lump lump) {
        for (Beneath beneath : Beneath.values()) {
            for (Spread spread : Spread.values()) {
                for (Lump bigger : Lump.values()) {
                    if (bigger.compareTo(lump) > 0) {
                        assertTrue(
                                of(bigger, beneath, spread, FRESH)
                                                .todo()
                                                .compareTo(of(lump, beneath, spread, FRESH)
                                                        .todo())
                                        <= 0,
                                lump + " against " + bigger);
                    }
                }
            }
        }
    }

    @Test
    void anImpossiblePastIsRefused() {
        assertThrows(IllegalArgumentException.class, () -> new CatchPast(0, 60, 30, 0, 1, 29, false));
        assertThrows(IllegalArgumentException.class, () -> new CatchPast(-1, 0, 0, 0, 1, 29, false));
    }

    private static void assertGroomer(String rule, CatchAdvice advice) {
        assertEquals(Todo.LEAVE_FOR_GROOMER, advice.todo(), advice.toString());
        assertTrue(rules(advice.reasons()).contains(rule), advice.reasons().toString());
    }

    private static CatchAdvice lump(CatchPast past) {
        return of(Lump.UP_TO_10_MM, Beneath.FREE, Spread.ONE, past);
    }

    private static CatchAdvice of(Lump lump, Beneath beneath, Spread spread, CatchPast past) {
        return CatchAdvice.of(new Catch(SkinLook.SOUND, lump, beneath, spread), past, PLAIN);
    }

    private static Set<String> rules(List<Reason> reasons) {
        return reasons.stream().map(Reason::rule).collect(Collectors.toSet());
    }

    private static List<Catch> all() {
        List<Catch> all = new ArrayList<>();
        for (SkinLook skin : SkinLook.values()) {
            for (Lump lump : Lump.values()) {
                for (Beneath beneath : Beneath.values()) {
                    for (Spread spread : Spread.values()) {
                        all.add(new Catch(skin, lump, beneath, spread));
                    }
                }
            }
        }
        return all;
    }

    /** Either side of every limit. */
    private static List<CatchPast> pasts() {
        List<CatchPast> pasts = new ArrayList<>();
        for (int tries : new int[] {0, 1, 2, 3}) {
            for (int[] seconds : new int[][] {{0, 0}, {299, 899}, {300, 300}, {0, 900}}) {
                for (int optOuts : new int[] {0, 1, 2}) {
                    for (int matted : new int[] {0, 7, 8, 29}) {
                        pasts.add(new CatchPast(tries, seconds[0], seconds[1], optOuts, matted, 29, false));
                    }
                }
            }
        }
        return pasts;
    }
}
