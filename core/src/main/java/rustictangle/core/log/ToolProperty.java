package rustictangle.core.log;

/** What about a tool can be measured or seen, and decides where it fits. */
public enum ToolProperty {
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
    SPACING("teeth");

    private final String label;

    ToolProperty(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
