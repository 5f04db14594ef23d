package rustictangle.server.kit;

import rustictangle.core.kit.Manner;
import rustictangle.core.kit.ToolKind;
import rustictangle.core.kit.ToolStep;

/** One tool's turn, with the words to show. */
public record ToolStepView(ToolKind tool, String toolLabel, Manner manner, String mannerLabel) {

    public static ToolStepView of(ToolStep step) {
        return new ToolStepView(step.tool(), step.tool().label(), step.manner(), step.manner().label());
    }
}
