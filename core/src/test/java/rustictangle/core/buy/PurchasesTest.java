package rustictangle.core.buy;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.IntStream;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.variables.BoolVar;
import org.chocosolver.solver.variables.IntVar;
import org.junit.jupiter.api.Test;
import rustictangle.core.Dogs;
import rustictangle.core.Sample;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.kit.Approach;
import rustictangle.core.kit.Drawers;
import rustictangle.core.kit.Kit;
import rustictangle.core.kit.Match;
import rustictangle.core.kit.SectionKit;
import rustictangle.core.kit.StepKit;
import rustictangle.core.kit.Tool;
import rustictangle.core.log.ToolKind;

/** The least to buy. */
class PurchasesTest {

    private static final int DRAWERS = Sample.of(120, 400);

    @Test
    void anEmptyDrawerForACurlyDogNeedsOneBrushOneCombAndMist() {
        Purchases purchases = Purchases.of(match(CoatKind.CURLY, 60), Grading.WHATEVER_SERVES, List.of());
        assertEquals(Set.of(ToolKind.MIST, ToolKind.SLICKER, ToolKind.COMB), kinds(purchases.buy()));
        assertTrue(purchases.justOne().orElseThrow().tool().kind().proves());
    }

    @Test
    void aFullDrawerNeedsNothing() {
        Match match = match(CoatKind.CURLY, 60);
        List<Tool> drawer = Purchases.of(match, Grading.WHATEVER_SERVES, List.of()).buy().stream()
                .map(Purchase::tool)
                .toList();
        Purchases after = Purchases.of(match, Grading.WHATEVER_SERVES, drawer);
        assertEquals(List.of(), after.buy());
        assertTrue(after.justOne().isEmpty());
        assertEquals(0, after.openSteps());
    }

    @Test
    void aSmoothCoatNeedsNoCombAndNothingIsBoughtForBareSkin() {
        assertEquals(
                Set.of(ToolKind.RUBBER_CURRY),
                kinds(Purchases.of(match(CoatKind.SMOOTH, 12), Grading.WHATEVER_SERVES, List.of())
                        .buy()));
        assertEquals(
                List.of(),
                Purchases.of(match(CoatKind.HAIRLESS, 1), Grading.WHATEVER_SERVES, List.of())
                        .buy());
    }

    @Test
    void whatIsBoughtLeavesNoStepWithoutATool() {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(11);
        for (int i = 0; i < Sample.of(60, 200); i++) {
            Match match = Match.of(Drawers.dog(random), Drawers.coat(random), Drawers.approach(random));
            List<Tool> drawer = new ArrayList<>(Drawers.random(random, 8));
            Purchases.of(match, Grading.WHATEVER_SERVES, drawer).buy().forEach(purchase -> drawer.add(purchase.tool()));
            for (SectionKit section : Kit.of(match, drawer).sections()) {
                assertTrue(
                        section.steps().stream().noneMatch(StepKit::missing),
                        section.need().section() + " " + section.steps());
            }
        }
    }

    /** The oracle is the constraint solver choco-solver: fewest tools first, then least that is short of right. */
    @Test
    void noSmallerSetExistsAndNoneLeavesLessAtWillDo() {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(20260514);
        int bought = 0;
        for (int i = 0; i < DRAWERS; i++) {
            Match match = Match.of(Drawers.dog(random), Drawers.coat(random), Drawers.approach(random));
            List<Tool> drawer = Drawers.random(random, 10);
            Purchases.Graded graded = Purchases.Graded.of(
                    Grading.WHATEVER_SERVES,
                    Purchases.Purpose.of(new Purchases.Matches(match, match)),
                    drawer,
                    Candidates.of(new Purchases.Matches(match, match)));
            CoverProblem.Solution ours = new CoverProblem(graded.owned(), graded.offered(), graded.weights()).solve();
            int[] best = chocoBest(graded);
            assertEquals(best[0], ours.chosen().size(), "tools for drawer " + i);
            assertEquals(best[1], ours.shortOfRight(), "left for drawer " + i);
            assertEquals(
                    best[0],
                    Purchases.of(match, Grading.WHATEVER_SERVES, drawer).buy().size());
            bought += best[0];
        }
        assertTrue(bought > DRAWERS, "hardly anything was to be bought: the drawers prove nothing");
    }

    /** @return how many tools, and the weight of what then has no right tool */
    private static int[] chocoBest(Purchases.Graded graded) {
        int[] owned = graded.owned();
        int[][] offers = withoutRepeats(graded.offered());
        Model model = new Model();
        BoolVar[] buy = model.boolVarArray(offers.length);
        Map<String, Integer> shortOf = new LinkedHashMap<>();
        Map<String, int[]> coverers = new LinkedHashMap<>();
        Set<Set<Integer>> covers = new HashSet<>();
        int always = 0;
        for (int p = 0; p < owned.length; p++) {
            int[] serve = which(offers, p, CoverProblem.WILL_DO);
            int[] right = which(offers, p, CoverProblem.RIGHT);
            if (owned[p] == CoverProblem.NOT && serve.length > 0) {
                covers.add(new HashSet<>(Arrays.stream(serve).boxed().toList()));
            }
            if (owned[p] != CoverProblem.RIGHT) {
                if (right.length == 0) {
                    always += graded.weights()[p];
                } else {
                    shortOf.merge(Arrays.toString(right), graded.weights()[p], Integer::sum);
                    coverers.put(Arrays.toString(right), right);
                }
            }
        }
        for (Set<Integer> cover : covers) {
            model.sum(of(buy, cover.stream().mapToInt(Integer::intValue).toArray()), ">=", 1)
                    .post();
        }
        List<IntVar> terms = new ArrayList<>();
        List<Integer> weights = new ArrayList<>();
        coverers.forEach((key, right) -> {
            BoolVar isShort = model.boolVar();
            BoolVar[] clause = Arrays.copyOf(of(buy, right), right.length + 1);
            clause[right.length] = isShort;
            model.sum(clause, ">=", 1).post();
            terms.add(isShort);
            weights.add(shortOf.get(key));
        });
        int large = Arrays.stream(graded.weights()).sum() + 1;
        for (BoolVar one : buy) {
            terms.add(one);
            weights.add(large);
        }
        if (terms.isEmpty()) {
            return new int[] {0, always};
        }
        IntVar cost = model.intVar(0, large * (offers.length + 1));
        model.scalar(
                        terms.toArray(new IntVar[0]),
                        weights.stream().mapToInt(Integer::intValue).toArray(),
                        "=",
                        cost)
                .post();
        int optimum = model.getSolver().findOptimalSolution(cost, false).getIntVal(cost);
        return new int[] {optimum / large, optimum % large + always};
    }

    private static int[][] withoutRepeats(int[][] grades) {
        Map<String, int[]> rows = new LinkedHashMap<>();
        for (int[] row : grades) {
            rows.putIfAbsent(Arrays.toString(row), row);
        }
        return rows.values().toArray(new int[0][]);
    }

    private static int[] which(int[][] offers, int purpose, int atLeast) {
        return IntStream.range(0, offers.length)
                .filter(o -> offers[o][purpose] >= atLeast)
                .toArray();
    }

    private static BoolVar[] of(BoolVar[] all, int[] indexes) {
        return Arrays.stream(indexes).mapToObj(i -> all[i]).toArray(BoolVar[]::new);
    }

    private static Match match(CoatKind kind, double mm) {
        return Match.of(Dogs.adult(14), Dogs.allOver(Dogs.hair(kind, mm)), Approach.USUAL);
    }

    private static Set<ToolKind> kinds(List<Purchase> purchases) {
        Set<ToolKind> kinds = new HashSet<>();
        purchases.forEach(purchase -> kinds.add(purchase.tool().kind()));
        return kinds;
    }
}
