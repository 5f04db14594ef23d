package rustictangle.core.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rustictangle.core.Dogs;
import rustictangle.core.coat.Coat;
import rustictangle.core.dog.Section;
import rustictangle.core.rhythm.CombCheck;
import rustictangle.core.rhythm.Comfort;

/** A whole year of an owner who does just what the plan says, with a long fleece. */
class YearTest {

    private static final int DAYS = 365;
    private static final Coat FLEECE = Dogs.allOver(Dogs.fleece(80));

    /** What a year came to. */
    private static final class Year {
        final Map<Section, Double> mats = new EnumMap<>(Section.class);
        final Map<Section, Integer> longest = new EnumMap<>(Section.class);
        double minutes;
        int sessions;

        Year(Comfort comfort) {
            Kept kept = Kept.dog(Dogs.adult(16), FLEECE).comfort(comfort);
            Map<Section, LocalDate> clear = new EnumMap<>(Section.class);
            kept.places().keySet().forEach(section -> clear.put(section, Kept.TODAY));
            for (int day = 1; day <= DAYS; day++) {
                LocalDate today = Kept.TODAY.plusDays(day);
                Workload work = kept.checks(checks(clear)).on(today);
                HouseholdPlan plan = HouseholdPlan.asItTakes(List.of(work));
                if (plan.on(0).isEmpty()) {
                    continue;
                }
                minutes += plan.minutes(0);
                sessions++;
                plan.on(0).forEach(place -> {
                    Section section = place.section();
                    mats.merge(
                            section, work.forecast().at(section).orElseThrow().mats(0), Double::sum);
                    longest.merge(section, (int) ChronoUnit.DAYS.between(clear.get(section), today), Math::max);
                    clear.put(section, today);
                });
                HouseholdPlan evening = HouseholdPlan.asItTakes(
                        List.of(kept.checks(checks(clear)).on(today)));
                assertEquals(List.of(), evening.on(0), "still due on the evening of day " + day);
            }
        }

        private static List<CombCheck> checks(Map<Section, LocalDate> clear) {
            List<CombCheck> checks = new ArrayList<>();
            clear.forEach((section, day) -> checks.add(new CombCheck(section, day, 0, false)));
            return checks;
        }

        double matsAMonth() {
            return mats.values().stream().mapToDouble(mat -> mat).sum() / 12;
        }
    }

    /** Nearly free of mats, spread thin: no place much worse than another, and none forgotten. */
    @ParameterizedTest(name = "{0}: at most {1} mats a month, {2} in one place in a year, {3} days between")
    @CsvSource({"CAREFUL, 2.7, 3, 9", "BALANCED, 6, 5.5, 15", "EASY_GOING, 18, 12, 36"})
    void whoeverDoesWhatThePlanSaysKeepsNearlyFreeOfMats(Comfort comfort, double aMonth, double place, int days) {
        Year year = new Year(comfort);
        System.out.printf(
                "A year of a fleece of 80 mm, %s: %.0f min a week in %d sessions, %.1f small mats a month, worst place %.1f a year, longest wait %d days%n",
                comfort,
                year.minutes * 7 / DAYS,
                year.sessions,
                year.matsAMonth(),
                year.mats.values().stream().mapToDouble(mat -> mat).max().orElseThrow(),
                year.longest.values().stream().mapToInt(wait -> wait).max().orElseThrow());
        assertTrue(year.matsAMonth() <= aMonth, year.matsAMonth() + " mats a month");
        for (Section section : Section.values()) {
            assertTrue(year.mats.get(section) <= place, section + ": " + year.mats.get(section) + " a year");
            assertTrue(year.longest.get(section) <= days, section + ": " + year.longest.get(section) + " days");
        }
    }
}
