package rustictangle.core.log;

import rustictangle.core.Choice;
import rustictangle.core.dog.Section;

/**
 * A vet or a groomer has looked at a place that was closed for brushing; it is open again.
 *
 * @param words what they said; may be empty
 */
@Lasts(Lasts.For.A_YEAR)
public record SeenBy(Section section, Who who, String words) implements Said {

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

    public SeenBy {
        Limits.refuseMissing("section", section);
        Limits.refuseMissing("who", who);
        Limits.refuseMissing("words", words);
        Limits.refuseLonger("words", words, Limits.LONGEST_TEXT);
    }
}
