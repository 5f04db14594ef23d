package rustictangle.core.kit;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;

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

    /** @param drawer what is owned; tools put aside do not count */
    public static Purchases of(Match match, List<Tool> drawer) {
        List<Purpose> purposes = Purpose.of(match);
        List<Tool> candidates = Candidates.of(match);
        int[][] owned = grades(drawer, purposes);
        int[][] offered = grades(candidates, purposes);
        CoverProblem problem = new CoverProblem(best(owned, purposes.size()), offered);
        CoverProblem.Solution solution = problem.solve();
        List<Purchase> buy = new ArrayList<>();
        for (int index : solution.chosen()) {
            buy.add(purchase(candidates.get(index), offered[index], purposes, problem));
        }
        int one = justOne(candidates, offered, problem, solution.chosen());
        Optional<Purchase> justOne = one < 0
                ? Optional.empty()
                : Optional.of(purchase(candidates.get(one), offered[one], purposes, problem));
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

    /** For each tool and purpose: 2 right, 1 will do, 0 neither. */
    static int[][] grades(List<Tool> tools, List<Purpose> purposes) {
        int[][] grades = new int[tools.size()][purposes.size()];
        for (int t = 0; t < tools.size(); t++) {
            for (int p = 0; p < purposes.size(); p++) {
                Verdict verdict = Fit.of(
                                tools.get(t),
                                purposes.get(p).step(),
                                purposes.get(p).need())
                        .verdict();
                grades[t][p] = verdict == Verdict.RIGHT
                        ? CoverProblem.RIGHT
                        : verdict == Verdict.WILL_DO ? CoverProblem.WILL_DO : CoverProblem.NOT;
            }
        }
        return grades;
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

    private static Purchase purchase(Tool tool, int[] grades, List<Purpose> purposes, CoverProblem problem) {
        Set<Section> sections = EnumSet.noneOf(Section.class);
        int steps = 0;
        for (int p = 0; p < grades.length; p++) {
            if (grades[p] > CoverProblem.NOT && problem.open().get(p)) {
                sections.add(purposes.get(p).need().section());
                steps++;
            }
        }
        return new Purchase(tool, List.copyOf(sections), steps);
    }

    private static Reason why(List<Purchase> buy) {
        return new Reason(
                "kit.least-to-buy",
                buy.isEmpty()
                        ? "Your drawer has something that is right or will do for every step at every place."
                        : "No smaller set of tools serves every step at every place together with what you own.");
    }
}
