package rustictangle.core.trust;

import java.util.Objects;
import java.util.Optional;
import rustictangle.core.Refused;
import rustictangle.core.dog.Section;
import rustictangle.core.log.Subject;

/**
 * One ladder of one dog.
 *
 * @param section empty for a position
 */
public record Spot(Subject subject, Optional<Section> section) {

    public Spot {
        Objects.requireNonNull(subject, "subject");
        if (subject.placeByPlace() != section.isPresent()) {
            throw new Refused(
                    "section",
                    subject.placeByPlace()
                            ? "section missing: the " + subject.label() + " is learned place by place"
                            : "section " + section.get() + " with " + subject.label()
                                    + ", need none: it is learned once");
        }
    }

    static Spot at(Subject subject, Section section) {
        return new Spot(subject, Optional.of(section));
    }
}
