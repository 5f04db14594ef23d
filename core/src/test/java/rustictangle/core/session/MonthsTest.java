package rustictangle.core.session;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static rustictangle.core.dog.Section.BACK;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import rustictangle.core.log.CombResult;
import rustictangle.core.log.DayByDay;
import rustictangle.core.log.Log;
import rustictangle.core.log.Said;
import rustictangle.core.log.SessionEvent.SectionDone;
import rustictangle.core.log.Signal;
import rustictangle.core.routine.SetUp;

/** What a month took and what was found in it, as an owner would count. */
class MonthsTest {

    private static Said back(CombResult comb, int seconds) {
        return new SectionDone(BACK, comb, comb.leavesMat() ? 1 : 0, Signal.RELAXED, Optional.of(seconds));
    }

    @Test
    void aMatThatStaysInIsOneMatHoweverOftenTheCombMeetsIt() {
        Log log = DayByDay.log(
                LocalDate.of(2026, 4, 28),
                back(CombResult.MAT_LEFT, 300),
                back(CombResult.MAT_LEFT, 300),
                back(CombResult.MAT_LEFT, 300),
                back(CombResult.GLIDES, 300),
                back(CombResult.MAT_LEFT, 300));
        List<Months> months = Months.of(log, LocalDate.of(2026, 5, 14), 3);
        assertEquals(
                List.of(YearMonth.of(2026, 3), YearMonth.of(2026, 4), YearMonth.of(2026, 5)),
                months.stream().map(Months::month).toList());
        assertEquals(List.of(0, 1, 1), months.stream().map(Months::mats).toList());
        double setUp = SetUp.learned(log);
        assertEquals(0, months.get(0).minutes());
        assertEquals(Math.round(3 * 5 + 3 * setUp), months.get(1).minutes(), "three evenings, set up each time");
        assertEquals(Math.round(2 * 5 + 2 * setUp), months.get(2).minutes());
    }
}
