package rustictangle.core.routine;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import rustictangle.core.Dogs;
import rustictangle.core.coat.Coat;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Section;
import rustictangle.core.trust.Trust;

/** The owner's own minutes take the place of the estimate step by step. */
class PaceTest {

    private final Routine estimate = whole();

    @Test
    void withoutRecordsTheEstimateStandsWithARange() {
        Routine same = estimate.atPace(Pace.learned(estimate, Map.of()));
        assertEquals(estimate.totalSeconds(), same.totalSeconds(), 1e-9);
        assertTrue(estimate.fromSeconds() < estimate.totalSeconds() && estimate.totalSeconds() < estimate.toSeconds());
    }

    @Test
    void manyRecordsTakeThePlaceOfTheEstimateAndFewMoveItALittle() {
        int back = (int) Math.round(seconds(estimate, Section.BACK));
        double few = seconds(after(Section.BACK, Collections.nCopies(1, 2 * back)), Section.BACK);
        double many = seconds(after(Section.BACK, Collections.nCopies(60, 2 * back)), Section.BACK);
        assertTrue(few > back && few < 1.5 * back, back + " to " + few);
        assertEquals(2 * back, many, 0.1 * back);
    }

    @Test
    void aForgottenPauseDoesLittleHarm() {
        int back = (int) Math.round(seconds(estimate, Section.BACK));
        List<Integer> records = new java.util.ArrayList<>(Collections.nCopies(9, back));
        records.add(3600);
        assertEquals(back, seconds(after(Section.BACK, records), Section.BACK), 0.3 * back);
    }

    @Test
    void aPlaceTappedThroughInSecondsTeachesNothing() {
        double back = seconds(estimate, Section.BACK);
        Routine after = after(Section.BACK, Collections.nCopies(12, 2));
        assertEquals(back, seconds(after, Section.BACK), 1e-9);
        assertEquals(estimate.totalSeconds(), after.totalSeconds(), 1e-9);
    }

    @Test
    void aSlowOwnerIsExpectedToBeSlowWhereNothingWasRecordedYet() {
        Map<Section, List<Integer>> records = new EnumMap<>(Section.class);
        for (Section section : List.of(Section.SIDE_LEFT, Section.SIDE_RIGHT, Section.THIGH_LEFT)) {
            records.put(section, Collections.nCopies(8, (int) Math.round(2 * seconds(estimate, section))));
        }
        Routine learned = estimate.atPace(Pace.learned(estimate, records));
        assertTrue(seconds(learned, Section.TAIL_WHOLE) > 1.5 * seconds(estimate, Section.TAIL_WHOLE));
        assertEquals("routine.minutes-learned", learned.whyMinutes().rule());
    }

    @Test
    void theRangeNarrowsWithSteadyRecords() {
        int back = (int) Math.round(seconds(estimate, Section.BACK));
        RoutinePlace steady = step(after(Section.BACK, Collections.nCopies(30, back)), Section.BACK);
        RoutinePlace unknown = step(estimate, Section.BACK);
        assertTrue(steady.toSeconds() - steady.fromSeconds() < unknown.toSeconds() - unknown.fromSeconds());
    }

    private Routine after(Section section, List<Integer> records) {
        return estimate.atPace(Pace.learned(estimate, Map.of(section, records)));
    }

    private static double seconds(Routine routine, Section section) {
        return step(routine, section).seconds();
    }

    private static RoutinePlace step(Routine routine, Section section) {
        return routine.places().stream()
                .filter(step -> step.section() == section)
                .findFirst()
                .orElseThrow();
    }

    private static Routine whole() {
        Dog dog = Dogs.adult(15);
        Coat coat = Dogs.allOver(Dogs.fleece(80));
        return Routine.of(
                dog,
                coat,
                Dogs.kit(dog, coat),
                Trust.of(dog, Dogs.kit(dog, coat), List.of(), LocalDate.of(2026, 5, 14)),
                List.of(),
                Arrays.asList(Section.values()));
    }
}
