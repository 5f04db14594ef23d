package rustictangle.core.log;

import java.util.Optional;

/**
 * A job at the table came to its end.
 *
 * @param signal how the dog took it; empty: nothing is said of that
 * @param words  what was seen; may be empty
 */
public record Cared(CareJob job, CareOutcome outcome, Optional<Signal> signal, String words) implements Said {

    /** Characters. */
    public static final int MOST = 1000;

    public Cared {
        Missing.refuse("job", job);
        Missing.refuse("outcome", outcome);
        Missing.refuse("words", words);
        Missing.refuseLonger("words", words, MOST);
    }
}
