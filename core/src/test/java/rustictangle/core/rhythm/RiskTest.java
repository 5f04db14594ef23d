package rustictangle.core.rhythm;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import java.util.Set;
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
        Risk risk = new Risk(1, Hazard.steady(rate), 3);
        for (int day = 0; day < 30; day++) {
            assertTrue(risk.tangle(SINCE, day + 1) > risk.tangle(SINCE, day), "day " + day);
            assertTrue(risk.mat(SINCE, day + 1) >= risk.mat(SINCE, day), "day " + day);
            assertTrue(risk.mat(SINCE, day) <= risk.tangle(SINCE, day), "day " + day);
        }
        assertEquals(0, risk.tangle(SINCE, 0));
        assertEquals(0, risk.mat(SINCE, 3));
    }

    @ParameterizedTest
    @EnumSource(Comfort.class)
    void theDueDayIsTheFirstOnWhichALimitIsReached(Comfort comfort) {
        Random random = new Random(3);
        for (int i = 0; i < 500; i++) {
            Risk risk = new Risk(
                    1 + 3 * random.nextDouble(), Hazard.steady(0.02 + random.nextDouble()), 3 + random.nextInt(5));
            int due = risk.dueAfterDays(SINCE, comfort);
            assertTrue(reached(risk, due, comfort), risk.toString());
            assertTrue(due == 1 || !reached(risk, due - 1, comfort), risk.toString());
            assertTrue(risk.overdueAfterDays(SINCE) > due || due == 1 || risk.mat(SINCE, due) >= 0.05, risk.toString());
        }
    }

    @Test
    void nobodyIsToldToWaitLongerThanFourWeeks() {
        assertEquals(28, new Risk(1, Hazard.steady(1e-6), 7).dueAfterDays(SINCE, Comfort.EASY_GOING));
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
        double expected = new Risk(1, Hazard.steady(rate), 3).tangle(SINCE, 7);
        double error = Math.sqrt(expected * (1 - expected) / weeks);
        assertEquals(expected, (double) withTangle / weeks, 3 * error);
    }

    @Test
    void whatWorksOnACoatWorksWhereItTouches() {
        Coat fleece = Dogs.allOver(Dogs.fleece(80));
        Dog harnessed = Dogs.living(Set.of(Wear.HARNESS), Set.of());
        assertEquals(1.5, onADay(harnessed, fleece, Section.ARMPIT_LEFT));
        assertEquals(1.0, onADay(harnessed, fleece, Section.TAIL_WHOLE));
        Dog snowy = Dogs.living(Set.of(), Set.of(Habit.SNOW));
        assertEquals(1.25, onADay(snowy, fleece, Section.HIND_FOOT_LEFT));
        assertEquals(1.0, onADay(snowy, fleece, Section.BACK));
        Dog changing = Dogs.with(LifeStage.CHANGING_COAT, History.GENTLE);
        assertEquals(1.75, onADay(changing, fleece, Section.BACK));
        Coat shedding = Dogs.shedding(Dogs.hair(CoatKind.DOUBLE, 60));
        assertEquals(1.75, onADay(Dogs.adult(17), shedding, Section.BACK));
    }

    @Test
    void everythingAtOnceIsStillHeldWithinReason() {
        Dog wild = Dogs.living(Set.of(Wear.HARNESS, Wear.DOG_COAT), Set.of(Habit.values()));
        Coat shedding = Dogs.shedding(Dogs.hair(CoatKind.DOUBLE, 60));
        assertEquals(6, onADay(wild, shedding, Section.ARMPIT_LEFT));
    }

    @Test
    void paleAndDenseHairTanglesSooner() {
        RegionCoat plain = Dogs.fleece(80);
        RegionCoat pale =
                new RegionCoat(plain.kind(), plain.length(), plain.density(), plain.texture(), plain.undercoat(), true);
        RegionCoat dense =
                new RegionCoat(plain.kind(), plain.length(), Density.DENSE, plain.texture(), plain.undercoat(), false);
        double rate = RateTable.FLEECE.perDay(Section.BELLY, plain);
        assertEquals(1.25 * rate, RateTable.FLEECE.perDay(Section.BELLY, pale), 1e-12);
        assertEquals(1.15 * rate, RateTable.FLEECE.perDay(Section.BELLY, dense), 1e-12);
    }

    @ParameterizedTest
    @EnumSource(
            value = CoatKind.class,
            names = {"SMOOTH", "CORDED", "HAIRLESS"},
            mode = EnumSource.Mode.EXCLUDE)
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

    private static double onADay(Dog dog, Coat coat, Section section) {
        return Exposure.of(dog, coat, section, Life.ORDINARY, new Shedding(List.of(), coat.sheddingHeavily(), SINCE))
                .on(SINCE);
    }

    private static int interval(Coat coat, Comfort comfort, List<CombCheck> checks, LocalDate day) {
        return Rhythm.of(Dogs.adult(14), coat, comfort, checks, day)
                .at(Section.HIND_LEG_LEFT)
                .intervalDays();
    }

    private static boolean reached(Risk risk, int day, Comfort comfort) {
        return risk.tangle(SINCE, day) >= comfort.tangleLimit()
                || risk.mat(SINCE, day) >= Risk.MAT_DUE
                || day == Risk.LONGEST_WAIT_DAYS;
    }
}
