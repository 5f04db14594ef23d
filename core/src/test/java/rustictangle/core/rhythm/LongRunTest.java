package rustictangle.core.rhythm;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rustictangle.core.Dogs;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.dog.Section;

class LongRunTest {

    private static final LocalDate DAY = LocalDate.of(2026, 1, 14);

    private static EveryDay at(Coat coat, Section section) {
        return Forecast.of(Dogs.adult(14), coat, Diary.of(List.of()), DAY)
                .everyDay(section)
                .orElseThrow();
    }

    /** Age replacement against a search over hundredths of a day. */
    @ParameterizedTest
    @CsvSource({
        "CURLY, 45, ARMPIT_LEFT, 1.2",
        "CURLY, 45, BACK, 4",
        "DROP, 90, HIND_LEG_LEFT, 2",
        "DOUBLE, 60, BACK, 2",
        "WIRE, 40, CHEST, 1",
        "FEATHERED, 60, BELLY, 3",
        "SMOOTH, 15, BACK, 1"
    })
    void nothingElseCostsLessInTheLongRun(CoatKind kind, double mm, Section section, double minutes) {
        EveryDay days = at(Dogs.allOver(Dogs.hair(kind, mm)), section);
        for (Comfort comfort : Comfort.values()) {
            double best = Double.POSITIVE_INFINITY;
            for (double every = 1; every <= LongRun.LONGEST_DAYS; every += 0.01) {
                best = Math.min(best, aDay(days, comfort, minutes, every));
            }
            assertEquals(
                    best,
                    aDay(days, comfort, minutes, LongRun.alone(minutes, days, comfort)),
                    0.01 * best,
                    comfort.name());
        }
    }

    private static double aDay(EveryDay days, Comfort comfort, double minutes, double every) {
        return (minutes
                        + comfort.minutesPerMat() * days.matsThatTighten(every)
                        + minutes * comfort.looseHair() * days.looseHair(every))
                / every;
    }

    /** What stays in counts more: against a sum over small steps. */
    @Test
    void whatTightensIsTheSumOverTheDaysItStays() {
        EveryDay days = at(Dogs.allOver(Dogs.fleece(80)), Section.ARMPIT_LEFT);
        for (double until : new double[] {3, 9, 30}) {
            double sum = 0;
            for (int i = 0; i < 10_000; i++) {
                sum += days.mats((i + 0.5) * until / 10_000) * until / 10_000;
            }
            assertEquals(
                    days.mats(until) + Outlook.TIGHTENS_A_DAY * sum,
                    days.matsThatTighten(until),
                    1e-6,
                    until + " days");
        }
    }

    @Test
    void aSessionThatIsSharedIsRarerThanOneOfItsPlacesWouldAsk() {
        Coat coat = Dogs.allOver(Dogs.fleece(80));
        List<LongRun.BrushedPlace> places = Arrays.stream(Section.values())
                .map(section -> new LongRun.BrushedPlace(1.5, at(coat, section)))
                .toList();
        LongRun run = LongRun.of(places, 4, Comfort.BALANCED);
        assertTrue(run.everyDays() > LongRun.alone(1.5, at(coat, Section.ARMPIT_LEFT), Comfort.BALANCED));
        double alone = places.stream()
                .mapToDouble(place -> 7 * 1.5 / LongRun.alone(1.5, place.days(), Comfort.BALANCED))
                .sum();
        assertTrue(run.minutesAWeek() > 7 * 4 / run.everyDays() && run.minutesAWeek() < alone + 7 * 4);
    }
}
