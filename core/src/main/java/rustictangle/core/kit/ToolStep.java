package rustictangle.core.kit;

import rustictangle.core.log.ToolKind;

/**
 * One tool's turn on a section.
 *
 * @param ifOwned whether it is good to have but nobody is sent to buy it
 */
public record ToolStep(ToolKind tool, Manner manner, boolean ifOwned) {

    public ToolStep(ToolKind tool, Manner manner) {
        this(tool, manner, false);
    }

    ToolStep led(Manner otherwise) {
        return new ToolStep(tool, otherwise, ifOwned);
    }

    ToolStep with(ToolKind other) {
        return new ToolStep(other, manner, ifOwned);
    }
}
