package rustictangle.server.routine;

import java.util.List;
import java.util.Optional;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Order;
import rustictangle.core.log.CombResult;
import rustictangle.core.routine.Layers;
import rustictangle.core.routine.Method;
import rustictangle.core.routine.Passes;
import rustictangle.core.routine.Preparation;
import rustictangle.core.routine.Routine;
import rustictangle.core.routine.RoutinePlace;
import rustictangle.core.routine.RoutineStep;
import rustictangle.server.kit.ToolStepView;

/** A routine, with the words to show. */
public record RoutineView(
        Order order,
        Reason whyOrder,
        List<RoutinePlaceView> places,
        double totalSeconds,
        double fromSeconds,
        double toSeconds,
        Reason whyMinutes,
        List<Reason> cautions,
        Preparation preparation) {

    /**
     * One place of a routine.
     *
     * @param parted whether the hair is parted into layers, with the tools there are
     * @param done   what it means that it is done: proved by the comb, or only brushed where there is none
     */
    public record RoutinePlaceView(
            Section section,
            List<ToolStepView> tools,
            Optional<Reason> mist,
            String hold,
            Layers layers,
            Passes passes,
            int strokesAtMost,
            double seconds,
            boolean parted,
            CombResult done,
            List<Method> methods,
            List<Reason> reasons) {

        static RoutinePlaceView of(RoutinePlace place) {
            return new RoutinePlaceView(
                    place.section(),
                    place.tools().stream()
                            .map(tool -> ToolStepView.of(tool, place.parted()))
                            .toList(),
                    place.mist(),
                    place.hold(),
                    place.layers(),
                    place.passes(),
                    place.strokesAtMost(),
                    place.seconds(),
                    place.parted(),
                    place.done(),
                    place.methods(),
                    place.reasons());
        }
    }

    /**
     * Places that are worked in one grip and answered together.
     *
     * @param label  in lower case
     * @param prompt what hands forget, said before it; absent: nothing
     */
    public record RoutineStepView(String label, List<Section> sections, Optional<Reason> prompt) {
        public static RoutineStepView of(RoutineStep step) {
            return new RoutineStepView(step.label(), step.sections(), step.prompt());
        }
    }

    public static RoutineView of(Routine routine) {
        return new RoutineView(
                routine.order(),
                routine.whyOrder(),
                routine.places().stream().map(RoutinePlaceView::of).toList(),
                routine.totalSeconds(),
                routine.fromSeconds(),
                routine.toSeconds(),
                routine.whyMinutes(),
                routine.cautions(),
                routine.preparation());
    }
}
