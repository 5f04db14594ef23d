package rustictangle.core.log;

import java.util.Optional;

/**
 * A job at the table came to its end.
 *
 * @param signal how the dog took it; empty: nothing is said of that
 * @param words  what was seen; may be empty
 * @param with   what it was done with, where there is a choice; empty: as usual
 */
public record Cared(CareJob job, CareOutcome outcome, Optional<Signal> signal, String words, Optional<Subject> with)
        implements Said {

    /** Characters. */
    public static final int MOST = 1000;

    public Cared(CareJob job, CareOutcome outcome, Optional<Signal> signal, String words) {
        this(job, outcome, signal, words, Optional.empty());
    }

    public Cared {
        Missing.refuse("job", job);
        Missing.refuse("outcome", outcome);
        Missing.refuse("words", words);
        Missing.refuseLonger("words", words, MOST);
    }
}
