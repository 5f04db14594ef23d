package rustictangle.core.routine;

import java.util.List;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.StepKit;

/**
 * One section of today's routine.
 *
 * @param tools         in their turn, each with the owner's best for it
 * @param strokesAtMost strokes on one spot before moving on
 * @param seconds       estimated, a multiple of 10
 */
public record RoutineStep(Section section, List<StepKit> tools, String hold, Layers layers,
        int strokesAtMost, int seconds, List<Reason> reasons) {

    public RoutineStep {
        tools = List.copyOf(tools);
        reasons = List.copyOf(reasons);
    }
}
