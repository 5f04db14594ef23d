package rustictangle.core.kit;

/** One tool's turn on a section. */
public record ToolStep(ToolKind tool, Manner manner) {}
