package rustictangle.core.trust;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rustictangle.core.Dogs;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.History;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Kit;
import rustictangle.core.log.Signal;
import rustictangle.core.log.ToolKind;

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
    void aDogThatLearnsReachesTheTopAndIsNeverAskedAfterASecondNo() {
        Dog puppy = Dogs.with(LifeStage.PUPPY, History.GENTLE);
        Kit kit = Dogs.kit(puppy, Dogs.allOver(Dogs.hair(CoatKind.WIRE, 30)));
        for (int seed = 1; seed <= 8; seed++) {
            Random random = new Random(seed);
            List<Trial> trials = new ArrayList<>();
            double tolerance = 3;
            int endedEarly = 0;
            LocalDate day = LocalDate.of(2026, 1, 1);
            Practice practice = practice(puppy, kit, trials, day);
            while (practice.standing().rung() != Rung.TO_THE_SKIN) {
                assertTrue(trials.size() < 3000, "seed " + seed + " never gets there");
                int noes = 0;
                for (int trial = 0;
                        trial < practice.trials() && practice.enough().isEmpty();
                        trial++) {
                    boolean relaxed = random.nextDouble()
                            < 1 / (1 + Math.exp((practice.standing().rung().number() - tolerance) * 1.2));
                    trials.add(Trial.at(day, Section.BACK, relaxed ? Signal.RELAXED : Signal.OPTED_OUT));
                    tolerance += relaxed ? 0.05 : 0;
                    noes += relaxed ? 0 : 1;
                    practice = practice(puppy, kit, trials, day);
                }
                assertEquals(noes == 2, practice.enough().isPresent(), "seed " + seed + ": " + noes + " noes");
                endedEarly += noes == 2 ? 1 : 0;
                day = day.plusDays(1);
                practice = practice(puppy, kit, trials, day);
            }
            assertTrue(endedEarly > 0, "seed " + seed + " puts the rule to the test");
        }
    }

    private static Practice practice(Dog dog, Kit kit, List<Trial> trials, LocalDate day) {
        return Practice.of(
                dog,
                Trust.of(dog, kit, trials, day),
                new Spot(ToolKind.WOODEN_PIN_BRUSH, Optional.of(Section.BACK)),
                MayBegin.ANYTHING);
    }

    /**
     * With "uneasy" among the answers it settles lower: such a share of all answers is uneasy, the rest is relaxed or a
     * no. Expected by the balance of climbs and steps back, worked out beside this; told in docs/practice/trust.md.
     */
    @ParameterizedTest
    @CsvSource({"0, 0.794", "0.1, 0.735", "0.2, 0.684", "0.3, 0.641"})
    void withUneasyAnswersItSettlesLower(double uneasy, double expected) {
        double steepness = 0.4;
        double calm = expected / (1 - uneasy);
        double tolerance = 5.5 + Math.log(calm / (1 - calm)) / steepness;
        double share = relaxedShare(7, uneasy, rung -> (1 - uneasy) / (1 + Math.exp((rung - tolerance) * steepness)));
        assertEquals(expected, share, 0.02);
    }

    /** Four of ten uneasy: no rung holds, however willing it is otherwise. */
    @Test
    void aDogThatIsUneasyFourTimesOfTenIsLedToTheBottom() {
        Random random = new Random(5);
        Standing standing = Standing.fresh(Rung.TO_THE_SKIN);
        int low = 0;
        for (int trial = 0; trial < TRIALS; trial++) {
            double at = random.nextDouble();
            standing = standing.after(at < 0.4 ? Signal.UNEASY : at < 0.43 ? Signal.OPTED_OUT : Signal.RELAXED);
            low += standing.rung().number() <= 5 ? 1 : 0;
        }
        assertTrue(low > TRIALS / 2, low + " of " + TRIALS);
    }

    private static double relaxedShare(int seed, DoubleUnaryOperator chance) {
        return relaxedShare(seed, 0, chance);
    }

    /** @param uneasy share of all answers, whatever the rung */
    private static double relaxedShare(int seed, double uneasy, DoubleUnaryOperator chance) {
        Random random = new Random(seed);
        Standing standing = Standing.fresh(Rung.EDGE_TOUCHES);
        int relaxed = 0;
        for (int trial = 0; trial < TRIALS; trial++) {
            double at = random.nextDouble();
            double calm = chance.applyAsDouble(standing.rung().number());
            relaxed += at < calm ? 1 : 0;
            standing =
                    standing.after(at < calm ? Signal.RELAXED : at < calm + uneasy ? Signal.UNEASY : Signal.OPTED_OUT);
        }
        return (double) relaxed / TRIALS;
    }
}
