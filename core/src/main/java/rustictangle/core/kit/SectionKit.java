package rustictangle.core.kit;

import java.util.List;
import java.util.Optional;
import rustictangle.core.log.ToolKind;

/**
 * What one section asks, and what the drawer answers.
 *
 * @param steps in the order of the need
 * @param fits  every tool of the drawer at the step it serves best here, best first
 * @param ownedReach how deep the pins of those reach that serve the leading step, mm: each counts by how well it serves,
 *              so that a brush a little better than another changes the work a little; empty: none is measured
 */
public record SectionKit(Need need, List<StepKit> steps, List<Fit> fits, Optional<Double> ownedReach) {

    /** Teeth of a grooming comb that still reach the skin, mm. Own estimate. */
    private static final double COMB_TEETH_MM = 28;

    public SectionKit {
        steps = List.copyOf(steps);
        fits = List.copyOf(fits);
    }

    /**
     * How deep the leading pins or teeth reach, mm: those of the owner's tools that are measured, else the middle of the
     * window, or a usual comb's. Empty where nothing is led through in partings.
     */
    public Optional<Double> reachMillimetres() {
        return switch (need.parting()) {
            case NONE -> Optional.empty();
            case THICK_LAYERS -> ownedReach.or(() -> Optional.of(COMB_TEETH_MM));
            case STRIPS, LAYERS -> ownedReach.or(() -> need.pins().map(PinWindow::middleMillimetres));
        };
    }

    /** The same on a day or for a dog on which that tool is not used. */
    public SectionKit without(ToolKind tool) {
        return new SectionKit(
                need, steps.stream().filter(step -> step.step().tool() != tool).toList(), fits, ownedReach);
    }

    /** Whether what there is shows that the skin was reached, or nobody asks for it. */
    public boolean proves() {
        return need.proof().isEmpty()
                || steps.stream().anyMatch(step -> step.best()
                        .filter(fit -> fit.tool().kind().work() == ToolKind.Work.COMB)
                        .isPresent());
    }

    /** The owner's tool for the leading step; empty when none will do. */
    public Optional<Fit> leading() {
        return steps.stream()
                .filter(step -> step.step().tool() == need.lead())
                .reduce((first, second) -> second)
                .flatMap(StepKit::best);
    }
}
