package rustictangle.core.log;

import rustictangle.core.Choice;

/** What puts a tool aside until it is replaced. Common practice, no published source. */
public enum ToolFault implements Choice {
    SCRATCHES("it scratched your palm"),
    TIPS_MISSING("tips are missing"),
    BENT("pins or wires are bent or loose"),
    ROUGH_TEETH("the teeth are rough");

    private final Words words;

    ToolFault(String label) {
        words = new Words(label);
    }

    @Override
    public Words words() {
        return words;
    }
}
