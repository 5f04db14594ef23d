package rustictangle.core.log;

import java.util.Optional;
import rustictangle.core.dog.Section;

/**
 * The dog warned or bit in practice: hands off, it ends at once.
 *
 * @param section empty for a position
 */
public record PracticeWarned(Subject subject, Optional<Section> section, Warning warning) implements Said {

    public PracticeWarned {
        Missing.refuse("subject", subject);
        Missing.refuse("warning", warning);
    }
}
