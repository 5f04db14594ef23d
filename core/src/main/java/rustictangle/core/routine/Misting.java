package rustictangle.core.routine;

import java.util.List;
import java.util.Optional;
import rustictangle.core.Reason;
import rustictangle.core.dog.Region;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Manner;
import rustictangle.core.kit.ToolStep;
import rustictangle.core.log.ToolKind;

/** Where the mist goes, and how. Common practice, no published source. */
final class Misting {

    private Misting() {}

    /** Empty where no mist is asked for. */
    static Optional<Reason> at(Section section, List<ToolStep> order) {
        return order.stream()
                .filter(step -> step.tool() == ToolKind.MIST)
                .findFirst()
                .map(step -> new Reason("routine.mist", how(section, step.manner())));
    }

    private static String how(Section section, Manner manner) {
        if (section.region() == Region.HEAD || section.region() == Region.EARS) {
            return "onto your palm or the comb, never toward the face; a hand over the eyes.";
        }
        if (manner == Manner.ON_TOOL) {
            return "onto the tool, away from the dog, then work.";
        }
        return section == Section.REAR_TROUSERS
                ? "lift the hair, mist beneath, a little more than elsewhere; not soaked."
                : "lift the hair and mist lightly beneath; damp to the touch, not soaked.";
    }
}
