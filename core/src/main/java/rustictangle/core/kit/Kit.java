package rustictangle.core.kit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;

/**
 * The drawer held against everything the dog asks.
 *
 * @param sections   one per section, in the order of {@link Section}
 * @param incomplete why this kit cannot do the job however much is in it; empty when it can
 */
public record Kit(Match match, List<SectionKit> sections, Optional<Reason> incomplete) {

    /** The better of two brushes is in the hand nearly always; of two alike, each half the time. Own estimate. */
    private static final double BEST_BY_FAR = 12;

    private static final Comparator<Fit> BEST_FIRST = (a, b) -> {
        int byScore = Double.compare(b.score(), a.score());
        int byVerdict = byScore != 0 ? byScore : a.verdict().compareTo(b.verdict());
        return byVerdict != 0 ? byVerdict : Long.compare(a.tool().id(), b.tool().id());
    };

    public Kit {
        sections = List.copyOf(sections);
    }

    /** @param drawer the owner's tools, put aside or not */
    public static Kit of(Match match, List<Tool> drawer) {
        List<SectionKit> sections = new ArrayList<>(match.needs().size());
        for (Need need : match.needs()) {
            sections.add(section(need, drawer));
        }
        return new Kit(match, sections, incomplete(match, drawer));
    }

    public SectionKit at(Section section) {
        return sections.get(section.ordinal());
    }

    /** The sections where brush or comb has a job. */
    public List<Section> brushed() {
        return sections.stream()
                .map(SectionKit::need)
                .filter(Need::brushed)
                .map(Need::section)
                .toList();
    }

    private static SectionKit section(Need need, List<Tool> drawer) {
        List<ToolStep> order = need.order();
        Fit[] bestAt = new Fit[order.size()];
        List<Fit> fits = new ArrayList<>(drawer.size());
        int leading = need.leading();
        double reach = 0;
        double weights = 0;
        for (Tool tool : drawer) {
            Fit[] here = Fit.atEachStep(tool, need);
            Fit best = here[0];
            for (int s = 0; s < here.length; s++) {
                best = better(best, here[s]);
                if (here[s].verdict().serves()) {
                    bestAt[s] = better(bestAt[s], here[s]);
                }
            }
            fits.add(best);
            if (leading >= 0
                    && here[leading].verdict().serves()
                    && tool.pinMillimetres().isPresent()) {
                double weight = Math.pow(here[leading].score(), BEST_BY_FAR);
                reach += weight * tool.pinMillimetres().orElseThrow();
                weights += weight;
            }
        }
        fits.sort(BEST_FIRST);
        List<StepKit> steps = new ArrayList<>(order.size());
        for (int s = 0; s < bestAt.length; s++) {
            steps.add(new StepKit(order.get(s), Optional.ofNullable(bestAt[s])));
        }
        return new SectionKit(need, steps, fits, weights > 0 ? Optional.of(reach / weights) : Optional.empty());
    }

    /** The first stays on a tie, so that a drawer is always read the same way. */
    private static Fit better(Fit first, Fit second) {
        return first == null || second.score() > first.score() ? second : first;
    }

    /** Almost every practitioner agrees: without a comb you do not know. */
    private static Optional<Reason> incomplete(Match match, List<Tool> drawer) {
        boolean mats = match.needs().stream().anyMatch(need -> need.proof().isPresent());
        boolean comb = drawer.stream().anyMatch(tool -> tool.kind().proves() && !tool.putAside());
        return mats && !comb
                ? Optional.of(
                        new Reason(
                                "kit.incomplete",
                                "Without a comb you do not know: a brush can glide over felt. A comb is the first thing to get."))
                : Optional.empty();
    }
}
