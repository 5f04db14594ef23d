package rustictangle.core.routine;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import rustictangle.core.Reason;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.Colour;
import rustictangle.core.coat.Density;
import rustictangle.core.coat.LengthBand;
import rustictangle.core.coat.RegionCoat;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.dog.Part;
import rustictangle.core.dog.Section;
import rustictangle.core.dog.Wear;
import rustictangle.core.kit.LoopSchool;
import rustictangle.core.log.CombResult;
import rustictangle.core.log.LifeEvent;
import rustictangle.core.log.ToolKind;
import rustictangle.core.trust.Agreed;
import rustictangle.core.trust.Station;
import rustictangle.core.trust.Trust;

/**
 * What comes before the first stroke, fitted to this dog. Common practice, no published source.
 *
 * @param questions what the day decides; an answer may bring a caution
 * @param todo      to be done by hand, in this order
 */
public record Preparation(List<Question> questions, List<Reason> todo) {

    /** @param options the usual one first */
    public record Question(String id, String text, List<Option> options) {
        public Question {
            options = List.copyOf(options);
        }
    }

    /** @param caution what to heed when it is so; empty: all is well */
    public record Option(String label, Optional<Reason> caution) {}

    /** After an illness or a holiday. Own estimate. */
    private static final int GENTLE_AFTER_DAYS = 14;

    public Preparation {
        questions = List.copyOf(questions);
        todo = List.copyOf(todo);
    }

    /**
     * Whether an answer would change something today, so that it is asked before the first stroke: the day has wetted the
     * dog, or brought something into its coat. On any other day the first stroke comes at once, and what the hands do
     * first stands beside it.
     */
    public boolean asks() {
        return questions.stream()
                .anyMatch(question ->
                        question.id().equals(COAT_IS) && usual(question).isPresent());
    }

    /** What the hands do first, in one line. */
    public Reason brief() {
        List<String> first = new ArrayList<>();
        todo.forEach(one -> Optional.ofNullable(IN_SHORT.get(one.rule())).ifPresent(first::add));
        questions.stream()
                .flatMap(question -> usual(question).stream())
                .forEach(one -> Optional.ofNullable(IN_SHORT.get(one.rule())).ifPresent(first::add));
        return new Reason("routine.first", "First " + String.join(", ", first) + ".");
    }

    private static final String COAT_IS = "coat";

    /** Of what is done before, and of the dangers where it is done. */
    private static final Map<String, String> IN_SHORT = Map.of(
            "routine.undress", "all it wears off",
            "routine.treats-cut", "treats in reach",
            "routine.finger-search", "fingers through the coat",
            "routine.begin-gently", "two strokes and a treat, gently",
            "routine.table", "a hand stays on it up there",
            "routine.lap", "an arm round its chest");

    private static Optional<Reason> usual(Question question) {
        return question.options().get(0).caution();
    }

    /** @param happened what the day did to the dog so far: the answer that it makes likely stands first */
    static Preparation of(
            Dog dog,
            Coat coat,
            List<RoutinePlace> places,
            boolean mats,
            Set<LifeEvent> happened,
            Trust trust,
            LoopSchool loop) {
        boolean smooth = coat.placesThatMat() == 0;
        List<Reason> todo = todo(dog, coat, places, happened, trust);
        trust.daysUnbrushed()
                .filter(days -> days >= GENTLE_AFTER_DAYS)
                .ifPresent(
                        days -> todo.add(
                                new Reason(
                                        "routine.begin-gently",
                                        "Not brushed for " + days
                                                + " days: begin lower everywhere. Two strokes, a treat, and on only while it stays loose.")));
        return new Preparation(questions(dog, smooth, mats, happened, trust, loop), todo);
    }

    private static List<Question> questions(
            Dog dog, boolean smooth, boolean mats, Set<LifeEvent> happened, Trust trust, LoopSchool loop) {
        String wet =
                "Not yet: dry it to the skin first, with cool or unheated moving air. Wet hair stretches and snaps."
                        + (dog.flatFace() || dog.lifeStage() == LifeStage.ELDERLY
                                ? " Never a warm dryer on this dog: it overheats. Short turns, and watch its breathing."
                                : "");
        return List.of(
                new Question(COAT_IS, "The coat is", coatIs(wet, smooth, happened)),
                new Question(
                        "bath",
                        "A bath today?",
                        List.of(
                                well("no"),
                                heed(
                                        "afterwards",
                                        "routine.bath",
                                        mats
                                                ? "No bath today: a mat is waiting, and water tightens it into felt."
                                                : smooth
                                                        ? "Rubber works wet, too. Head last, and dry to the skin."
                                                        : "Only once the comb runs free everywhere: water tightens every tangle. Head last, and dry "
                                                                + "to the skin."))),
                new Question("place", "Where", where(trust, loop)),
                new Question(
                        "hands",
                        "Who helps",
                        List.of(
                                heed(
                                        "nobody",
                                        "routine.alone",
                                        "Lay everything within reach now. If you must fetch something, the "
                                                + "dog comes down first."),
                                well("one at the head, with treats"))),
                new Question(
                        "mood",
                        "You are",
                        List.of(
                                well("calm"),
                                heed(
                                        "late or cross",
                                        "routine.calm",
                                        "Then do one place, well, or none. The dog reads your hands."))));
    }

    /** Only where it has learned to be is preset. */
    private static List<Option> where(Trust trust, LoopSchool loop) {
        Station today = trust.agreed().today(trust);
        return Stream.concat(Stream.of(today), Arrays.stream(Station.values()))
                .distinct()
                .map(station -> new Option(station.label(), caution(station, loop, Agreed.notYet(station, trust))))
                .toList();
    }

    /** @param first what it learns before; the danger is the same meanwhile */
    private static Optional<Reason> caution(Station station, LoopSchool loop, Optional<Reason> first) {
        Optional<Reason> danger = danger(station, loop);
        return danger.isPresent() && first.isPresent()
                ? danger.map(one ->
                        new Reason(one.rule(), one.text() + " " + first.get().text()))
                : danger.or(() -> first);
    }

    private static Optional<Reason> danger(Station station, LoopSchool loop) {
        return switch (station) {
            case TABLE -> Optional.of(new Reason("routine.table", onTheTable(loop)));
            case LAP ->
                Optional.of(new Reason(
                        "routine.lap", "An arm stays round its chest: a small dog that jumps down can break a leg."));
            case FLOOR, ON_ITS_SIDE -> Optional.empty();
        };
    }

    private static String onTheTable(LoopSchool loop) {
        return switch (loop) {
            case FREE ->
                "Never leave the dog alone up there, not for a step, and do not tie it: it falls, or hangs. Where a "
                        + "trained loop is used, it opens at a pull and a hand stays on the dog.";
            case TRAINED ->
                "The loop opens at a pull, and a hand stays on the dog. Never leave it in the loop, not for a step: a dog "
                        + "that slips off the edge hangs in it.";
            case NEVER ->
                "Never leave the dog alone up there, not for a step, and tie it with nothing: it falls, or hangs.";
        };
    }

    private static List<Option> coatIs(String wet, boolean smooth, Set<LifeEvent> happened) {
        Option dry = well("dry");
        Option dirty = heed(
                "dry, but dirty",
                "routine.dirty",
                smooth
                        ? "Dust and sand out first, by hand or a cloth."
                        : "Dry, dirty hair snaps: mist it lightly, dust and sand out first.");
        Option damp = heed("damp or wet", "routine.dry", wet);
        if (happened.stream().anyMatch(LifeEvent::wets)) {
            return List.of(damp, dry, dirty);
        }
        return happened.contains(LifeEvent.SAND_OR_BURRS) ? List.of(dirty, dry, damp) : List.of(dry, dirty, damp);
    }

    private static Option well(String label) {
        return new Option(label, Optional.empty());
    }

    private static Option heed(String label, String rule, String caution) {
        return new Option(label, Optional.of(new Reason(rule, caution)));
    }

    private static List<Reason> todo(
            Dog dog, Coat coat, List<RoutinePlace> places, Set<LifeEvent> happened, Trust trust) {
        List<Reason> todo = new ArrayList<>();
        missing(places).ifPresent(todo::add);
        todo.add(exercise(dog));
        if (!dog.wears().isEmpty()) {
            todo.add(new Reason(
                    "routine.undress",
                    (dog.wears().contains(Wear.HARNESS) ? "Harness" : "Coat")
                            + " and collar off: look first where they rub."));
        }
        todo.add(new Reason(
                "routine.treats-cut",
                "Treats it truly likes, cut small, in reach of the other hand."
                        + trust.agreed()
                                .marker()
                                .map(word -> " First “" + word + "”, then the treat.")
                                .orElse("")));
        trust.agreed()
                .askForStation(trust)
                .ifPresent(ask -> todo.add(new Reason(
                        "routine.into-place",
                        ask + " It gets there by itself: "
                                + trust.agreed().today(trust).label() + ".")));
        if (places.stream().anyMatch(place -> place.mist().isPresent())) {
            todo.add(new Reason(
                    "routine.mist-ready", "The mist is at hand, and the dog has heard it once, away from it."));
        }
        todo.add(new Reason("routine.debris", debris(dog, coat, happened)));
        light(coat, places).ifPresent(todo::add);
        if (places.stream().anyMatch(place -> coat.at(place.section()).kind().mats())) {
            todo.add(new Reason(
                    "routine.finger-search",
                    "Fingers over the whole dog: untangle what gives, and mark on the "
                            + "map where you feel a knot. The dog gets used to your hands."));
        }
        return todo;
    }

    /** What the drawer lacks, said before the first stroke. */
    private static Optional<Reason> missing(List<RoutinePlace> places) {
        String lacking = places.stream()
                .flatMap(place -> place.missing().stream())
                .distinct()
                .map(ToolKind::label)
                .collect(Collectors.joining(", "));
        if (lacking.isEmpty()) {
            return Optional.empty();
        }
        boolean fingers = places.stream().anyMatch(place -> place.tools().stream()
                .anyMatch(tool -> tool.step().tool() == ToolKind.FINGERS
                        && tool.step().manner().brushes()));
        return Optional.of(new Reason(
                "routine.missing",
                "Not in your drawer: " + lacking + ". It is done with what there is"
                        + (fingers ? ", here and there with the fingers" : "") + "."
                        + (places.stream().anyMatch(place -> place.done() == CombResult.BRUSHED)
                                ? " Without a comb nothing is proved: it counts half, and comes round sooner."
                                : "")));
    }

    private static Reason exercise(Dog dog) {
        return new Reason(
                "routine.exercise",
                dog.isPuppy()
                        ? "A puppy that has played and been outside, and is a little sleepy."
                        : dog.lifeStage() == LifeStage.ELDERLY
                                ? "A quiet walk first; something soft under old joints."
                                : "A walk first: a dog a little tired stands better.");
    }

    /** Where long hair brushes the ground and the bushes. Common practice, no published source. */
    private static final List<Part> GATHERS = List.of(Part.TAIL, Part.REAR_TROUSERS, Part.BELLY, Part.EAR);

    private static String debris(Dog dog, Coat coat, Set<LifeEvent> happened) {
        List<String> finds = Arrays.stream(LifeEvent.values())
                .filter(event -> happened.contains(event)
                        || event.habit().filter(dog.habits()::contains).isPresent())
                .flatMap(event -> event.debris().stream())
                .toList();
        return "By hand first, before any brush: "
                + (finds.isEmpty() ? "burrs, twigs, crumbs" : String.join(", ", finds)) + "; look " + gathering(coat)
                + "between the toes.";
    }

    /** The places where this coat gathers it, named before the toes; empty: it gathers none. */
    private static String gathering(Coat coat) {
        String places = GATHERS.stream()
                .filter(part -> hangs(coat.at(Section.of(part).iterator().next())))
                .map(part -> switch (part) {
                    case TAIL -> "tail";
                    case REAR_TROUSERS -> "trousers";
                    case BELLY -> "belly";
                    default -> "ears";
                })
                .collect(Collectors.joining(", "));
        return places.isEmpty() ? "" : "at " + places + " and ";
    }

    private static boolean hangs(RegionCoat hair) {
        return hair.kind().mats() && hair.length().band() != LengthBand.SHORT;
    }

    /** Dark hair hides its skin, and so does dense hair. Common practice, no published source. */
    private static Optional<Reason> light(Coat coat, List<RoutinePlace> places) {
        boolean dark = places.stream()
                .map(place -> coat.at(place.section()))
                .anyMatch(hair -> hair.kind().mats() && hair.colour() == Colour.DARK);
        boolean dense = places.stream()
                .map(place -> coat.at(place.section()))
                .anyMatch(hair -> hangs(hair) && hair.density() == Density.DENSE);
        return !dark && !dense
                ? Optional.empty()
                : Optional.of(new Reason(
                        "routine.light",
                        (dark ? "Dark" : "Dense")
                                + " hair hides its skin: a window or a lamp, and the comb’s corner to part it."));
    }
}
