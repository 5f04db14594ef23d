package rustictangle.core.kit;

import java.util.List;
import java.util.Optional;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;

/**
 * What one section asks of the tools.
 *
 * @param lead    the tool that does the brushing
 * @param pins    pin or wire length of any pinned tool used here; empty on a smooth coat and on the
 *                face, where the comb leads
 * @param pad     how firmly those pins are held; empty where pins are
 * @param order   every tool in its turn
 * @param proof   the comb that shows whether the skin was reached; empty on a smooth coat
 * @param never   what must not be used here
 * @param reasons all of them, in the order of the answers they explain
 */
public record Need(Section section, ToolKind lead, Optional<PinWindow> pins, Optional<Pad> pad,
        List<ToolStep> order, Optional<ToolKind> proof, List<NeverHere> never,
        List<Reason> reasons) {

    public Need {
        order = List.copyOf(order);
        never = List.copyOf(never);
        reasons = List.copyOf(reasons);
    }
}
