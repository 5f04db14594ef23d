package rustictangle.core.kit;

import rustictangle.core.Choice;

/** Schools of how the tools go round the dog. Common practice, no published source. */
public enum Structure implements Choice {
    PLACE_BY_PLACE("place by place", "every tool at a place before the next place"),
    TOOL_BY_TOOL(
            "tool by tool",
            "one tool over the whole dog, then the next; the comb comes last and proves place by place");

    private final Words words;

    Structure(String label, String hint) {
        words = new Words(label, hint);
    }

    @Override
    public Words words() {
        return words;
    }
}
