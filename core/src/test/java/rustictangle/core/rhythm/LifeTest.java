package rustictangle.core.rhythm;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
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

/** What a day does to a coat: factors of handbook 10, own estimates after common practice. */
class LifeTest {

    private static final LocalDate CLEAR = LocalDate.of(2026, 5, 4);
    private static final Coat FLEECE = Dogs.allOver(Dogs.fleece(100));
    private static final Dog ORDINARY = Dogs.adult(14);

    @ParameterizedTest
    @CsvSource({"SWAM, BACK, 3", "SOAKED, BACK, 3", "SAND_OR_BURRS, TAIL_WHOLE, 3", "SNOW, HIND_FOOT_LEFT, 2", "SNOW, BACK, 1",
        "HARNESS_ALL_DAY, ARMPIT_LEFT, 1.5", "HARNESS_ALL_DAY, BACK, 1"})
    void aLoggedDayCountsAsSoManyOrdinaryOnes(LifeEvent event, Section section, double days) {
        Exposure exposure = Exposure.of(ORDINARY, FLEECE, section, on(2, event));
        assertEquals(1 + days, exposure.over(CLEAR, 2), 1e-9);
        assertEquals(1, exposure.over(CLEAR, 1), 1e-9, "the day before it is an ordinary one");
        assertEquals(1, exposure.over(CLEAR.plusDays(2), 1), 1e-9, "what was before the comb ran free does not count");
    }

    @Test
    void aSwimmersSwimAndAHarnessDogsHarnessDoNotCountTwice() {
        Dog swimmer = Dogs.living(Set.of(Wear.HARNESS), Set.of(Habit.SWIMS));
        Exposure back = Exposure.of(swimmer, FLEECE, Section.BACK, on(1, LifeEvent.SWAM));
        assertEquals(2, back.perDay(), 1e-9);
        assertEquals(3, back.over(CLEAR, 1), 1e-9, "a day on which it really swam is the 3 of such a day");
        Exposure armpit = Exposure.of(swimmer, FLEECE, Section.ARMPIT_LEFT, on(1, LifeEvent.HARNESS_ALL_DAY));
        assertEquals(armpit.perDay(), armpit.over(CLEAR, 1), 1e-9);
    }

    @Test
    void aWetDayBringsTheNextBrushingForwardAndSaysSo() {
        SectionRhythm dry = rhythm(Life.ORDINARY, CLEAR.plusDays(1));
        SectionRhythm wet = rhythm(on(1, LifeEvent.SOAKED), CLEAR.plusDays(1));
        assertEquals(CLEAR.plusDays(3), dry.due(), "long fleece, everyday life: every 3rd day");
        assertTrue(wet.due().isBefore(dry.due()));
        assertEquals(dry.intervalDays(), wet.intervalDays(), "its rhythm is the same; only this time it is sooner");
        assertTrue(wet.reasons().stream().anyMatch(reason -> reason.rule().equals("rhythm.life")));
        assertTrue(wet.chanceOfTangle() > dry.chanceOfTangle());
    }

    @Test
    void tanglesAfterAWetWeekAreNotHeldAgainstThePlaceItself() {
        List<CombCheck> checks = List.of(new CombCheck(Section.ARMPIT_LEFT, CLEAR, 0, false),
                new CombCheck(Section.ARMPIT_LEFT, CLEAR.plusDays(3), 9, false));
        Life wet = new Life(new TreeMap<>(Map.of(CLEAR.plusDays(1), Set.of(LifeEvent.SOAKED), CLEAR.plusDays(2),
                Set.of(LifeEvent.SOAKED), CLEAR.plusDays(3), Set.of(LifeEvent.SOAKED))));
        // The day after: nothing has happened since, so what differs is what was learned.
        LocalDate next = CLEAR.plusDays(4);
        double dry = Rhythm.of(ORDINARY, FLEECE, Comfort.BALANCED, checks, next).at(Section.ARMPIT_LEFT).chanceOfTangle();
        double wetly = Rhythm.of(ORDINARY, FLEECE, Comfort.BALANCED, checks, wet, next).at(Section.ARMPIT_LEFT).chanceOfTangle();
        assertTrue(wetly < dry, wetly + " against " + dry);
    }

    private static SectionRhythm rhythm(Life life, LocalDate today) {
        List<CombCheck> checks = List.of(new CombCheck(Section.ARMPIT_LEFT, CLEAR, 0, false));
        return Rhythm.of(ORDINARY, FLEECE, Comfort.BALANCED, checks, life, today).at(Section.ARMPIT_LEFT);
    }

    private static Life on(int dayAfterClear, LifeEvent event) {
        return new Life(new TreeMap<>(Map.of(CLEAR.plusDays(dayAfterClear), Set.of(event))));
    }
}
