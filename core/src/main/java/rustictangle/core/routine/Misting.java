package rustictangle.core.routine;

import java.util.List;
import java.util.Optional;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.ToolStep;
import rustictangle.core.log.ToolKind;

/** Where the mist goes, and how. Common practice, no published source. */
final class Misting {

    /** Said beside the dog, too: there it is forgotten. */
    private static final Reason NEVER_TOWARD_THE_FACE =
            new Reason("routine.mist-face", "onto your palm or the comb, never toward the face; a hand over the eyes.");

    private Misting() {}

    /** Empty where no mist is asked for. */
    static Optional<Reason> at(Section section, List<ToolStep> order) {
        return order.stream()
                .filter(step -> step.tool() == ToolKind.MIST)
                .findFirst()
                .map(step -> switch (step.manner()) {
                    case FROM_PALM -> NEVER_TOWARD_THE_FACE;
                    case ON_TOOL -> new Reason("routine.mist", "onto the tool, away from the dog, then work.");
                    default -> new Reason("routine.mist", lifted(section));
                });
    }

    private static String lifted(Section section) {
        return section == Section.REAR_TROUSERS
                ? "lift the hair, mist beneath, a little more than elsewhere; not soaked."
                : "lift the hair and mist lightly beneath; damp to the touch, not soaked.";
    }
}
