package rustictangle.core.log;

import java.util.Optional;
import rustictangle.core.Refused;
import rustictangle.core.dog.Section;

/**
 * The owner begins a ladder again from a rung of their choice.
 *
 * @param section empty for a position
 * @param rung    in [1, 10]
 */
@Lasts(value = Lasts.For.A_YEAR, answer = true)
public record BegunLower(Subject subject, Optional<Section> section, int rung) implements Said {

    /** Rungs of every ladder. */
    public static final int HIGHEST = 10;

    public BegunLower {
        Limits.refuseMissing("subject", subject);
        if (!(rung >= 1 && rung <= HIGHEST)) {
            throw new Refused("rung", "A ladder has rungs 1 to " + HIGHEST + "; " + rung + " was given.");
        }
    }

    @Override
    public String inWords() {
        return Said.at(Optional.of(subject.label()), section) + ": begun again from rung " + rung;
    }
}
