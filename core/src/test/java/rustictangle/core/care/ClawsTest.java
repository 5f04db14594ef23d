package rustictangle.core.care;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rustictangle.core.Dogs;
import rustictangle.core.Refused;
import rustictangle.core.care.Claws.DewClaws;
import rustictangle.core.dog.Dog;
import rustictangle.core.log.CareJob;
import rustictangle.core.log.ClawResult;
import rustictangle.core.log.ClawTouched;
import rustictangle.core.log.Exercise;
import rustictangle.core.log.Log;
import rustictangle.core.log.Paw;
import rustictangle.core.log.Signal;
import rustictangle.core.log.Visited;
import rustictangle.core.trust.Treat;
import rustictangle.core.trust.TreatAllowance;
import rustictangle.core.trust.TreatsToday;
import rustictangle.core.trust.Trial;

/** Each claw has its own mark: handbook 13. */
class ClawsTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);

    @ParameterizedTest
    @CsvSource({"true, false, 18", "true, true, 20", "false, false, 16", "false, true, 18"})
    void eighteenClawsWithTheDewClawsSomeDogsTwentySomeSixteen(boolean front, boolean hind, int claws) {
        assertEquals(
                claws,
                Claws.of(new Days().log(), new DewClaws(front, hind)).claws().size());
    }

    /** One claw a day is a routine, too: the job is as old as the claw that waits longest. */
    @Test
    void theJobIsAsOldAsTheClawThatWaitsLongest() {
        Days days = new Days();
        int n = 0;
        for (Claws.Claw claw : Claws.of(days.log(), DewClaws.USUAL).claws()) {
            assertEquals(Optional.empty(), Claws.of(days.log(), DewClaws.USUAL).allDone());
            days.on(TODAY.minusDays(20 - n++), new ClawTouched(claw.paw(), claw.toe(), ClawResult.DONE));
        }
        Claws claws = Claws.of(days.log(), DewClaws.USUAL);
        assertEquals(Optional.of(TODAY.minusDays(20)), claws.allDone());
        assertEquals(3, claws.due(TODAY, 18).size());
        assertEquals(Paw.FRONT_LEFT, claws.due(TODAY, 18).get(0).paw());
    }

    @Test
    void aClawCutTooShortIsDoneAndOneThatWasLeftWaits() {
        Days days = new Days()
                .on(TODAY, new ClawTouched(Paw.HIND_LEFT, 1, ClawResult.TOO_SHORT))
                .on(TODAY, new ClawTouched(Paw.HIND_LEFT, 2, ClawResult.LEFT));
        Claws claws = Claws.of(days.log(), DewClaws.USUAL);
        assertEquals(17, claws.due(TODAY, 24).size());
        assertEquals(
                ClawResult.TOO_SHORT,
                claws.claws().stream()
                        .filter(claw -> claw.paw() == Paw.HIND_LEFT && claw.toe() == 1)
                        .findFirst()
                        .orElseThrow()
                        .last()
                        .orElseThrow()
                        .result());
        assertThrows(Refused.class, () -> new ClawTouched(Paw.HIND_LEFT, 5, ClawResult.DONE));
    }

    /** What the dog makes of it counts in the ladder of what it was done with; a claw alone says nothing of that. */
    @Test
    void aClawCutTooShortMovesTheLadder() {
        ClawTouched short1 = new ClawTouched(Paw.HIND_LEFT, 1, ClawResult.TOO_SHORT);
        ClawTouched minded = new ClawTouched(
                Paw.HIND_LEFT, 1, ClawResult.TOO_SHORT, Optional.of(Signal.AFRAID), Optional.of(Exercise.NAIL_GRINDER));
        assertEquals(List.of(), new Days().on(TODAY, short1).log().read(Trial.ANSWERS));
        Log log = new Days().on(TODAY, short1, minded).log();
        assertEquals(
                List.of(new Trial(TODAY, Optional.of(Exercise.NAIL_GRINDER), Optional.empty(), Signal.AFRAID)),
                log.read(Trial.ANSWERS));
        Dog dog = Dogs.adult(10);
        TreatAllowance allowance = TreatAllowance.of(dog, TODAY);
        assertThrows(
                Refused.class,
                () -> new ClawTouched(
                        Paw.HIND_LEFT, 1, ClawResult.DONE, Optional.of(Signal.RELAXED), Optional.empty()));
        assertEquals(1, TreatsToday.of(allowance, Treat.usual(allowance), log).given(), "it is the same claw");
    }

    @Test
    void aGroomerWhoDoesTheNailsDoesThemAll() {
        Days days = new Days()
                .on(TODAY.minusDays(9), new ClawTouched(Paw.HIND_LEFT, 1, ClawResult.TOO_SHORT))
                .on(
                        TODAY.minusDays(3),
                        new Visited(
                                Optional.empty(),
                                Optional.empty(),
                                "",
                                "",
                                false,
                                Map.of(),
                                Optional.of(Set.of(CareJob.NAILS)),
                                Optional.empty(),
                                Optional.empty()));
        assertEquals(
                Optional.of(TODAY.minusDays(3)),
                Claws.of(days.log(), DewClaws.USUAL).allDone());
        assertEquals(Optional.of(TODAY.minusDays(3)), CareDiary.of(days.log()).lastDone(CareJob.NAILS));
        days.on(TODAY, new ClawTouched(Paw.HIND_LEFT, 1, ClawResult.LEFT));
        assertEquals(1, Claws.of(days.log(), DewClaws.USUAL).due(TODAY, 24).size());
    }
}
