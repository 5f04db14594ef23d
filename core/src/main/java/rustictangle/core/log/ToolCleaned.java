package rustictangle.core.log;

/** Cleared of hair and washed, so that it works again. */
public record ToolCleaned(long tool) implements Said {}
