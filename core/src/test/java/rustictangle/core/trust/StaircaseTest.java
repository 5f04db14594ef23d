package rustictangle.core.trust;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Random;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;

/**
 * The staircase against simulated dogs. A dog is relaxed at a rung with a chance that falls along a logistic curve; when it
 * is not, it opts out. The simulated dogs stand in for real ones and live only here.
 */
class StaircaseTest {

    private static final int TRIALS = 400_000;

    /**
     * Three relaxed climb, one no steps back: the staircase settles where three in a row are as likely as not,
     * p³ = 1/2, p = 0.794 (Levitt, Transformed up-down methods in psychoacoustics, JASA 49, 1971; from memory).
     */
    @Test
    void atAFixedToleranceTheShareOfRelaxedAnswersSettlesWhereLevittPutsIt() {
        assertEquals(0.794, Math.cbrt(0.5), 0.0005);
        for (int seed = 1; seed <= 5; seed++) {
            for (double steepness : new double[] {0.3, 0.5, 1.0}) {
                // The tolerance stands still in the middle of the ladder, so that its ends do not hold the dog.
                double tolerance = 5.5 + Math.log(0.794 / 0.206) / steepness;
                double share = relaxedShare(seed, rung -> 1 / (1 + Math.exp((rung - tolerance) * steepness)));
                assertEquals(0.794, share, 0.02, "seed " + seed + ", steepness " + steepness);
            }
        }
    }

    @Test
    void aDogThatLearnsReachesTheTopWithoutTwoNosInOnePractice() {
        for (int seed = 1; seed <= 50; seed++) {
            Random random = new Random(seed);
            Standing standing = Standing.fresh(Rung.ON_THE_FLOOR);
            double tolerance = 3;
            int nosInPractice = 0;
            int practices = 0;
            while (standing.rung() != Rung.TO_THE_SKIN) {
                nosInPractice = 0;
                practices++;
                assertTrue(practices < 2000, "seed " + seed + " never gets there");
                for (int trial = 0; trial < standing.rung().trials() && nosInPractice < 2; trial++) {
                    boolean relaxed = random.nextDouble() < 1 / (1 + Math.exp((standing.rung().number() - tolerance) * 1.2));
                    standing = standing.after(relaxed ? Signal.RELAXED : Signal.OPTED_OUT);
                    tolerance += relaxed ? 0.05 : 0;
                    nosInPractice += relaxed ? 0 : 1;
                }
                assertTrue(nosInPractice <= 2, "a second no ended it");
            }
        }
    }

    private static double relaxedShare(int seed, DoubleUnaryOperator chance) {
        Random random = new Random(seed);
        Standing standing = Standing.fresh(Rung.EDGE_TOUCHES);
        int relaxed = 0;
        for (int trial = 0; trial < TRIALS; trial++) {
            boolean calm = random.nextDouble() < chance.applyAsDouble(standing.rung().number());
            relaxed += calm ? 1 : 0;
            standing = standing.after(calm ? Signal.RELAXED : Signal.OPTED_OUT);
        }
        return (double) relaxed / TRIALS;
    }
}
