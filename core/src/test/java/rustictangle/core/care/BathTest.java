package rustictangle.core.care;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import rustictangle.core.Dogs;
import rustictangle.core.Refused;
import rustictangle.core.care.Drying.With;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.Density;
import rustictangle.core.coat.Texture;
import rustictangle.core.log.BathKind;

/** Bath and drying: handbook 12. Bath 10 to 15 minutes, drying up to 60: common practice, no published source. */
class BathTest {

    private static final Coat LONG_FLEECE = Dogs.allOver(Dogs.fleece(100));

    private static double drying(double kilograms, Coat coat, With with) {
        return Drying.minutes(Dogs.adult(kilograms), coat, BathKind.WHOLE_DOG, with);
    }

    @Test
    void aLongFleeceOfSixteenKilogramsTakesUpToAnHourWithAHouseholdDryerAndHalfThatWithForcedAir() {
        assertEquals(60, drying(16, LONG_FLEECE, With.HOUSEHOLD_DRYER), 6);
        assertEquals(drying(16, LONG_FLEECE, With.HOUSEHOLD_DRYER) / 2, drying(16, LONG_FLEECE, With.FORCED_AIR), 0.01);
        assertTrue(drying(16, Dogs.allOver(Dogs.fleece(12)), With.HOUSEHOLD_DRYER) < 15, "clipped short");
    }

    @Test
    void aSmoothDogIsRubbedDryInAFewMinutes() {
        Coat smooth = Dogs.allOver(Dogs.hair(CoatKind.SMOOTH, 10));
        assertTrue(drying(10, smooth, With.TOWEL) < 8, "" + drying(10, smooth, With.TOWEL));
        assertEquals(
                drying(10, LONG_FLEECE, With.HOUSEHOLD_DRYER),
                drying(10, LONG_FLEECE, With.TOWEL),
                "long hair is not left to a towel and the air");
    }

    @Test
    void moreDogLongerAndDenserHairNeverDryFasterNorTakeLessShampoo() {
        double dry = 0;
        double mix = 0;
        for (double kilograms = 1; kilograms <= 80; kilograms *= 1.1) {
            double now = drying(kilograms, LONG_FLEECE, With.HOUSEHOLD_DRYER);
            double mixed = BathMix.of(Dogs.adult(kilograms), LONG_FLEECE, BathKind.WHOLE_DOG, 9)
                    .mix();
            assertTrue(now > dry && mixed > mix, kilograms + " kg");
            dry = now;
            mix = mixed;
            double minutes = BathMix.minutes(Dogs.adult(kilograms), BathKind.WHOLE_DOG);
            assertTrue(minutes >= 10 && minutes <= 15, kilograms + " kg: " + minutes + " min in the tub");
        }
        double before = 0;
        for (double mm = 5; mm <= 250; mm += 5) {
            double now = drying(12, Dogs.allOver(Dogs.hair(CoatKind.DROP, mm)), With.HOUSEHOLD_DRYER);
            assertTrue(now >= before, mm + " mm");
            before = now;
        }
        double last = 0;
        for (Density density : Density.values()) {
            Coat coat = Dogs.allOver(Dogs.hair(CoatKind.CURLY, 50, density, Texture.CURLY));
            double now = drying(12, coat, With.HOUSEHOLD_DRYER);
            assertTrue(now > last, density.toString());
            last = now;
        }
    }

    /** Of 1 : 9 a tenth is shampoo; about 60 ml for each kg^(2/3) of a short coat, 160 of a long dense one. */
    @Test
    void theShampooIsMixedAsItsLabelSays() {
        BathMix mix = BathMix.of(Dogs.adult(8), Dogs.allOver(Dogs.hair(CoatKind.SMOOTH, 1)), BathKind.WHOLE_DOG, 9);
        assertEquals(240, mix.mix(), 5);
        assertEquals(mix.mix() / 10, mix.shampoo(), 1e-9);
        assertEquals(mix.mix(), mix.shampoo() + mix.water(), 1e-9);
        Coat dense = Dogs.allOver(Dogs.hair(CoatKind.DROP, 120, Density.DENSE, Texture.SILKY));
        assertEquals(
                640, BathMix.of(Dogs.adult(8), dense, BathKind.WHOLE_DOG, 9).mix(), 1);
        assertEquals(0, BathMix.of(Dogs.adult(8), dense, BathKind.WHOLE_DOG, 0).water(), "used as it is");
        assertTrue(BathMix.of(Dogs.adult(8), dense, BathKind.UNDERCARRIAGE, 9).mix()
                < BathMix.of(Dogs.adult(8), dense, BathKind.WHOLE_DOG, 9).mix() / 2);
    }

    @ParameterizedTest
    @ValueSource(ints = {0, -1, 101, Integer.MAX_VALUE, Integer.MIN_VALUE})
    void aDilutionThatIsOnNoLabelIsRefusedWithTheFieldTheLimitAndTheWayOut(int parts) {
        Refused refused = assertThrows(Refused.class, () -> BathMix.checkLabel(parts));
        assertTrue(refused.getMessage().contains("1 : 1 to 1 : 100"), refused.getMessage());
    }
}
