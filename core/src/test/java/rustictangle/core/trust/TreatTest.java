package rustictangle.core.trust;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Set;
import org.junit.jupiter.api.Test;
import rustictangle.core.Dogs;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.History;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.dog.Mass;
import rustictangle.core.dog.Skin;

class TreatTest {

    /** 3 kg: resting about 160 kcal, the day about 255, treats at most 25 (handbook 9.7, after NRC 2006 and AAHA). */
    private static final TreatAllowance SMALL = TreatAllowance.of(Dogs.adult(3));

    @Test
    void treatsAreCountedDownToTheDaysAllowance() {
        Treat treat = new Treat(4, 0.5);
        TreatsToday none = TreatsToday.of(SMALL, treat, 0);
        assertEquals(12, none.piecesLeft(), "25 kcal in pieces of 2");
        assertEquals(5, TreatsToday.of(SMALL, treat, 7).piecesLeft());
        assertTrue(TreatsToday.of(SMALL, treat, 11).usedUp().isEmpty());
        TreatsToday all = TreatsToday.of(SMALL, treat, 12);
        assertEquals(0, all.piecesLeft());
        assertEquals("trust.treats-used", all.usedUp().orElseThrow().rule());
        assertEquals(0, TreatsToday.of(SMALL, treat, 50).piecesLeft());
    }

    @Test
    void untilALabelWasReadThirtyPiecesShareTheAllowanceOfAnyDog() {
        for (double kilograms : new double[] {3, 14, 60}) {
            TreatAllowance allowance = TreatAllowance.of(Dogs.adult(kilograms));
            assertEquals(
                    30, TreatsToday.of(allowance, Treat.usual(allowance), 0).piecesLeft());
        }
    }

    /** Resting energy 70 × kg^0.75: NRC 2006, from memory. 10 kg is given there as about 394 kcal. */
    @Test
    void restingEnergyOfATenKilogramDogIsThePublishedOne() {
        assertEquals(394, TreatAllowance.of(Dogs.adult(10)).restingKcal(), 1);
        assertEquals(160, SMALL.restingKcal(), 1);
        assertEquals(255, SMALL.dayKcal(), 1);
        assertEquals(25.5, SMALL.treatKcal(), 0.1);
    }

    /** 1.8 × resting energy: AAHA nutrition guidelines, from memory. */
    @Test
    void aDogThatIsNotNeuteredNeedsMore() {
        Dog intact =
                new Dog(new Mass(10), LifeStage.ADULT, false, false, Skin.SOUND, History.GENTLE, Set.of(), Set.of());
        assertEquals(1.8 * 394, TreatAllowance.of(intact).dayKcal(), 2);
    }

    @Test
    void piecesAreCutSoThatAllOfThemStayWithinTheAllowance() {
        TreatPlan plan = TreatPlan.of(SMALL, 4, 20);
        assertEquals(20, plan.pieces());
        assertEquals(25.5, plan.pieces() * plan.pieceGrams() * 4, 0.1);
        TreatPlan many = TreatPlan.of(SMALL, 4, 100);
        assertTrue(many.pieceGrams() >= 0.2 && many.pieces() < 100, "crumbs are not offered: fewer pieces");
        assertTrue(!many.dinner());
        Dog tiny = Dogs.adult(0.4);
        assertTrue(TreatPlan.of(TreatAllowance.of(tiny), 8, 20).dinner(), "part of the dinner instead of crumbs");
        assertThrows(IllegalArgumentException.class, () -> TreatPlan.of(SMALL, 0, 20));
        assertThrows(IllegalArgumentException.class, () -> TreatPlan.of(SMALL, 4, 0));
    }

    @Test
    void aLabelThatCannotBeIsRefused() {
        assertThrows(IllegalArgumentException.class, () -> new Treat(10.1, 1));
        assertThrows(IllegalArgumentException.class, () -> new Treat(Double.NaN, 1));
        assertThrows(IllegalArgumentException.class, () -> new Treat(3, 0));
    }
}
