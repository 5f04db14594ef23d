package rustictangle.core.session;

import java.util.Objects;
import java.util.Optional;
import rustictangle.core.dog.Section;
import rustictangle.core.trust.Signal;

/** Something that happened in a session. A session is the fold of its events. */
public sealed interface SessionEvent {

    /** The section it is about; empty: about the session as a whole. */
    default Optional<Section> about() {
        if (this instanceof SectionDone done) {
            return Optional.of(done.section());
        }
        if (this instanceof SectionSkipped skipped) {
            return Optional.of(skipped.section());
        }
        if (this instanceof SectionPostponed postponed) {
            return Optional.of(postponed.section());
        }
        if (this instanceof Caught caught) {
            return Optional.of(caught.section());
        }
        return this instanceof Teased teased ? Optional.of(teased.section()) : Optional.empty();
    }

    /** Whether it answers its section, so that the next one comes. */
    default boolean answers() {
        return this instanceof SectionDone || this instanceof SectionSkipped;
    }

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

    /** Done later in this session: other places come first. */
    record SectionPostponed(Section section) implements SessionEvent {
        public SectionPostponed {
            Objects.requireNonNull(section, "section");
        }
    }

    /** The comb caught; the owner has looked. */
    record Caught(Section section, Catch found) implements SessionEvent {
        public Caught {
            Objects.requireNonNull(section, "section");
            Objects.requireNonNull(found, "found");
        }
    }

    /**
     * One try at what caught.
     *
     * @param seconds in [1, 1800]
     */
    record Teased(Section section, int seconds, Signal signal) implements SessionEvent {

        /** Longer than this is a forgotten timer. Own estimate. */
        public static final int MOST_SECONDS = 1800;

        public Teased {
            Objects.requireNonNull(section, "section");
            Objects.requireNonNull(signal, "signal");
            if (!(seconds >= 1 && seconds <= MOST_SECONDS)) {
                throw new IllegalArgumentException("teasing of " + seconds + " s, need [1, " + MOST_SECONDS + "]");
            }
        }
    }

    /** The owner ends it here. */
    record Stopped() implements SessionEvent { }

    /** Takes back the last event that still stands. */
    record Undone() implements SessionEvent { }
}
