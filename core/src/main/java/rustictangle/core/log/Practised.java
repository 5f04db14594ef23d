package rustictangle.core.log;

import java.util.Optional;
import rustictangle.core.Choice;
import rustictangle.core.Refused;
import rustictangle.core.dog.Section;

/**
 * One answer of the dog in practice.
 *
 * @param subject empty: the tool that leads at this section
 * @param section empty for a position
 * @param wetted  how much of it got wet, as in a bath; empty: it stayed dry
 */
@Lasts(value = Lasts.For.A_YEAR, answer = true)
public record Practised(Optional<Subject> subject, Optional<Section> section, Signal signal, Optional<BathKind> wetted)
        implements Said {

    public Practised {
        Limits.refuseMissing("signal", signal);
        if (subject.isEmpty() && section.isEmpty()) {
            throw new Refused("subject", "Neither subject nor section is given; name at least one.");
        }
    }

    /** One that stayed dry. */
    public Practised(Optional<Subject> subject, Optional<Section> section, Signal signal) {
        this(subject, section, signal, Optional.empty());
    }

    @Override
    public String inWords() {
        return "practice, " + Said.at(subject.map(Choice::label), section) + ": " + signal.label();
    }
}
