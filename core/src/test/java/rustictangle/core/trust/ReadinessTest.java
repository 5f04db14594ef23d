package rustictangle.core.trust;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Test;
import rustictangle.core.log.Signal;
import rustictangle.core.trust.Readiness.Answers;

class ReadinessTest {

    private static final int RUNS = 4000;
    /** So many answers that the shares are as good as known. */
    private static final int MANY = 10_000;

    private static Readiness of(Rung rung, double relaxed, double uneasy) {
        return Readiness.of(Standing.fresh(rung), new Answers((int) (MANY * relaxed), (int) (MANY * uneasy), (int)
                (MANY * (1 - relaxed - uneasy))));
    }

    /** The staircase of the product itself, walked by simulated dogs: half are ready by the day that is told. */
    @Test
    void halfOfSimulatedDogsAreReadyByTheDayToldAndTwoOfThreeInTheRange() {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(3);
        for (Rung from : new Rung[] {Rung.TOUCHES_IT, Rung.EDGE_TOUCHES, Rung.A_FEW_STROKES}) {
            int[] days = new int[RUNS];
            for (int run = 0; run < RUNS; run++) {
                Standing standing = Standing.fresh(from);
                while (!standing.rung().readyForBrushing()) {
                    days[run]++;
                    int trials = Rung.ON_THE_FLOOR.trials();
                    for (int trial = 0;
                            trial < trials
                                    && trial < standing.rung().trials()
                                    && !standing.rung().readyForBrushing();
                            trial++) {
                        double answer = random.nextDouble();
                        standing = standing.after(
                                answer < 0.85 ? Signal.RELAXED : answer < 0.95 ? Signal.UNEASY : Signal.OPTED_OUT);
                    }
                }
            }
            Arrays.sort(days);
            Readiness told = of(from, 0.85, 0.1);
            assertEquals(days[RUNS / 2], told.median().orElseThrow(), 1, from + " median");
            assertEquals(days[RUNS / 6], told.from().orElseThrow(), 1, from + " from");
            assertEquals(days[5 * RUNS / 6], told.to().orElseThrow(), 2, from + " to");
        }
    }

    @Test
    void higherUpAndMoreRelaxedIsSoonerAndADogThatMostlyRefusesIsNotForetold() {
        int before = Integer.MAX_VALUE;
        for (Rung rung : Rung.values()) {
            if (!rung.readyForBrushing()) {
                int days = of(rung, 0.8, 0.15).median().orElseThrow();
                assertTrue(days <= before, rung + ": " + days);
                before = days;
            }
        }
        assertTrue(of(Rung.ON_THE_FLOOR, 0.95, 0.04).median().orElseThrow()
                < of(Rung.ON_THE_FLOOR, 0.75, 0.2).median().orElseThrow());
        assertEquals(Optional.empty(), of(Rung.ON_THE_FLOOR, 0.2, 0.2).median());
    }

    @Test
    void fewAnswersLeaveAWideRange() {
        Readiness few = Readiness.of(Standing.fresh(Rung.TOUCHES_IT), new Answers(8, 1, 1));
        Readiness many = Readiness.of(Standing.fresh(Rung.TOUCHES_IT), new Answers(800, 100, 100));
        assertTrue(few.to().orElse(999) - few.from().orElseThrow()
                > many.to().orElseThrow() - many.from().orElseThrow());
    }
}
