package rustictangle.core.plan;

import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rustictangle.core.Sample;
import rustictangle.core.dog.Section;
import rustictangle.core.rhythm.Forecast;
import rustictangle.core.rhythm.TangleRate;

/** What the learned plan is worth, on simulated dogs whose sections are not as the table says. */
class LearnedPlanTest {

    private static final int DOGS = Sample.of(2, 4);
    private static final int LEARNING_DAYS = 91;
    private static final int DAYS = 91;

    /**
     * Against the whole dog every third day, the rule of thumb of common practice (no published source), or less often
     * with fewer minutes: at the same minutes, setting up included, at least so many per cent fewer mats.
     */
    @ParameterizedTest(name = "{0} % of the minutes, every {1} days: at least {2} % fewer mats")
    @CsvSource({"50, 3, 25", "100, 2, 20"})
    void atTheSameMinutesThePlanHasFarFewerMatsThanTheRotation(int share, int every, int fewer) {
        double[] rotation = mats(share, 0);
        double[] plan = mats(share, every);
        System.out.printf(
                "%d %% of the minutes: %.1f mats a month by rotation in %.1f min a day, %.1f by the plan in %.1f, %.0f %% fewer%n",
                share, rotation[0], rotation[1], plan[0], plan[1], 100 * (1 - plan[0] / rotation[0]));
        assertTrue(plan[1] <= 1.02 * rotation[1], "more minutes than the rotation: " + plan[1]);
        assertTrue(plan[0] <= (100 - fewer) / 100.0 * rotation[0], plan[0] + " against " + rotation[0]);
    }

    /** @param every days with time for a session; 0: by rotation */
    private static double[] mats(int share, int every) {
        double mats = 0;
        double minutes = 0;
        for (int seed = 1; seed <= DOGS; seed++) {
            SimulatedDog dog = new SimulatedDog(seed);
            double budget = dog.rotationNeeds() * share / 100;
            dog.rotate(LEARNING_DAYS, dog.rotationNeeds());
            dog.countFromHere();
            if (every > 0) {
                dog.followThePlan(DAYS, budget, every);
            } else {
                dog.rotate(DAYS, budget);
            }
            mats += dog.mats() / (DOGS * DAYS / 30.4);
            minutes += dog.minutesADay(DAYS) / DOGS;
        }
        return new double[] {mats, minutes};
    }

    /** After at most thirty checks the spread that is told holds the true rate about two times of three. */
    @Test
    void whatIsThreeTimesOffTheTableIsFoundWithinThirtyChecks() {
        int all = 0;
        int within = 0;
        double off = 0;
        double offByTable = 0;
        for (int seed = 1; seed <= 40; seed++) {
            SimulatedDog dog = new SimulatedDog(seed);
            Forecast table = dog.forecast();
            dog.rotate(LEARNING_DAYS, dog.rotationNeeds());
            Forecast learned = dog.forecast();
            for (Section section : Section.values()) {
                double byTable = table.at(section).orElseThrow().tangles(0, 1);
                double truth = dog.truth(section) / byTable;
                TangleRate rate = learned.at(section).orElseThrow().rate();
                within += truth >= rate.low() && truth <= rate.high() ? 1 : 0;
                off += square(Math.log(rate.factor() / truth));
                offByTable += square(Math.log(truth));
                all++;
            }
        }
        System.out.printf(
                "After thirty checks %.0f %% of the true rates lie in the spread told; off by a factor of %.2f, %.2f by the table%n",
                100.0 * within / all, Math.exp(Math.sqrt(off / all)), Math.exp(Math.sqrt(offByTable / all)));
        assertTrue(within >= 0.60 * all && within <= 0.73 * all, within + " of " + all);
        assertTrue(off <= offByTable / 2, "squared logarithms " + off + " against " + offByTable);
    }

    private static double square(double x) {
        return x * x;
    }
}
