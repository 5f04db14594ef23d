package rustictangle.core.buy;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import rustictangle.core.Reason;
import rustictangle.core.coat.Coat;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Approach;
import rustictangle.core.kit.Match;
import rustictangle.core.kit.Need;
import rustictangle.core.kit.Tool;
import rustictangle.core.kit.ToolStep;
import rustictangle.core.log.ToolKind;

/**
 * The least to buy, so that every step at every section has a tool that is right or will do.
 *
 * @param buy        the smallest such set; among equally small ones, the one that leaves least at "will
 *                   do", what leads at the places that rub most counting most; empty when the drawer covers everything
 * @param justOne    if only one thing is bought: what covers most of the open steps. Empty when nothing is
 *                   needed
 * @param better     one thing more, that makes right most of what is at "will do" then; empty: hardly anything does
 * @param openSteps  steps over all sections that no tool in the drawer serves
 * @param leftAtWillDo steps over all sections that, after buying, still have no right tool
 * @param why        what the set rests on
 */
public record Purchases(
        List<Purchase> buy,
        Optional<Purchase> justOne,
        Optional<Purchase> better,
        int openSteps,
        int leftAtWillDo,
        Reason why) {

    /** For fewer steps nothing more is named. Own choice. */
    private static final int WORTH_NAMING = 4;

    public Purchases {
        buy = List.copyOf(buy);
    }

    /**
     * For this owner: the school that was chosen is followed to the letter.
     *
     * @param coat   as it is, and as long as it will be
     * @param drawer what is owned; tools put aside do not count
     */
    public static Purchases of(Dog dog, Growing coat, Approach approach, List<Tool> drawer) {
        return of(Matches.of(dog, coat, approach), grading(approach), drawer);
    }

    /**
     * A coat of today, and the longest that it will be before it is cut again: what is bought serves both.
     *
     * @param longest the same as {@code now} where nothing grows on
     */
    public record Growing(Coat now, Coat longest) {

        /** A coat that stays as it is. */
        public static Growing steady(Coat coat) {
            return new Growing(coat, coat);
        }

        /**
         * Said where longer hair asks for other tools than today's.
         *
         * @param until when it is cut again
         */
        public Optional<Reason> why(Dog dog, Approach approach, LocalDate until) {
            Matches matches = Matches.of(dog, this, approach);
            return matches.differ()
                    ? Optional.of(new Reason(
                            "buy.until-groom",
                            "Chosen for today’s hair and for what it will be by {" + until
                                    + " date}, when it is cut again: nothing has to be bought twice."))
                    : Optional.empty();
        }
    }

    /** What today's hair asks for, and the longest. */
    record Matches(Match now, Match longest) {

        static Matches of(Dog dog, Growing coat, Approach approach) {
            return new Matches(Match.of(dog, coat.now, approach), Match.of(dog, coat.longest, approach));
        }

        private boolean differ() {
            return Arrays.stream(Section.values())
                    .anyMatch(section ->
                            !now.at(section).pins().equals(longest.at(section).pins())
                                    || !now.at(section)
                                            .order()
                                            .equals(longest.at(section).order()));
        }
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
    public static ToPay toPay(
            Dog dog, Growing coat, Approach approach, List<Tool> drawer, Map<ToolKind, Double> prices) {
        Grading grading = grading(approach);
        Matches match = Matches.of(dog, coat, approach);
        List<Purpose> purposes = Purpose.of(match);
        List<Tool> candidates = Candidates.of(match);
        Graded graded = Graded.of(grading, purposes, drawer, candidates);
        int[][] offered = graded.offered;
        CoverProblem fewest = new CoverProblem(graded.owned, offered, graded.weights);
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
        CoverProblem problem = new CoverProblem(graded.owned, offered, graded.weights, cents);
        List<Integer> chosen = problem.cheapest(atMost).chosen();
        return new ToPay(
                List.copyOf(useful),
                List.of(),
                chosen.stream()
                        .map(t -> purchase(candidates.get(t), grading, purposes, problem.open()))
                        .toList(),
                chosen.stream().mapToInt(t -> cents[t]).sum() / (double) CENTS);
    }

    static Purchases of(Match match, Grading grading, List<Tool> drawer) {
        return of(new Matches(match, match), grading, drawer);
    }

    private static Purchases of(Matches match, Grading grading, List<Tool> drawer) {
        List<Purpose> purposes = Purpose.of(match);
        List<Tool> candidates = Candidates.of(match);
        Graded graded = Graded.of(grading, purposes, drawer, candidates);
        int[][] offered = graded.offered;
        CoverProblem problem = new CoverProblem(graded.owned, offered, graded.weights);
        List<Integer> chosen = problem.solve().chosen();
        List<Purchase> buy = new ArrayList<>();
        for (int index : chosen) {
            buy.add(purchase(candidates.get(index), grading, purposes, problem.open()));
        }
        int one = justOne(candidates, offered, problem, chosen);
        Optional<Purchase> justOne = one < 0
                ? Optional.empty()
                : Optional.of(purchase(candidates.get(one), grading, purposes, problem.open()));
        BitSet left = new BitSet();
        for (int p = 0; p < purposes.size(); p++) {
            int purpose = p;
            left.set(
                    p,
                    graded.owned[p] != CoverProblem.RIGHT
                            && chosen.stream().noneMatch(t -> offered[t][purpose] == CoverProblem.RIGHT));
        }
        return new Purchases(
                buy,
                justOne,
                candidates.stream()
                        .map(tool -> purchase(tool, grading, purposes, left))
                        .filter(tool -> tool.forSteps() >= WORTH_NAMING)
                        .max(Comparator.comparingInt(Purchase::forSteps)),
                problem.open().cardinality(),
                left.cardinality(),
                why(buy, !purposes.isEmpty()));
    }

    /**
     * A step at a section that needs a tool.
     *
     * @param later what the same step needs when the hair is longest; a tool serves it as well as it serves the worse of both
     */
    record Purpose(Need need, ToolStep step, Need later) {

        /** What leads counts so much more than all else. Own choice. */
        private static final int LEADS = 10;

        private boolean leads() {
            return step.tool() == need.lead();
        }

        /** There nothing stands in for what leads but what is as right. */
        boolean leadsWhereItMatsFirst() {
            return leads() && need.hair().kind().mats() && need.section().priority();
        }

        static int[] weights(List<Purpose> purposes) {
            return purposes.stream()
                    .mapToInt(purpose -> purpose.leads()
                            ? (int) Math.ceil(
                                    LEADS * purpose.need().section().friction().factor())
                            : 1)
                    .toArray();
        }

        static List<Purpose> of(Matches match) {
            List<Purpose> purposes = new ArrayList<>();
            for (Need need : match.now.needs()) {
                Need later = match.longest.at(need.section());
                for (ToolStep step : bought(need)) {
                    purposes.add(new Purpose(need, step, bought(later).contains(step) ? later : need));
                }
                // What only the longer hair asks for.
                bought(later).stream()
                        .filter(step -> !bought(need).contains(step))
                        .forEach(step -> purposes.add(new Purpose(later, step, later)));
            }
            return purposes;
        }

        private static List<ToolStep> bought(Need need) {
            return need.order().stream()
                    .filter(step -> step.tool().canBeOwned() && !step.ifOwned())
                    .toList();
        }

        /** Of today and of when it is longest. */
        List<Need> needs() {
            return need.equals(later) ? List.of(need) : List.of(need, later);
        }
    }

    /**
     * What is owned and offered, as each is graded once it is owned; behind that, of little weight, whether it is right and
     * just as asked for, so that of two that are as good the one in the middle of what suits is bought.
     *
     * @param owned   the best of the drawer for each purpose
     * @param offered by offer and purpose
     * @param weights of the purposes
     */
    record Graded(int[] owned, int[][] offered, int[] weights) {

        /** More than all that is just as asked for can weigh together. */
        private static final int MORE = 1000;

        static Graded of(Grading grading, List<Purpose> purposes, List<Tool> drawer, List<Tool> candidates) {
            int[] weights = Purpose.weights(purposes);
            int[] owned = best(both(grading, purposes, drawer), 2 * purposes.size());
            // Nothing has to be just as asked for.
            Arrays.setAll(owned, p -> p < purposes.size() ? owned[p] : Math.max(CoverProblem.WILL_DO, owned[p]));
            return new Graded(
                    owned,
                    both(grading, purposes, candidates),
                    IntStream.concat(Arrays.stream(weights).map(weight -> MORE * weight), Arrays.stream(weights))
                            .toArray());
        }

        private static int[][] both(Grading grading, List<Purpose> purposes, List<Tool> tools) {
            int[][] grades = grading.grades(tools, purposes);
            int[][] asAskedFor = grading.asAskedFor(tools, purposes);
            return IntStream.range(0, tools.size())
                    .mapToObj(t -> IntStream.concat(
                                    Arrays.stream(grades[t]),
                                    Arrays.stream(asAskedFor[t]).map(grade -> Math.max(CoverProblem.WILL_DO, grade)))
                            .toArray())
                    .toArray(int[][]::new);
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

    /** @param wanting for what it is bought */
    private static Purchase purchase(Tool tool, Grading grading, List<Purpose> purposes, BitSet wanting) {
        int[] asAskedFor = grading.asAskedFor(List.of(tool), purposes)[0];
        int[] grades = grading.grades(List.of(tool), purposes)[0];
        Set<Section> sections = EnumSet.noneOf(Section.class);
        Set<Section> makeshift = EnumSet.noneOf(Section.class);
        List<Purpose> named = new ArrayList<>();
        for (int p = 0; p < grades.length; p++) {
            if (wanting.get(p) && asAskedFor[p] == CoverProblem.RIGHT) {
                named.add(purposes.get(p));
                sections.add(purposes.get(p).need().section());
            } else if (wanting.get(p) && grades[p] > CoverProblem.NOT) {
                makeshift.add(purposes.get(p).need().section());
            }
        }
        makeshift.removeAll(sections);
        return new Purchase(
                MiddleOfFit.of(tool, grading, purposes, named),
                List.copyOf(sections),
                List.copyOf(makeshift),
                named.size(),
                purposes.stream().anyMatch(purpose -> purpose.need().weakHand()));
    }

    private static Reason why(List<Purchase> buy, boolean anything) {
        return anything
                ? new Reason(
                        "buy.least",
                        buy.isEmpty()
                                ? "Your drawer has something that is right or will do for every step at every place."
                                : "No smaller set of tools serves every step at every place together with what you own.")
                : new Reason(
                        "buy.hands", "Nothing of this coat is brushed or combed: hands and a cloth are all it takes.");
    }
}
