package rustictangle.server.routine;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;
import rustictangle.core.log.CombResult;
import rustictangle.core.routine.GripStep;
import rustictangle.core.routine.Layers;
import rustictangle.core.routine.Method;
import rustictangle.core.routine.Order;
import rustictangle.core.routine.Passes;
import rustictangle.core.routine.Preparation;
import rustictangle.core.routine.Routine;
import rustictangle.core.routine.RoutineStep;
import rustictangle.server.kit.ToolStepView;

/** A routine, with the words to show. */
public record RoutineView(
        Order order,
        String orderLabel,
        Reason whyOrder,
        List<StepView> steps,
        double totalSeconds,
        double fromSeconds,
        double toSeconds,
        Reason whyMinutes,
        List<Reason> cautions,
        Preparation preparation,
        List<OrderView> orders) {

    /** One of the orders to choose from. */
    public record OrderView(Order order, String label, String suits) {}

    private static final List<OrderView> ORDERS = Arrays.stream(Order.values())
            .map(order -> new OrderView(order, order.label(), order.suits()))
            .toList();

    /**
     * One section of a routine.
     *
     * @param parted whether the hair is parted into layers, with the tools there are
     * @param done   what it means that it is done: proved by the comb, or only brushed where there is none
     */
    public record StepView(
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

        static StepView of(RoutineStep step) {
            return new StepView(
                    step.section(),
                    step.tools().stream()
                            .map(tool -> ToolStepView.of(tool, step.parted()))
                            .toList(),
                    step.mist(),
                    step.hold(),
                    step.layers(),
                    step.passes(),
                    step.strokesAtMost(),
                    step.seconds(),
                    step.parted(),
                    step.done(),
                    step.methods(),
                    step.reasons());
        }
    }

    /**
     * Places that are worked in one grip and answered together.
     *
     * @param label  in lower case
     * @param prompt what hands forget, said before it; absent: nothing
     */
    public record GripView(String label, List<Section> sections, Optional<Reason> prompt) {
        public static GripView of(GripStep step) {
            return new GripView(step.label(), step.sections(), step.prompt());
        }
    }

    public static RoutineView of(Routine routine) {
        return new RoutineView(
                routine.order(),
                routine.order().label(),
                routine.whyOrder(),
                routine.steps().stream().map(StepView::of).toList(),
                routine.totalSeconds(),
                routine.fromSeconds(),
                routine.toSeconds(),
                routine.whyMinutes(),
                routine.cautions(),
                routine.preparation(),
                ORDERS);
    }
}
