package rustictangle.core.routine;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.variables.BoolVar;
import org.chocosolver.solver.variables.IntVar;
import org.junit.jupiter.api.Test;
import rustictangle.core.Dogs;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Section;
import rustictangle.core.rhythm.CombCheck;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.rhythm.Rhythm;
import rustictangle.core.rhythm.SectionRhythm;
import rustictangle.core.trust.Trust;

/** "I have N minutes": fewer sections done properly, never a hurried whole dog; common practice, no published source. */
class MinutesPlanTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);

    @Test
    void moreMinutesNeverLowerLessRiskAndNoPlanTakesLongerThanThereIs() {
        Household dog = household(1);
        double before = -1;
        for (MinutesPlan plan : dog.plans()) {
            assertTrue(plan.riskLowered() >= before, plan.minutes() + " min");
            assertTrue(plan.halfMinutes() <= 2 * plan.minutes(), plan.minutes() + " min");
            double sum = plan.chosen().stream()
                    .mapToDouble(s -> MinutesPlan.riskLowered(dog.rhythm.at(s)))
                    .sum();
            assertEquals(sum, plan.riskLowered(), 1e-9);
            before = plan.riskLowered();
        }
    }

    @Test
    void withTimeForAllEveryPlaceThatCanTangleIsDone() {
        Dog dog = Dogs.adult(5);
        Coat coat = Dogs.allOver(Dogs.hair(CoatKind.CURLY, 20));
        Household small = new Household(dog, coat, Rhythm.of(dog, coat, Comfort.BALANCED, List.of(), TODAY));
        List<MinutesPlan> plans = small.plans();
        assertEquals(29, plans.get(plans.size() - 1).chosen().size());
    }

    @Test
    void aMatThatWaitsComesBeforeAPlaceThatRests() {
        Dog dog = Dogs.adult(14);
        Coat coat = Dogs.allOver(Dogs.fleece(60));
        List<CombCheck> checks = new ArrayList<>();
        Arrays.stream(Section.values())
                .forEach(s -> checks.add(new CombCheck(
                        s, TODAY.minusDays(1), s == Section.ARMPIT_LEFT ? 1 : 0, s == Section.ARMPIT_LEFT)));
        Household household = new Household(dog, coat, Rhythm.of(dog, coat, Comfort.BALANCED, checks, TODAY));
        assertTrue(household.plans().get(3).chosen().contains(Section.ARMPIT_LEFT));
        SectionRhythm back = household.rhythm.at(Section.BACK);
        assertEquals(back.due(), MinutesPlan.canWaitTo(back, TODAY).orElseThrow());
        assertTrue(MinutesPlan.canWaitTo(household.rhythm.at(Section.ARMPIT_LEFT), TODAY)
                .isEmpty());
    }

    /** The oracle is the constraint solver choco-solver, on risks in millionths. */
    @Test
    void noOtherChoiceLowersTheRiskMoreInTheSameTime() {
        for (int seed = 1; seed <= 12; seed++) {
            Household dog = household(seed);
            for (int minutes : new int[] {2, 5, 11, 23, 47}) {
                MinutesPlan plan = dog.plans().get(minutes - MinutesPlan.FEWEST_MINUTES);
                assertEquals(
                        chocoBest(dog, minutes) / 1e6,
                        plan.riskLowered(),
                        3e-5,
                        "dog " + seed + ", " + minutes + " min");
            }
        }
    }

    private static int chocoBest(Household dog, int minutes) {
        List<RoutineStep> steps = dog.whole().steps();
        Model model = new Model();
        BoolVar[] take = model.boolVarArray(steps.size());
        int[] weights = steps.stream().mapToInt(MinutesPlan::halfMinutes).toArray();
        int[] risks = steps.stream()
                .mapToInt(s -> (int) Math.round(1e6 * MinutesPlan.riskLowered(dog.rhythm.at(s.section()))))
                .toArray();
        IntVar weight = model.intVar(0, 2 * minutes);
        IntVar risk = model.intVar(0, Arrays.stream(risks).sum());
        model.knapsack(take, weight, risk, weights, risks).post();
        return model.getSolver().findOptimalSolution(risk, true).getIntVal(risk);
    }

    /** A dog with a past of seeded comb checks. */
    private static Household household(int seed) {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
        CoatKind kind = List.of(CoatKind.CURLY, CoatKind.DROP, CoatKind.DOUBLE, CoatKind.WIRE)
                .get(seed % 4);
        Dog dog = Dogs.adult(random.nextDouble(4, 40));
        Coat coat = Dogs.allOver(Dogs.hair(kind, random.nextInt(25, 140)));
        List<CombCheck> checks = new ArrayList<>();
        for (Section section : Section.values()) {
            if (random.nextInt(6) > 0) {
                boolean mat = random.nextInt(12) == 0;
                checks.add(new CombCheck(section, TODAY.minusDays(random.nextInt(1, 9)), mat ? 1 : 0, mat));
            }
        }
        return new Household(dog, coat, Rhythm.of(dog, coat, Comfort.BALANCED, checks, TODAY));
    }

    private record Household(Dog dog, Coat coat, Rhythm rhythm) {

        Routine whole() {
            return Routine.of(
                    dog,
                    coat,
                    Dogs.kit(dog, coat),
                    Trust.of(dog, Dogs.kit(dog, coat), List.of(), TODAY),
                    rhythm.sections(),
                    Arrays.asList(Section.values()));
        }

        List<MinutesPlan> plans() {
            return MinutesPlan.forEachMinute(whole(), rhythm.sections());
        }
    }
}
