package rustictangle.core.buy;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import rustictangle.core.Reason;
import rustictangle.core.coat.Coat;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Approach;
import rustictangle.core.kit.Hand;
import rustictangle.core.kit.LeadSchool;
import rustictangle.core.kit.Match;
import rustictangle.core.kit.Need;
import rustictangle.core.kit.Tool;
import rustictangle.core.kit.ToolStep;
import rustictangle.core.log.ToolKind;

/**
 * The least to buy, so that every step at every section has a tool that is right or will do.
 *
 * @param buy        the smallest such set; among equally small ones, the one that leaves fewest steps at
 *                   "will do"; empty when the drawer covers everything
 * @param justOne    if only one thing is bought: what covers most of the open steps. Empty when nothing is
 *                   needed
 * @param openSteps  steps over all sections that no tool in the drawer serves
 * @param leftAtWillDo steps over all sections that, after buying, still have no right tool
 * @param why        what the set rests on
 */
public record Purchases(List<Purchase> buy, Optional<Purchase> justOne, int openSteps, int leftAtWillDo, Reason why) {

    public Purchases {
        buy = List.copyOf(buy);
    }

    /**
     * For this owner: the school that was chosen is followed to the letter; whoever still learns, and has pins and a comb but
     * no slicker, goes on without one.
     *
     * @param drawer what is owned; tools put aside do not count
     */
    public static Purchases of(Dog dog, Coat coat, Approach approach, List<Tool> drawer) {
        return of(Match.of(dog, coat, followed(approach, drawer)), grading(approach), drawer);
    }

    private static Approach followed(Approach approach, List<Tool> drawer) {
        boolean goesOnWithPins = approach.lead().isEmpty()
                && (approach.hand() == Hand.BEGINNER || approach.hand() == Hand.CHILD)
                && has(drawer, ToolKind.PIN_BRUSH)
                && has(drawer, ToolKind.COMB)
                && !has(drawer, ToolKind.SLICKER);
        return goesOnWithPins ? approach.leadBy(LeadSchool.NO_SLICKER_YET) : approach;
    }

    private static Grading grading(Approach approach) {
        return approach.lead().isPresent() ? Grading.BY_SCHOOL : Grading.WHATEVER_SERVES;
    }

    private static boolean has(List<Tool> drawer, ToolKind kind) {
        return drawer.stream().anyMatch(tool -> tool.kind() == kind && !tool.putAside());
    }

    /**
     * The least to pay, by what the owner says each kind costs.
     *
     * @param prices   in any currency, 0 or more, by kind; the owner's own figures
     * @param useful   kinds that might be bought
     * @param unpriced those of them that have no price: without them nobody can say
     * @param buy      the cheapest set; empty while a price is missing, and when the drawer covers everything
     * @param total    what it costs
     */
    public record ToPay(List<ToolKind> useful, List<ToolKind> unpriced, List<Purchase> buy, double total) {

        public ToPay {
            useful = List.copyOf(useful);
            unpriced = List.copyOf(unpriced);
            buy = List.copyOf(buy);
        }
    }

    /**
     * Nothing that a step asks for, but kind when a small mat is found. Common practice, no published source.
     *
     * @return empty: nothing mats, or it is there already
     */
    public static Optional<Reason> forSmallMats(Match match, List<Tool> drawer) {
        boolean mats = match.needs().stream().anyMatch(need -> need.proof().isPresent());
        return !mats || has(drawer, ToolKind.THICK_PIN_BRUSH)
                ? Optional.empty()
                : Optional.of(new Reason(
                        "buy.for-small-mats",
                        "Not needed, but kind when a small mat is found: a wide-spaced thick-pin brush opens it without "
                                + "scratching, and plain cornstarch makes it pull less."));
    }

    private static final int CENTS = 100;

    /** See {@link ToPay}. */
    public static ToPay toPay(Dog dog, Coat coat, Approach approach, List<Tool> drawer, Map<ToolKind, Double> prices) {
        Approach followed = followed(approach, drawer);
        Grading grading = grading(approach);
        Match match = Match.of(dog, coat, followed);
        List<Purpose> purposes = Purpose.of(match);
        List<Tool> candidates = Candidates.of(match);
        int[] owned = best(grading.owned(drawer, purposes), purposes.size());
        int[][] offered = grading.offered(candidates, purposes);
        CoverProblem fewest = new CoverProblem(owned, offered);
        Set<ToolKind> useful = EnumSet.noneOf(ToolKind.class);
        for (int t = 0; t < offered.length; t++) {
            int[] row = offered[t];
            if (fewest.open().stream().anyMatch(p -> row[p] > CoverProblem.NOT)) {
                useful.add(candidates.get(t).kind());
            }
        }
        List<ToolKind> unpriced =
                useful.stream().filter(kind -> !prices.containsKey(kind)).toList();
        if (!unpriced.isEmpty()) {
            return new ToPay(List.copyOf(useful), unpriced, List.of(), 0);
        }
        int[] cents = candidates.stream()
                .mapToInt(tool -> (int) Math.round(prices.getOrDefault(tool.kind(), 0.0) * CENTS))
                .toArray();
        int atMost = fewest.solve().chosen().stream().mapToInt(t -> cents[t]).sum();
        CoverProblem problem = new CoverProblem(owned, offered, cents);
        List<Integer> chosen = problem.cheapest(atMost).chosen();
        return new ToPay(
                List.copyOf(useful),
                List.of(),
                chosen.stream()
                        .map(t -> purchase(candidates.get(t), offered[t], grading, purposes, problem))
                        .toList(),
                chosen.stream().mapToInt(t -> cents[t]).sum() / (double) CENTS);
    }

    static Purchases of(Match match, Grading grading, List<Tool> drawer) {
        List<Purpose> purposes = Purpose.of(match);
        List<Tool> candidates = Candidates.of(match);
        int[][] owned = grading.owned(drawer, purposes);
        int[][] offered = grading.offered(candidates, purposes);
        CoverProblem problem = new CoverProblem(best(owned, purposes.size()), offered);
        CoverProblem.Solution solution = problem.solve();
        List<Purchase> buy = new ArrayList<>();
        for (int index : solution.chosen()) {
            buy.add(purchase(candidates.get(index), offered[index], grading, purposes, problem));
        }
        int one = justOne(candidates, offered, problem, solution.chosen());
        Optional<Purchase> justOne = one < 0
                ? Optional.empty()
                : Optional.of(purchase(candidates.get(one), offered[one], grading, purposes, problem));
        return new Purchases(buy, justOne, problem.open().cardinality(), solution.leftAtWillDo(), why(buy));
    }

    /** A step at a section that needs a tool. */
    record Purpose(Need need, ToolStep step) {
        static List<Purpose> of(Match match) {
            List<Purpose> purposes = new ArrayList<>();
            for (Need need : match.needs()) {
                for (ToolStep step : need.order()) {
                    if (step.tool().canBeOwned()) {
                        purposes.add(new Purpose(need, step));
                    }
                }
            }
            return purposes;
        }
    }

    static int[] best(int[][] grades, int purposes) {
        int[] best = new int[purposes];
        for (int[] row : grades) {
            for (int p = 0; p < purposes; p++) {
                best[p] = Math.max(best[p], row[p]);
            }
        }
        return best;
    }

    /** What covers most; on a tie what is in the whole set, then a comb, then what comes first. */
    private static int justOne(List<Tool> candidates, int[][] offered, CoverProblem problem, List<Integer> chosen) {
        int best = -1;
        int most = 0;
        for (int t = 0; t < offered.length; t++) {
            int[] row = offered[t];
            int value = 4
                    * (int) problem.open().stream()
                            .filter(p -> row[p] > CoverProblem.NOT)
                            .count();
            if (value > 0) {
                value +=
                        (chosen.contains(t) ? 2 : 0) + (candidates.get(t).kind().proves() ? 1 : 0);
            }
            if (value > most) {
                best = t;
                most = value;
            }
        }
        return best;
    }

    private static Purchase purchase(
            Tool tool, int[] grades, Grading grading, List<Purpose> purposes, CoverProblem problem) {
        Set<Section> sections = EnumSet.noneOf(Section.class);
        Set<Section> makeshift = EnumSet.noneOf(Section.class);
        List<Purpose> named = new ArrayList<>();
        for (int p = 0; p < grades.length; p++) {
            if (problem.open().get(p) && grades[p] == CoverProblem.RIGHT) {
                named.add(purposes.get(p));
                sections.add(purposes.get(p).need().section());
            } else if (problem.open().get(p) && grades[p] == CoverProblem.WILL_DO) {
                makeshift.add(purposes.get(p).need().section());
            }
        }
        makeshift.removeAll(sections);
        return new Purchase(
                MiddleOfFit.of(tool, grading, purposes, grades, named),
                List.copyOf(sections),
                List.copyOf(makeshift),
                named.size());
    }

    private static Reason why(List<Purchase> buy) {
        return new Reason(
                "buy.least",
                buy.isEmpty()
                        ? "Your drawer has something that is right or will do for every step at every place."
                        : "No smaller set of tools serves every step at every place together with what you own.");
    }
}
