package rustictangle.core.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import rustictangle.core.Dogs;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.HairLength;
import rustictangle.core.coat.RegionCoat;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Section;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.rhythm.Diary;
import rustictangle.core.rhythm.Forecast;
import rustictangle.core.rhythm.LongRun;
import rustictangle.core.routine.Routine;
import rustictangle.core.routine.SetUp;
import rustictangle.core.trust.Trust;
import rustictangle.core.visit.GroomPrice;
import rustictangle.core.visit.Interval;

class TradeTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);
    private static final double GROWS = 0.35;
    private static final Dog DOG = Dogs.adult(14);
    private static final Coat CURLY = Dogs.allOver(Dogs.hair(CoatKind.CURLY, 40));
    private static final Forecast FORECAST = Forecast.of(DOG, CURLY, Diary.of(List.of()), TODAY);
    private static final Trade TRADE =
            Trade.of(CURLY, FORECAST, Comfort.BALANCED, GROWS, SetUp.MINUTES, TradeTest::routine);

    private static Routine routine(Coat coat) {
        var kit = Dogs.kit(DOG, coat);
        return Routine.of(
                DOG, coat, kit, Trust.of(DOG, kit, List.of(), TODAY), List.of(), Arrays.asList(Section.values()));
    }

    /** At the length that it has on the day of the visit, worked out without the grid. */
    @Test
    void theMinutesAreThoseOfTheLastWeek() {
        for (double weeks : new double[] {4, 6.5, 13}) {
            for (int mm : new int[] {6, 20, 44, 90}) {
                Coat coat = CURLY.clippedTo(new HairLength(mm + GROWS * 7 * weeks));
                LongRun run = LongRun.of(
                        routine(coat).places().stream()
                                .map(step -> new LongRun.BrushedPlace(
                                        step.seconds() / 60,
                                        FORECAST.everyDay(
                                                        step.section(),
                                                        coat.at(step.section()).length())
                                                .orElseThrow()))
                                .toList(),
                        SetUp.MINUTES,
                        Comfort.BALANCED);
                double told = TRADE.minutes()[TRADE.weeks().indexOf(weeks)][
                        TRADE.lengths().indexOf(mm)];
                assertEquals(run.minutesAWeek(), told, 0.06 * run.minutesAWeek() + 1, mm + " mm, " + weeks + " weeks");
            }
        }
    }

    /** Two millimetres more never ask for a leap, in minutes or in mats, and never for less. */
    @Test
    void minutesAndMatsRiseSmoothlyWithLengthAndWithTheWeeks() {
        for (int w = 0; w < TRADE.weeks().size(); w++) {
            for (int l = 1; l < TRADE.lengths().size(); l++) {
                smooth(TRADE.minutes()[w][l - 1], TRADE.minutes()[w][l], 6);
                smooth(TRADE.mats()[w][l - 1], TRADE.mats()[w][l], 1);
                if (w > 0) {
                    assertTrue(TRADE.minutes()[w][l] >= TRADE.minutes()[w - 1][l]);
                    assertTrue(TRADE.mats()[w][l] > TRADE.mats()[w - 1][l]);
                }
            }
        }
    }

    private static void smooth(double before, double after, double atLeast) {
        assertTrue(after >= before && after - before <= Math.max(atLeast, 0.15 * before), before + " to " + after);
    }

    @Test
    void moreMinutesOrASoonerVisitNeverMeanAShorterClip() {
        for (double weeks : TRADE.weeks()) {
            int before = 0;
            for (int minutes = 0; minutes <= 300; minutes += 10) {
                int longest = TRADE.longest(minutes, weeks).orElse(0);
                assertTrue(longest >= before);
                assertTrue(weeks == 13
                        || longest >= TRADE.longest(minutes, weeks + 0.5).orElse(0));
                before = longest;
            }
        }
    }

    /** Worked by hand: 8 visits of 58 + 6 tip, 15 a month for a membership that gives 10 a month: 8 × 64 + 12 × 5. */
    @Test
    void aYearCostsWhatIsWorkedOutByHand() {
        GroomPrice price = new GroomPrice(58, 6, 10, 15, 20);
        assertEquals(572, price.yearly(8), 1e-9);
        assertEquals(572, price.yearlyEvery(6.5), 1e-9, "every month and a half");
        assertEquals(180, new GroomPrice(5, 0, 10, 15, 0).yearly(8), 1e-9, "a credit is not paid out");
    }

    /** A length in hand is answered by the plan, never with minutes of another table (handbook 11). */
    @Test
    void theDogsOwnAnswerIsWhatThePlanMakesOfTheLengthInHand() {
        LocalDate until = LocalDate.of(2026, 6, 20);
        OptionalInt keeps = TRADE.keeps(CURLY, 35, 6.5);
        String text =
                Trade.own(CURLY, new Trade.InHand(35, 12.2, until), keeps, 6.5).text();
        assertTrue(
                text.matches(
                        "At its \\{\\d+ mm\\} the plan has about 35 minutes a week for it; expect 12 small mats by "
                                + "\\{2026-06-20 date\\}\\. The same minutes would keep a clip of \\{\\d+ mm\\} for 6½ weeks\\."),
                text);
        assertTrue(TRADE.longest(35, 6.5).getAsInt() <= keeps.getAsInt());
        assertTrue(TRADE.keeps(CURLY, 600, 6.5).isEmpty(), "they keep what it has");
        assertEquals(6.5, TRADE.weeks(CURLY, Optional.of(until), until.minusDays(45)));
    }

    /** Of two that are chosen, the third is what the table says, whichever way it is asked. */
    @ParameterizedTest
    @CsvSource({"60, 4, 6", "60, 6, 20", "120, 6.5, 40", "300, 8, 90", "600, 13, 120", "0, 13, 6"})
    void theThirdOfTheThreeFollowsFromTheOtherTwo(int minutes, double weeks, int mm) {
        GroomPrice price = new GroomPrice(58, 6, 10, 15, 20);
        int w = TRADE.weeks().indexOf(weeks);
        TradeAnswer length = TRADE.answer(new TradeQuestion(TradeQuestion.Tell.LENGTH, minutes, weeks, mm), price);
        OptionalInt longest = TRADE.longest(minutes, weeks);
        assertEquals(longest.isPresent() ? Optional.of(longest.getAsInt()) : Optional.empty(), length.millimetres());
        TradeAnswer needed = TRADE.answer(new TradeQuestion(TradeQuestion.Tell.MINUTES, minutes, weeks, mm), price);
        double asked = TRADE.minutes()[w][TRADE.lengths().indexOf(mm)];
        assertTrue(needed.minutesAWeek() >= asked && needed.minutesAWeek() < asked + 5);
        TradeAnswer wait = TRADE.answer(new TradeQuestion(TradeQuestion.Tell.WEEKS, minutes, weeks, mm), price);
        TRADE.weeks()
                .forEach(other -> assertEquals(
                        wait.weeks().filter(until -> other <= until).isPresent(),
                        TRADE.minutes()[TRADE.weeks().indexOf(other)][
                                        TRADE.lengths().indexOf(mm)]
                                <= minutes,
                        other + " weeks"));
        for (TradeAnswer answer : List.of(length, needed, wait)) {
            assertEquals(TRADE.weeks().size(), answer.rows().size());
            assertEquals(572, answer.rows().get(5).yearly(), 1e-9, "every month and a half");
            boolean answered =
                    answer.millimetres().isPresent() && answer.weeks().isPresent();
            assertEquals(
                    answered,
                    answer.text().text().contains("a year costs about {"),
                    answer.text().text());
        }
    }

    /** Whoever looks on another day is told the same day, until it is there. */
    @Test
    void theProposedDayStaysWhereItWasProposed() {
        Interval usual = Interval.of(CURLY).orElseThrow();
        LocalDate proposed = usual.proposed(Optional.empty(), TODAY, TODAY);
        assertEquals(TODAY.plusWeeks(7), proposed);
        for (int day = 1; day < 49; day++) {
            assertEquals(proposed, usual.proposed(Optional.empty(), TODAY, TODAY.plusDays(day)));
        }
        assertEquals(proposed.plusWeeks(1), usual.proposed(Optional.empty(), TODAY, proposed.plusDays(3)));
        assertEquals(TODAY.plusWeeks(1), Interval.soonAfter(TODAY, TODAY.plusDays(2)));
    }

    /** 6–8 weeks for curly, about 6 for a long fleece, others when needed: common practice, no published source. */
    @ParameterizedTest
    @EnumSource(CoatKind.class)
    void whoeverIsClippedSeesAGroomerAsOftenAsCommonPracticeSays(CoatKind kind) {
        RegionCoat hair = Dogs.hair(kind, 60);
        int weeks = kind == CoatKind.FLEECE ? 6 : 7;
        assertEquals(
                TODAY.plusWeeks(weeks),
                Interval.of(Dogs.allOver(hair.kept(true))).orElseThrow().proposed(Optional.of(TODAY), TODAY, TODAY));
        assertEquals(Optional.empty(), Interval.of(Dogs.allOver(hair.kept(false))));
    }
}
