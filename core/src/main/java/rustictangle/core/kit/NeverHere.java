package rustictangle.core.kit;

import rustictangle.core.Reason;

/** A tool that must not be used on a section, and the harm that prevents. */
public record NeverHere(ToolKind tool, Reason why) { }
