package rustictangle.core.rhythm;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static rustictangle.core.dog.Section.BACK;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import rustictangle.core.Dogs;
import rustictangle.core.log.Moment;

/** Common practice, no published source: the comb proves, the brush does not. That it counts half is an own estimate. */
class UnprovedTest {

    private static final LocalDate DAY = LocalDate.of(2026, 7, 1);
    private static final LocalDate TODAY = DAY.plusDays(8);

    @Test
    void aBrushingWithoutTheCombLeavesHalfOfWhatTheCombWouldHaveTakenOut() {
        double before = mats(List.of(), List.of());
        double combed = mats(List.of(new CombCheck(BACK, DAY.plusDays(6), 0, false)), List.of());
        double brushed = mats(List.of(), List.of(new Unproved(BACK, Moment.on(DAY.plusDays(6)))));
        assertEquals((before + combed) / 2, brushed, 1e-3 * before);
    }

    @Test
    void brushedAgainAndAgainItNeverCountsAsProved() {
        double combed = mats(List.of(new CombCheck(BACK, DAY.plusDays(7), 0, false)), List.of());
        List<Unproved> daily = java.util.stream.IntStream.rangeClosed(1, 7)
                .mapToObj(day -> new Unproved(BACK, Moment.on(DAY.plusDays(day))))
                .toList();
        assertTrue(mats(List.of(), daily) > combed);
        assertTrue(mats(List.of(), daily) < mats(List.of(), daily.subList(0, 5)));
    }

    @Test
    void whatACombFindsAfterwardsTeachesTheSameRateAsIfNothingHadBeenBrushed() {
        WearDays days = WearDays.of(-30, 30, day -> 1, day -> 0.1, day -> new Hardening(6), true);
        List<CombCheck> checks =
                List.of(new CombCheck(BACK, DAY, 0, false), new CombCheck(BACK, DAY.plusDays(10), 1, false));
        Unproved brushed = new Unproved(BACK, Moment.on(DAY.plusDays(8)));
        Learning.Evidence with =
                Learning.Evidence.of(checks, List.of(brushed), new TreeSet<>(), days, DAY.plusDays(10));
        Learning.Evidence without = Learning.Evidence.of(checks, List.of(), new TreeSet<>(), days, DAY.plusDays(10));
        assertEquals(1.0, without.expected(), 1e-9);
        assertEquals(0.6, with.expected(), 1e-9, "half of what arose before it is gone by chance");
    }

    private static double mats(List<CombCheck> more, List<Unproved> unproved) {
        List<CombCheck> checks = new java.util.ArrayList<>(List.of(new CombCheck(BACK, DAY, 0, false)));
        checks.addAll(more);
        Diary diary = new Diary(
                checks, unproved, Life.ORDINARY, Map.of(), new TreeSet<>(), List.of(), Map.of(), StatedCombing.NOTHING);
        return Forecast.of(Dogs.adult(14), Dogs.allOver(Dogs.fleece(80)), diary, TODAY)
                .at(BACK)
                .orElseThrow()
                .mats(0);
    }
}
