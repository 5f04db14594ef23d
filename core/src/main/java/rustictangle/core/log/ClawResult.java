package rustictangle.core.log;

import rustictangle.core.Choice;

/** What was done with one claw. */
public enum ClawResult implements Choice {
    DONE("done", "the tip is off"),
    LEFT("left for another day", "it may stay as it is"),
    TOO_SHORT("cut too short", "it bleeds");

    private final Words words;

    ClawResult(String label, String hint) {
        words = new Words(label, hint);
    }

    @Override
    public Words words() {
        return words;
    }
}
