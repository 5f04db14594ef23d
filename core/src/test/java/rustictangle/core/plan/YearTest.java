package rustictangle.core.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rustictangle.core.Dogs;
import rustictangle.core.coat.Coat;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Kit;
import rustictangle.core.log.Signal;
import rustictangle.core.rhythm.CombCheck;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.trust.Trial;
import rustictangle.core.trust.Trust;

/** A whole year of an owner who does just what the plan says, with a long fleece. */
class YearTest {

    private static final int DAYS = 365;
    private static final Coat FLEECE = Dogs.allOver(Dogs.fleece(80));

    /** What a year came to. */
    private static final class Year {
        final Map<Section, Double> mats = new EnumMap<>(Section.class);
        final Map<Section, Integer> longest = new EnumMap<>(Section.class);
        /** Of days on which somebody was there, since it was brushed or asked for. */
        final Map<Section, Integer> unasked = new EnumMap<>(Section.class);
        /** A gentle adult's answers. */
        final List<Trial> trials = new ArrayList<>();

        int mostUnasked;
        double minutes;
        int sessions;

        Year(Comfort comfort, IntPredicate away) {
            Kept kept = Kept.dog(Dogs.adult(16), FLEECE).comfort(comfort);
            Map<Section, LocalDate> clear = new EnumMap<>(Section.class);
            kept.places().keySet().forEach(section -> clear.put(section, Kept.TODAY));
            for (int day = 1; day <= DAYS; day++) {
                LocalDate today = Kept.TODAY.plusDays(day);
                if (away.test(day)) {
                    continue;
                }
                Workload work = kept.checks(checks(clear)).on(today);
                HouseholdPlan plan = HouseholdPlan.asItTakes(List.of(work));
                clear.keySet().forEach(section -> unasked.merge(section, 1, Integer::sum));
                plan.on(0).forEach(place -> unasked.put(place.section(), 0));
                mostUnasked = Math.max(mostUnasked, Collections.max(unasked.values()));
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
                    trials.add(Trial.at(today, section, Signal.RELAXED));
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

        /** Days on which a place had fallen into training. */
        List<LocalDate> lockedOut(IntPredicate away) {
            Kit kit = Dogs.kit(Dogs.adult(16), FLEECE);
            return IntStream.rangeClosed(1, DAYS)
                    .filter(day -> !away.test(day))
                    .mapToObj(Kept.TODAY::plusDays)
                    .filter(day -> !Trust.of(
                                    Dogs.adult(16),
                                    kit,
                                    trials.stream()
                                            .filter(trial -> trial.day().isBefore(day))
                                            .toList(),
                                    day)
                            .readyEverywhere())
                    .toList();
        }

        double matsAMonth() {
            return mats.values().stream().mapToDouble(mat -> mat).sum() / 12;
        }
    }

    /** A gentle adult, three ill weeks and a holiday: no place is locked, and none waits a fortnight without a word. */
    @Test
    void afterAnIllnessAndAHolidayEveryPlaceIsAskedForAgainAndNoneIsLocked() {
        IntPredicate away = day -> day > 90 && day <= 111 || day > 200 && day <= 214;
        Year year = new Year(Comfort.BALANCED, away);
        assertTrue(year.mostUnasked <= 14, year.mostUnasked + " days without a word");
        assertEquals(List.of(), year.lockedOut(away));
    }

    /** Nearly free of mats, spread thin: no place much worse than another, and none forgotten. */
    @ParameterizedTest(name = "{0}: at most {1} mats a month, {2} in one place in a year, {3} days between")
    @CsvSource({"CAREFUL, 2.7, 3, 9", "BALANCED, 6, 5.5, 15", "EASY_GOING, 18, 12, 42"})
    void whoeverDoesWhatThePlanSaysKeepsNearlyFreeOfMats(Comfort comfort, double aMonth, double place, int days) {
        Year year = new Year(comfort, day -> false);
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
