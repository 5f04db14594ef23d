package rustictangle.core.coat;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Test;
import rustictangle.core.Dogs;

class GrowthTest {

    private static final LocalDate DAY = LocalDate.of(2026, 3, 1);
    private static final RegionCoat FLEECE = Dogs.fleece(40);

    /** Worked by hand: 60 mm and 74 mm, 40 days apart, is 14 / 40 = 0.35 mm a day; ± 1.96 × 2 × √2 / 40. */
    @Test
    void twoReadingsGiveTheSlopeAndItsSpread() {
        Growth growth = Growth.of(FLEECE, List.of(reading(0, 60), reading(40, 74)));
        assertEquals(0.35, growth.millimetresPerDay(), 1e-12);
        assertEquals(1.959964 * 2 * Math.sqrt(2) / 40, growth.plusMinus(), 1e-12);
        assertEquals(2, growth.readings());
    }

    /** Least squares worked by hand: (0, 50), (10, 54), (20, 56): slope 60 / 200 = 0.3. */
    @Test
    void threeReadingsGiveTheLeastSquaresLine() {
        assertEquals(
                0.3,
                Growth.of(FLEECE, List.of(reading(0, 50), reading(10, 54), reading(20, 56)))
                        .millimetresPerDay(),
                1e-12);
    }

    @Test
    void aClipBeginsTheCountAnew() {
        Growth growth = Growth.of(FLEECE, List.of(reading(0, 80), reading(30, 90), reading(31, 12), reading(61, 22)));
        assertEquals(1 / 3.0, growth.millimetresPerDay(), 1e-12);
        assertEquals(2, growth.readings());
    }

    /** Ever-growing coats: about 0.3 to 0.4 mm a day, quoted from memory, own estimate. */
    @Test
    void untilThereAreTwoReadingsGrowthIsOnlyAssumed() {
        Growth assumed = Growth.of(FLEECE, List.of(reading(0, 60)));
        assertEquals(0.35, assumed.millimetresPerDay());
        assertEquals("coat.growth-assumed", assumed.why().rule());
        assertEquals(0, Growth.of(Dogs.hair(CoatKind.DOUBLE, 60), List.of()).millimetresPerDay());
    }

    /** Simulated owner: the stated 95 % interval holds the truth about 95 times of 100. */
    @Test
    void theSpreadIsHonest() {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(3);
        int within = 0;
        int runs = 4000;
        for (int run = 0; run < runs; run++) {
            List<LengthReading> readings = new ArrayList<>();
            for (int day = 0; day <= 60; day += 15) {
                readings.add(reading(day, 60 + 0.35 * day + random.nextGaussian(0, Growth.READING_ERROR_MM)));
            }
            Growth growth = Growth.of(FLEECE, readings);
            within += Math.abs(growth.millimetresPerDay() - 0.35) <= growth.plusMinus() ? 1 : 0;
        }
        // Three standard errors of a proportion of 0.95.
        assertEquals(0.95, (double) within / runs, 3 * Math.sqrt(0.95 * 0.05 / runs));
    }

    @Test
    void theOwnerIsToldWhatItRestsOn() {
        String why = Growth.of(FLEECE, List.of(reading(0, 60), reading(40, 74)))
                .why()
                .text();
        assertTrue(why.contains("2 readings") && why.contains("{2026-03-01 date}"), why);
    }

    private static LengthReading reading(int day, double millimetres) {
        return new LengthReading(DAY.plusDays(day), new HairLength(millimetres));
    }
}
