package rustictangle.core.rhythm;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static rustictangle.core.dog.Section.ARMPIT_LEFT;
import static rustictangle.core.dog.Section.BACK;
import static rustictangle.core.dog.Section.CHEST;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import rustictangle.core.dog.Section;
import rustictangle.core.log.CombResult;
import rustictangle.core.log.DayByDay;
import rustictangle.core.log.Said;
import rustictangle.core.log.SessionEvent.SectionDone;
import rustictangle.core.log.Signal;

/** A moment of joy must be true: only the comb proves (common practice, no published source). The week is own choice. */
class AllOverTest {

    private static final LocalDate DAY = LocalDate.of(2026, 5, 11);
    private static final Set<Section> DOG = Set.of(BACK, CHEST, ARMPIT_LEFT);

    private static Said free(Section section) {
        return new SectionDone(section, CombResult.GLIDES, 0, Signal.RELAXED);
    }

    private static List<LocalDate> days(Said... said) {
        return AllOver.days(DayByDay.log(DAY, said), DOG);
    }

    @Test
    void aRoundIsWholeOnTheDayItsLastPlaceIsProved() {
        assertEquals(List.of(), days(free(BACK), free(CHEST)));
        assertEquals(List.of(DAY.plusDays(2)), days(free(BACK), free(CHEST), free(ARMPIT_LEFT)));
    }

    @Test
    void aMatThatStaysInOrABrushWithoutACombMakesItNotWhole() {
        Said mat = new SectionDone(ARMPIT_LEFT, CombResult.MAT_LEFT, 1, Signal.RELAXED);
        Said brushed = new SectionDone(ARMPIT_LEFT, CombResult.BRUSHED, 0, Signal.RELAXED);
        assertEquals(List.of(), days(free(BACK), free(CHEST), mat));
        assertEquals(List.of(), days(free(BACK), free(CHEST), brushed));
        assertEquals(List.of(), days(free(ARMPIT_LEFT), free(BACK), mat, free(CHEST)));
    }

    @Test
    void whatWasProvedMoreThanAWeekAgoCountsNoMoreAndOneRoundIsMarkedOnce() {
        Said[] slow = {
            free(BACK), free(CHEST), free(CHEST), free(CHEST), free(CHEST), free(CHEST), free(CHEST), free(ARMPIT_LEFT)
        };
        assertEquals(List.of(), days(slow), "the back was proved eight days before");
        Said[] daily = {
            free(BACK),
            free(CHEST),
            free(ARMPIT_LEFT),
            free(BACK),
            free(CHEST),
            free(ARMPIT_LEFT),
            free(BACK),
            free(CHEST),
            free(ARMPIT_LEFT),
            free(BACK)
        };
        assertEquals(List.of(DAY.plusDays(2), DAY.plusDays(9)), days(daily));
    }

    @Test
    void onADogThatIsNotBrushedNoRoundIsWhole() {
        assertEquals(List.of(), AllOver.days(DayByDay.log(DAY, free(BACK)), Set.of()));
    }
}
