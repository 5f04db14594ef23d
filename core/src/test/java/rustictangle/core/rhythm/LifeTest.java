package rustictangle.core.rhythm;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rustictangle.core.Dogs;
import rustictangle.core.coat.Coat;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Habit;
import rustictangle.core.dog.Section;
import rustictangle.core.dog.Wear;
import rustictangle.core.log.DrynessFelt;
import rustictangle.core.log.LifeEvent;

/** What a day does to a coat: factors of handbook 10, own estimates after common practice. */
class LifeTest {

    private static final LocalDate CLEAR = LocalDate.of(2026, 5, 4);
    private static final Coat FLEECE = Dogs.allOver(Dogs.fleece(100));
    private static final Dog ORDINARY = Dogs.adult(14);

    @ParameterizedTest
    @CsvSource({
        "SWAM, BACK, 3",
        "SOAKED, BACK, 3",
        "SAND_OR_BURRS, TAIL_WHOLE, 3",
        "SNOW, HIND_FOOT_LEFT, 2",
        "SNOW, BACK, 1",
        "HARNESS_ALL_DAY, ARMPIT_LEFT, 1.5",
        "HARNESS_ALL_DAY, BACK, 1",
        "HARNESS_SOME_HOURS, CHEST, 1.25",
        "BATHED, BACK, 1.5"
    })
    void aLoggedDayCountsAsSoManyOrdinaryOnes(LifeEvent event, Section section, double days) {
        Exposure exposure = exposure(ORDINARY, section, on(2, event));
        assertEquals(days, exposure.on(CLEAR.plusDays(2)), 1e-9);
        assertEquals(1, exposure.on(CLEAR.plusDays(1)), 1e-9, "the day before it is an ordinary one");
        assertEquals(1, exposure.on(CLEAR.plusDays(3)), 1e-9, "and so is the day after");
    }

    /** A habit is not a row of accidents: what happens every day adds a quarter of what it does once (handbook 10.1). */
    @Test
    void aSwimmersSwimAndAHarnessDogsHarnessDoNotCountTwice() {
        Dog swimmer = Dogs.living(Set.of(Wear.HARNESS), Set.of(Habit.SWIMS));
        Exposure back = exposure(swimmer, Section.BACK, on(1, LifeEvent.SWAM));
        assertEquals(1.5, back.plain(CLEAR), 1e-9);
        assertEquals(1.5, back.on(CLEAR.plusDays(1)), 1e-9, "a swim is in its ordinary day already");
        Exposure armpit = exposure(swimmer, Section.ARMPIT_LEFT, on(1, LifeEvent.HARNESS_ALL_DAY));
        assertEquals(1.5 * 1.125, armpit.plain(CLEAR), 1e-9);
        assertEquals(armpit.plain(CLEAR), armpit.on(CLEAR.plusDays(1)), 1e-9);
    }

    /** The same whether the owner has told the habit or every single swim. */
    @Test
    void whoSwimsEveryDayCountsOneAndAHalfToldOrNot() {
        TreeMap<LocalDate, Set<LifeEvent>> days = new TreeMap<>();
        for (int day = 0; day < 8; day++) {
            days.put(CLEAR.plusDays(day), Set.of(day % 2 == 0 ? LifeEvent.SWAM : LifeEvent.SOAKED));
        }
        Exposure told = exposure(ORDINARY, Section.BACK, new Life(days));
        assertEquals(3, told.on(CLEAR), 1e-9, "the first is an accident");
        assertEquals(2, told.on(CLEAR.plusDays(1)), 1e-9);
        for (int day = 3; day < 8; day++) {
            assertEquals(1.5, told.on(CLEAR.plusDays(day)), 1e-9);
        }
    }

    /** Dried to the skin at once a wet day counts as an ordinary one, left damp as three: handbook 10.1. */
    @ParameterizedTest
    @CsvSource({
        "BATHED, ARMPIT_LEFT, true, 1",
        "BATHED, ARMPIT_LEFT, false, 3",
        "SOAKED, ARMPIT_LEFT, true, 1",
        "SWAM, ARMPIT_LEFT, false, 3",
        "BATHED, BELLY, false, 1.5",
        "SOAKED, BACK, true, 3"
    })
    void whatAHandHasFeltDecidesHowHardAWetDayWas(LifeEvent event, Section section, boolean dry, double days) {
        Life felt = new Life(on(1, event).days(), Map.of(CLEAR.plusDays(1), Map.of(Section.ARMPIT_LEFT, dry)));
        assertEquals(days, exposure(ORDINARY, section, felt).on(CLEAR.plusDays(1)), 1e-9);
    }

    @Test
    void aSwimmerThatIsDriedToTheSkinEverywhereHasAnOrdinaryDay() {
        Map<Section, Boolean> dry = new HashMap<>();
        DrynessFelt.STAYS_DAMP.forEach(section -> dry.put(section, true));
        Life life = new Life(on(1, LifeEvent.SWAM).days(), Map.of(CLEAR.plusDays(1), dry));
        Dog swimmer = Dogs.living(Set.of(), Set.of(Habit.SWIMS));
        for (Section section : List.of(Section.BACK, Section.ARMPIT_LEFT)) {
            assertEquals(1, exposure(swimmer, section, life).on(CLEAR.plusDays(1)), 1e-9);
            assertEquals(1.5, exposure(swimmer, section, life).on(CLEAR.plusDays(2)), 1e-9);
        }
    }

    @Test
    void someHoursAndAllDayInAHarnessAreNotAddedUp() {
        Life both =
                new Life(new TreeMap<>(Map.of(CLEAR, Set.of(LifeEvent.HARNESS_SOME_HOURS, LifeEvent.HARNESS_ALL_DAY))));
        assertEquals(1.5, exposure(ORDINARY, Section.CHEST, both).on(CLEAR), 1e-9);
    }

    @Test
    void aWetDayCountsAsThreeAndTheReasonSaysSo() {
        Outlook dry = outlook(CHECKED, Life.ORDINARY, CLEAR.plusDays(2));
        Outlook wet = outlook(CHECKED, on(1, LifeEvent.SOAKED), CLEAR.plusDays(2));
        assertEquals(2 * dry.tangles(0), wet.tangles(0), 1e-9, "four ordinary days instead of two");
        assertTrue(wet.mats(0) > 4 * dry.mats(0), "and tangles had the time to harden");
        assertEquals(dry.tangles(0, 7), wet.tangles(0, 7), 1e-9, "what is to come is the same");
    }

    @Test
    void tanglesAfterAWetWeekAreNotHeldAgainstThePlaceItself() {
        List<CombCheck> checks = List.of(
                new CombCheck(Section.ARMPIT_LEFT, CLEAR, 0, false),
                new CombCheck(Section.ARMPIT_LEFT, CLEAR.plusDays(3), 9, false));
        Life wet = new Life(new TreeMap<>(Map.of(
                CLEAR.plusDays(1),
                Set.of(LifeEvent.SOAKED),
                CLEAR.plusDays(2),
                Set.of(LifeEvent.SOAKED),
                CLEAR.plusDays(3),
                Set.of(LifeEvent.SOAKED))));
        // The day after: nothing has happened since, so what differs is what was learned.
        LocalDate next = CLEAR.plusDays(4);
        double dry = outlook(checks, Life.ORDINARY, next).tangles(0);
        double wetly = outlook(checks, wet, next).tangles(0);
        assertTrue(wetly < dry, wetly + " against " + dry);
    }

    private static final List<CombCheck> CHECKED = List.of(new CombCheck(Section.ARMPIT_LEFT, CLEAR, 0, false));

    private static Outlook outlook(List<CombCheck> checks, Life life, LocalDate today) {
        return Forecast.of(ORDINARY, FLEECE, Diary.of(checks).with(life), today)
                .at(Section.ARMPIT_LEFT)
                .orElseThrow();
    }

    private static Exposure exposure(Dog dog, Section section, Life life) {
        return Exposure.of(dog, FLEECE, section, life, new Shedding(List.of(), false, CLEAR));
    }

    private static Life on(int dayAfterClear, LifeEvent event) {
        return new Life(new TreeMap<>(Map.of(CLEAR.plusDays(dayAfterClear), Set.of(event))));
    }
}
