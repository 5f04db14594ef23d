package rustictangle.server.routine;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;
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

    /** One section of a routine. */
    public record StepView(
            Section section,
            List<ToolStepView> tools,
            Optional<Reason> mist,
            String hold,
            Layers layers,
            Passes passes,
            int strokesAtMost,
            double seconds,
            List<Method> methods,
            List<Reason> reasons) {

        static StepView of(RoutineStep step) {
            return new StepView(
                    step.section(),
                    step.tools().stream()
                            .map(tool -> ToolStepView.of(tool, step.layers().count() > 1))
                            .toList(),
                    step.mist(),
                    step.hold(),
                    step.layers(),
                    step.passes(),
                    step.strokesAtMost(),
                    step.seconds(),
                    step.methods(),
                    step.reasons());
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
