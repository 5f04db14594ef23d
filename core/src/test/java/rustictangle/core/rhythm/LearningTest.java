package rustictangle.core.rhythm;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static rustictangle.core.dog.Section.ARMPIT_LEFT;
import static rustictangle.core.dog.Section.ARMPIT_RIGHT;
import static rustictangle.core.dog.Section.BACK;
import static rustictangle.core.dog.Section.HIND_LEG_LEFT;
import static rustictangle.core.dog.Section.TAIL_WHOLE;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import org.apache.commons.statistics.distribution.GammaDistribution;
import org.apache.commons.statistics.distribution.PoissonDistribution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import rustictangle.core.Dogs;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.HairLength;
import rustictangle.core.coat.LengthOverTime;
import rustictangle.core.coat.LengthReading;
import rustictangle.core.coat.RegionCoat;
import rustictangle.core.dog.Region;
import rustictangle.core.dog.Section;
import rustictangle.core.log.Moment;
import rustictangle.core.log.VisitScope;

class LearningTest {

    private static final LocalDate DAY = LocalDate.of(2026, 5, 1);
    private static final Coat FLEECE = Dogs.allOver(Dogs.fleece(110));

    /** Bayes' rule worked out on a grid with Apache Commons Statistics, against the conjugate Gamma–Poisson update. */
    @Test
    void aCombCheckTeachesByBayesRule() {
        double expected = 0.77;
        int tangles = 3;
        GammaDistribution prior = GammaDistribution.of(TangleRate.TABLE.shape(), 1 / TangleRate.TABLE.rate());
        double weights = 0;
        double mean = 0;
        for (double factor = 0.0005; factor < 30; factor += 0.001) {
            double weight = prior.density(factor)
                    * PoissonDistribution.of(factor * expected).probability(tangles);
            weights += weight;
            mean += weight * factor;
        }
        assertEquals(mean / weights, TangleRate.TABLE.after(tangles, expected).factor(), 1e-6);
    }

    /** Against the inverse of the Gamma distribution by Apache Commons Statistics. */
    @ParameterizedTest
    @ValueSource(doubles = {2, 3, 5, 12, 40})
    void theSpreadIsTwoThirdsOfTheGammaDistribution(double shape) {
        TangleRate rate = new TangleRate(shape, 4);
        GammaDistribution gamma = GammaDistribution.of(shape, 1 / 4.0);
        assertEquals(gamma.inverseCumulativeProbability(1 / 6.0), rate.low(), 0.02 * rate.factor());
        assertEquals(gamma.inverseCumulativeProbability(5 / 6.0), rate.high(), 0.02 * rate.factor());
    }

    @Test
    void moreChecksNarrowTheSpread() {
        TangleRate few = rate(checks(ARMPIT_LEFT, 3, 1));
        TangleRate many = rate(checks(ARMPIT_LEFT, 60, 1));
        assertTrue(many.high() / many.low() < few.high() / few.low());
        assertTrue(few.low() <= few.factor() && few.factor() <= few.high());
    }

    /** Against the distribution function by Apache Commons Statistics. */
    @ParameterizedTest
    @CsvSource({"3, 2", "6, 9", "20, 14", "40, 52"})
    void howSureItIsIsTheChanceOfThatSide(double shape, double rate) {
        double less = GammaDistribution.of(shape, 1 / rate).cumulativeProbability(1);
        assertEquals(Math.max(less, 1 - less), new TangleRate(shape, rate).sureOfSide(), 0.01);
    }

    @Test
    void whatIsFoundOnOneSideIsPartlyBelievedOfTheOtherAndLessOfItsRegion() {
        Learning learning = new Learning();
        learning.add(ARMPIT_LEFT, new Learning.Evidence(8, 2));
        double own = learning.at(ARMPIT_LEFT).factor();
        double otherSide = learning.at(ARMPIT_RIGHT).factor();
        double sameRegion = learning.at(BACK).factor();
        assertTrue(
                own > otherSide && otherSide > sameRegion && sameRegion > 1,
                own + ", " + otherSide + ", " + sameRegion);
        assertEquals(1, learning.at(TAIL_WHOLE).factor(), 1e-12, "another region is not told");
    }

    @Test
    void aPlaceThatIsDifferentFromItsOtherSideShowsSoInTheEnd() {
        Learning learning = new Learning();
        learning.add(ARMPIT_LEFT, new Learning.Evidence(150, 50));
        learning.add(ARMPIT_RIGHT, new Learning.Evidence(25, 50));
        assertEquals(3, learning.at(ARMPIT_LEFT).factor(), 0.3);
        assertEquals(0.5, learning.at(ARMPIT_RIGHT).factor(), 0.15);
    }

    @Test
    void aMatThatWasLeftInIsNotCountedAgainWhenItIsFoundAgain() {
        WearDays days = steady(0.1);
        List<CombCheck> again = List.of(
                new CombCheck(BACK, DAY, 0, false),
                new CombCheck(BACK, DAY.plusDays(3), 1, true),
                new CombCheck(BACK, DAY.plusDays(4), 1, true),
                new CombCheck(BACK, DAY.plusDays(5), 1, false));
        Learning.Evidence found = Learning.Evidence.of(again, List.of(), new TreeSet<>(), days, DAY);
        assertEquals(1, found.tangles());
        assertEquals(0.5, found.expected(), 1e-9);
    }

    @Test
    void afterAGroomTheCountBeginsAnewEverywhereAndAMatIsGone() {
        List<CombCheck> checks = List.of(
                new CombCheck(ARMPIT_LEFT, DAY, 0, false), new CombCheck(ARMPIT_LEFT, DAY.plusDays(4), 1, true));
        Diary groomed = Diary.of(checks).groomed(List.of(whole(Moment.on(DAY.plusDays(6)))));
        Forecast forecast = Forecast.of(Dogs.adult(12), FLEECE, groomed, DAY.plusDays(7));
        assertFalse(forecast.rhythm(ARMPIT_LEFT).matLeft());
        assertEquals(DAY.plusDays(6), forecast.rhythm(BACK).lastClear().orElseThrow(), "where no comb was, too");
        Learning.Evidence evidence = Learning.Evidence.of(
                List.of(checks.get(0), new CombCheck(ARMPIT_LEFT, DAY.plusDays(10), 2, false)),
                List.of(),
                groomed.grooms(ARMPIT_LEFT),
                steady(0.1),
                DAY);
        assertEquals(0.4, evidence.expected(), 1e-9, "what arose before the groom, the groomer took along");
    }

    /** A comb in the morning and a groom in the afternoon of one day are two events, in that order. */
    @Test
    void onOneDayTheOrderIsThatOfTheMoments() {
        Instant noon = Moment.on(DAY).at();
        CombCheck morning = new CombCheck(ARMPIT_LEFT, new Moment(DAY, noon.minusSeconds(7200)), 1, true);
        CombCheck evening = new CombCheck(ARMPIT_LEFT, new Moment(DAY, noon.plusSeconds(7200)), 1, true);
        Diary.Groom groom = whole(Moment.on(DAY));
        assertFalse(matLeft(morning, groom), "the groomer took it along");
        assertTrue(matLeft(evening, groom), "it was found after the groom");
        assertTrue(matLeft(morning, new Diary.Groom(groom.when(), Set.of(BACK))), "elsewhere nobody looked");
    }

    private static Diary.Groom whole(Moment when) {
        return new Diary.Groom(when, VisitScope.FULL_GROOM.sections());
    }

    private static boolean matLeft(CombCheck check, Diary.Groom groom) {
        return Forecast.of(Dogs.adult(12), FLEECE, Diary.of(List.of(check)).groomed(List.of(groom)), DAY)
                .rhythm(ARMPIT_LEFT)
                .matLeft();
    }

    @Test
    void afterAMatThatStaysInTheRestOfThePlaceIsCombed() {
        List<CombCheck> left = List.of(
                new CombCheck(ARMPIT_LEFT, DAY, 0, false), new CombCheck(ARMPIT_LEFT, DAY.plusDays(9), 3, true));
        Forecast forecast = Forecast.of(Dogs.adult(12), FLEECE, Diary.of(left), DAY.plusDays(10));
        Outlook outlook = forecast.at(ARMPIT_LEFT).orElseThrow();
        assertEquals(DAY, forecast.rhythm(ARMPIT_LEFT).lastClear().orElseThrow());
        assertEquals(1, outlook.mats(0), 0.05, "the mat, and next to nothing since yesterday");
        assertEquals(outlook.tangles(-1, 0), outlook.tangles(0), 1e-9);
    }

    @Test
    void whatWasLearnedIsSaidInFewWordsTheSurestFirstAndForBothSidesAtOnce() {
        List<CombCheck> checks = new ArrayList<>(checks(Section.BEHIND_EAR_LEFT, 30, 2));
        checks.addAll(checks(Section.ARMPIT_LEFT, 60, 0));
        checks.addAll(checks(Section.ARMPIT_RIGHT, 60, 0));
        List<Learned> learned = Forecast.of(Dogs.adult(12), FLEECE, Diary.of(checks), DAY.plusDays(180))
                .learned();
        assertTrue(learned.size() <= 5);
        assertEquals(Learned.Sure.SURE, learned.get(0).sure());
        Learned ear = of(learned, Section.BEHIND_EAR_LEFT);
        assertTrue(ear.text().endsWith(" times as often as usual for such hair."), ear.text());
        Learned armpits = of(learned, ARMPIT_LEFT);
        assertEquals(List.of(ARMPIT_LEFT, ARMPIT_RIGHT), armpits.sections());
        assertEquals("Armpit, left and right, tangle a third as often as usual for such hair.", armpits.text());
    }

    private static Learned of(List<Learned> learned, Section section) {
        return learned.stream()
                .filter(rate -> rate.sections().contains(section))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void oneOrTwoChecksAreNoNewsAndMoveLittle() {
        for (int tangles = 0; tangles <= 6; tangles++) {
            Forecast forecast =
                    Forecast.of(Dogs.adult(12), FLEECE, Diary.of(checks(ARMPIT_LEFT, 2, tangles)), DAY.plusDays(4));
            assertEquals(List.of(), forecast.learned(), tangles + " tangles");
        }
    }

    /** Hair grows between grooms, so the same dog needs more brushing in week 7 than in week 1. */
    @Test
    void growingHairTanglesMoreInWeekSevenThanInWeekOne() {
        Outlook curly = forecast(Dogs.allOver(Dogs.hair(CoatKind.CURLY, 30)), Diary.of(List.of()))
                .at(HIND_LEG_LEFT)
                .orElseThrow();
        assertTrue(curly.tangles(42, 49) > 1.2 * curly.tangles(0, 7));
        Outlook doubled = forecast(Dogs.allOver(Dogs.hair(CoatKind.DOUBLE, 60)), Diary.of(List.of()))
                .at(HIND_LEG_LEFT)
                .orElseThrow();
        assertEquals(doubled.tangles(0, 7), doubled.tangles(42, 49), 1e-9, "a coat that stops at its own length");
    }

    @Test
    void theRulersReadingsSayHowLongTheHairWasAndHowFastItGrows() {
        RegionCoat hair = Dogs.hair(CoatKind.CURLY, 40);
        LengthOverTime length = LengthOverTime.of(hair, List.of(reading(0, 30), reading(20, 40)), DAY.plusDays(30));
        assertEquals(30, length.on(DAY.minusDays(9)).millimetres());
        assertEquals(35, length.on(DAY.plusDays(10)).millimetres(), 1e-9);
        assertEquals(44, length.on(DAY.plusDays(30)).millimetres(), 0.1, "it has grown since it was measured");
        LengthOverTime typed = LengthOverTime.of(
                Dogs.hair(CoatKind.CURLY, 20), List.of(reading(0, 30), reading(20, 40)), DAY.plusDays(30));
        assertEquals(20, typed.on(DAY.plusDays(30)).millimetres(), "a length typed in later counts from today");
        assertEquals(HairLength.MAX_MILLIMETRES, length.on(DAY.plusYears(20)).millimetres());
    }

    @Test
    void aReadingOfLongAgoMakesTheHairLongerAndTheDayNearer() {
        Coat coat = Dogs.allOver(Dogs.hair(CoatKind.CURLY, 30));
        Diary measured = new Diary(
                checks(HIND_LEG_LEFT, 1, 0),
                List.of(),
                Life.ORDINARY,
                Map.of(Region.LEGS, List.of(reading(-60, 30))),
                new TreeSet<>(),
                List.of(),
                Map.of(),
                StatedCombing.NOTHING);
        double grown = forecast(coat, measured).at(HIND_LEG_LEFT).orElseThrow().tangles(0, 3);
        double now = forecast(coat, Diary.of(checks(HIND_LEG_LEFT, 1, 0)))
                .at(HIND_LEG_LEFT)
                .orElseThrow()
                .tangles(0, 3);
        assertTrue(grown > now, grown + " against " + now);
    }

    private static LengthReading reading(int day, double mm) {
        return new LengthReading(DAY.plusDays(day), new HairLength(mm));
    }

    private static Forecast forecast(Coat coat, Diary diary) {
        return Forecast.of(Dogs.adult(12), coat, diary, DAY);
    }

    private static TangleRate rate(List<CombCheck> checks) {
        return Forecast.of(Dogs.adult(12), FLEECE, Diary.of(checks), DAY.plusDays(200))
                .at(ARMPIT_LEFT)
                .orElseThrow()
                .rate();
    }

    private static WearDays steady(double perDay) {
        return WearDays.of(-365, 60, day -> 1, day -> perDay, day -> new Hardening(6), true);
    }

    private static List<CombCheck> checks(Section section, int count, int tanglesEach) {
        return IntStream.range(0, count)
                .mapToObj(n -> new CombCheck(section, DAY.plusDays(3L * n), tanglesEach, false))
                .toList();
    }
}
