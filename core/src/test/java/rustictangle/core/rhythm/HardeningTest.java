package rustictangle.core.rhythm;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.apache.commons.statistics.distribution.GammaDistribution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class HardeningTest {

    private static final int STEPS = 20_000;
    private static final int RUNS = 40_000;

    /** {@code ∫F} in closed form against the integral of the distribution function of Apache Commons Statistics. */
    @ParameterizedTest
    @CsvSource({"6, 0.5", "6, 1", "6, 3", "6, 5", "6, 14", "6, 90", "3, 2", "12, 7", "12, 28"})
    void whatHasHardenedIsTheIntegralOfTheReferenceDistribution(double mean, double wear) {
        GammaDistribution erlang = GammaDistribution.of(3, mean / 3);
        double step = wear / STEPS;
        double sum = 0;
        for (int i = 0; i < STEPS; i++) {
            sum += erlang.cumulativeProbability((i + 0.5) * step) * step;
        }
        assertEquals(sum, new Hardening(mean).hardened(wear), 1e-6 * Math.max(1, wear));
    }

    /** A seeded count: tangles arise at random over some wear, each hardens by itself; within three standard errors. */
    @ParameterizedTest
    @ValueSource(doubles = {2, 5, 9})
    void whatHasHardenedIsWhatACountShows(double wear) {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(7);
        double tangles = 0.3;
        double sum = 0;
        double squares = 0;
        for (int run = 0; run < RUNS; run++) {
            int mats = 0;
            for (double at = wait(random) / tangles; at < wear; at += wait(random) / tangles) {
                mats += at + 2 * (wait(random) + wait(random) + wait(random)) <= wear ? 1 : 0;
            }
            sum += mats;
            squares += (double) mats * mats;
        }
        double mean = sum / RUNS;
        double error = Math.sqrt((squares / RUNS - mean * mean) / RUNS);
        assertEquals(mean, tangles * new Hardening(6).hardened(wear), 3 * error);
    }

    private static double wait(RandomGenerator random) {
        return -Math.log(1 - random.nextDouble());
    }

    /** "Within a few days" is common practice, no published source: few within two, half by day five or six in fleece. */
    @Test
    void aTangleOfAFleeceIsAMatAfterAFewDays() {
        GammaDistribution erlang = GammaDistribution.of(3, 2);
        assertTrue(erlang.cumulativeProbability(2) < 0.1);
        assertEquals(0.5, erlang.cumulativeProbability(5.4), 0.02);
    }

    @Test
    void nothingHardensInNoTimeAndNothingBackwards() {
        Hardening fleece = new Hardening(6);
        assertEquals(0, fleece.hardened(0));
        double before = 0;
        for (double wear = 0.001; wear < 400; wear *= 1.3) {
            double now = fleece.hardened(wear);
            assertTrue(now >= before && now < wear, wear + " days: " + now);
            before = now;
        }
        assertThrows(IllegalArgumentException.class, () -> new Hardening(Double.NaN));
    }

    @Test
    void aDogWhoseHairGrowsIsReckonedDayByDay() {
        WearDays steady = WearDays.of(-10, 30, day -> 1.5, day -> 0.2, day -> new Hardening(6), true);
        WearDays dayByDay = WearDays.of(-10, 30, day -> 1.5, day -> 0.2, day -> new Hardening(6), false);
        for (int from = -10; from < 30; from += 3) {
            for (int to = from; to <= 30; to += 4) {
                assertEquals(steady.mats(from, to), dayByDay.mats(from, to), 1e-9);
                assertEquals(0.2 * 1.5 * (to - from), dayByDay.tangles(from, to), 1e-9);
            }
        }
        WearDays growing = WearDays.of(-10, 30, day -> 1, day -> 0.1 + 0.01 * day, day -> new Hardening(6), false);
        double[] each = growing.matsUpTo(20, 12);
        for (int days = 0; days <= 12; days++) {
            assertEquals(growing.mats(20 - days, 20), each[days], 1e-9);
        }
        assertTrue(growing.mats(20, 28) > growing.mats(0, 8), "longer hair tangles more");
    }
}
