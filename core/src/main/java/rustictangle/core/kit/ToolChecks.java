package rustictangle.core.kit;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Log;
import rustictangle.core.log.ToolCleaned;
import rustictangle.core.log.ToolLookedOver;
import rustictangle.core.log.ToolReplaced;

/** The look-overs of the household's tools; the newest counts. A replacement is one that begins anew. */
public final class ToolChecks {

    private static final Log.Reading<Entry> CHECKS =
            log -> log.stream().filter(entry -> tool(entry).isPresent()).toList();

    private static final Log.Reading<Entry> CLEANED = log -> log.stream()
            .filter(entry -> entry.as(ToolCleaned.class).isPresent())
            .toList();

    private final Map<Long, Entry> newest = new HashMap<>();
    private final Map<Long, Entry> cleaned = new HashMap<>();

    private ToolChecks() {}

    /** @param log of the household */
    public static ToolChecks of(Log log) {
        ToolChecks checks = new ToolChecks();
        log.read(CHECKS).forEach(entry -> checks.newest.put(tool(entry).orElseThrow(), entry));
        log.read(CLEANED)
                .forEach(entry -> checks.cleaned.put(
                        entry.as(ToolCleaned.class).orElseThrow().tool(), entry));
        return checks;
    }

    /** Every tool of which something was said, in the drawer or not. */
    public Set<Long> tools() {
        Set<Long> tools = new HashSet<>(newest.keySet());
        tools.addAll(cleaned.keySet());
        return tools;
    }

    /** When a tool was cleaned last; empty: nobody said. */
    public Optional<Entry> cleaned(long tool) {
        return Optional.ofNullable(cleaned.get(tool));
    }

    private static Optional<Long> tool(Entry entry) {
        return entry.as(ToolLookedOver.class).map(ToolLookedOver::tool).or(() -> entry.as(ToolReplaced.class)
                .map(ToolReplaced::tool));
    }

    /** The latest look-over or replacement of a tool. */
    public Optional<Entry> latest(long tool) {
        return Optional.ofNullable(newest.get(tool));
    }

    /** What was found at the latest look-over; empty: none since it was new. */
    public Optional<ToolCheck> of(long tool) {
        return latest(tool).flatMap(entry -> entry.as(ToolLookedOver.class)
                .map(said -> new ToolCheck(entry.day(), said.faults())));
    }
}
