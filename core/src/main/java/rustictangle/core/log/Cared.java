package rustictangle.core.log;

import java.util.Optional;

/**
 * A job at the table came to its end.
 *
 * @param signal how the dog took it; empty: nothing is said of that
 * @param words  what was seen; may be empty
 * @param with   what it was done with, where there is a choice; empty: as usual
 */
@Lasts(value = Lasts.For.EVER, answer = true)
public record Cared(CareJob job, CareOutcome outcome, Optional<Signal> signal, String words, Optional<Subject> with)
        implements Said {

    public Cared(CareJob job, CareOutcome outcome, Optional<Signal> signal, String words) {
        this(job, outcome, signal, words, Optional.empty());
    }

    public Cared {
        Limits.refuseMissing("job", job);
        Limits.refuseMissing("outcome", outcome);
        Limits.refuseMissing("words", words);
        Limits.refuseLonger("words", words, Limits.LONGEST_TEXT);
    }

    @Override
    public String inWords() {
        return job.label() + ": " + outcome.label()
                + signal.map(how -> ", " + how.label()).orElse("");
    }
}
