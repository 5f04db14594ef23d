package rustictangle.core.trust;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import rustictangle.core.Dogs;

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
            assertEquals(30, TreatsToday.of(allowance, Treat.usual(allowance), 0).piecesLeft());
        }
    }

    @Test
    void aLabelThatCannotBeIsRefused() {
        assertThrows(IllegalArgumentException.class, () -> new Treat(10.1, 1));
        assertThrows(IllegalArgumentException.class, () -> new Treat(Double.NaN, 1));
        assertThrows(IllegalArgumentException.class, () -> new Treat(3, 0));
    }
}
