package rustictangle.core.log;

import java.util.Optional;
import rustictangle.core.Choice;
import rustictangle.core.Refused;
import rustictangle.core.dog.Section;

/**
 * Somebody has looked at what was closed; it is open again.
 *
 * @param section a place; empty: a job, or the whole dog
 * @param words   what they said, or why it is opened; may be empty
 * @param job     at the table; empty: a place, or the whole dog
 */
@Lasts(Lasts.For.A_YEAR)
public record SeenBy(Optional<Section> section, Who who, String words, Optional<CareJob> job) implements Said {

    /** Who must look before a place is brushed again. */
    public enum Who implements Choice {
        VET("the vet"),
        TRAINER("a trainer or the vet"),
        GROOMER("the groomer"),
        ADULT("an adult of the household");

        private final Words words;

        Who(String label) {
            words = new Words(label);
        }

        /** Whether what one must see is open again once the other has. */
        public boolean opens(Who other) {
            return this == other || this == VET || this == TRAINER && other == ADULT;
        }

        @Override
        public Words words() {
            return words;
        }
    }

    public SeenBy(Section section, Who who, String words) {
        this(Optional.of(section), who, words, Optional.empty());
    }

    public SeenBy {
        if (section.isPresent() && job.isPresent()) {
            throw new Refused("job", "Name a place or a job, not both; neither is the whole dog.");
        }
        Limits.refuseMissing("who", who);
        Limits.refuseMissing("words", words);
        Limits.refuseLonger("words", words, Limits.LONGEST_TEXT);
    }

    @Override
    public String inWords() {
        return "seen by " + who.label() + ": "
                + Said.at(job.map(Choice::label), section)
                + (words.isBlank() ? "" : ", “" + words + "”");
    }
}
