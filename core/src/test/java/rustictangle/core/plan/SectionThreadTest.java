package rustictangle.core.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.BitSet;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Test;
import rustictangle.core.Dogs;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.dog.Section;
import rustictangle.core.plan.SectionThread.Expected;

class SectionThreadTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);
    private static final int DAYS = 28;
    private static final int HARDEN_DAYS = 3;

    /** A seeded count of the events themselves, ± 3 standard errors: tangles arise at random, harden, are combed out. */
    @Test
    void whatIsExpectedIsWhatSimulatedWeeksHaveOnAverage() {
        Workload dog = HouseholdPlanTest.clearOn(Dogs.adult(12), CoatKind.CURLY, 60, 2);
        double perDay = dog.forecast().at(Section.ARMPIT_LEFT).orElseThrow().tangles(TODAY, 1);
        // Hair of this kind grows: the rate at the end is that of longer hair, so a short stretch is simulated.
        int days = 9;
        BitSet brushed = new BitSet();
        brushed.set(4);
        SectionThread thread =
                SectionThread.of(dog, Section.ARMPIT_LEFT, brushed, TODAY).orElseThrow();
        int runs = 40_000;
        double[] sums = new double[4];
        double[] squares = new double[4];
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(11);
        for (int run = 0; run < runs; run++) {
            double[] counted = simulate(random, dog, days, brushed);
            for (int i = 0; i < 4; i++) {
                sums[i] += counted[i];
                squares[i] += counted[i] * counted[i];
            }
        }
        Expected planned = thread.planned().get(days);
        Expected nothing = thread.nothing().get(days);
        double[] expected = {planned.tangles(), planned.mats(), nothing.tangles(), nothing.mats()};
        for (int i = 0; i < 4; i++) {
            double mean = sums[i] / runs;
            double error = Math.sqrt((squares[i] / runs - mean * mean) / runs);
            assertEquals(mean, expected[i], 3 * error, "number " + i + " at " + perDay + " a day");
        }
    }

    /** Tangles in the coat and mats formed since today, with a brushing and without. */
    private static double[] simulate(RandomGenerator random, Workload dog, int days, BitSet brushed) {
        double[] counted = new double[4];
        int last = brushed.length() - 1;
        for (int day = -1; day <= days; day++) {
            double mean = dog.forecast().at(Section.ARMPIT_LEFT).orElseThrow().tangles(TODAY.plusDays(day - 1), 1);
            for (double at = wait(random, mean); at < 1; at += wait(random, mean)) {
                boolean hardensAfterToday = day + HARDEN_DAYS > 0;
                boolean combedOut = day <= last;
                counted[0] += combedOut ? 0 : 1;
                counted[1] += hardensAfterToday && day + HARDEN_DAYS <= (combedOut ? last : days) ? 1 : 0;
                counted[2] += 1;
                counted[3] += hardensAfterToday && day + HARDEN_DAYS <= days ? 1 : 0;
            }
        }
        return counted;
    }

    private static double wait(RandomGenerator random, double perDay) {
        return -Math.log(1 - random.nextDouble()) / perDay;
    }

    @Test
    void theKnotIsTheDayOnWhichAMatIsMoreLikelyThanNot() {
        SectionThread thread = SectionThread.of(
                        HouseholdPlanTest.clearOn(Dogs.adult(12), CoatKind.CURLY, 80, 1),
                        Section.ARMPIT_LEFT,
                        new BitSet(),
                        TODAY)
                .orElseThrow();
        int knot = thread.knot().orElseThrow();
        assertTrue(Math.exp(-thread.nothing().get(knot).mats()) <= 0.5);
        assertTrue(Math.exp(-thread.nothing().get(knot - 1).mats()) > 0.5);
        assertEquals(DAYS + 1, thread.nothing().size());
    }

    @Test
    void smoothHairHasNoThread() {
        assertTrue(SectionThread.of(
                        HouseholdPlanTest.clearOn(Dogs.adult(12), CoatKind.SMOOTH, 12, 1),
                        Section.BACK,
                        new BitSet(),
                        TODAY)
                .isEmpty());
    }
}
