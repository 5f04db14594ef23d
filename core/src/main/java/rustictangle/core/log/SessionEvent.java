package rustictangle.core.log;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import rustictangle.core.Refused;
import rustictangle.core.dog.Section;

/** Something that happened in a session. A session is the fold of its events. */
public sealed interface SessionEvent extends Said {

    /** A session is told as a whole. */
    @Override
    default String inWords() {
        return "a moment of a brushing";
    }

    /** The sections it is about; none: about the session as a whole. */
    default List<Section> about() {
        return List.of();
    }

    /** What was done at each section by it. */
    default List<SectionDone> done() {
        return List.of();
    }

    /** Places that are brushed with it, and still to be proved. */
    default List<Section> brushed() {
        return List.of();
    }

    /** How much hair a pass brought out; empty where nothing is said of that. */
    default Optional<HairOut> hairOut() {
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
        default List<Section> about() {
            return List.of(section());
        }
    }

    /** Something said of several sections at once. */
    sealed interface AtStep extends SessionEvent {

        List<Section> sections();

        @Override
        default List<Section> about() {
            return sections();
        }
    }

    /** Whether it answers its section, so that the next one comes. */
    default boolean answers() {
        return this instanceof SectionDone
                || this instanceof StepDone
                || this instanceof SectionSkipped
                || this instanceof StepSkipped;
    }

    /** Whether it puts its sections off: others come first. */
    default boolean putsOff() {
        return this instanceof SectionPostponed || this instanceof StepPostponed;
    }

    /**
     * A section was worked.
     *
     * @param tangles found, mats among them: 1 to 99 when there were any, else 0
     * @param spent   seconds it took, its turns before it was put off included, pauses not; empty: not known
     */
    @Lasts(value = Lasts.For.A_YEAR, answer = true)
    record SectionDone(Section section, CombResult comb, int tangles, Signal signal, Optional<Integer> spent)
            implements AtSection {

        /** More than this on one section is a coat for a groomer. Own estimate. */
        public static final int MOST_TANGLES = 99;

        @Override
        public Optional<Signal> seen() {
            return Optional.of(signal);
        }

        public SectionDone {
            Limits.refuseMissing("section", section);
            Limits.refuseMissing("comb", comb);
            Limits.refuseMissing("signal", signal);
            boolean found = comb == CombResult.TANGLES_CLEARED || comb.leavesMat();
            if (!(tangles >= (found ? 1 : 0) && tangles <= MOST_TANGLES)) {
                throw new Refused(
                        "tangles",
                        "Say how many tangles there were, 1 to " + MOST_TANGLES + "; " + tangles + " was given.");
            }
            if ((comb == CombResult.GLIDES || comb == CombResult.NOT_COMBED) && tangles != 0) {
                throw new Refused(
                        "tangles", "No tangles where the comb found none; " + tangles + " was given, leave it at 0.");
            }
            if (comb == CombResult.NOT_COMBED && !signal.isNo()) {
                throw new Refused(
                        "comb", "Without the comb a place is done only when the dog opted out; skip it instead.");
            }
            spent.ifPresent(seconds -> Limits.refuseOutside("spent", seconds, 0, Limits.MOST_SECONDS));
        }

        /** Before it is known what it took. */
        public SectionDone(Section section, CombResult comb, int tangles, Signal signal) {
            this(section, comb, tangles, signal, Optional.empty());
        }

        @Override
        public List<SectionDone> done() {
            return List.of(this);
        }

        public SectionDone took(int seconds) {
            return new SectionDone(section, comb, tangles, signal, Optional.of(seconds));
        }

        /** Whether the comb went through, so that the place is known. */
        public boolean combed() {
            return comb != CombResult.NOT_COMBED && comb != CombResult.BRUSHED;
        }
    }

    /** The step in hand was worked, with one answer for all of it. */
    @Lasts(value = Lasts.For.A_YEAR, answer = true)
    record StepDone(List<SectionDone> places) implements AtStep {
        public StepDone {
            Limits.refuseMissing("places", places);
            places = List.copyOf(places);
            refuseNone(places.stream().map(SectionDone::section).toList());
        }

        /** The least willing of its places. */
        @Override
        public Optional<Signal> seen() {
            return places.stream().map(SectionDone::signal).max(Comparator.naturalOrder());
        }

        @Override
        public List<Section> sections() {
            return places.stream().map(SectionDone::section).toList();
        }

        @Override
        public List<SectionDone> done() {
            return places;
        }
    }

    /**
     * The dog warned or bit: hands off, it ends at once.
     *
     * @param sections in hand just then; none before the first stroke
     */
    @Lasts(value = Lasts.For.A_YEAR, answer = true)
    record Warned(List<Section> sections, Warning warning) implements AtStep {
        public Warned {
            Limits.refuseMissing("sections", sections);
            Limits.refuseMissing("warning", warning);
            sections = List.copyOf(sections);
        }

        @Override
        public Optional<Signal> seen() {
            return Optional.of(Signal.AFRAID);
        }
    }

    /** Those places of the step in hand are left for another day. */
    @Lasts(Lasts.For.ITS_DAY)
    record StepSkipped(List<Section> sections) implements AtStep {
        public StepSkipped {
            Limits.refuseMissing("sections", sections);
            sections = List.copyOf(sections);
            refuseNone(sections);
        }
    }

    /** Those places of the step in hand are done later in this session. */
    @Lasts(Lasts.For.ITS_DAY)
    record StepPostponed(List<Section> sections) implements AtStep {
        public StepPostponed {
            Limits.refuseMissing("sections", sections);
            sections = List.copyOf(sections);
            refuseNone(sections);
        }
    }

    private static void refuseNone(List<Section> sections) {
        if (sections.isEmpty() || sections.stream().distinct().count() != sections.size()) {
            throw new Refused("sections", "Name at least one place of the step, and each only once.");
        }
    }

    /** Left for another day. */
    @Lasts(Lasts.For.ITS_DAY)
    record SectionSkipped(Section section) implements AtSection {
        public SectionSkipped {
            Limits.refuseMissing("section", section);
        }
    }

    /** Done later in this session: other places come first. */
    @Lasts(Lasts.For.ITS_DAY)
    record SectionPostponed(Section section) implements AtSection {
        public SectionPostponed {
            Limits.refuseMissing("section", section);
        }
    }

    /** The comb caught; the owner has looked. */
    @Lasts(Lasts.For.A_YEAR)
    record Caught(Section section, Catch found) implements AtSection {
        public Caught {
            Limits.refuseMissing("section", section);
            Limits.refuseMissing("found", found);
        }
    }

    /**
     * One try at what caught.
     *
     * @param seconds in [1, 1800]
     */
    @Lasts(Lasts.For.A_YEAR)
    record Teased(Section section, int seconds, Signal signal) implements AtSection {

        /** Longer than this is a forgotten timer. Own estimate. */
        public static final int MOST_SECONDS = 1800;

        @Override
        public Optional<Signal> seen() {
            return Optional.of(signal);
        }

        public Teased {
            Limits.refuseMissing("section", section);
            Limits.refuseMissing("signal", signal);
            if (!(seconds >= 1 && seconds <= MOST_SECONDS)) {
                throw new Refused("seconds", "A try takes 1 to " + MOST_SECONDS + " seconds; was the timer forgotten?");
            }
        }
    }

    /** Detangling gel was worked in here: a bath is owed. */
    @Lasts(Lasts.For.A_YEAR)
    record GelUsed(Section section) implements AtSection {
        public GelUsed {
            Limits.refuseMissing("section", section);
        }
    }

    /** The checklist is through; the first stroke comes. */
    @Lasts(Lasts.For.A_YEAR)
    record Started() implements SessionEvent {}

    /**
     * The finger search found a knot here, or a second time: there is none after all. Any section may be
     * named; one that was not planned is worked after the others.
     */
    @Lasts(Lasts.For.ITS_DAY)
    record KnotFelt(Section section) implements AtSection {
        public KnotFelt {
            Limits.refuseMissing("section", section);
        }
    }

    /** One layer of the section is brushed; the next one comes down. Older sessions said so of each. */
    @Lasts(Lasts.For.ITS_DAY)
    record LayerDone(Section section) implements AtSection {
        public LayerDone {
            Limits.refuseMissing("section", section);
        }
    }

    /** What a pass over the section brought out. */
    sealed interface HairOutAt extends AtSection {

        HairOut hair();

        @Override
        default Optional<HairOut> hairOut() {
            return Optional.of(hair());
        }
    }

    /** By eye. */
    @Lasts(Lasts.For.SEASONS)
    record HairCameOut(Section section, HairOut hair) implements HairOutAt {
        public HairCameOut {
            Limits.refuseMissing("section", section);
            Limits.refuseMissing("hair", hair);
        }
    }

    /**
     * On a kitchen scale.
     *
     * @param grams in [0, 500]
     */
    @Lasts(Lasts.For.SEASONS)
    record HairWeighed(Section section, double grams) implements HairOutAt {

        /** More than this is not one pass over one section. Own estimate. */
        public static final double MOST_GRAMS = 500;

        public HairWeighed {
            Limits.refuseMissing("section", section);
            if (!(grams >= 0 && grams <= MOST_GRAMS)) {
                throw new Refused("grams", "0 to 500 g; weigh one pass at a time.");
            }
        }

        @Override
        public HairOut hair() {
            return HairOut.weighing(grams);
        }
    }

    /** Something said of one tool's pass over the whole dog. */
    sealed interface OfPass extends SessionEvent {

        /** Its number, from 1. */
        int pass();
    }

    /**
     * The tool has been everywhere it is asked for: the next one comes.
     *
     * @param hair    that it brought out; empty: nothing is said of it
     * @param brushed places that it brushed to the skin, so that the comb is wanting; whoever says it may leave them out,
     *                the session knows them
     */
    @Lasts(Lasts.For.A_YEAR)
    record PassDone(int pass, Optional<HairOut> hair, List<Section> brushed) implements OfPass {
        public PassDone {
            Limits.refuseMissing("hair", hair);
            // Whoever says it need not know.
            brushed = brushed == null ? List.of() : List.copyOf(brushed);
        }

        @Override
        public Optional<HairOut> hairOut() {
            return hair;
        }
    }

    /** The tool has been everywhere, and so much hair came that it goes round once more. */
    @Lasts(Lasts.For.SEASONS)
    record PassRepeated(int pass, HairOut hair) implements OfPass {
        public PassRepeated {
            Limits.refuseMissing("hair", hair);
        }

        @Override
        public Optional<HairOut> hairOut() {
            return Optional.of(hair);
        }
    }

    /** This tool is left out today. */
    @Lasts(Lasts.For.ITS_DAY)
    record PassSkipped(int pass) implements OfPass {}

    /**
     * Tangles that came out in a pass, before the comb proves the place.
     *
     * @param tangles 1 to 99
     */
    @Lasts(Lasts.For.ITS_DAY)
    record TanglesOut(Section section, int tangles) implements AtSection {
        public TanglesOut {
            Limits.refuseMissing("section", section);
            Limits.refuseOutside("tangles", tangles, 1, SectionDone.MOST_TANGLES);
        }
    }

    /** How the dog takes it just now, seen while the section is worked. */
    @Lasts(value = Lasts.For.A_YEAR, answer = true)
    record Signalled(Section section, Signal signal) implements AtSection {
        @Override
        public Optional<Signal> seen() {
            return Optional.of(signal);
        }

        public Signalled {
            Limits.refuseMissing("section", section);
            Limits.refuseMissing("signal", signal);
        }
    }

    /** One piece. */
    @Lasts(Lasts.For.ITS_DAY)
    record TreatGiven() implements SessionEvent {}

    /** Hands off for a while; the time does not count. */
    @Lasts(Lasts.For.ITS_DAY)
    record Paused() implements SessionEvent {}

    /** On again. */
    @Lasts(Lasts.For.ITS_DAY)
    record Resumed() implements SessionEvent {}

    /** The owner ends it here. */
    @Lasts(Lasts.For.ITS_DAY)
    record Stopped() implements SessionEvent {}

    /** Takes back the last event that still stands. */
    @Lasts(Lasts.For.ITS_DAY)
    record Undone() implements SessionEvent {}
}
