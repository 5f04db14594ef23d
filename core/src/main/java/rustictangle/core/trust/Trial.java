package rustictangle.core.trust;

import java.time.LocalDate;
import java.util.Objects;
import java.util.Optional;
import rustictangle.core.dog.Section;

/**
 * One answer of the dog, in a practice or in a brushing session.
 *
 * @param subject empty: the tool that leads at this section
 * @param section empty for a position
 */
public record Trial(LocalDate day, Optional<Subject> subject, Optional<Section> section, Signal signal) {

    public Trial {
        Objects.requireNonNull(day, "day");
        Objects.requireNonNull(signal, "signal");
        if (subject.isEmpty() && section.isEmpty()) {
            throw new IllegalArgumentException("neither subject nor section, need at least one");
        }
    }

    /** With the tool that leads there. */
    public static Trial at(LocalDate day, Section section, Signal signal) {
        return new Trial(day, Optional.empty(), Optional.of(section), signal);
    }
}
