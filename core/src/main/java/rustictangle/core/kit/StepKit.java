package rustictangle.core.kit;

import java.util.Optional;

/**
 * One tool's turn, with the owner's tool that serves it best.
 *
 * @param best empty when nothing in the drawer will do, or hands alone do it
 */
public record StepKit(ToolStep step, Optional<Fit> best) {

    /** Whether a tool is asked for and none in the drawer will do. */
    public boolean missing() {
        return !there() && !step.ifOwned();
    }

    /** Whether hands alone do it, or a tool of the drawer. */
    public boolean there() {
        return !step.tool().canBeOwned() || best.isPresent();
    }
}
