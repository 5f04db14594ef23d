package rustictangle.core.log;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;

/**
 * A palm test and look-over of one tool.
 *
 * @param faults empty when it passed
 */
@Lasts(Lasts.For.EVER)
public record ToolLookedOver(long tool, Set<ToolFault> faults) implements Said {

    public ToolLookedOver {
        Limits.refuseNoId("tool", tool);
        EnumSet<ToolFault> set = EnumSet.noneOf(ToolFault.class);
        set.addAll(faults);
        faults = Collections.unmodifiableSet(set);
    }

    @Override
    public String inWords() {
        return "a tool looked over";
    }
}
