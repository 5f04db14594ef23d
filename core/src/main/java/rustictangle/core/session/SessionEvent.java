package rustictangle.core.session;

import java.util.Objects;
import java.util.Optional;
import rustictangle.core.Refused;
import rustictangle.core.dog.Section;
import rustictangle.core.trust.Signal;

/** Something that happened in a session. A session is the fold of its events. */
public sealed interface SessionEvent {

    /** The section it is about; empty: about the session as a whole. */
    default Optional<Section> about() {
        return Optional.empty();
    }

    /** How the dog took it; empty where nothing is said of that. */
    default Optional<Signal> seen() {
        return Optional.empty();
    }

    /** An event at one section. */
    sealed interface AtSection extends SessionEvent {

        Section section();

        @Override
        default Optional<Section> about() {
            return Optional.of(section());
        }
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
    record SectionDone(Section section, CombResult comb, int tangles, Signal signal) implements AtSection {

        /** More than this on one section is a coat for a groomer. Own estimate. */
        public static final int MOST_TANGLES = 99;

        @Override
        public Optional<Signal> seen() {
            return Optional.of(signal);
        }

        public SectionDone {
            Objects.requireNonNull(section, "section");
            Objects.requireNonNull(comb, "comb");
            Objects.requireNonNull(signal, "signal");
            boolean found = comb == CombResult.TANGLES_CLEARED || comb == CombResult.MAT_LEFT;
            if (found && !(tangles >= 1 && tangles <= MOST_TANGLES)) {
                throw new Refused(
                        "tangles",
                        "Say how many tangles there were, 1 to " + MOST_TANGLES + "; " + tangles + " was given.");
            }
            if (!found && tangles != 0) {
                throw new Refused(
                        "tangles", "No tangles where the comb found none; " + tangles + " was given, leave it at 0.");
            }
            if (comb == CombResult.NOT_COMBED && !signal.isNo()) {
                throw new Refused(
                        "comb", "Without the comb a place is done only when the dog opted out; skip it instead.");
            }
        }
    }

    /** Left for another day. */
    record SectionSkipped(Section section) implements AtSection {
        public SectionSkipped {
            Objects.requireNonNull(section, "section");
        }
    }

    /** Done later in this session: other places come first. */
    record SectionPostponed(Section section) implements AtSection {
        public SectionPostponed {
            Objects.requireNonNull(section, "section");
        }
    }

    /** The comb caught; the owner has looked. */
    record Caught(Section section, Catch found) implements AtSection {
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
    record Teased(Section section, int seconds, Signal signal) implements AtSection {

        /** Longer than this is a forgotten timer. Own estimate. */
        public static final int MOST_SECONDS = 1800;

        @Override
        public Optional<Signal> seen() {
            return Optional.of(signal);
        }

        public Teased {
            Objects.requireNonNull(section, "section");
            Objects.requireNonNull(signal, "signal");
            if (!(seconds >= 1 && seconds <= MOST_SECONDS)) {
                throw new IllegalArgumentException("teasing of " + seconds + " s, need [1, " + MOST_SECONDS + "]");
            }
        }
    }

    /** The checklist is through; the first stroke comes. */
    record Started() implements SessionEvent {}

    /**
     * The finger search found a knot here, or a second time: there is none after all. Any section may be
     * named; one that was not planned is worked after the others.
     */
    record KnotFelt(Section section) implements AtSection {
        public KnotFelt {
            Objects.requireNonNull(section, "section");
        }
    }

    /** One layer of the section is brushed; the next one comes down. */
    record LayerDone(Section section) implements AtSection {
        public LayerDone {
            Objects.requireNonNull(section, "section");
        }
    }

    /**
     * What a pass over the section brought out.
     *
     * @param grams as weighed, in [0, 500]; empty: judged by eye
     */
    record HairCameOut(Section section, HairOut hair, Optional<Double> grams) implements AtSection {

        /** More than this is not one pass over one section. Own estimate. */
        public static final double MOST_GRAMS = 500;

        public HairCameOut {
            Objects.requireNonNull(section, "section");
            Objects.requireNonNull(hair, "hair");
            grams.ifPresent(weighed -> {
                if (!(weighed >= 0 && weighed <= MOST_GRAMS)) {
                    throw new IllegalArgumentException("hair of " + weighed + " g, need [0, " + MOST_GRAMS + "]");
                }
            });
        }
    }

    /** How the dog takes it just now, seen while the section is worked. */
    record Signalled(Section section, Signal signal) implements AtSection {
        @Override
        public Optional<Signal> seen() {
            return Optional.of(signal);
        }

        public Signalled {
            Objects.requireNonNull(section, "section");
            Objects.requireNonNull(signal, "signal");
        }
    }

    /** One piece. */
    record TreatGiven() implements SessionEvent {}

    /** Hands off for a while; the time does not count. */
    record Paused() implements SessionEvent {}

    /** On again. */
    record Resumed() implements SessionEvent {}

    /** The owner ends it here. */
    record Stopped() implements SessionEvent {}

    /** Takes back the last event that still stands. */
    record Undone() implements SessionEvent {}
}
