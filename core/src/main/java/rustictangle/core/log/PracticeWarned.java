package rustictangle.core.log;

import java.util.Optional;
import rustictangle.core.dog.Section;

/**
 * The dog warned or bit in practice: hands off, it ends at once.
 *
 * @param section empty for a position
 */
@Lasts(value = Lasts.For.A_YEAR, answer = true)
public record PracticeWarned(Subject subject, Optional<Section> section, Warning warning) implements Said {

    public PracticeWarned {
        Limits.refuseMissing("subject", subject);
        Limits.refuseMissing("warning", warning);
    }

    @Override
    public String inWords() {
        return "practice, " + Said.at(Optional.of(subject.label()), section) + ": it " + warning.label();
    }
}
