package rustictangle.core.kit;

import rustictangle.core.log.ToolProperty;

/**
 * One property of a tool against what a section asks.
 *
 * @param value how well it fits, in [0, 1]; the fit is the product of all parts
 * @param have  what the tool has, quantities in braces
 * @param want  what the section asks, quantities in braces
 */
public record FitPart(ToolProperty property, double value, String have, String want) {}
