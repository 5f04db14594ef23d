package rustictangle.core.buy;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * The smallest set of offers that covers everything open, or the cheapest, and among those the one that leaves the least
 * weight short of right. Exact: a search over set sizes 0, 1, 2, …, at each size over all irredundant
 * covers, with two reductions that lose no optimum: purposes that all offers serve alike are one of more
 * weight, and an offer that another beats everywhere and for no more money is left out.
 */
final class CoverProblem {

    static final int NOT = 0;
    static final int WILL_DO = 1;
    static final int RIGHT = 2;

    /**
     * @param chosen       indexes of the offers, ascending
     * @param shortOfRight the weight of what is not right then
     */
    record Solution(List<Integer> chosen, int shortOfRight) {}

    /** An offer after reduction: which purposes it covers, and for which it is right. */
    private record Offer(int index, int cost, BitSet covers, BitSet right) {
        boolean beats(Offer other) {
            return cost <= other.cost && contains(covers, other.covers) && contains(right, other.right);
        }
    }

    private final BitSet open = new BitSet();
    private final BitSet openGroups = new BitSet();
    private final BitSet rightAlready = new BitSet();
    private final List<Integer> weights = new ArrayList<>();
    private final List<Offer> offers;

    private int budget;
    private int bestShort;
    private Optional<List<Integer>> bestChosen = Optional.empty();

    /**
     * @param owned  for each purpose the best grade in the drawer
     * @param grades for each offer and purpose its grade
     * @param weight of each purpose, greater than 0
     */
    CoverProblem(int[] owned, int[][] grades, int[] weight) {
        this(owned, grades, weight, new int[grades.length]);
    }

    /** @param cost of each offer, 0 or more */
    CoverProblem(int[] owned, int[][] grades, int[] weight, int[] cost) {
        Map<String, Integer> groups = new HashMap<>();
        List<Integer> firstOfGroup = new ArrayList<>();
        for (int p = 0; p < owned.length; p++) {
            boolean coverable = coverable(grades, p);
            if (owned[p] == NOT && coverable) {
                open.set(p);
            }
            int group = groups.computeIfAbsent(signature(owned, grades, p), s -> groups.size());
            if (group == firstOfGroup.size()) {
                firstOfGroup.add(p);
                weights.add(0);
            }
            weights.set(group, weights.get(group) + weight[p]);
        }
        for (int g = 0; g < firstOfGroup.size(); g++) {
            openGroups.set(g, open.get(firstOfGroup.get(g)));
            rightAlready.set(g, owned[firstOfGroup.get(g)] == RIGHT);
        }
        offers = undominated(grades, cost, firstOfGroup);
    }

    /** The purposes that nothing owned serves and something offered does. */
    BitSet open() {
        return open;
    }

    Solution solve() {
        for (int size = 0; bestChosen.isEmpty(); size++) {
            bestShort = Integer.MAX_VALUE;
            search(openGroups, rightAlready, new ArrayList<>(), new BitSet(), size);
        }
        return new Solution(bestChosen.orElseThrow().stream().sorted().toList(), bestShort);
    }

    /**
     * The cheapest set, whatever its size.
     *
     * @param atMost what some cover costs: no dearer one is looked at
     */
    Solution cheapest(int atMost) {
        budget = atMost;
        bestShort = Integer.MAX_VALUE;
        pay(openGroups, rightAlready, new ArrayList<>(), new BitSet(), 0);
        return new Solution(bestChosen.orElseThrow().stream().sorted().toList(), bestShort);
    }

    private void pay(BitSet uncovered, BitSet right, List<Integer> chosen, BitSet excluded, int spent) {
        if (uncovered.isEmpty()) {
            int shortOfRight = weightOutside(right);
            if (spent < budget || shortOfRight < bestShort) {
                budget = spent;
                bestShort = shortOfRight;
                bestChosen = Optional.of(List.copyOf(chosen));
            }
            return;
        }
        BitSet tried = (BitSet) excluded.clone();
        for (int o : coverersOfHardest(uncovered, excluded)) {
            Offer offer = offers.get(o);
            if (spent + offer.cost <= budget) {
                BitSet left = (BitSet) uncovered.clone();
                left.andNot(offer.covers);
                BitSet nowRight = (BitSet) right.clone();
                nowRight.or(offer.right);
                chosen.add(offer.index);
                pay(left, nowRight, chosen, tried, spent + offer.cost);
                chosen.remove(chosen.size() - 1);
            }
            tried.set(o);
        }
    }

    private void search(BitSet uncovered, BitSet right, List<Integer> chosen, BitSet excluded, int picksLeft) {
        if (uncovered.isEmpty()) {
            int shortOfRight = weightOutside(right);
            if (shortOfRight < bestShort) {
                bestShort = shortOfRight;
                bestChosen = Optional.of(List.copyOf(chosen));
            }
            return;
        }
        if (picksLeft == 0 || weightOutside(rightAtBest(right, excluded)) >= bestShort) {
            return;
        }
        BitSet tried = (BitSet) excluded.clone();
        for (int o : coverersOfHardest(uncovered, excluded)) {
            Offer offer = offers.get(o);
            BitSet left = (BitSet) uncovered.clone();
            left.andNot(offer.covers);
            BitSet nowRight = (BitSet) right.clone();
            nowRight.or(offer.right);
            chosen.add(offer.index);
            search(left, nowRight, chosen, tried, picksLeft - 1);
            chosen.remove(chosen.size() - 1);
            // The sets with this offer are done with: no set is looked at twice.
            tried.set(o);
        }
    }

    /** The offers for the uncovered purpose that fewest serve; none when it cannot be covered any more. */
    private List<Integer> coverersOfHardest(BitSet uncovered, BitSet excluded) {
        List<Integer> fewest = null;
        for (int p = uncovered.nextSetBit(0); p >= 0; p = uncovered.nextSetBit(p + 1)) {
            List<Integer> coverers = new ArrayList<>();
            for (int o = 0; o < offers.size(); o++) {
                if (!excluded.get(o) && offers.get(o).covers.get(p)) {
                    coverers.add(o);
                }
            }
            if (fewest == null || coverers.size() < fewest.size()) {
                fewest = coverers;
            }
        }
        return Objects.requireNonNull(fewest, "nothing is uncovered");
    }

    private BitSet rightAtBest(BitSet right, BitSet excluded) {
        BitSet best = (BitSet) right.clone();
        for (int o = 0; o < offers.size(); o++) {
            if (!excluded.get(o)) {
                best.or(offers.get(o).right);
            }
        }
        return best;
    }

    private int weightOutside(BitSet right) {
        int weight = 0;
        for (int g = right.nextClearBit(0); g < weights.size(); g = right.nextClearBit(g + 1)) {
            weight += weights.get(g);
        }
        return weight;
    }

    private List<Offer> undominated(int[][] grades, int[] cost, List<Integer> firstOfGroup) {
        List<Offer> kept = new ArrayList<>();
        for (int o = 0; o < grades.length; o++) {
            Offer offer = offer(o, cost[o], grades[o], firstOfGroup);
            if (kept.stream().noneMatch(other -> other.beats(offer))) {
                kept.removeIf(offer::beats);
                kept.add(offer);
            }
        }
        return kept;
    }

    private Offer offer(int index, int cost, int[] grades, List<Integer> firstOfGroup) {
        BitSet covers = new BitSet();
        BitSet right = new BitSet();
        for (int g = 0; g < firstOfGroup.size(); g++) {
            int grade = grades[firstOfGroup.get(g)];
            covers.set(g, grade > NOT && openGroups.get(g));
            right.set(g, grade == RIGHT && !rightAlready.get(g));
        }
        return new Offer(index, cost, covers, right);
    }

    private static boolean coverable(int[][] grades, int purpose) {
        for (int[] row : grades) {
            if (row[purpose] > NOT) {
                return true;
            }
        }
        return false;
    }

    private static String signature(int[] owned, int[][] grades, int purpose) {
        char[] signature = new char[grades.length + 1];
        signature[0] = (char) ('0' + owned[purpose]);
        for (int o = 0; o < grades.length; o++) {
            signature[o + 1] = (char) ('0' + grades[o][purpose]);
        }
        return new String(signature);
    }

    private static boolean contains(BitSet all, BitSet some) {
        BitSet rest = (BitSet) some.clone();
        rest.andNot(all);
        return rest.isEmpty();
    }
}
