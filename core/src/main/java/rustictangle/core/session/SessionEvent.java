package rustictangle.core.session;

import java.util.Objects;
import rustictangle.core.dog.Section;
import rustictangle.core.trust.Signal;

/** Something that happened in a session. A session is the fold of its events. */
public sealed interface SessionEvent {

    /**
     * A section was worked.
     *
     * @param tangles found, mats among them: 1 to 99 when there were any, else 0
     */
    record SectionDone(Section section, CombResult comb, int tangles, Signal signal) implements SessionEvent {

        /** More than this on one section is a coat for a groomer. Own estimate. */
        public static final int MOST_TANGLES = 99;

        public SectionDone {
            Objects.requireNonNull(section, "section");
            Objects.requireNonNull(comb, "comb");
            Objects.requireNonNull(signal, "signal");
            boolean found = comb == CombResult.TANGLES_CLEARED || comb == CombResult.MAT_LEFT;
            if (found && !(tangles >= 1 && tangles <= MOST_TANGLES)) {
                throw new IllegalArgumentException("tangles " + tangles + " with " + comb
                        + ", need [1, " + MOST_TANGLES + "]");
            }
            if (!found && tangles != 0) {
                throw new IllegalArgumentException("tangles " + tangles + " with " + comb + ", need 0");
            }
            if (comb == CombResult.NOT_COMBED && signal != Signal.OPTED_OUT) {
                throw new IllegalArgumentException("comb NOT_COMBED with signal " + signal
                        + ", need OPTED_OUT, or skip the section");
            }
        }
    }

    /** Left for another day. */
    record SectionSkipped(Section section) implements SessionEvent {
        public SectionSkipped {
            Objects.requireNonNull(section, "section");
        }
    }

    /** The owner ends it here. */
    record Stopped() implements SessionEvent { }

    /** Takes back the last event that still stands. */
    record Undone() implements SessionEvent { }
}
