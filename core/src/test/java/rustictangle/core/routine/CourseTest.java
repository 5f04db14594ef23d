package rustictangle.core.routine;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import rustictangle.core.Dogs;
import rustictangle.core.Reason;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.Density;
import rustictangle.core.coat.RegionCoat;
import rustictangle.core.coat.Texture;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.History;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Approach;
import rustictangle.core.kit.Kit;
import rustictangle.core.kit.LeadSchool;
import rustictangle.core.kit.Match;
import rustictangle.core.kit.SchoolQuestion;
import rustictangle.core.kit.Structure;
import rustictangle.core.kit.Ways;
import rustictangle.core.log.ToolKind;
import rustictangle.core.trust.Trust;

/** Place by place and tool by tool are the same work in another turn. Common practice, no published source. */
class CourseTest {

    static List<ProofSheet.Patient> patients() {
        return ProofSheet.patients();
    }

    @ParameterizedTest
    @MethodSource("patients")
    void bothWaysRoundDoTheSameWithEveryToolAtEveryPlace(ProofSheet.Patient patient) {
        Course course = patient.course(Structure.TOOL_BY_TOOL);
        Routine whole = patient.routine(Structure.TOOL_BY_TOOL);
        for (RoutinePlace place : whole.places()) {
            List<RoutinePlace> turns = Stream.concat(
                            course.passes().stream().flatMap(pass -> pass.places().stream()),
                            course.steps().stream().flatMap(step -> step.places().stream()))
                    .filter(turn -> turn.section() == place.section())
                    .toList();
            Set<Object> used =
                    turns.stream().flatMap(turn -> turn.tools().stream()).collect(Collectors.toSet());
            assertTrue(
                    place.tools().stream()
                            .filter(tool -> tool.step().manner() != rustictangle.core.kit.Manner.LAST_WIPE)
                            .allMatch(used::contains),
                    place.section().toString());
            double seconds = turns.stream().mapToDouble(RoutinePlace::seconds).sum();
            assertTrue(
                    seconds <= place.seconds() + 1e-6 && seconds >= 0.75 * place.seconds(),
                    () -> place.section() + ": " + seconds + " s in its turns, " + place.seconds() + " s in all");
        }
    }

    @ParameterizedTest
    @MethodSource("patients")
    void theCombComesLastAndEachOtherToolOnce(ProofSheet.Patient patient) {
        Course course = patient.course(Structure.TOOL_BY_TOOL);
        List<ToolKind> tools = course.passes().stream().map(ToolPass::tool).toList();
        assertEquals(tools.stream().distinct().toList(), tools);
        assertFalse(tools.stream().anyMatch(tool -> tool.work() == ToolKind.Work.COMB));
        course.steps().stream()
                .flatMap(step -> step.places().stream())
                .flatMap(place -> place.tools().stream())
                .forEach(tool -> assertFalse(tools.contains(tool.step().tool()), tool.toString()));
        // Nothing before what goes before it at some place.
        for (RoutinePlace place : patient.routine(Structure.TOOL_BY_TOOL).places()) {
            List<Integer> order = place.tools().stream()
                    .flatMap(turn -> Course.at(place, turn).stream())
                    .distinct()
                    .map(tools::indexOf)
                    .toList();
            assertEquals(
                    order.stream().sorted().toList(), order, place.section().toString());
        }
    }

    /** Own estimate: a change of tool costs about 8 s, so that five tools over twelve grips are reckoned honestly. */
    @Test
    void goingRoundWithEachToolSavesTheChangesOfTool() {
        for (ProofSheet.Patient patient : patients()) {
            double byPlace = patient.routine(Structure.PLACE_BY_PLACE).totalSeconds();
            double byTool = patient.routine(Structure.TOOL_BY_TOOL).totalSeconds();
            assertTrue(byTool <= byPlace, patient.name());
            assertTrue(byPlace - byTool <= 8 * 6 * 12, patient.name());
        }
        ProofSheet.Patient season = patients().stream()
                .filter(patient -> patient.name().equals("small double in season"))
                .findFirst()
                .orElseThrow();
        double saved = season.routine(Structure.PLACE_BY_PLACE).totalSeconds()
                - season.routine(Structure.TOOL_BY_TOOL).totalSeconds();
        // At 55 mm about half of the 8 s: four tools at eleven grips or so.
        assertTrue(saved >= 120 && saved <= 8 * 4 * 12, saved + " s");
    }

    /** A tool that goes round for many minutes is no reason to have no break: it is said before whatever the middle is nearest to. */
    @Test
    void aBreakIsSaidOnceHoweverLongOneToolGoesRound() {
        for (ProofSheet.Patient patient : patients()) {
            Course course = patient.course(Structure.TOOL_BY_TOOL);
            List<Optional<Reason>> prompts = Stream.concat(
                            course.passes().stream().map(ToolPass::prompt),
                            course.steps().stream().map(RoutineStep::prompt))
                    .toList();
            List<Double> seconds = Stream.concat(
                            course.passes().stream().map(ToolPass::seconds),
                            course.steps().stream().map(step -> RoutineStep.seconds(step.places())))
                    .toList();
            double whole = seconds.stream().mapToDouble(Double::doubleValue).sum();
            List<Integer> breaks = IntStream.range(0, prompts.size())
                    .filter(i -> prompts.get(i)
                            .filter(reason -> reason.rule().equals("session.break"))
                            .isPresent())
                    .boxed()
                    .toList();
            assertEquals(whole >= 8 * 60 ? 1 : 0, breaks.size(), patient.name());
            for (int at : breaks) {
                double before = seconds.subList(0, at).stream()
                        .mapToDouble(Double::doubleValue)
                        .sum();
                double nearest = IntStream.range(1, seconds.size())
                        .mapToDouble(i -> Math.abs(whole / 2
                                - seconds.subList(0, i).stream()
                                        .mapToDouble(Double::doubleValue)
                                        .sum()))
                        .min()
                        .orElseThrow();
                assertTrue(Math.abs(whole / 2 - before) <= nearest + 1e-6, patient.name() + " breaks before " + at);
            }
        }
    }

    @Test
    void shortDoubleShortSilkAndFleeceLedByPinsGoToolByToolAndWhatIsPartedDoesNot() {
        Dog dog = Dogs.adult(9);
        assertEquals(Structure.TOOL_BY_TOOL, usual(dog, Dogs.hair(CoatKind.DOUBLE, 30), Approach.USUAL));
        assertEquals(Structure.PLACE_BY_PLACE, usual(dog, Dogs.hair(CoatKind.DOUBLE, 90), Approach.USUAL));
        RegionCoat silk = Dogs.hair(CoatKind.DROP, 30, Density.MEDIUM, Texture.SILKY);
        assertEquals(Structure.TOOL_BY_TOOL, usual(dog, silk, Approach.USUAL));
        assertEquals(
                Structure.PLACE_BY_PLACE,
                usual(dog, Dogs.hair(CoatKind.DROP, 150, Density.MEDIUM, Texture.SILKY), Approach.USUAL));
        assertEquals(
                Structure.TOOL_BY_TOOL, usual(dog, Dogs.fleece(80), Approach.USUAL.leadBy(LeadSchool.NO_SLICKER_YET)));
        assertEquals(Structure.PLACE_BY_PLACE, usual(dog, Dogs.fleece(80), Approach.USUAL));
        assertEquals(Structure.PLACE_BY_PLACE, usual(dog, Dogs.hair(CoatKind.SMOOTH, 10), Approach.USUAL));
        assertEquals(
                Structure.PLACE_BY_PLACE,
                usual(Dogs.with(LifeStage.PUPPY, History.GENTLE), Dogs.hair(CoatKind.DOUBLE, 30), Approach.USUAL),
                "a puppy is done with a place before it has had enough");
    }

    @Test
    void whatTheOwnerChoseStandsAndSaysWhatWasProposed() {
        Approach chosen = Approach.USUAL.withWays(Ways.USUAL.with(SchoolQuestion.STRUCTURE, Structure.TOOL_BY_TOOL));
        Routine routine = routine(Dogs.adult(20), Dogs.allOver(Dogs.fleece(80)), chosen);
        assertEquals(Structure.TOOL_BY_TOOL, routine.structure());
        assertEquals("routine.structure-chosen", routine.whyStructure().rule());
        assertTrue(routine.whyStructure().text().contains("place by place"));
    }

    @Test
    void aPlaceInTrainingIsDoneByItselfWithEveryToolAtOnce() {
        Routine routine = routine(
                Dogs.adult(20),
                Dogs.allOver(Dogs.fleece(80)),
                Approach.USUAL.withWays(Ways.USUAL.with(SchoolQuestion.STRUCTURE, Structure.TOOL_BY_TOOL)));
        Course course = Course.of(routine.structure(), routine.places(), section -> section != Section.HIND_FOOT_LEFT);
        assertTrue(course.passes().stream().noneMatch(pass -> pass.sections().contains(Section.HIND_FOOT_LEFT)));
        RoutinePlace foot = course.steps().stream()
                .flatMap(step -> step.places().stream())
                .filter(place -> place.section() == Section.HIND_FOOT_LEFT)
                .findFirst()
                .orElseThrow();
        assertTrue(foot.tools().stream().anyMatch(tool -> tool.step().tool() == ToolKind.SLICKER));
    }

    private static Structure usual(Dog dog, RegionCoat hair, Approach approach) {
        return routine(dog, Dogs.allOver(hair), approach).structure();
    }

    private static Routine routine(Dog dog, Coat coat, Approach approach) {
        Kit kit = Kit.of(Match.of(dog, coat, approach), ProofSheet.DRAWER);
        return Routine.of(
                dog,
                coat,
                kit,
                Trust.of(dog, kit, List.of(), LocalDate.of(2026, 5, 1)),
                List.of(),
                Arrays.asList(Section.values()));
    }
}
