package rustictangle.server.kit;

import java.util.Optional;
import rustictangle.core.kit.Manner;
import rustictangle.core.kit.StepKit;
import rustictangle.core.log.ToolKind;

/**
 * One tool's turn, with the words to show.
 *
 * @param brief   the manner in a word or two, after the tool's name
 * @param own     the owner's tool that serves it best; absent: none will do, or hands do it
 * @param missing whether a tool is asked for and none in the drawer will do
 */
public record ToolStepView(
        ToolKind tool, Manner manner, String mannerLabel, String brief, Optional<FitView> own, boolean missing) {

    /** @param parted whether the hair is parted into layers; false: one pass reaches the skin */
    public static ToolStepView of(StepKit step, boolean parted) {
        Manner manner = step.step().manner();
        String who = step.there() ? "" : step.step().ifOwned() ? ", for those who have one" : "";
        return new ToolStepView(
                step.step().tool(),
                manner,
                (parted ? manner.label() : manner.inOnePass()) + who,
                manner.brief(parted),
                step.best().map(FitView::of),
                step.missing());
    }
}
