package rustictangle.core.kit;

import java.util.List;
import rustictangle.core.Reason;
import rustictangle.core.log.ToolKind;

/**
 * Tools that must not be used on a section, and the harm that prevents.
 *
 * @param label what to call them together
 */
public record NeverHere(List<ToolKind> tools, String label, Reason why) {

    public NeverHere {
        tools = List.copyOf(tools);
    }
}
