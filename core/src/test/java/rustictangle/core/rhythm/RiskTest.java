package rustictangle.core.rhythm;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import rustictangle.core.Dogs;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.Density;
import rustictangle.core.coat.HairLength;
import rustictangle.core.coat.RegionCoat;
import rustictangle.core.coat.Texture;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Habit;
import rustictangle.core.dog.History;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.dog.Section;
import rustictangle.core.dog.Wear;

class RiskTest {

    private static final LocalDate SINCE = LocalDate.of(2026, 5, 1);

    @ParameterizedTest
    @ValueSource(doubles = {0.01, 0.051, 0.119, 0.357, 1})
    void theChancesOnlyGrowAndAMatComesAfterItsTangle(double rate) {
        Risk risk = new Risk(rate, new Exposure(1, new TreeMap<>()), 3, SINCE);
        for (int day = 0; day < 30; day++) {
            assertTrue(risk.tangle(day + 1) > risk.tangle(day), "day " + day);
            assertTrue(risk.mat(day + 1) >= risk.mat(day), "day " + day);
            assertTrue(risk.mat(day) <= risk.tangle(day), "day " + day);
        }
        assertEquals(0, risk.tangle(0));
        assertEquals(0, risk.mat(3));
    }

    @ParameterizedTest
    @EnumSource(Comfort.class)
    void theDueDayIsTheFirstOnWhichALimitIsReached(Comfort comfort) {
        Random random = new Random(3);
        for (int i = 0; i < 500; i++) {
            Risk risk = new Risk(0.02 + random.nextDouble(), new Exposure(1 + 3 * random.nextDouble(), new TreeMap<>()),
                    3 + random.nextInt(5), SINCE);
            int due = risk.dueAfterDays(comfort);
            assertTrue(reached(risk, due, comfort), risk.toString());
            assertTrue(due == 1 || !reached(risk, due - 1, comfort), risk.toString());
            assertTrue(risk.overdueAfterDays() > due || due == 1 || risk.mat(due) >= 0.05, risk.toString());
        }
    }

    @Test
    void nobodyIsToldToWaitLongerThanFourWeeks() {
        assertEquals(28, new Risk(1e-6, new Exposure(1, new TreeMap<>()), 7, SINCE).dueAfterDays(Comfort.EASY_GOING));
    }

    /** A seeded count of the events themselves: Poisson arrivals, drawn day by day. */
    @Test
    void theChanceOfATangleIsTheShareOfSimulatedWeeksThatHadOne() {
        Random random = new Random(14);
        double rate = 0.119;
        int weeks = 20_000;
        int withTangle = 0;
        for (int week = 0; week < weeks; week++) {
            double wait = -Math.log(1 - random.nextDouble()) / rate;
            withTangle += wait <= 7 ? 1 : 0;
        }
        double expected = new Risk(rate, new Exposure(1, new TreeMap<>()), 3, SINCE).tangle(7);
        double error = Math.sqrt(expected * (1 - expected) / weeks);
        assertEquals(expected, (double) withTangle / weeks, 3 * error);
    }

    @Test
    void whatWorksOnACoatWorksWhereItTouches() {
        Coat fleece = Dogs.allOver(Dogs.fleece(80));
        Dog harnessed = Dogs.living(Set.of(Wear.HARNESS), Set.of());
        assertEquals(1.5, Exposure.of(harnessed, fleece, Section.ARMPIT_LEFT, Life.ORDINARY).perDay());
        assertEquals(1.0, Exposure.of(harnessed, fleece, Section.TAIL_WHOLE, Life.ORDINARY).perDay());
        Dog snowy = Dogs.living(Set.of(), Set.of(Habit.SNOW));
        assertEquals(1.25, Exposure.of(snowy, fleece, Section.HIND_FOOT_LEFT, Life.ORDINARY).perDay());
        assertEquals(1.0, Exposure.of(snowy, fleece, Section.BACK, Life.ORDINARY).perDay());
        Dog changing = Dogs.with(LifeStage.CHANGING_COAT, History.GENTLE);
        assertEquals(1.75, Exposure.of(changing, fleece, Section.BACK, Life.ORDINARY).perDay());
        Coat shedding = Dogs.shedding(Dogs.hair(CoatKind.DOUBLE, 60));
        assertEquals(1.75, Exposure.of(Dogs.adult(17), shedding, Section.BACK, Life.ORDINARY).perDay());
    }

    @Test
    void everythingAtOnceIsStillHeldWithinReason() {
        Dog wild = Dogs.living(Set.of(Wear.HARNESS, Wear.DOG_COAT), Set.of(Habit.values()));
        Coat shedding = Dogs.shedding(Dogs.hair(CoatKind.DOUBLE, 60));
        assertEquals(6, Exposure.of(wild, shedding, Section.ARMPIT_LEFT, Life.ORDINARY).perDay());
    }

    @Test
    void paleAndDenseHairTanglesSooner() {
        RegionCoat plain = Dogs.fleece(80);
        RegionCoat pale = new RegionCoat(plain.kind(), plain.length(), plain.density(), plain.texture(), plain.undercoat(), true);
        RegionCoat dense = new RegionCoat(plain.kind(), plain.length(), Density.DENSE, plain.texture(), plain.undercoat(), false);
        double rate = RateTable.FLEECE.perDay(Section.BELLY, plain);
        assertEquals(1.25 * rate, RateTable.FLEECE.perDay(Section.BELLY, pale), 1e-12);
        assertEquals(1.15 * rate, RateTable.FLEECE.perDay(Section.BELLY, dense), 1e-12);
    }

    @ParameterizedTest
    @EnumSource(value = CoatKind.class, names = {"SMOOTH", "CORDED", "HAIRLESS"}, mode = EnumSource.Mode.EXCLUDE)
    void longerHairNeverTanglesLess(CoatKind kind) {
        double before = 0;
        for (double mm = 5; mm <= 300; mm += 5) {
            RegionCoat hair = new RegionCoat(kind, new HairLength(mm), Density.MEDIUM, Texture.CURLY, false, false);
            double rate = RateTable.of(hair).perDay(Section.BELLY, hair);
            assertTrue(rate >= before, kind + " at " + mm);
            before = rate;
        }
    }

    @Test
    void aCheckThatCannotBeIsRefused() {
        LocalDate day = LocalDate.of(2026, 5, 1);
        assertThrows(IllegalArgumentException.class, () -> new CombCheck(Section.BACK, day, -1, false));
        assertThrows(IllegalArgumentException.class, () -> new CombCheck(Section.BACK, day, 0, true));
        assertThrows(IllegalArgumentException.class, () -> new TangleRate(0, 1));
        assertThrows(IllegalArgumentException.class, () -> new TangleRate(1, Double.NaN));
    }

    @Test
    void theComfortOfTheOwnerMovesTheDay() {
        Coat coat = Dogs.allOver(Dogs.fleece(110));
        LocalDate day = LocalDate.of(2026, 5, 1);
        List<CombCheck> checks = List.of(new CombCheck(Section.HIND_LEG_LEFT, day, 0, false));
        int careful = interval(coat, Comfort.CAREFUL, checks, day);
        int balanced = interval(coat, Comfort.BALANCED, checks, day);
        int easyGoing = interval(coat, Comfort.EASY_GOING, checks, day);
        assertEquals(List.of(2, 3, 4), List.of(careful, balanced, easyGoing));
    }

    private static int interval(Coat coat, Comfort comfort, List<CombCheck> checks, LocalDate day) {
        return Rhythm.of(Dogs.adult(14), coat, comfort, checks, day).at(Section.HIND_LEG_LEFT).intervalDays();
    }

    private static boolean reached(Risk risk, int day, Comfort comfort) {
        return risk.tangle(day) >= comfort.tangleLimit() || risk.mat(day) >= Risk.MAT_DUE
                || day == Risk.LONGEST_WAIT_DAYS;
    }
}
