package rustictangle.core.trust;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import rustictangle.core.Reason;
import rustictangle.core.Sure;
import rustictangle.core.coat.Coat;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Kit;
import rustictangle.core.log.BathKind;
import rustictangle.core.log.Log;
import rustictangle.core.log.Practised;
import rustictangle.core.rhythm.Closed;
import rustictangle.core.rhythm.Mat;
import rustictangle.core.rhythm.Proof;

/**
 * Whether it may be bathed now: water tightens tangles, so every place that gets wet is proved first, and no mat is in.
 * Where the dog is not brushed yet, a finger search stands for the comb in short hair. Common practice, no published
 * source.
 *
 * @param way    what to do now
 * @param first  where the comb has to go first; none unless that is the way
 * @param search where fingers have to go first; none unless the comb or they are the way
 * @param mats   that are in where it would get wet
 */
public record BathGate(Way way, List<Section> first, List<Section> search, List<Section> mats, Reason why) {

    /** There is always one. */
    public enum Way {
        BATHE,
        BRUSH_FIRST,
        SEARCH_FIRST,
        /** Water only, over what is dirty; or the groomer. */
        RINSE_ONLY,
        GROOMER,
        VET;

        /** Whether it can be opened at home, today. */
        public boolean atHome() {
            return this == BATHE || this == BRUSH_FIRST || this == SEARCH_FIRST;
        }
    }

    /** A proof holds so long, days. Common practice, no published source: a day or two. */
    static final int PROOF_HOLDS_DAYS = 2;
    /** Longer hair hides a lump from the fingers, mm. Own estimate. */
    static final double FINGERS_FIND_MM = 40;

    /** Who has to look at a closed place. */
    enum Shut {
        OPEN,
        VET,
        /** A mat that was left to them. */
        GROOMER,
        HANDS_OFF
    }

    /**
     * One place.
     *
     * @param canMat   whether its hair mats at all
     * @param mat      whether one is in
     * @param ready    whether it is brushed, not only practised
     * @param hairMm   of its hair, as it is now
     * @param proved   when a comb last ran free; empty: never, or the coat was wet since
     * @param searched when fingers last found no lump; empty: never, or the coat was wet since
     */
    record GatePlace(
            Section section,
            boolean canMat,
            boolean mat,
            Shut shut,
            boolean ready,
            double hairMm,
            Optional<LocalDate> proved,
            Optional<LocalDate> searched) {}

    /**
     * What is known of a dog before it gets wet.
     *
     * @param places    none: nothing stands in the way
     * @param comb      whether one lies in the drawer, to prove with
     * @param practised what practices have wetted today: such a practice goes on
     */
    record Basis(List<GatePlace> places, boolean comb, Set<BathKind> practised, LocalDate today) {

        static final Basis NOTHING = new Basis(List.of(), true, Set.of(), LocalDate.EPOCH);

        Basis {
            places = List.copyOf(places);
            practised = Set.copyOf(practised);
        }

        static Basis of(Coat coat, Kit kit, Trust trust, Log log, LocalDate today) {
            return new Basis(
                    BathGate.places(coat, log, trust, today),
                    kit.incomplete().isEmpty(),
                    Set.copyOf(log.readToday(WETTED)),
                    today);
        }
    }

    private static final Log.Reading<BathKind> WETTED = log -> log.stream()
            .flatMap(entry -> entry.as(Practised.class).flatMap(Practised::wetted).stream())
            .toList();

    static BathGate of(Basis basis, BathKind kind) {
        return of(basis.places, kind, basis.comb, basis.today);
    }

    public BathGate {
        first = List.copyOf(first);
        search = List.copyOf(search);
        mats = List.copyOf(mats);
    }

    /** Why no water comes on the coat now; empty: it may. */
    public Optional<Reason> shut() {
        return way == Way.BATHE ? Optional.empty() : Optional.of(why);
    }

    /** The same where a practice of today has wetted the coat: it goes on, but over a mat or where somebody must look. */
    Optional<Reason> shutTo(Basis basis, BathKind kind) {
        boolean goesOn = basis.practised.contains(kind) && way != Way.GROOMER && way != Way.VET;
        return goesOn ? Optional.empty() : shut();
    }

    private static List<GatePlace> places(Coat coat, Log log, Trust trust, LocalDate today) {
        Proof proof = Proof.of(log);
        Set<Section> mats = Mat.stillIn(log, today).stream().map(Mat::section).collect(Collectors.toSet());
        Map<Section, Shut> shut = new EnumMap<>(Section.class);
        // The gravest reason of each comes first.
        Closed.of(log, today).forEach(place -> shut.putIfAbsent(place.section(), shut(place)));
        return Stream.of(Section.values())
                .map(section -> new GatePlace(
                        section,
                        coat.at(section).kind().mats(),
                        mats.contains(section),
                        shut.getOrDefault(section, Shut.OPEN),
                        trust.readyAt(section),
                        coat.at(section).length().millimetres(),
                        Optional.ofNullable(proof.proved().get(section)),
                        Optional.ofNullable(proof.searched().get(section))))
                .toList();
    }

    private static Shut shut(Closed closed) {
        return switch (closed.who()) {
            case VET -> Shut.VET;
            case GROOMER -> Shut.GROOMER;
            case TRAINER, ADULT -> Shut.HANDS_OFF;
        };
    }

    /** What stands in the way at a place; OPEN where nothing does. */
    private enum Bar {
        VET,
        MAT,
        HANDS_OFF,
        LONG_AND_LEARNING,
        BRUSH,
        SEARCH,
        OPEN
    }

    /** @param comb whether one lies in the drawer, to prove with */
    static BathGate of(Collection<GatePlace> places, BathKind kind, boolean comb, LocalDate today) {
        Map<Bar, List<Section>> bars = new EnumMap<>(Bar.class);
        for (Bar bar : Bar.values()) {
            bars.put(bar, new ArrayList<>());
        }
        places.stream()
                .filter(place -> kind.wets(place.section))
                .forEach(place -> Sure.at(bars, bar(place, kind, today)).add(place.section));
        Bar gravest = Stream.of(Bar.values())
                .filter(bar -> !Sure.at(bars, bar).isEmpty())
                .findFirst()
                .orElse(Bar.OPEN);
        List<Section> there = Sure.at(bars, gravest);
        return switch (gravest) {
            case VET -> only(Way.VET, new Reason("care.gate-vet", SHUT_VET.formatted(words(there))));
            case MAT ->
                new BathGate(
                        Way.GROOMER,
                        List.of(),
                        List.of(),
                        there,
                        new Reason("care.gate-mat", MAT_IN.formatted(words(there))));
            case HANDS_OFF ->
                only(
                        there.stream().anyMatch(BathKind.RINSE::wets) ? Way.GROOMER : Way.RINSE_ONLY,
                        new Reason("care.gate-closed", HANDS_OFF.formatted(words(there))));
            case LONG_AND_LEARNING ->
                only(Way.RINSE_ONLY, new Reason("care.gate-beyond", BEYOND.formatted(words(there))));
            case BRUSH ->
                new BathGate(
                        Way.BRUSH_FIRST,
                        there,
                        Sure.at(bars, Bar.SEARCH),
                        List.of(),
                        new Reason("care.gate-brush", BRUSH.formatted(words(there)) + (comb ? "" : NO_COMB)));
            case SEARCH ->
                new BathGate(
                        Way.SEARCH_FIRST,
                        List.of(),
                        there,
                        List.of(),
                        new Reason("care.gate-search", SEARCH.formatted(words(there))));
            case OPEN -> only(Way.BATHE, new Reason("care.gate-open", kind.shampoo() ? OPEN_WORDS : OPEN_TO_WATER));
        };
    }

    private static Bar bar(GatePlace place, BathKind kind, LocalDate today) {
        if (place.shut == Shut.VET) {
            return Bar.VET;
        }
        if (place.mat || place.shut == Shut.GROOMER) {
            return Bar.MAT;
        }
        if (place.shut == Shut.HANDS_OFF) {
            return Bar.HANDS_OFF;
        }
        // Dirt is rinsed out of what is not proved, too: water only, and no mat is known.
        if (!place.canMat || !kind.shampoo() || holds(place.proved, today)) {
            return Bar.OPEN;
        }
        if (place.ready) {
            return Bar.BRUSH;
        }
        if (place.hairMm > FINGERS_FIND_MM) {
            return Bar.LONG_AND_LEARNING;
        }
        return holds(place.searched, today) ? Bar.OPEN : Bar.SEARCH;
    }

    private static boolean holds(Optional<LocalDate> day, LocalDate today) {
        return day.filter(proved -> !proved.isBefore(today.minusDays(PROOF_HOLDS_DAYS)))
                .isPresent();
    }

    private static BathGate only(Way way, Reason why) {
        return new BathGate(way, List.of(), List.of(), List.of(), why);
    }

    private static final String SHUT_VET =
            "A vet looks first: %s. Until then no water and no shampoo there; ask them when it may be bathed again.";
    private static final String MAT_IN =
            "A mat is in: %s. Water tightens it. Tease it out first if it is small and loose; else the groomer bathes it.";
    private static final String HANDS_OFF =
            "It growled or bit, and hands stay off: %s. No bath there until somebody has opened it again. Press out with a "
                    + "dry towel what it lets you; or the groomer bathes it, and is told.";
    private static final String BEYOND =
            "It is still learning to be brushed there, and the hair is too long for fingers to tell: %s. Rinse what is "
                    + "dirty, with water only, and press it dry; or let the groomer bathe it.";
    private static final String BRUSH =
            "No comb has run free within two days, or it was wet since: %s. Water tightens what is in there, so brush "
                    + "first, today.";
    private static final String NO_COMB = " Only a comb proves it, and none lies in the drawer.";
    private static final String SEARCH =
            "It is still learning to be brushed there, and the hair is short: %s. Go through it with your fingers, down to "
                    + "the skin: where they find no lump it may be bathed.";
    private static final String OPEN_WORDS =
            "Nothing is in that water would tighten: a comb ran free, or fingers found no lump, wherever it gets wet.";
    private static final String OPEN_TO_WATER = "No mat is known where it gets wet. Water only, and pressed dry.";

    private static final int NAMED = 3;

    private static String words(List<Section> sections) {
        return sections.size() <= NAMED
                ? String.join(", ", sections.stream().map(Section::label).toList())
                : sections.get(0).label() + " and " + (sections.size() - 1) + " more places";
    }
}
