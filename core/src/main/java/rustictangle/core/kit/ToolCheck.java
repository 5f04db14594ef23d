package rustictangle.core.kit;

import java.time.LocalDate;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Objects;
import java.util.Set;

/**
 * A palm test and look-over of one tool: pressed and drawn over the owner's own palm or inner arm.
 *
 * @param faults empty when it passed
 */
public record ToolCheck(LocalDate day, Set<Fault> faults) {

    /** What puts a tool aside until it is replaced. Common practice, no published source. */
    public enum Fault {
        SCRATCHES("it scratched your palm"),
        TIPS_MISSING("tips are missing"),
        BENT("pins or wires are bent or loose"),
        ROUGH_TEETH("the teeth are rough");

        private final String label;

        Fault(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    public ToolCheck {
        Objects.requireNonNull(day, "day");
        EnumSet<Fault> set = EnumSet.noneOf(Fault.class);
        set.addAll(faults);
        faults = Collections.unmodifiableSet(set);
    }

    public boolean failed() {
        return !faults.isEmpty();
    }
}
