package rustictangle.core.session;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import rustictangle.core.dog.Section;
import rustictangle.core.log.Log;
import rustictangle.core.rhythm.CombCheck;
import rustictangle.core.routine.SetUp;

/**
 * What a month asked and what was found in it.
 *
 * @param minutes of brushing, fetching dog and things included
 * @param mats    new ones that a comb met: one that stays in counts once
 */
public record Months(YearMonth month, int minutes, int mats) {

    /** The months up to this one, oldest first. */
    public static List<Months> of(Log log, LocalDate today, int months) {
        Map<YearMonth, Double> seconds = new HashMap<>();
        SessionLog.brushedByDay(log, 60 * SetUp.learned(log))
                .forEach((day, spent) -> seconds.merge(YearMonth.from(day), spent, Double::sum));
        Map<YearMonth, Integer> mats = new HashMap<>();
        Set<Section> in = EnumSet.noneOf(Section.class);
        for (CombCheck check : log.read(CombCheck.CHECKS)) {
            if (!check.matLeft()) {
                in.remove(check.section());
            } else if (in.add(check.section())) {
                mats.merge(YearMonth.from(check.date()), 1, Integer::sum);
            }
        }
        YearMonth now = YearMonth.from(today);
        return IntStream.range(0, months)
                .map(back -> months - 1 - back)
                .mapToObj(now::minusMonths)
                .map(month -> new Months(
                        month, (int) Math.round(seconds.getOrDefault(month, 0.0) / 60), mats.getOrDefault(month, 0)))
                .toList();
    }
}
