package rustictangle.core.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.BitSet;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Test;
import rustictangle.core.Dogs;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.dog.Section;
import rustictangle.core.plan.SectionThread.Expected;
import rustictangle.core.rhythm.Outlook;

class SectionThreadTest {

    private static final int DAYS = 9;
    private static final int BRUSHED = 4;
    private static final int RUNS = 40_000;
    /** Mean ordinary days from tangle to mat in an armpit of 60 mm wool: 4 at friction 1, less where it rubs more. */
    private static final double HARDENS = 4 / Math.sqrt(1.3);

    /** A seeded count of the events themselves, ± 3 standard errors: tangles arise, harden one by one, are combed out. */
    @Test
    void whatIsExpectedIsWhatSimulatedWeeksHaveOnAverage() {
        // Wool that stopped growing, so that every day is like the other.
        Workload dog = Kept.dog(Dogs.adult(12), Dogs.allOver(Dogs.hair(CoatKind.CURLY, 60)))
                .provedAgo(2)
                .work();
        Outlook outlook = dog.forecast().at(Section.ARMPIT_LEFT).orElseThrow();
        BitSet brushed = new BitSet();
        brushed.set(BRUSHED);
        SectionThread thread = SectionThread.of(dog, Section.ARMPIT_LEFT, brushed, dog.daysTold())
                .orElseThrow();
        double[] sums = new double[4];
        double[] squares = new double[4];
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(11);
        for (int run = 0; run < RUNS; run++) {
            double[] counted = simulate(random, outlook);
            for (int i = 0; i < 4; i++) {
                sums[i] += counted[i];
                squares[i] += counted[i] * counted[i];
            }
        }
        Expected planned = thread.planned().get(DAYS);
        Expected nothing = thread.nothing().get(DAYS);
        double[] expected = {planned.tangles(), planned.mats(), nothing.tangles(), nothing.mats()};
        for (int i = 0; i < 4; i++) {
            double mean = sums[i] / RUNS;
            double error = Math.sqrt((squares[i] / RUNS - mean * mean) / RUNS);
            // Wool grows a little over these days: what hardens of it is reckoned at each day's length.
            assertEquals(mean, expected[i], 3 * error + 0.02 * mean, "number " + i);
        }
    }

    /** Tangles in the coat at the end, and mats found or in it by then; with a brushing and without. */
    private static double[] simulate(RandomGenerator random, Outlook outlook) {
        double[] counted = new double[4];
        for (int day = -2; day < DAYS; day++) {
            double mean = outlook.tangles(day, day + 1);
            for (double at = wait(random) / mean; at < 1; at += wait(random) / mean) {
                double arisen = day + at;
                double mat = arisen + HARDENS / 3 * (wait(random) + wait(random) + wait(random));
                boolean combedOut = arisen <= BRUSHED;
                counted[0] += combedOut ? 0 : 1;
                counted[1] += mat <= (combedOut ? BRUSHED : DAYS) ? 1 : 0;
                counted[2] += 1;
                counted[3] += mat <= DAYS ? 1 : 0;
            }
        }
        return counted;
    }

    private static double wait(RandomGenerator random) {
        return -Math.log(1 - random.nextDouble());
    }

    @Test
    void theKnotIsTheDayOnWhichAMatIsMoreLikelyThanNotCountedFromTheLastCombNotFromToday() {
        Kept kept = Kept.dog(Dogs.adult(12), Dogs.allOver(Dogs.hair(CoatKind.CURLY, 80)));
        SectionThread thread = armpit(kept.provedAgo(1));
        int knot = thread.knot().orElseThrow();
        assertTrue(Math.exp(-thread.nothing().get(knot).mats()) <= 0.5);
        assertTrue(Math.exp(-thread.nothing().get(knot - 1).mats()) > 0.5);
        assertEquals(0, armpit(kept.provedAgo(25)).knot().orElseThrow(), "it has matted already");
    }

    private static SectionThread armpit(Kept kept) {
        Workload dog = kept.work();
        return SectionThread.of(dog, Section.ARMPIT_LEFT, new BitSet(), dog.daysTold())
                .orElseThrow();
    }

    @Test
    void smoothHairHasNoThread() {
        Workload smooth = Kept.dog(Dogs.adult(12), Dogs.allOver(Dogs.hair(CoatKind.SMOOTH, 12)))
                .provedAgo(1)
                .work();
        assertEquals(List.of(), HouseholdPlan.asItTakes(List.of(smooth)).threads(0));
    }
}
