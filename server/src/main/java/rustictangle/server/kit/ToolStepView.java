package rustictangle.server.kit;

import java.util.Optional;
import rustictangle.core.kit.Manner;
import rustictangle.core.kit.Parting;
import rustictangle.core.kit.StepKit;
import rustictangle.core.log.ToolKind;
import rustictangle.core.routine.RoutinePlace;

/**
 * One tool's turn, with the words to show.
 *
 * @param brief   the manner in a word or two, after the tool's name
 * @param own     the owner's tool that serves it best; absent: none will do, or hands do it
 * @param parts   whether the hair is parted for it, where it is parted
 * @param share   of the time at the place, in (0, 1]; 0 where no time is told
 * @param pass    the tool's pass over the whole dog in which it is done, by its number from 1; absent: at the place's step
 * @param missing whether a tool is asked for and none in the drawer will do
 */
public record ToolStepView(
        ToolKind tool,
        Manner manner,
        String mannerLabel,
        String brief,
        Optional<FitView> own,
        boolean parts,
        double share,
        Optional<Integer> pass,
        boolean missing) {

    /** What is asked for, nothing being parted or timed yet. */
    static ToolStepView of(StepKit step) {
        return of(step, true, 0, Optional.empty());
    }

    /** @param pass see {@link ToolStepView} */
    public static ToolStepView of(RoutinePlace place, StepKit step, Optional<Integer> pass) {
        return of(step, place.parted(), place.share(step), pass);
    }

    private static ToolStepView of(StepKit step, boolean parted, double share, Optional<Integer> pass) {
        Manner manner = step.step().manner();
        String who = step.there() ? "" : step.step().ifOwned() ? ", for those who have one" : "";
        return new ToolStepView(
                step.step().tool(),
                manner,
                (parted ? manner.label() : manner.inOnePass()) + who,
                manner.brief(parted),
                step.best().map(FitView::of),
                manner.parting() != Parting.NONE,
                share,
                pass,
                step.missing());
    }
}
