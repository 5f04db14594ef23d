package rustictangle.core.log;

import java.util.Optional;
import rustictangle.core.Refused;
import rustictangle.core.dog.Section;

/** Something that happened in a session. A session is the fold of its events. */
public sealed interface SessionEvent extends Said {

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
     * @param spent   seconds it took, its turns before it was put off included, pauses not; empty: not known
     */
    record SectionDone(Section section, CombResult comb, int tangles, Signal signal, Optional<Integer> spent)
            implements AtSection {

        /** More than this on one section is a coat for a groomer. Own estimate. */
        public static final int MOST_TANGLES = 99;

        @Override
        public Optional<Signal> seen() {
            return Optional.of(signal);
        }

        public SectionDone {
            Missing.refuse("section", section);
            Missing.refuse("comb", comb);
            Missing.refuse("signal", signal);
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
            if (spent.filter(seconds -> !(seconds >= 0)).isPresent()) {
                throw new IllegalArgumentException("a place in " + spent.get() + " s, need 0 or more");
            }
        }

        /** Before it is known what it took. */
        public SectionDone(Section section, CombResult comb, int tangles, Signal signal) {
            this(section, comb, tangles, signal, Optional.empty());
        }

        public SectionDone took(int seconds) {
            return new SectionDone(section, comb, tangles, signal, Optional.of(seconds));
        }

        /** Whether the comb went through, so that the place is known. */
        public boolean combed() {
            return comb != CombResult.NOT_COMBED;
        }
    }

    /** Left for another day. */
    record SectionSkipped(Section section) implements AtSection {
        public SectionSkipped {
            Missing.refuse("section", section);
        }
    }

    /** Done later in this session: other places come first. */
    record SectionPostponed(Section section) implements AtSection {
        public SectionPostponed {
            Missing.refuse("section", section);
        }
    }

    /** The comb caught; the owner has looked. */
    record Caught(Section section, Catch found) implements AtSection {
        public Caught {
            Missing.refuse("section", section);
            Missing.refuse("found", found);
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
            Missing.refuse("section", section);
            Missing.refuse("signal", signal);
            if (!(seconds >= 1 && seconds <= MOST_SECONDS)) {
                throw new Refused("seconds", "A try takes 1 to " + MOST_SECONDS + " seconds; was the timer forgotten?");
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
            Missing.refuse("section", section);
        }
    }

    /** One layer of the section is brushed; the next one comes down. */
    record LayerDone(Section section) implements AtSection {
        public LayerDone {
            Missing.refuse("section", section);
        }
    }

    /** What a pass over the section brought out. */
    sealed interface HairOutAt extends AtSection {

        HairOut hair();
    }

    /** By eye. */
    record HairCameOut(Section section, HairOut hair) implements HairOutAt {
        public HairCameOut {
            Missing.refuse("section", section);
            Missing.refuse("hair", hair);
        }
    }

    /**
     * On a kitchen scale.
     *
     * @param grams in [0, 500]
     */
    record HairWeighed(Section section, double grams) implements HairOutAt {

        /** More than this is not one pass over one section. Own estimate. */
        public static final double MOST_GRAMS = 500;

        public HairWeighed {
            Missing.refuse("section", section);
            if (!(grams >= 0 && grams <= MOST_GRAMS)) {
                throw new Refused("grams", "0 to 500 g; weigh one pass at a time.");
            }
        }

        @Override
        public HairOut hair() {
            return HairOut.weighing(grams);
        }
    }

    /** How the dog takes it just now, seen while the section is worked. */
    record Signalled(Section section, Signal signal) implements AtSection {
        @Override
        public Optional<Signal> seen() {
            return Optional.of(signal);
        }

        public Signalled {
            Missing.refuse("section", section);
            Missing.refuse("signal", signal);
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
