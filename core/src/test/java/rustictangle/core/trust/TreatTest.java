package rustictangle.core.trust;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rustictangle.core.Dogs;
import rustictangle.core.Refused;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.History;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.dog.Mass;
import rustictangle.core.dog.Skin;

class TreatTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);
    /** 3 kg: resting about 160 kcal, the day about 255, treats at most 25 (handbook 9.7, after the AAHA guidelines). */
    private static final TreatAllowance SMALL = TreatAllowance.of(Dogs.adult(3), TODAY);

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
    void untilALabelWasReadThirtyPiecesAreWithinTheAllowanceOfAnyDogAndNoneIsMoreThanATaste() {
        for (double kilograms : new double[] {3, 8, 14, 60, 100}) {
            TreatAllowance allowance = TreatAllowance.of(Dogs.adult(kilograms), TODAY);
            Treat usual = Treat.usual(allowance);
            int left = TreatsToday.of(allowance, usual, 0).piecesLeft();
            assertTrue(kilograms < 10 ? left == 30 : left >= 30, kilograms + " kg: " + left);
            assertTrue(usual.grams() <= 1, kilograms + " kg: " + usual);
            assertTrue(TreatPlan.of(allowance, 3.5, 30).pieceGrams() <= 1);
        }
    }

    @Test
    void aPieceLargerThanTheWholeAllowanceIsCutSmallerAndNothingIsSaidToBeUsedUp() {
        TreatsToday today = TreatsToday.of(SMALL, new Treat(4, 50), 0);
        assertEquals("trust.treats-too-big", today.usedUp().orElseThrow().rule());
        assertTrue(today.usedUp().orElseThrow().text().contains("0.2 g"), today.toString());
        assertEquals(
                "trust.treats-used",
                TreatsToday.of(SMALL, new Treat(4, 50), 1)
                        .usedUp()
                        .orElseThrow()
                        .rule());
    }

    /** Resting energy 70 × kg^0.75: Kleiber, as the AAHA nutrition guidelines 2021 use it, from memory. 10 kg: about 394 kcal. */
    @Test
    void restingEnergyOfATenKilogramDogIsThePublishedOne() {
        assertEquals(394, TreatAllowance.of(Dogs.adult(10), TODAY).restingKcal(), 1);
        assertEquals(160, SMALL.restingKcal(), 1);
        assertEquals(255, SMALL.dayKcal(), 1);
        assertEquals(25.5, SMALL.treatKcal(), 0.1);
    }

    /** 1.8 × resting energy: AAHA nutrition guidelines, from memory. */
    @Test
    void aDogThatIsNotNeuteredNeedsMore() {
        Dog intact = new Dog(
                new Mass(10),
                LifeStage.ADULT,
                false,
                false,
                Skin.SOUND,
                History.GENTLE,
                Set.of(),
                Set.of(),
                Optional.empty());
        assertEquals(1.8 * 394, TreatAllowance.of(intact, TODAY).dayKcal(), 2);
    }

    /** Growing: 3 × resting energy under four months, 2 × until grown (AAHA nutrition guidelines, from memory). */
    @ParameterizedTest
    @CsvSource({"3, 10, 3.0", "5, 10, 2.0", "11, 10, 2.0", "13, 10, 1.6", "13, 40, 2.0", "19, 40, 1.6", "100, 10, 1.6"})
    void aPupNeedsMoreUntilItIsGrown(int months, double kilograms, double factor) {
        for (LifeStage stage : List.of(LifeStage.PUPPY, LifeStage.CHANGING_COAT, LifeStage.ADULT)) {
            Dog dog = born(kilograms, stage, Optional.of(TODAY.minusMonths(months)));
            TreatAllowance allowance = TreatAllowance.of(dog, TODAY);
            assertEquals(factor, allowance.dayKcal() / allowance.restingKcal(), 1e-9, stage + " of " + months);
        }
    }

    /** Where nobody knows when it was born, its stage has to do; the lower of what may be. */
    @Test
    void withoutABirthdayTheLifeStageHasToDo() {
        TreatAllowance puppy = TreatAllowance.of(born(10, LifeStage.PUPPY, Optional.empty()), TODAY);
        assertEquals(2.0, puppy.dayKcal() / puppy.restingKcal(), 1e-9);
    }

    private static Dog born(double kilograms, LifeStage stage, Optional<LocalDate> day) {
        return new Dog(new Mass(kilograms), stage, false, true, Skin.SOUND, History.GENTLE, Set.of(), Set.of(), day);
    }

    @Test
    void aBirthdayLiesInTheLastThirtyYears() {
        Dog.refuseBorn(TODAY, TODAY);
        Dog.refuseBorn(TODAY.minusYears(30), TODAY);
        for (LocalDate bad : List.of(TODAY.plusDays(1), TODAY.minusYears(30).minusDays(1))) {
            Refused refused = assertThrows(Refused.class, () -> Dog.refuseBorn(bad, TODAY));
            assertEquals(Optional.of("born"), refused.field());
        }
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
        assertTrue(
                TreatPlan.of(TreatAllowance.of(tiny, TODAY), 8, 20).dinner(), "part of the dinner instead of crumbs");
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
