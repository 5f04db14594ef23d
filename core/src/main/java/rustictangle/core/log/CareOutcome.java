package rustictangle.core.log;

import rustictangle.core.Choice;

/** How a job at the table ended. */
public enum CareOutcome implements Choice {
    DONE("done", ""),
    NOTHING_NEEDED("nothing was needed", "looked at, and left alone"),
    LEFT("left for another day", "the dog had enough, or you had"),
    FOR_THE_VET("something for the vet", "nothing more is done there until it was seen");

    private final Words words;

    CareOutcome(String label, String hint) {
        words = new Words(label, hint);
    }

    @Override
    public Words words() {
        return words;
    }

    /** Whether the job is off the table until its next turn. */
    public boolean settles() {
        return this == DONE || this == NOTHING_NEEDED;
    }
}
