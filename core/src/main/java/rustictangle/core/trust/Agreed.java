package rustictangle.core.trust;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import rustictangle.core.Reason;
import rustictangle.core.Refused;
import rustictangle.core.dog.Part;
import rustictangle.core.dog.Section;
import rustictangle.core.log.Exercise;

/**
 * What is agreed with one dog: the words it knows, and where it is brushed. Common practice, no published source.
 *
 * @param marker  said at the very moment, then the treat; empty: none of its own
 * @param release after which it may go; empty: none of its own
 * @param cues    for the positions that have one
 * @param station that the owner has chosen; empty: as far as it has learned
 */
public record Agreed(
        Optional<String> marker, Optional<String> release, Map<Exercise, String> cues, Optional<Station> station) {

    public static final Agreed NOTHING = new Agreed(Optional.empty(), Optional.empty(), Map.of(), Optional.empty());

    /** Of a word, characters. */
    public static final int LONGEST_WORD = 24;

    /** How the marker works. Common practice, no published source. */
    public static final Reason MARKER = new Reason(
            "trust.marker",
            "The marker is a short word, or a click, that means: that was it, a treat comes. It is said at the very moment, "
                    + "once; the treat follows within a second. Say it and treat ten times with nothing asked, and the dog "
                    + "knows it.");

    /** The position in which a part is worked, where it has one of its own. */
    private static final Map<Part, Exercise> POSITIONS = Map.of(
            Part.FRONT_LEG, Exercise.OFFERING_LEG,
            Part.HIND_LEG, Exercise.OFFERING_LEG,
            Part.FRONT_FOOT, Exercise.OFFERING_LEG,
            Part.HIND_FOOT, Exercise.OFFERING_LEG,
            Part.THROAT, Exercise.CHIN_REST,
            Part.CROWN, Exercise.CHIN_REST,
            Part.MUZZLE, Exercise.CHIN_REST);

    /** From this rung on a position is there to be named. Own estimate. */
    private static final Rung NAMED_FROM = Rung.NEAR_THE_BODY;

    public Agreed {
        marker.ifPresent(word -> refuseWord("marker", word));
        release.ifPresent(word -> refuseWord("release", word));
        EnumMap<Exercise, String> ordered = new EnumMap<>(Exercise.class);
        cues.forEach((position, word) -> {
            if (!Exercise.positions().contains(position)) {
                throw new Refused("cues", "A word belongs to a position; " + position.label() + " is none.");
            }
            refuseWord("cues", word);
            ordered.put(position, word);
        });
        cues = Collections.unmodifiableMap(ordered);
        Objects.requireNonNull(station, "station");
    }

    private static void refuseWord(String field, String word) {
        if (word.isBlank() || word.length() > LONGEST_WORD) {
            throw new Refused(
                    field,
                    "A word of 1 to " + LONGEST_WORD
                            + " characters, better a short one; leave it empty if there is none.");
        }
    }

    /** A word as it is told. */
    private static String said(String word) {
        return "“" + word + "”";
    }

    /** When to mark and to treat on a rung, in this dog's own words. */
    public String timing(Rung rung) {
        return marker.filter(word -> rung.marked())
                .map(word -> said(word) + " the moment it happens, a treat within a second.")
                .orElseGet(rung::timing);
    }

    /** What is said before a practice of a position; empty: nothing yet, or there is no word. */
    Optional<String> cue(Spot spot, Rung rung) {
        return Optional.of(spot.subject())
                .filter(subject -> rung.compareTo(NAMED_FROM) >= 0)
                .flatMap(subject ->
                        Optional.ofNullable(subject instanceof Exercise position ? cues.get(position) : null))
                .map(word -> "Say " + said(word) + " once, just before it does it.");
    }

    /** What lets it go at the end; empty: there is no word. */
    public Optional<String> letGo() {
        return release.map(word -> "Then " + said(word) + ": it may go.");
    }

    /** How a position is asked for at a place, where the dog has learned it; empty: it is not. */
    public Optional<String> ask(Section section, Trust trust) {
        return ask(Optional.ofNullable(POSITIONS.get(section.part())), trust);
    }

    /** The same of where it is brushed today. */
    public Optional<String> askForStation(Trust trust) {
        return ask(today(trust).learned(), trust);
    }

    private Optional<String> ask(Optional<Exercise> asked, Trust trust) {
        return asked.filter(position -> learned(position, trust))
                .map(cues::get)
                .map(word -> "Say " + said(word) + " and wait for it.");
    }

    /** Where it is brushed today: as chosen where it has learned that, else on the floor. */
    public Station today(Trust trust) {
        return station.or(() -> Optional.of(Station.TABLE))
                .filter(chosen -> learned(chosen, trust))
                .orElse(Station.FLOOR);
    }

    /** Why it is not brushed where the owner has chosen; empty: it is. */
    public Optional<Reason> notYet(Trust trust) {
        return station.flatMap(chosen -> notYet(chosen, trust));
    }

    /** Why it is not brushed there yet; empty: it may be. */
    public static Optional<Reason> notYet(Station station, Trust trust) {
        return station.learned()
                .filter(position -> !learned(position, trust))
                .map(position -> new Reason(
                        "trust.station-first",
                        "It still learns this, " + position.label() + ": rung "
                                + at(position, trust).number() + " of " + Rung.HIGHEST
                                + ". Practise that on its own; brushed it is on the floor until then."));
    }

    private static boolean learned(Station station, Trust trust) {
        return notYet(station, trust).isEmpty();
    }

    private static boolean learned(Exercise position, Trust trust) {
        return at(position, trust).readyForBrushing();
    }

    private static Rung at(Exercise position, Trust trust) {
        return trust.at(new Spot(position, Optional.empty())).rung();
    }
}
