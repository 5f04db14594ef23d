package rustictangle.core.log;

/** A new one of the same kind lies in its place. */
public record ToolReplaced(long tool) implements Said {}
