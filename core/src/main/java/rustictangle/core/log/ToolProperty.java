package rustictangle.core.log;

import rustictangle.core.Choice;

/** What about a tool can be measured or seen, and decides where it fits. */
public enum ToolProperty implements Choice {
    /** What the tool is made to do, against what is asked here. */
    JOB("made for it"),
    /** Pin or wire length. */
    LENGTH("pin length"),
    PAD("pad"),
    TIPS("tips"),
    /** Whether the head of a slicker gives way. */
    FLEXIBLE("gentleness"),
    HEAD("head shape"),
    WIDTH("head width"),
    SPACING("teeth"),
    /** Length of a comb's teeth. */
    TEETH("tooth length");

    private final Words words;

    ToolProperty(String label) {
        words = new Words(label);
    }

    @Override
    public Words words() {
        return words;
    }
}
