package rustictangle.core.routine;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import rustictangle.core.Dogs;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Approach;
import rustictangle.core.kit.Kit;
import rustictangle.core.kit.Match;
import rustictangle.core.kit.Order;
import rustictangle.core.kit.SchoolQuestion;
import rustictangle.core.kit.Structure;
import rustictangle.core.kit.Ways;
import rustictangle.core.trust.Trust;

/** Steps as hands work: own estimate, after how hands work. */
class RoutineStepTest {

    private static final Predicate<Section> READY = section -> true;

    @ParameterizedTest
    @EnumSource(Order.class)
    void aWholeDogIsSixToTwelveStepsInEveryOrder(Order order) {
        for (double kilograms : new double[] {2, 9, 30, 70}) {
            for (double millimetres : new double[] {6, 30, 120}) {
                Routine routine = whole(
                        kilograms,
                        Dogs.allOver(Dogs.fleece(millimetres)),
                        Ways.USUAL.with(SchoolQuestion.ORDER, order));
                List<RoutineStep> steps = steps(routine.places(), READY);
                assertTrue(steps.size() >= 6 && steps.size() <= 12, steps.size() + " steps at " + millimetres + " mm");
                assertEquals(
                        routine.places().stream().map(RoutinePlace::section).toList(),
                        steps.stream().flatMap(step -> step.sections().stream()).toList(),
                        "each place once, in its order");
            }
        }
    }

    @Test
    void aShortCoatOfASmallDogTakesFewerStepsThanALongOne() {
        assertTrue(count(4, 15) < count(20, 15));
        assertTrue(count(4, 15) < count(4, 120));
        assertEquals(12, count(20, 120));
    }

    @Test
    void aFrontLegIsOneStepFromTheFootToTheArmpit() {
        RoutineStep leg = steps(whole(20, Dogs.allOver(Dogs.fleece(80))).places(), READY).stream()
                .filter(step -> step.label().equals("left front leg"))
                .findFirst()
                .orElseThrow();
        assertEquals(List.of(Section.FRONT_FOOT_LEFT, Section.FRONT_LEG_LEFT, Section.ARMPIT_LEFT), leg.sections());
    }

    @Test
    void aPlaceInTrainingIsNeverOneStepWithOneThatIsReady() {
        Random random = new Random(7);
        for (int round = 0; round < 200; round++) {
            Set<Section> ready = Arrays.stream(Section.values())
                    .filter(section -> random.nextBoolean())
                    .collect(Collectors.toSet());
            List<RoutinePlace> some = whole(5, Dogs.allOver(Dogs.fleece(20))).places().stream()
                    .filter(step -> random.nextInt(4) > 0)
                    .toList();
            List<RoutineStep> steps = steps(some, ready::contains);
            for (RoutineStep step : steps) {
                assertEquals(
                        1,
                        step.sections().stream().map(ready::contains).distinct().count(),
                        step.label());
            }
            assertEquals(
                    some.stream().map(RoutinePlace::section).toList(),
                    steps.stream().flatMap(step -> step.sections().stream()).toList());
        }
    }

    /** Common practice, no published source: a break in the middle. */
    @Test
    void handsAreRemindedSeldomNeverTwiceInARowAndOfABreakInTheMiddle() {
        List<RoutineStep> steps =
                steps(whole(16, Dogs.allOver(Dogs.fleece(120))).places(), READY);
        List<Optional<String>> prompts = steps.stream()
                .map(step -> step.prompt().map(reason -> reason.rule()))
                .toList();
        assertTrue(IntStream.range(1, prompts.size())
                .noneMatch(i -> prompts.get(i).isPresent() && prompts.get(i - 1).isPresent()));
        List<String> said = prompts.stream().flatMap(Optional::stream).toList();
        assertEquals(1, said.stream().filter("session.break"::equals).count());
        assertTrue(said.contains("session.listen"), said.toString());
        int at = prompts.indexOf(Optional.of("session.break"));
        double whole = seconds(steps);
        assertEquals(0.5, seconds(steps.subList(0, at)) / whole, 0.15);
        assertEquals(
                List.of(),
                steps(whole(3, Dogs.allOver(Dogs.hair(CoatKind.SMOOTH, 10))).places(), READY).stream()
                        .flatMap(step -> step.prompt().stream())
                        .filter(reason -> reason.rule().equals("session.break"))
                        .toList(),
                "a few minutes need no break");
    }

    private static List<RoutineStep> steps(List<RoutinePlace> places, Predicate<Section> ready) {
        return Course.of(Structure.PLACE_BY_PLACE, places, ready).steps();
    }

    private static double seconds(List<RoutineStep> steps) {
        return steps.stream()
                .flatMap(step -> step.places().stream())
                .mapToDouble(RoutinePlace::seconds)
                .sum();
    }

    private static int count(double kilograms, double millimetres) {
        return steps(whole(kilograms, Dogs.allOver(Dogs.fleece(millimetres))).places(), READY)
                .size();
    }

    private static Routine whole(double kilograms, Coat coat) {
        return whole(kilograms, coat, Ways.USUAL);
    }

    private static Routine whole(double kilograms, Coat coat, Ways ways) {
        var dog = Dogs.adult(kilograms);
        var kit = Kit.of(Match.of(dog, coat, Approach.USUAL.withWays(ways)), ProofSheet.DRAWER);
        return Routine.of(
                dog,
                coat,
                kit,
                Trust.of(dog, kit, List.of(), java.time.LocalDate.of(2026, 5, 1)),
                List.of(),
                List.of(Section.values()));
    }
}
