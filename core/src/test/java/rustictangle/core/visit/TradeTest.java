package rustictangle.core.visit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import rustictangle.core.Dogs;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.HairLength;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Section;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.rhythm.Diary;
import rustictangle.core.rhythm.Forecast;
import rustictangle.core.rhythm.Outlook;
import rustictangle.core.routine.Routine;
import rustictangle.core.trust.Trust;

class TradeTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);
    private static final double GROWS = 0.35;
    private static final int COUNTED_WEEKS = 20;
    private static final Dog DOG = Dogs.adult(14);
    private static final Coat CURLY = Dogs.allOver(Dogs.hair(CoatKind.CURLY, 40));
    private static final Forecast FORECAST = Forecast.of(DOG, CURLY, Comfort.BALANCED, Diary.of(List.of()), TODAY);
    private static final Trade TRADE = Trade.of(CURLY, FORECAST, Comfort.BALANCED, GROWS, TradeTest::routine);

    private static Routine routine(Coat coat) {
        var kit = Dogs.kit(DOG, coat);
        return Routine.of(
                DOG,
                coat,
                kit,
                Trust.of(DOG, kit, List.of(), TODAY),
                FORECAST.rhythm().sections(),
                Arrays.asList(Section.values()));
    }

    /** Every day of every interval simulated: a place is brushed on the day a limit is reached, at that day's length. */
    @Test
    void theMinutesOfTheLastWeekAreThoseOfADayByDaySimulation() {
        for (int weeks : TRADE.weeks()) {
            for (int l = 0; l < TRADE.lengths().size(); l++) {
                double simulated = simulate(TRADE.lengths().get(l), weeks);
                double asked = TRADE.minutes()[TRADE.weeks().indexOf(weeks)][l];
                assertEquals(
                        simulated,
                        asked,
                        Math.max(4, 0.2 * simulated),
                        TRADE.lengths().get(l) + " mm, " + weeks + " weeks");
            }
        }
    }

    /** Over the whole grid: no mat limit is passed with the longest clip, and the minutes do not reach for a longer one. */
    @Test
    void theLongestClipIsThatOfTheSimulation() {
        for (int weeks : TRADE.weeks()) {
            for (int minutes = 40; minutes <= 400; minutes += 60) {
                OptionalInt longest = TRADE.longest(minutes, weeks);
                int simulated = 0;
                for (int mm : TRADE.lengths()) {
                    if (simulate(mm, weeks) > minutes) {
                        break;
                    }
                    simulated = mm;
                }
                assertEquals(
                        simulated,
                        longest.orElse(0),
                        0.2 * Math.max(simulated, longest.orElse(0)) + 6,
                        weeks + " weeks, " + minutes + " min");
            }
        }
    }

    /** Minutes a week at the length on the day of the visit, averaged over many weeks of it. */
    private static double simulate(double clip, int weeks) {
        int days = 7 * weeks;
        double seconds = 0;
        for (Section section : Section.values()) {
            int since = 0;
            for (int day = 1; day <= days + 7 * COUNTED_WEEKS; day++) {
                // Lengths, to the millimetre as a ruler reads, stop at the visit; the days after it let every rhythm
                // come round.
                HairLength length = new HairLength(Math.round(clip + GROWS * Math.min(day, days)));
                Outlook outlook = FORECAST.atLength(section, length).orElseThrow();
                since++;
                boolean tangle = Outlook.chance(outlook.tangles(TODAY, since)) >= Comfort.BALANCED.tangleLimit();
                boolean mat = Outlook.chance(outlook.mats(TODAY, since)) >= 0.05;
                if (tangle || mat || since >= 28) {
                    since = 0;
                    if (day > days) {
                        seconds += seconds(section, length);
                    }
                }
            }
        }
        return seconds / 60 / COUNTED_WEEKS;
    }

    private static final Map<Long, Routine> ROUTINES = new HashMap<>();

    private static int seconds(Section section, HairLength length) {
        return ROUTINES
                .computeIfAbsent(Math.round(length.millimetres()), mm -> routine(CURLY.clippedTo(length)))
                .steps()
                .stream()
                .filter(step -> step.section() == section)
                .findFirst()
                .orElseThrow()
                .seconds();
    }

    @Test
    void moreMinutesOrASoonerVisitNeverMeanAShorterClip() {
        for (int weeks : TRADE.weeks()) {
            int before = 0;
            for (int minutes = 0; minutes <= 500; minutes += 10) {
                int longest = TRADE.longest(minutes, weeks).orElse(0);
                assertTrue(longest >= before);
                assertTrue(weeks == 13
                        || longest >= TRADE.longest(minutes, weeks + 1).orElse(0));
                before = longest;
            }
        }
    }

    /** Worked by hand: every 1.5 months is 8 visits; 58 + 6 tip − 10 credit, 15 a month: 8 × 54 + 180 = 612 a year. */
    @Test
    void aYearCostsWhatIsWorkedOutByHand() {
        GroomPrice price = new GroomPrice(58, 6, 10, 15);
        assertEquals(612, price.yearly(8), 1e-9);
        assertEquals(8.7 * 54 + 180, price.yearlyEvery(6), 1);
        assertEquals(180, new GroomPrice(5, 0, 10, 15).yearly(8), 1e-9, "a credit is not paid out");
    }

    /** 6–8 weeks for curly, about 6 for a long fleece, others when needed: common practice, no published source. */
    @ParameterizedTest
    @EnumSource(CoatKind.class)
    void groomersAreSeenAsOftenAsCommonPracticeSays(CoatKind kind) {
        Optional<Interval> interval = Interval.of(Dogs.allOver(Dogs.hair(kind, 60)));
        assertEquals(kind.growsOn(), interval.isPresent());
        interval.ifPresent(usual -> assertEquals(TODAY.plusWeeks(7), usual.proposed(Optional.of(TODAY), TODAY)));
        assertEquals(
                TODAY.plusWeeks(6),
                Interval.of(Dogs.allOver(Dogs.fleece(80))).orElseThrow().proposed(Optional.of(TODAY), TODAY));
    }
}
