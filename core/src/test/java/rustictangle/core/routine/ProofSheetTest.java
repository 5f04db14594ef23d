package rustictangle.core.routine;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import rustictangle.core.Dogs;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.RegionCoat;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Part;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Approach;
import rustictangle.core.kit.Drawers;
import rustictangle.core.kit.Finish;
import rustictangle.core.kit.FinishSchool;
import rustictangle.core.kit.Kit;
import rustictangle.core.kit.Manner;
import rustictangle.core.kit.Match;
import rustictangle.core.kit.PadKind;
import rustictangle.core.kit.Parting;
import rustictangle.core.kit.SchoolQuestion;
import rustictangle.core.kit.StepKit;
import rustictangle.core.kit.Structure;
import rustictangle.core.kit.Tips;
import rustictangle.core.kit.Tool;
import rustictangle.core.kit.Ways;
import rustictangle.core.log.Signal;
import rustictangle.core.log.ToolKind;
import rustictangle.core.trust.Trial;
import rustictangle.core.trust.Trust;

/** What hands are told for twelve dogs. Common practice, no published source; the seconds are own estimates. */
class ProofSheetTest {

    static List<ProofSheet.Patient> patients() {
        return ProofSheet.patients();
    }

    @Test
    void theSheetIsWrittenToBeRead() throws IOException {
        Path sheet = Path.of("target/proof-sheet.txt");
        Files.writeString(sheet, patients().stream().map(ProofSheet::of).collect(Collectors.joining("\n")));
        assertEquals(
                24,
                Files.readAllLines(sheet).stream()
                        .filter(line -> line.startsWith("=="))
                        .count());
    }

    @ParameterizedTest
    @MethodSource("patients")
    void nothingSpeaksOfPartingWhereNothingIsParted(ProofSheet.Patient patient) {
        for (RoutinePlace place : patient.routine().places()) {
            String hold = place.hold();
            if (!place.parted()) {
                for (String word : List.of("Hold up the hair", "part to", "Part in", "Push the hair back")) {
                    assertFalse(hold.contains(word), place.section() + ": " + hold);
                }
            }
            assertTrue(!place.parted() || place.layers().count() > 1, place.section() + " is parted into one");
        }
    }

    /** A layer on a leg is at least two strokes and a move, some 5 to 8 seconds; a strip a little less. */
    @ParameterizedTest
    @MethodSource("patients")
    void aLayerOnALegTakesTheTimeThatHandsTake(ProofSheet.Patient patient) {
        // Tool by tool: what changing them takes place by place is no layer's.
        patient.routine(Structure.TOOL_BY_TOOL).places().stream()
                .filter(place -> place.section().part() == Part.FRONT_LEG
                        || place.section().part() == Part.HIND_LEG)
                .filter(RoutinePlace::parted)
                .forEach(place -> {
                    double each = place.seconds() / place.layers().count();
                    assertTrue(each >= 4.3 && each <= 9.5, patient.name() + ", " + place.section() + ": " + each);
                });
    }

    @ParameterizedTest
    @MethodSource("patients")
    void aSmallPlaceIsNotDoneInNoTime(ProofSheet.Patient patient) {
        patient.routine().places().stream()
                .filter(place -> place.section().part().isFoot()
                        || EnumSet.of(Part.EAR, Part.MUZZLE)
                                .contains(place.section().part()))
                .forEach(place -> assertTrue(
                        place.seconds() >= (place.asksForProof() ? 16 : 8), place.section() + ": " + place.seconds()));
    }

    @Test
    void aDoubleCoatIsBrushedInStripsAndOnlyAShaggyOneInLayers() {
        for (ProofSheet.Patient patient : patients()) {
            boolean doubled = patient.coat().at(Section.BACK).kind() == CoatKind.DOUBLE;
            for (RoutinePlace place : patient.routine().places()) {
                boolean face = place.section() == Section.MUZZLE || place.section() == Section.CROWN;
                if (doubled && !face) {
                    assertTrue(
                            EnumSet.of(Parting.STRIPS, Parting.NONE)
                                    .contains(place.layers().parting()),
                            patient.name() + " " + place.section());
                }
            }
        }
        RoutinePlace shaggy = whole(110, List.of(Drawers.slicker(15, Tips.COATED, true)));
        assertEquals(Parting.LAYERS, shaggy.layers().parting());
    }

    private static RoutinePlace whole(double millimetres, List<Tool> drawer) {
        return at(Section.SIDE_LEFT, Dogs.hair(CoatKind.DOUBLE, millimetres), drawer);
    }

    private static RoutinePlace at(Section section, RegionCoat hair, List<Tool> drawer) {
        var dog = Dogs.adult(20);
        var coat = Dogs.allOver(hair);
        Kit kit = Kit.of(Match.of(dog, coat, Approach.USUAL), drawer);
        Trust trust = Trust.of(dog, kit, List.of(), LocalDate.of(2026, 5, 1));
        return Routine.of(dog, coat, kit, trust, List.of(), List.of(section))
                .places()
                .get(0);
    }

    /** The finish belongs to the coat: what lies is laid, what stands is lifted. */
    @Test
    void theFinishIsTheCoatsOwn() {
        assertEquals(Set.of(Finish.LAID), finishes("golden"));
        assertEquals(Set.of(Finish.LAID), finishes("drop of 200 mm"));
        assertEquals(Set.of(Finish.LAID), finishes("wire with beard and legs"));
        assertEquals(Set.of(Finish.LIFTED, Finish.AS_IT_IS), finishes("fleece of 80 mm"));
        assertEquals(
                Finish.AS_IT_IS,
                named("fleece of 80 mm").at(Section.EAR_LEFT).passes().finish(),
                "never against the lie at an ear");
        assertEquals(Set.of(Finish.AS_IT_IS), finishes("smooth"));
        assertEquals(Set.of(Finish.AS_IT_IS), finishes("puppy"));
        assertTrue(last("golden").contains("with the lie"), last("golden"));
        assertTrue(last("fleece of 80 mm").contains("against the lie"), last("fleece of 80 mm"));
    }

    /** How curls are left is one thing, how they are worked another. */
    @Test
    void laidCurlsAreStillGoneOverEveryWay() {
        var dog = Dogs.adult(20);
        var coat = Dogs.allOver(Dogs.hair(CoatKind.CURLY, 60));
        Approach laid = Approach.USUAL.withWays(Ways.USUAL.with(SchoolQuestion.FINISH, FinishSchool.LAID));
        Kit kit = Kit.of(Match.of(dog, coat, laid), ProofSheet.DRAWER);
        Trust trust = Trust.of(dog, kit, List.of(), LocalDate.of(2026, 5, 1));
        Passes passes = Routine.of(dog, coat, kit, trust, List.of(), List.of(Section.SIDE_LEFT))
                .places()
                .get(0)
                .passes();
        assertEquals(Finish.LAID, passes.finish());
        assertEquals(3, passes.directions().size());
    }

    private static Set<Finish> finishes(String name) {
        return named(name).routine().places().stream()
                .map(place -> place.passes().finish())
                .collect(Collectors.toSet());
    }

    private static String last(String name) {
        List<RoutineStep> steps = named(name).course(Structure.PLACE_BY_PLACE).steps();
        return steps.get(steps.size() - 1).prompt().orElseThrow().text();
    }

    private static ProofSheet.Patient named(String name) {
        return patients().stream()
                .filter(patient -> patient.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    /** A puppy learns one soft brush and the way its hair lies; nobody lifts, parts or goes against it. */
    @Test
    void aPuppyIsOnlyStroked() {
        for (RoutinePlace place : named("puppy").routine().places()) {
            assertEquals(
                    List.of(Passes.Direction.WITH_LIE),
                    place.passes().directions(),
                    place.section().toString());
            assertFalse(
                    place.parted() && place.section() != Section.MUZZLE,
                    place.section().toString());
        }
    }

    /** In the season: rubber, slicker against the lie, rake, comb, and the fine end where the hair is thin. */
    @Test
    void theSeasonEndsWithTheFineCombWhereTheHairIsThin() {
        assertEquals(
                List.of(
                        Manner.CIRCLES,
                        Manner.AGAINST_LIE_TWICE,
                        Manner.LIFT_LOOSE,
                        Manner.PROVE_WIDE,
                        Manner.LAST_WIPE),
                manners(named("small double in season").at(Section.SIDE_LEFT)));
        assertEquals(
                List.of(Manner.LIE_IN_STRIPS, Manner.PROVE_WIDE, Manner.PROVE_FINE, Manner.LAST_WIPE),
                manners(named("small double in season").at(Section.ARMPIT_LEFT)));
    }

    /** Cool air before the rake, for a dog that knows it: nobody is sent to buy it, no other dog hears it. */
    @Test
    void theDryerBlowsLooseHairOutOnlyOfADogThatKnowsIt() {
        var dog = Dogs.adult(20);
        var coat = Dogs.shedding(Dogs.hair(CoatKind.DOUBLE, 60));
        Match match = Match.of(dog, coat, Approach.USUAL);
        assertFalse(match.tools().contains(ToolKind.DRYER));
        Kit kit = Kit.of(match, List.of(Tool.of(ToolKind.DRYER), Tool.of(ToolKind.RUBBER_CURRY)));
        LocalDate day = LocalDate.of(2026, 5, 1);
        assertFalse(blows(dog, coat, kit, Trust.of(dog, kit, List.of(), day)));
        List<Trial> learned = Collections.nCopies(
                40, new Trial(day, Optional.of(ToolKind.DRYER), Optional.of(Section.SIDE_LEFT), Signal.RELAXED));
        assertTrue(blows(dog, coat, kit, Trust.of(dog, kit, learned, day)));
    }

    private static boolean blows(Dog dog, Coat coat, Kit kit, Trust trust) {
        return Routine.of(dog, coat, kit, trust, List.of(), List.of(Section.SIDE_LEFT)).places().get(0).tools().stream()
                .anyMatch(tool -> tool.step().manner() == Manner.BLOW_OUT);
    }

    private static List<Manner> manners(RoutinePlace place) {
        return place.tools().stream().map(tool -> tool.step().manner()).toList();
    }

    /** Pins go before the comb at a top-knot and a beard of those who have them; nobody else misses them. */
    @Test
    void aTopKnotTakesPinsWhereThereAreAny() {
        Predicate<StepKit> pins = tool -> tool.step().tool() == ToolKind.PIN_BRUSH;
        RoutinePlace owned = named("curly with a top-knot").at(Section.CROWN);
        assertTrue(owned.tools().stream().anyMatch(pins));
        assertTrue(named("wire with beard and legs").at(Section.MUZZLE).tools().stream()
                .anyMatch(pins));
        RoutinePlace without = at(Section.CROWN, Dogs.hair(CoatKind.CURLY, 80), List.of(Drawers.COMB));
        assertTrue(without.tools().stream().noneMatch(pins));
        assertEquals(List.of(ToolKind.MIST), without.missing());
    }

    /** Who has only pins for a fleece goes to the skin with them. */
    @Test
    void pinsAloneStillGoLayerByLayer() {
        RoutinePlace side = at(Section.SIDE_LEFT, Dogs.fleece(80), List.of(Drawers.pins(24, PadKind.MEDIUM)));
        assertTrue(side.parted());
        assertTrue(side.hold().startsWith("Hold up the hair"), side.hold());
    }

    /** Nothing leaps for a brush that is a millimetre better, however the hair and the other brush are. */
    @Test
    void aBrushThatIsALittleBetterChangesAPlaceALittle() {
        for (int hair = 30; hair <= 120; hair += 10) {
            double before = 0;
            for (double pins = 12; pins <= 36; pins++) {
                double seconds = at(
                                Section.SIDE_LEFT,
                                Dogs.hair(CoatKind.DROP, hair),
                                List.of(Drawers.pins(20, PadKind.MEDIUM), Drawers.pins(pins, PadKind.MEDIUM)))
                        .seconds();
                if (before > 0) {
                    double ratio = seconds / before;
                    assertTrue(ratio > 0.85 && ratio < 1.15, hair + " mm, pins of " + pins + ": " + ratio);
                }
                before = seconds;
            }
        }
    }
}
