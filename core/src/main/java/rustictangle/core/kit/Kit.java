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

    private static final Comparator<Fit> BEST_FIRST = Comparator.comparingDouble((Fit fit) -> fit.score()).reversed()
            .thenComparing(Fit::verdict).thenComparing(fit -> fit.tool().id());

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

    private static SectionKit section(Need need, List<Tool> drawer) {
        List<Fit> fits = new ArrayList<>(drawer.size());
        for (Tool tool : drawer) {
            fits.add(Fit.best(tool, need));
        }
        fits.sort(BEST_FIRST);
        List<StepKit> steps = new ArrayList<>(need.order().size());
        for (ToolStep step : need.order()) {
            steps.add(new StepKit(step, best(need, step, drawer)));
        }
        return new SectionKit(need, steps, fits);
    }

    private static Optional<Fit> best(Need need, ToolStep step, List<Tool> drawer) {
        Fit best = null;
        for (Tool tool : drawer) {
            Fit fit = Fit.of(tool, step, need);
            if (fit.verdict().serves() && (best == null || fit.score() > best.score())) {
                best = fit;
            }
        }
        return Optional.ofNullable(best);
    }

    /** Almost every practitioner agrees: without a comb you do not know. */
    private static Optional<Reason> incomplete(Match match, List<Tool> drawer) {
        boolean mats = match.needs().stream().anyMatch(need -> need.proof().isPresent());
        boolean comb = drawer.stream().anyMatch(tool -> tool.kind().proves() && !tool.putAside());
        return mats && !comb ? Optional.of(new Reason("kit.incomplete",
                "Without a comb you do not know: a brush can glide over felt. This kit is incomplete until it "
                        + "has one.")) : Optional.empty();
    }
}
