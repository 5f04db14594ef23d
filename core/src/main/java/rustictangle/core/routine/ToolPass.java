package rustictangle.core.routine;

import java.util.List;
import java.util.Optional;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;
import rustictangle.core.log.ToolKind;

/**
 * One tool over all places that ask for it, before the comb proves place by place.
 *
 * @param places in the order in which they are worked, each with what of its tools is in hand then
 * @param prompt what hands forget, said before it; empty: nothing
 */
public record ToolPass(ToolKind tool, List<RoutinePlace> places, Optional<Reason> prompt) {

    public ToolPass {
        places = List.copyOf(places);
    }

    public List<Section> sections() {
        return places.stream().map(RoutinePlace::section).toList();
    }

    /** Whether it brings out loose hair, so that it is worth asking how much. */
    public boolean lifts() {
        return places.stream()
                .flatMap(place -> place.tools().stream())
                .map(turn -> turn.step().manner())
                .anyMatch(manner -> switch (manner) {
                    case CIRCLES, AGAINST_LIE_TWICE, EVERY_WAY_IN_STRIPS, LIFT_LOOSE -> true;
                    default -> false;
                });
    }

    public double seconds() {
        return RoutineStep.seconds(places);
    }
}
