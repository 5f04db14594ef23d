package rustictangle.core.rhythm;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static rustictangle.core.dog.Section.ARMPIT_LEFT;
import static rustictangle.core.dog.Section.BACK;
import static rustictangle.core.dog.Section.HIND_LEG_LEFT;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.apache.commons.statistics.distribution.GammaDistribution;
import org.apache.commons.statistics.distribution.PoissonDistribution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rustictangle.core.Dogs;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.RegionCoat;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Habit;
import rustictangle.core.dog.Section;
import rustictangle.core.dog.Wear;
import rustictangle.core.rhythm.SectionRhythm.State;

class RhythmTest {

    private static final LocalDate SINCE = LocalDate.of(2026, 5, 1);

    private static final LocalDate DAY = LocalDate.of(2026, 5, 1);

    /** The cadence table of common practice, at the places that mat first, balanced owner. */
    @ParameterizedTest(name = "{0} of {1} mm every {2} days")
    @CsvSource({
        "DROP, 160, 1",
        "CURLY, 80, 1",
        "DROP, 80, 4",
        "FEATHERED, 80, 3",
        "DOUBLE, 60, 7",
        "WIRE, 30, 7",
        "CURLY, 15, 7",
        "SMOOTH, 15, 7"
    })
    void aCoatIsDueAsOftenAsCommonPracticeSays(CoatKind kind, double mm, int days) {
        assertEquals(
                days, afterOneClearCheck(Dogs.hair(kind, mm), HIND_LEG_LEFT, 0).intervalDays());
    }

    /** Common practice: on average every 3rd day, and day 5 is already too long. */
    @Test
    void aLongFleeceIsDueOnDayThreeAndOverdueOnDayFive() {
        RegionCoat fleece = Dogs.fleece(110);
        assertEquals(State.RESTING, afterOneClearCheck(fleece, HIND_LEG_LEFT, 2).state());
        assertEquals(State.DUE, afterOneClearCheck(fleece, HIND_LEG_LEFT, 3).state());
        assertEquals(State.DUE, afterOneClearCheck(fleece, HIND_LEG_LEFT, 4).state());
        assertEquals(State.OVERDUE, afterOneClearCheck(fleece, HIND_LEG_LEFT, 5).state());
    }

    @ParameterizedTest
    @CsvSource({"0.357, 1", "0.119, 3", "0.102, 4", "0.051, 7"})
    void theRatesOfTheTableGiveItsIntervals(double rate, int days) {
        assertEquals(days, new Risk(1, Hazard.steady(rate), 7).dueAfterDays(SINCE, Comfort.BALANCED));
    }

    /** The chance of at least one event of a Poisson process, by Apache Commons Statistics. */
    @ParameterizedTest
    @CsvSource({"0.357, 1, 3, 2", "0.119, 3, 3, 5", "0.051, 2, 7, 12"})
    void theChancesAreThoseOfAPoissonProcess(double rate, double perDay, int harden, int days) {
        Risk risk = new Risk(perDay, Hazard.steady(rate), harden);
        assertEquals(1 - PoissonDistribution.of(rate * perDay * days).probability(0), risk.tangle(SINCE, days), 1e-12);
        double hardened = Math.max(1e-300, rate * perDay * Math.max(0, days - harden));
        assertEquals(1 - PoissonDistribution.of(hardened).probability(0), risk.mat(SINCE, days), 1e-12);
    }

    /**
     * Bayes' rule worked out on a grid with Apache Commons Statistics, against the closed form of
     * the conjugate Gamma–Poisson update (Gelman et al.).
     */
    @Test
    void aCombCheckTeachesByBayesRule() {
        double exposure = 6.5;
        int tangles = 3;
        GammaDistribution prior = GammaDistribution.of(2, 1 / 2.0);
        double weights = 0;
        double mean = 0;
        for (double factor = 0.0005; factor < 30; factor += 0.001) {
            double weight = prior.density(factor)
                    * PoissonDistribution.of(factor * 0.119 * exposure).probability(tangles);
            weights += weight;
            mean += weight * factor;
        }
        TangleRate learned = TangleRate.TABLE.after(tangles, 0.119 * exposure);
        assertEquals(mean / weights, learned.factor(), 1e-6);
        assertEquals(5, learned.shape(), 1e-12);
    }

    @Test
    void anEasyGoingOwnerWaitsLongerButNotUntilMatsAreLikely() {
        Risk daily = new Risk(1, Hazard.steady(0.357), 3);
        assertEquals(2, daily.dueAfterDays(SINCE, Comfort.EASY_GOING));
        Risk weekly = new Risk(1, Hazard.steady(0.051), 7);
        assertEquals(4, weekly.dueAfterDays(SINCE, Comfort.CAREFUL));
        assertEquals(9, weekly.dueAfterDays(SINCE, Comfort.EASY_GOING));
        assertFalse(weekly.tangleDecides(SINCE, 9, Comfort.EASY_GOING));
    }

    @Test
    void aPlaceThatTanglesMoreThanExpectedComesRoundSooner() {
        RegionCoat fleece = Dogs.fleece(110);
        SectionRhythm often = learned(fleece, 10, 3);
        SectionRhythm seldom = learned(fleece, 10, 0);
        assertTrue(often.intervalDays() < often.tableIntervalDays());
        assertTrue(seldom.intervalDays() > seldom.tableIntervalDays());
        assertTrue(often.reasons().stream().anyMatch(r -> r.rule().equals("rhythm.learned")));
    }

    @Test
    void theBackMayWaitThreeTimesAsLongAsAnArmpit() {
        Coat coat = Dogs.allOver(Dogs.hair(CoatKind.CURLY, 20));
        Rhythm rhythm = Rhythm.of(Dogs.adult(14), coat, Comfort.BALANCED, clearEverywhere(DAY), DAY);
        SectionRhythm armpit = rhythm.at(ARMPIT_LEFT);
        SectionRhythm back = rhythm.at(BACK);
        assertTrue(back.intervalDays() > armpit.intervalDays());
        assertEquals(
                3.0,
                RateTable.CURLY.perDay(ARMPIT_LEFT, coat.at(ARMPIT_LEFT)) / RateTable.CURLY.perDay(BACK, coat.at(BACK)),
                1e-9);
    }

    @Test
    void swimmingAndAHarnessBringTheDayNearer() {
        RegionCoat fleece = Dogs.fleece(110);
        Dog quiet = Dogs.living(Set.of(), Set.of());
        Dog wild = Dogs.living(Set.of(Wear.HARNESS), Set.of(Habit.SWIMS));
        assertTrue(interval(wild, fleece, ARMPIT_LEFT) < interval(quiet, fleece, ARMPIT_LEFT));
        assertTrue(interval(wild, fleece, HIND_LEG_LEFT) < interval(quiet, fleece, HIND_LEG_LEFT));
    }

    @Test
    void aNewDogIsDueTodayBecauseNobodyKnowsYet() {
        Rhythm rhythm = Rhythm.of(Dogs.adult(14), Dogs.allOver(Dogs.fleece(80)), Comfort.BALANCED, List.of(), DAY);
        assertEquals(DAY, rhythm.nextDate());
        assertEquals(Section.values().length, rhythm.dueSections().size());
        assertEquals("rhythm.never-checked", rhythm.reason().rule());
    }

    @Test
    void aMatThatWasLeftKeepsItsPlaceDueUntilTheCombRunsFree() {
        List<CombCheck> left = List.of(
                new CombCheck(ARMPIT_LEFT, DAY, 0, false), new CombCheck(ARMPIT_LEFT, DAY.plusDays(2), 1, true));
        SectionRhythm matted = at(left, DAY.plusDays(2));
        assertEquals(State.MAT_LEFT, matted.state());
        assertEquals(4, matted.burrs());
        List<CombCheck> cleared =
                List.of(left.get(0), left.get(1), new CombCheck(ARMPIT_LEFT, DAY.plusDays(3), 1, false));
        assertEquals(State.RESTING, at(cleared, DAY.plusDays(3)).state());
    }

    @Test
    void burrsFillAsTheDayComesNearer() {
        RegionCoat weekly = Dogs.hair(CoatKind.DOUBLE, 60);
        List<Integer> burrs = IntStream.rangeClosed(0, 12)
                .mapToObj(day -> afterOneClearCheck(weekly, HIND_LEG_LEFT, day).burrs())
                .toList();
        assertEquals(0, burrs.get(0));
        assertEquals(3, burrs.get(7));
        assertEquals(4, burrs.get(11));
        for (int day = 1; day < burrs.size(); day++) {
            assertTrue(burrs.get(day) >= burrs.get(day - 1), "day " + day + " of " + burrs);
        }
    }

    @Test
    void smoothHairIsNeverCalledMatted() {
        SectionRhythm smooth = afterOneClearCheck(Dogs.hair(CoatKind.SMOOTH, 12), BACK, 40);
        assertEquals(State.DUE, smooth.state());
        assertEquals(Optional.empty(), smooth.overdueFrom());
        assertEquals(0, smooth.chanceOfMat());
    }

    @Test
    void theNextDateIsTheEarliestOfAllSectionsAndSaysWhy() {
        Rhythm rhythm =
                Rhythm.of(Dogs.adult(14), Dogs.allOver(Dogs.fleece(110)), Comfort.BALANCED, clearEverywhere(DAY), DAY);
        assertEquals(
                rhythm.sections().stream()
                        .map(SectionRhythm::due)
                        .min(LocalDate::compareTo)
                        .orElseThrow(),
                rhythm.nextDate());
        assertEquals(DAY.plusDays(3), rhythm.nextDate());
        assertTrue(
                rhythm.reason().text().contains("chance of a tangle"),
                rhythm.reason().text());
    }

    private static SectionRhythm afterOneClearCheck(RegionCoat hair, Section section, int daysAgo) {
        return Rhythm.of(
                        Dogs.adult(14),
                        Dogs.allOver(hair),
                        Comfort.BALANCED,
                        List.of(new CombCheck(section, DAY, 0, false)),
                        DAY.plusDays(daysAgo))
                .at(section);
    }

    private static SectionRhythm learned(RegionCoat hair, int times, int tanglesEach) {
        List<CombCheck> checks = IntStream.range(0, times)
                .mapToObj(i -> new CombCheck(HIND_LEG_LEFT, DAY.plusDays(3L * i), tanglesEach, false))
                .toList();
        return Rhythm.of(Dogs.adult(14), Dogs.allOver(hair), Comfort.BALANCED, checks, DAY.plusDays(3L * times))
                .at(HIND_LEG_LEFT);
    }

    private static int interval(Dog dog, RegionCoat hair, Section section) {
        return Rhythm.of(dog, Dogs.allOver(hair), Comfort.BALANCED, clearEverywhere(DAY), DAY)
                .at(section)
                .intervalDays();
    }

    private static SectionRhythm at(List<CombCheck> checks, LocalDate today) {
        return Rhythm.of(Dogs.adult(14), Dogs.allOver(Dogs.fleece(80)), Comfort.BALANCED, checks, today)
                .at(ARMPIT_LEFT);
    }

    private static List<CombCheck> clearEverywhere(LocalDate day) {
        return Arrays.stream(Section.values())
                .map(s -> new CombCheck(s, day, 0, false))
                .toList();
    }
}
