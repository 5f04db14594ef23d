package rustictangle.core.coat;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Test;
import rustictangle.core.Dogs;

class GrowthTest {

    private static final LocalDate DAY = LocalDate.of(2026, 3, 1);
    private static final RegionCoat FLEECE = Dogs.fleece(40);

    /** Worked by hand: 60 mm and 74 mm, 40 days apart, is 14 / 40 = 0.35 mm a day; ± 1.96 × 2 × √2 / 40. */
    /** The normal mean with known variance worked by hand: prior 0.35 ± 0.10, the line 0.5 ± 2√2/40. */
    @Test
    void twoReadingsAreWeighedAgainstWhatSuchHairDoes() {
        Growth growth = Growth.of(FLEECE, List.of(reading(0, 60), reading(40, 80)));
        double line = 1 / Math.pow(2 * Math.sqrt(2) / 40, 2);
        assertEquals((0.35 * 100 + 0.5 * line) / (100 + line), growth.millimetresPerDay(), 1e-12);
        assertEquals(1.959964 / Math.sqrt(100 + line), growth.plusMinus(), 1e-12);
        assertEquals(2, growth.readings());
    }

    /** Least squares worked by hand: (0, 50), (100, 84), (200, 116): slope 0.33. */
    @Test
    void readingsOverMonthsAreBelieved() {
        assertEquals(
                0.33,
                Growth.of(FLEECE, List.of(reading(0, 50), reading(100, 84), reading(200, 116)))
                        .millimetresPerDay(),
                0.002);
    }

    @Test
    void readingsOfTwoDaysRunningSayNextToNothing() {
        assertEquals(
                0.35, Growth.of(FLEECE, List.of(reading(0, 60), reading(1, 64))).millimetresPerDay(), 0.02);
        assertEquals(
                0.35, Growth.of(FLEECE, List.of(reading(0, 60), reading(1, 57))).millimetresPerDay(), 0.02);
    }

    @Test
    void aClipBeginsTheCountAnew() {
        Growth growth = Growth.of(FLEECE, List.of(reading(0, 80), reading(30, 90), reading(31, 12), reading(61, 22)));
        assertEquals(1 / 3.0, growth.millimetresPerDay(), 0.01);
        assertEquals(2, growth.readings());
    }

    @Test
    void aReadingLongerThanHairGrowsIsAskedAboutAndNotBelieved() {
        List<LengthReading> leap = List.of(reading(0, 20), reading(30, 30), reading(33, 60));
        Growth growth = Growth.of(FLEECE, leap);
        assertEquals(0.35, growth.millimetresPerDay(), 1e-12, "the line does not go through it");
        assertTrue(
                growth.doubt().orElseThrow().text().contains("30 mm"),
                growth.doubt().toString());
        assertEquals(Optional.empty(), Growth.of(FLEECE, leap.subList(0, 2)).doubt());
        assertEquals(
                Optional.empty(),
                Growth.of(FLEECE, List.of(reading(0, 60), reading(5, 20))).doubt(),
                "a clip is no leap");
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
            // As different from each other as is believed of such hair.
            double truth = 0.35 + random.nextGaussian(0, 0.1);
            List<LengthReading> readings = new ArrayList<>();
            for (int day = 0; day <= 60; day += 15) {
                readings.add(reading(day, 60 + truth * day + random.nextGaussian(0, Growth.READING_ERROR_MM)));
            }
            Growth growth = Growth.of(FLEECE, readings);
            within += Math.abs(growth.millimetresPerDay() - truth) <= growth.plusMinus() ? 1 : 0;
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

    /** Four millimetres in a day are not believed in silence; the ruler may be off, so they are asked about, and counted. */
    @Test
    void fourMillimetresInADayAreAskedAbout() {
        Growth growth = Growth.of(FLEECE, List.of(reading(0, 60), reading(1, 64)));
        assertEquals("coat.growth-ask", growth.doubt().orElseThrow().rule());
        assertEquals(2, growth.readings());
        assertEquals(
                Optional.empty(),
                Growth.of(FLEECE, List.of(reading(0, 60), reading(7, 66))).doubt());
    }
}
