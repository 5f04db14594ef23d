package rustictangle.core.trust;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rustictangle.core.Dogs;
import rustictangle.core.dog.Dog;
import rustictangle.core.log.Signal;
import rustictangle.core.trust.Readiness.Answers;

class ReadinessTest {

    private static final Dog GROWN = Dogs.adult(10);
    private static final int RUNS = 4000;
    /** So many answers that the shares are as good as known. */
    private static final int MANY = 10_000;

    private static Readiness of(Rung rung, double relaxed, double uneasy) {
        return Readiness.of(
                GROWN,
                Optional.empty(),
                Standing.fresh(rung),
                new Answers((int) (MANY * relaxed), (int) (MANY * uneasy), (int) (MANY * (1 - relaxed - uneasy))));
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
                    for (int trial = 0;
                            trial < Practice.trials(GROWN, standing)
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
        Readiness few = Readiness.of(GROWN, Optional.empty(), Standing.fresh(Rung.TOUCHES_IT), new Answers(8, 1, 1));
        Readiness many =
                Readiness.of(GROWN, Optional.empty(), Standing.fresh(Rung.TOUCHES_IT), new Answers(800, 100, 100));
        assertTrue(few.to().orElse(999) - few.from().orElseThrow()
                > many.to().orElseThrow() - many.from().orElseThrow());
    }

    /**
     * Dogs of all tempers, each told of after its first answers: of those that are foretold, the told range holds two
     * times of three. Tempers come from what is taken for granted before the first answer, so that this holds the range
     * against itself; and from milder and from harder ones, so that it is known how far that matters.
     */
    @ParameterizedTest
    @CsvSource({"7.5, 1.75, 0.75, 0.60, 0.74", "9, 0.8, 0.2, 0.60, 0.90", "6, 2.5, 1.5, 0.45, 0.80"})
    void theToldRangeHoldsTwoTimesOfThreeAfterTenAnswers(
            double relaxed, double uneasy, double noes, double least, double most) {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(11);
        int told = 0;
        int held = 0;
        for (int dog = 0; dog < 1500; dog++) {
            double[] temper = temper(random, relaxed, uneasy, noes);
            Standing now = Standing.fresh(Rung.TOUCHES_IT);
            int[] heard = new int[3];
            for (int n = 0; n < 10; n++) {
                Signal signal = answer(random, temper);
                heard[signal.ordinal()]++;
                now = now.after(signal);
            }
            if (now.rung().readyForBrushing()) {
                continue;
            }
            Readiness range = Readiness.of(GROWN, Optional.empty(), now, new Answers(heard[0], heard[1], heard[2]));
            int days = 0;
            while (!now.rung().readyForBrushing() && days <= Readiness.LONGEST_DAYS) {
                days++;
                for (int n = 0; !now.rung().readyForBrushing() && n < Practice.trials(GROWN, now); n++) {
                    now = now.after(answer(random, temper));
                }
            }
            told++;
            boolean sooner = range.from().isEmpty()
                    ? days <= Readiness.LONGEST_DAYS
                    : days < range.from().get();
            held += !sooner && days <= range.to().orElse(Integer.MAX_VALUE) ? 1 : 0;
        }
        double share = (double) held / told;
        assertTrue(share >= least && share <= most, "holds " + share + " of " + told);
    }

    private static Signal answer(RandomGenerator random, double[] temper) {
        double at = random.nextDouble();
        return at < temper[0] ? Signal.RELAXED : at < temper[0] + temper[1] ? Signal.UNEASY : Signal.OPTED_OUT;
    }

    /** Shares of the answers, Dirichlet with these weights. */
    private static double[] temper(RandomGenerator random, double... weights) {
        double[] shares =
                Arrays.stream(weights).map(weight -> gamma(random, weight)).toArray();
        double sum = Arrays.stream(shares).sum();
        return Arrays.stream(shares).map(share -> share / sum).toArray();
    }

    /** Marsaglia and Tsang, A simple method for generating gamma variables, 2000; from memory. */
    private static double gamma(RandomGenerator random, double shape) {
        if (shape < 1) {
            return gamma(random, shape + 1) * Math.pow(random.nextDouble(), 1 / shape);
        }
        double d = shape - 1.0 / 3;
        while (true) {
            double x = random.nextGaussian();
            double v = Math.pow(1 + x / Math.sqrt(9 * d), 3);
            if (v > 0 && Math.log(random.nextDouble()) < x * x / 2 + d - d * v + d * Math.log(v)) {
                return d * v;
            }
        }
    }

    @Test
    void aSofterBrushFirstTakesLongerButAlwaysLeadsThere() {
        for (Rung rung : Rung.values()) {
            if (rung.compareTo(Rung.EDGE_TOUCHES) < 0) {
                Readiness with = Readiness.of(
                        GROWN, Optional.of(Standing.fresh(rung)), Standing.fresh(rung), new Answers(80, 10, 10));
                Readiness without =
                        Readiness.of(GROWN, Optional.empty(), Standing.fresh(rung), new Answers(80, 10, 10));
                assertTrue(with.median().orElseThrow() > without.median().orElseThrow(), rung.toString());
                assertTrue(with.median().orElseThrow() < without.median().orElseThrow() + 12, rung.toString());
            }
        }
    }
}
