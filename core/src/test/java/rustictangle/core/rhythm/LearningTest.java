package rustictangle.core.rhythm;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static rustictangle.core.dog.Section.ARMPIT_LEFT;
import static rustictangle.core.dog.Section.ARMPIT_RIGHT;
import static rustictangle.core.dog.Section.BACK;
import static rustictangle.core.dog.Section.HIND_LEG_LEFT;
import static rustictangle.core.dog.Section.TAIL_WHOLE;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.stream.IntStream;
import org.apache.commons.statistics.distribution.GammaDistribution;
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

class LearningTest {

    private static final LocalDate DAY = LocalDate.of(2026, 5, 1);
    private static final Coat FLEECE = Dogs.allOver(Dogs.fleece(110));

    /** The cadence table of common practice (no published source) in fractions of a day, ± 15 %, balanced owner. */
    @ParameterizedTest(name = "{0} of {1} mm every {2} to {3} days")
    @CsvSource({
        "DROP, 160, 1, 1",
        "CURLY, 80, 1, 1",
        "DROP, 80, 3.5, 3.5",
        "FEATHERED, 80, 2.33, 3.5",
        "DOUBLE, 60, 7, 7",
        "WIRE, 30, 7, 7",
        "CURLY, 15, 7, 7"
    })
    void theCadenceOfCommonPracticeComesOut(CoatKind kind, double mm, double from, double to) {
        cadence(Dogs.hair(kind, mm), from, to);
    }

    @Test
    void aLongFleeceComesOutAtEveryThirdDay() {
        cadence(Dogs.fleece(110), 3, 3);
    }

    private static void cadence(RegionCoat hair, double from, double to) {
        RateTable table = RateTable.of(hair);
        double rate = table.perDay(HIND_LEG_LEFT, hair);
        double days = Math.min(
                -Math.log(1 - Comfort.BALANCED.tangleLimit()) / rate,
                table.hardenDays() - Math.log(1 - Risk.MAT_DUE) / rate);
        assertTrue(days >= 0.85 * from && days <= 1.15 * to, days + " days");
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
        SectionRhythm few = rhythm(checks(ARMPIT_LEFT, 3, 1)).at(ARMPIT_LEFT);
        SectionRhythm many = rhythm(checks(ARMPIT_LEFT, 60, 1)).at(ARMPIT_LEFT);
        assertTrue(many.intervalTo() - many.intervalFrom() <= few.intervalTo() - few.intervalFrom());
        assertTrue(few.intervalFrom() <= few.intervalDays() && few.intervalDays() <= few.intervalTo());
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
        Hazard hazard = Hazard.steady(0.1);
        List<CombCheck> again = List.of(
                new CombCheck(BACK, DAY, 0, false),
                new CombCheck(BACK, DAY.plusDays(3), 1, true),
                new CombCheck(BACK, DAY.plusDays(4), 1, true),
                new CombCheck(BACK, DAY.plusDays(5), 1, false));
        assertEquals(new Learning.Evidence(1, 0.5), Learning.Evidence.of(again, new TreeSet<>(), hazard));
    }

    @Test
    void afterAGroomTheCountBeginsAnewEverywhereAndAMatIsGone() {
        List<CombCheck> checks = List.of(
                new CombCheck(ARMPIT_LEFT, DAY, 0, false), new CombCheck(ARMPIT_LEFT, DAY.plusDays(4), 1, true));
        Diary groomed = Diary.of(checks).groomedOn(new TreeSet<>(List.of(DAY.plusDays(6))));
        Rhythm rhythm = Forecast.of(Dogs.adult(12), FLEECE, Comfort.BALANCED, groomed, DAY.plusDays(7))
                .rhythm();
        assertEquals(SectionRhythm.State.RESTING, rhythm.at(ARMPIT_LEFT).state());
        assertEquals(DAY.plusDays(6), rhythm.at(BACK).lastClear().orElseThrow(), "where no comb was recorded, too");
        assertEquals(DAY.plusDays(6 + 3), rhythm.at(ARMPIT_LEFT).due());
        Learning.Evidence evidence = Learning.Evidence.of(
                List.of(checks.get(0), new CombCheck(ARMPIT_LEFT, DAY.plusDays(10), 2, false)),
                groomed.grooms(),
                Hazard.steady(0.1));
        assertEquals(0.4, evidence.expected(), 1e-9, "what arose before the groom, the groomer took along");
    }

    @Test
    void whatWasLearnedIsSaidWithBeforeAndAfterForBothSidesAtOnce() {
        List<CombCheck> checks = new ArrayList<>(checks(Section.BEHIND_EAR_LEFT, 30, 2));
        checks.addAll(checks(Section.ARMPIT_LEFT, 30, 0));
        checks.addAll(checks(Section.ARMPIT_RIGHT, 30, 0));
        List<Learned> learned = Forecast.of(
                        Dogs.adult(12), FLEECE, Comfort.BALANCED, Diary.of(checks), DAY.plusDays(90))
                .learned();
        Learned ear = learned.stream()
                .filter(one -> one.sections().contains(Section.BEHIND_EAR_LEFT))
                .findFirst()
                .orElseThrow();
        assertEquals("Behind the left ear needs it every day, not every 3 days.", ear.text());
        Learned armpits = learned.stream()
                .filter(one -> one.sections().contains(Section.ARMPIT_LEFT))
                .findFirst()
                .orElseThrow();
        assertEquals(List.of(Section.ARMPIT_LEFT, Section.ARMPIT_RIGHT), armpits.sections());
        assertTrue(armpits.text().startsWith("Armpit, left and right, can wait "), armpits.text());
        assertTrue(armpits.text().endsWith("not every 3 days."), armpits.text());
    }

    /** Hair grows between grooms, so the same dog needs more brushing in week 7 than in week 1. */
    @Test
    void growingHairTanglesMoreInWeekSevenThanInWeekOne() {
        Outlook curly = forecast(Dogs.allOver(Dogs.hair(CoatKind.CURLY, 30)), Diary.of(List.of()))
                .at(HIND_LEG_LEFT)
                .orElseThrow();
        assertTrue(curly.tangles(DAY.plusDays(42), 7) > 1.2 * curly.tangles(DAY, 7));
        Outlook doubled = forecast(Dogs.allOver(Dogs.hair(CoatKind.DOUBLE, 60)), Diary.of(List.of()))
                .at(HIND_LEG_LEFT)
                .orElseThrow();
        assertEquals(
                doubled.tangles(DAY, 7),
                doubled.tangles(DAY.plusDays(42), 7),
                1e-9,
                "a coat that stops at its own length");
    }

    @Test
    void theRulersReadingsSayHowLongTheHairWasAndHowFastItGrows() {
        RegionCoat hair = Dogs.hair(CoatKind.CURLY, 40);
        LengthOverTime length = LengthOverTime.of(hair, List.of(reading(0, 30), reading(20, 40)), DAY.plusDays(30));
        assertEquals(30, length.on(DAY.minusDays(9)).millimetres());
        assertEquals(35, length.on(DAY.plusDays(10)).millimetres(), 1e-9);
        assertEquals(45, length.on(DAY.plusDays(30)).millimetres(), 1e-9, "it has grown since it was measured");
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
                Life.ORDINARY,
                Map.of(Region.LEGS, List.of(reading(-60, 30))),
                new TreeSet<>(),
                List.of(),
                new TreeSet<>());
        double grown = forecast(coat, measured).at(HIND_LEG_LEFT).orElseThrow().tangles(DAY, 3);
        double now = forecast(coat, Diary.of(checks(HIND_LEG_LEFT, 1, 0)))
                .at(HIND_LEG_LEFT)
                .orElseThrow()
                .tangles(DAY, 3);
        assertTrue(grown > now, grown + " against " + now);
    }

    private static LengthReading reading(int day, double mm) {
        return new LengthReading(DAY.plusDays(day), new HairLength(mm));
    }

    private static Forecast forecast(Coat coat, Diary diary) {
        return Forecast.of(Dogs.adult(12), coat, Comfort.BALANCED, diary, DAY);
    }

    private static Rhythm rhythm(List<CombCheck> checks) {
        return Rhythm.of(Dogs.adult(12), FLEECE, Comfort.BALANCED, checks, DAY.plusDays(200));
    }

    private static List<CombCheck> checks(Section section, int count, int tanglesEach) {
        return IntStream.range(0, count)
                .mapToObj(n -> new CombCheck(section, DAY.plusDays(3L * n), tanglesEach, false))
                .toList();
    }
}
