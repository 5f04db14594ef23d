package rustictangle.core.routine;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import rustictangle.core.Dogs;
import rustictangle.core.Reason;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.Density;
import rustictangle.core.coat.Texture;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Habit;
import rustictangle.core.dog.History;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.dog.Mass;
import rustictangle.core.dog.Section;
import rustictangle.core.dog.Skin;
import rustictangle.core.dog.Wear;
import rustictangle.core.kit.Kit;
import rustictangle.core.kit.LoopSchool;
import rustictangle.core.log.Exercise;
import rustictangle.core.log.LifeEvent;
import rustictangle.core.log.Signal;
import rustictangle.core.rhythm.CombCheck;
import rustictangle.core.rhythm.Diary;
import rustictangle.core.rhythm.Forecast;
import rustictangle.core.routine.Passes.Direction;
import rustictangle.core.trust.Agreed;
import rustictangle.core.trust.Trial;
import rustictangle.core.trust.Trust;

/** Before the first stroke and how a place is worked: common practice, no published source (handbook 6 and 7). */
class PreparationTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);

    @Test
    void aWetDogIsDriedFirstAndAFlatFaceNeverWarm() {
        assertTrue(caution(Dogs.adult(14), "coat", "damp or wet").text().contains("dry it to the skin first"));
        Dog flat = new Dog(new Mass(9), LifeStage.ADULT, true, Skin.SOUND, History.GENTLE, Set.of(), Set.of());
        assertTrue(caution(flat, "coat", "damp or wet").text().contains("Never a warm dryer"));
        assertFalse(caution(Dogs.adult(14), "coat", "damp or wet").text().contains("warm dryer"));
    }

    @Test
    void whatTheDayDidIsTheFirstAnswer() {
        assertEquals("dry", firstOf("coat", Set.of()));
        assertEquals("dry", firstOf("coat", Set.of(LifeEvent.HARNESS_ALL_DAY)));
        assertEquals("dry, but dirty", firstOf("coat", Set.of(LifeEvent.SAND_OR_BURRS)));
        for (LifeEvent wet : List.of(LifeEvent.SWAM, LifeEvent.SOAKED, LifeEvent.SNOW, LifeEvent.BATHED)) {
            assertEquals("damp or wet", firstOf("coat", Set.of(wet, LifeEvent.SAND_OR_BURRS)));
        }
        assertTrue(text(after(Set.of(LifeEvent.SNOW)).todo()).contains("snow between the toes"));
        assertTrue(text(after(Set.of(LifeEvent.SAND_OR_BURRS)).todo()).contains("burrs, seeds and sand"));
    }

    private static String firstOf(String question, Set<LifeEvent> happened) {
        return after(happened).questions().stream()
                .filter(asked -> asked.id().equals(question))
                .findFirst()
                .orElseThrow()
                .options()
                .get(0)
                .label();
    }

    private static final Trust NOBODY =
            Trust.of(Dogs.adult(14), Dogs.kit(Dogs.adult(14), Dogs.allOver(Dogs.fleece(60))), List.of(), TODAY);

    private static Preparation after(Set<LifeEvent> happened) {
        return Preparation.of(
                Dogs.adult(14), Dogs.allOver(Dogs.fleece(60)), List.of(), false, happened, NOBODY, LoopSchool.FREE);
    }

    /** What the day makes doubtful is asked; on any other day the first stroke comes at once. */
    @Test
    void onlyADayThatWettedOrDirtiedTheDogAsksBeforeTheFirstStroke() {
        assertFalse(after(Set.of()).asks());
        assertTrue(after(Set.of(LifeEvent.SWAM)).asks());
        assertTrue(after(Set.of(LifeEvent.SAND_OR_BURRS)).asks());
        assertEquals("First treats in reach.", after(Set.of()).brief().text());
    }

    @Test
    void aBathOverAMatIsRefusedAndOverTanglesPutOff() {
        assertTrue(caution(Dogs.adult(14), "bath", "afterwards").text().startsWith("Only once the comb runs free"));
        List<CombCheck> mat = List.of(new CombCheck(Section.BACK, TODAY, 1, true));
        Preparation withMat = preparation(Dogs.adult(14), Dogs.allOver(Dogs.fleece(60)), mat);
        assertTrue(option(withMat, "bath", "afterwards").text().startsWith("No bath today"));
    }

    @Test
    void aLoneDogOnATableIsWarnedOf() {
        assertEquals(
                "routine.table", caution(Dogs.adult(14), "place", "on a table").rule());
        assertEquals("routine.alone", caution(Dogs.adult(14), "hands", "nobody").rule());
    }

    /** The floor stands first until the ladder has reached the table, and the table is dangerous all the same. */
    @Test
    void onlyAStationThatItHasLearnedIsPreset() {
        assertEquals("on the floor", firstOf("place", Set.of()));
        Reason table = option(after(Set.of()), "place", "on a table");
        assertTrue(table.text().contains("Never leave the dog alone")
                && table.text().contains("rung 1 of 10"));
        assertTrue(option(after(Set.of()), "place", "lying on its side").text().contains("Practise that on its own"));
    }

    /** Where this coat gathers it, and where light is needed: common practice, no published source. */
    @Test
    void debrisIsLookedForWhereThisCoatGathersItAndADarkOneIsLit() {
        Dog dog = Dogs.adult(14);
        String silk = todo(dog, Dogs.allOver(Dogs.hair(CoatKind.DROP, 120)), "routine.debris");
        assertTrue(silk.contains("tail, trousers, belly, ears and between the toes"), silk);
        String smooth = todo(dog, Dogs.allOver(Dogs.hair(CoatKind.SMOOTH, 12)), "routine.debris");
        assertTrue(smooth.endsWith("look between the toes."), smooth);
        Coat dense = Dogs.allOver(Dogs.hair(CoatKind.DOUBLE, 60, Density.DENSE, Texture.HARSH));
        assertTrue(todo(dog, dense, "routine.light").startsWith("Dense hair"));
        assertTrue(preparation(dog, Dogs.allOver(Dogs.fleece(60)), List.of()).todo().stream()
                .noneMatch(reason -> reason.rule().equals("routine.light")));
    }

    private static String todo(Dog dog, Coat coat, String rule) {
        return preparation(dog, coat, List.of()).todo().stream()
                .filter(reason -> reason.rule().equals(rule))
                .findFirst()
                .orElseThrow()
                .text();
    }

    /** In the owner's words: the marker before the treat, the cue for where it stands, and for what it has learned. */
    @Test
    void theWordsThatTheDogKnowsStandWhereTheyAreSaid() {
        Agreed words = new Agreed(
                Optional.of("yes"),
                Optional.empty(),
                Map.of(Exercise.TABLE, "up", Exercise.OFFERING_LEG, "paw"),
                Optional.empty());
        List<Trial> learned = Stream.of(Exercise.TABLE, Exercise.OFFERING_LEG)
                .flatMap(
                        position -> Collections.nCopies(
                                30, new Trial(TODAY, Optional.of(position), Optional.empty(), Signal.RELAXED))
                                .stream())
                .toList();
        Dog dog = Dogs.adult(14);
        Coat coat = Dogs.allOver(Dogs.fleece(60));
        Kit kit = Dogs.kit(dog, coat);
        Routine routine = Routine.of(
                dog,
                coat,
                kit,
                Trust.of(dog, kit, learned, TODAY).with(words),
                Set.of(),
                List.of(Section.BACK, Section.FRONT_LEG_LEFT));
        String todo = text(routine.preparation().todo());
        assertTrue(todo.contains("First “yes”, then the treat") && todo.contains("Say “up” and wait for it"), todo);
        assertEquals(
                "on a table",
                routine.preparation().questions().stream()
                        .filter(question -> question.id().equals("place"))
                        .findFirst()
                        .orElseThrow()
                        .options()
                        .get(0)
                        .label());
        routine.places()
                .forEach(place -> assertEquals(
                        place.section() == Section.FRONT_LEG_LEFT,
                        place.hold().startsWith("Say “paw” and wait for it."),
                        place.hold()));
    }

    @Test
    void theChecklistFitsTheDog() {
        Dog swimmer = Dogs.living(Set.of(Wear.HARNESS), Set.of(Habit.SWIMS, Habit.FIELDS_OR_SAND));
        List<Reason> todo =
                preparation(swimmer, Dogs.allOver(Dogs.fleece(60)), List.of()).todo();
        assertTrue(text(todo).contains("Harness and collar off"));
        assertTrue(text(todo).contains("weed and silt, burrs, seeds and sand"));
        assertTrue(rules(todo).contains("routine.finger-search"));
        List<Reason> smooth = preparation(Dogs.adult(14), Dogs.allOver(Dogs.hair(CoatKind.SMOOTH, 15)), List.of())
                .todo();
        assertFalse(rules(smooth).contains("routine.finger-search"), "a smooth coat does not knot");
        assertFalse(rules(smooth).contains("routine.undress"));
        assertFalse(rules(smooth).contains("routine.mist-ready"));
        List<Reason> silk = preparation(Dogs.adult(5), Dogs.allOver(Dogs.hair(CoatKind.DROP, 140)), List.of())
                .todo();
        assertTrue(rules(silk).contains("routine.mist-ready"));
    }

    @Test
    void fluffyHairIsGoneOverEveryWayAndAStrictLieIsFinishedWithIt() {
        assertEquals(
                List.of(Direction.WITH_LIE, Direction.AGAINST_LIE, Direction.ACROSS),
                step(Dogs.allOver(Dogs.fleece(60)), Section.BACK).passes().directions());
        for (CoatKind kind :
                List.of(CoatKind.DROP, CoatKind.FEATHERED, CoatKind.DOUBLE, CoatKind.WIRE, CoatKind.SMOOTH)) {
            List<Direction> passes = step(
                            Dogs.allOver(Dogs.hair(kind, kind == CoatKind.SMOOTH ? 15 : 60)), Section.BACK)
                    .passes()
                    .directions();
            assertEquals(Direction.WITH_LIE, passes.get(passes.size() - 1), kind + " is finished with the lie");
        }
        assertEquals(
                Direction.AGAINST_LIE,
                step(Dogs.shedding(Dogs.hair(CoatKind.DOUBLE, 60)), Section.BACK)
                        .passes()
                        .directions()
                        .get(0),
                "the season's coat is opened against the lie");
        assertEquals(
                "routine.passes-face",
                step(Dogs.allOver(Dogs.fleece(60)), Section.MUZZLE)
                        .passes()
                        .why()
                        .rule());
    }

    @Test
    void mistNeverGoesTowardTheFace() {
        Coat silk = Dogs.allOver(Dogs.hair(CoatKind.DROP, 140));
        for (Section section : List.of(Section.CROWN, Section.EAR_LEFT)) {
            assertEquals(
                    "routine.mist-face",
                    step(silk, section).mist().orElseThrow().rule());
        }
        assertTrue(step(silk, Section.CROWN).mist().orElseThrow().text().contains("never toward the face"));
        assertTrue(step(silk, Section.REAR_TROUSERS).mist().orElseThrow().text().contains("more than elsewhere"));
        assertTrue(step(Dogs.allOver(Dogs.fleece(60)), Section.BACK).mist().isPresent(), "dry fleece snaps");
        assertTrue(
                step(Dogs.allOver(Dogs.hair(CoatKind.DOUBLE, 60)), Section.BACK)
                        .mist()
                        .isEmpty(),
                "guard hair asks for no mist");
    }

    @Test
    void everyAwkwardPlaceHasItsCardAndEveryCardIsReached() {
        Coat coat = Dogs.allOver(Dogs.hair(CoatKind.DROP, 140));
        assertEquals(
                List.of(
                        Method.EAR_IN_PALM,
                        Method.EAR_OVER_HEAD,
                        Method.LINE_BRUSHING,
                        Method.COMB_CORNER,
                        Method.CLUMPED_OR_OPEN,
                        Method.COMB_PROOF),
                step(coat, Section.EAR_LEFT).methods());
        assertEquals(
                Method.INNER_LEG, step(coat, Section.HIND_LEG_RIGHT).methods().get(0));
        assertEquals(
                List.of(Method.FOOT),
                step(Dogs.allOver(Dogs.hair(CoatKind.SMOOTH, 15)), Section.HIND_FOOT_LEFT)
                        .methods(),
                "no layers and no comb on a smooth coat");
        List<Method> reached = Stream.of(coat, Dogs.shedding(Dogs.hair(CoatKind.DOUBLE, 60)))
                .flatMap(asked ->
                        Arrays.stream(Section.values()).flatMap(section -> step(asked, section).methods().stream()))
                .distinct()
                .sorted()
                .toList();
        assertEquals(List.of(Method.values()), reached);
    }

    private static Reason caution(Dog dog, String question, String option) {
        return option(preparation(dog, Dogs.allOver(Dogs.fleece(60)), List.of()), question, option);
    }

    private static Reason option(Preparation preparation, String question, String option) {
        return preparation.questions().stream()
                .filter(asked -> asked.id().equals(question))
                .flatMap(asked -> asked.options().stream())
                .filter(answer -> answer.label().equals(option))
                .findFirst()
                .orElseThrow()
                .caution()
                .orElseThrow();
    }

    private static Preparation preparation(Dog dog, Coat coat, List<CombCheck> checks) {
        return routine(dog, coat, checks).preparation();
    }

    private static RoutinePlace step(Coat coat, Section section) {
        return routine(Dogs.adult(14), coat, List.of()).places().stream()
                .filter(step -> step.section() == section)
                .findFirst()
                .orElseThrow();
    }

    private static Routine routine(Dog dog, Coat coat, List<CombCheck> checks) {
        return Routine.of(
                dog,
                coat,
                Dogs.kit(dog, coat),
                Trust.of(dog, Dogs.kit(dog, coat), List.of(), TODAY),
                Forecast.of(dog, coat, Diary.of(checks), TODAY).matted(),
                List.of(Section.values()));
    }

    private static String text(List<Reason> reasons) {
        return String.join(" ", reasons.stream().map(Reason::text).toList());
    }

    private static List<String> rules(List<Reason> reasons) {
        return reasons.stream().map(Reason::rule).toList();
    }

    /** Where a loop is used its cautions stand first; where none is used nothing is said of one (handbook 15). */
    @Test
    void theTableSpeaksOfALoopAsItsOwnerDecided() {
        assertTrue(table(LoopSchool.TRAINED).startsWith("The loop opens at a pull"));
        assertTrue(table(LoopSchool.FREE).startsWith("Never leave the dog alone"));
        assertFalse(table(LoopSchool.NEVER).contains("loop"));
        for (LoopSchool school : LoopSchool.values()) {
            assertTrue(table(school).contains("not for a step"), school + "");
        }
    }

    private static String table(LoopSchool loop) {
        return Preparation.of(Dogs.adult(14), Dogs.allOver(Dogs.fleece(60)), List.of(), false, Set.of(), NOBODY, loop)
                .questions()
                .stream()
                .flatMap(question -> question.options().stream())
                .flatMap(option -> option.caution().stream())
                .filter(reason -> reason.rule().equals("routine.table"))
                .findFirst()
                .orElseThrow()
                .text();
    }
}
