package rustictangle.server.frame;

/** Everything that was stored is something else now: whoever keeps some of it in memory forgets it. */
public record DataReplaced() { }
