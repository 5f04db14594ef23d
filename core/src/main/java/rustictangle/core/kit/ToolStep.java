package rustictangle.core.kit;

import rustictangle.core.log.ToolKind;

/** One tool's turn on a section. */
public record ToolStep(ToolKind tool, Manner manner) {}
