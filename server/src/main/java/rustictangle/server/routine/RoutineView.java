package rustictangle.server.routine;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Order;
import rustictangle.core.kit.StepKit;
import rustictangle.core.kit.Structure;
import rustictangle.core.log.CombResult;
import rustictangle.core.log.SessionBegun.BegunPass;
import rustictangle.core.log.ToolKind;
import rustictangle.core.routine.Course;
import rustictangle.core.routine.Layers;
import rustictangle.core.routine.Method;
import rustictangle.core.routine.Passes;
import rustictangle.core.routine.Preparation;
import rustictangle.core.routine.Routine;
import rustictangle.core.routine.RoutinePlace;
import rustictangle.core.routine.RoutineStep;
import rustictangle.core.routine.ToolPass;
import rustictangle.server.kit.ToolStepView;

/** A routine, with the words to show. */
public record RoutineView(
        Order order,
        Reason whyOrder,
        Structure structure,
        Reason whyStructure,
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
     * @param holdUnparted how, while a tool is in hand for which nothing is parted
     * @param parted whether the hair is parted into layers, with the tools there are
     * @param done   what it means that it is done: proved by the comb, or only brushed where there is none
     */
    public record RoutinePlaceView(
            Section section,
            List<ToolStepView> tools,
            Optional<Reason> mist,
            String hold,
            String holdUnparted,
            Layers layers,
            Passes passes,
            int strokesAtMost,
            double seconds,
            boolean parted,
            CombResult done,
            List<Method> methods,
            List<Reason> reasons) {

        /** @param passes of the session it belongs to; none: place by place */
        static RoutinePlaceView of(RoutinePlace place, List<BegunPass> passes) {
            return new RoutinePlaceView(
                    place.section(),
                    place.tools().stream()
                            .map(tool -> ToolStepView.of(place, tool, pass(place, tool, passes)))
                            .toList(),
                    place.mist(),
                    place.hold(),
                    place.holdUnparted(),
                    place.layers(),
                    place.passes(),
                    place.strokesAtMost(),
                    place.seconds(),
                    place.parted(),
                    place.done(),
                    place.methods(),
                    place.reasons());
        }

        private static Optional<Integer> pass(RoutinePlace place, StepKit tool, List<BegunPass> passes) {
            Optional<ToolKind> round = Course.at(place, tool);
            return IntStream.rangeClosed(1, passes.size())
                    .filter(number ->
                            round.equals(Optional.of(passes.get(number - 1).tool()))
                                    && passes.get(number - 1).sections().contains(place.section()))
                    .boxed()
                    .findFirst();
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

    /**
     * One tool over all places that ask for it.
     *
     * @param label  of the tool
     * @param lifts  whether it brings out loose hair, so that it is worth asking how much
     * @param prompt what hands forget, said before it; absent: nothing
     */
    public record ToolPassView(
            ToolKind tool,
            String label,
            List<Section> sections,
            double seconds,
            boolean lifts,
            Optional<Reason> prompt) {
        public static ToolPassView of(ToolPass pass) {
            return new ToolPassView(
                    pass.tool(), pass.tool().label(), pass.sections(), pass.seconds(), pass.lifts(), pass.prompt());
        }
    }

    public static RoutineView of(Routine routine) {
        return of(routine, List.of());
    }

    /** @param passes of the session it belongs to; none: place by place */
    public static RoutineView of(Routine routine, List<BegunPass> passes) {
        return new RoutineView(
                routine.order(),
                routine.whyOrder(),
                routine.structure(),
                routine.whyStructure(),
                routine.places().stream()
                        .map(place -> RoutinePlaceView.of(place, passes))
                        .toList(),
                routine.totalSeconds(),
                routine.fromSeconds(),
                routine.toSeconds(),
                routine.whyMinutes(),
                routine.cautions(),
                routine.preparation());
    }
}
