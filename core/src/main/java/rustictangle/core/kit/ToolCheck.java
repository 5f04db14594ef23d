package rustictangle.core.kit;

import java.time.LocalDate;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Objects;
import java.util.Set;
import rustictangle.core.log.ToolFault;

/**
 * A palm test and look-over of one tool: pressed and drawn over the owner's own palm or inner arm.
 *
 * @param faults empty when it passed
 */
public record ToolCheck(LocalDate day, Set<ToolFault> faults) {

    public ToolCheck {
        Objects.requireNonNull(day, "day");
        EnumSet<ToolFault> set = EnumSet.noneOf(ToolFault.class);
        set.addAll(faults);
        faults = Collections.unmodifiableSet(set);
    }

    public boolean failed() {
        return !faults.isEmpty();
    }
}
