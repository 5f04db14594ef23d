package rustictangle.core.plan;

import java.util.List;
import java.util.Optional;
import rustictangle.core.Reason;

/**
 * The third of length, minutes and weeks, and what goes with it.
 *
 * @param millimetres empty: not even the shortest clip
 * @param weeks       empty: not even until the soonest visit
 * @param withMore    clip with some minutes more, where that is longer; empty: it is not
 * @param visitsAYear each of which a surcharge would be for; empty: no answer
 * @param rows        the same for every number of weeks
 */
public record TradeAnswer(
        TradeQuestion asked,
        Optional<Integer> millimetres,
        Optional<Double> weeks,
        int minutesAWeek,
        Optional<Integer> withMore,
        int moreMinutes,
        Reason text,
        Optional<Long> visitsAYear,
        List<TradeRow> rows) {

    /**
     * @param longest  clip that the minutes keep; empty: none
     * @param withMore the same with some minutes more
     * @param minutes  a week that the answer's length takes; empty: it has none
     * @param yearly   cost of a year with a visit so often
     */
    public record TradeRow(
            double weeks,
            Optional<Integer> longest,
            Optional<Integer> withMore,
            Optional<Double> minutes,
            double yearly) {}

    public TradeAnswer {
        rows = List.copyOf(rows);
    }
}
