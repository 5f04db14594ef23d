package rustictangle.core.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import rustictangle.core.Dogs;
import rustictangle.core.Sample;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.Density;
import rustictangle.core.coat.HairLength;
import rustictangle.core.coat.RegionCoat;
import rustictangle.core.coat.Texture;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Habit;
import rustictangle.core.dog.Section;
import rustictangle.core.dog.Wear;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.rhythm.EveryDay;
import rustictangle.core.rhythm.Forecast;
import rustictangle.core.rhythm.LongRun;
import rustictangle.core.routine.SetUp;

/** What must come out of the plan, over ranges; the intervals are common practice, no published source. */
class AcceptanceTest {

    private static final double[] MASSES = {3, 8, 15, 30};

    private static RegionCoat hair(String coat, double mm) {
        return switch (coat) {
            case "FLEECE" -> Dogs.fleece(mm);
            default -> Dogs.hair(CoatKind.valueOf(coat), mm);
        };
    }

    private static LongRun run(double kilograms, Coat coat, Comfort comfort) {
        return run(Kept.dog(Dogs.adult(kilograms), coat), comfort);
    }

    private static LongRun run(Kept kept, Comfort comfort) {
        Forecast forecast = kept.forecast(Kept.TODAY);
        List<LongRun.BrushedPlace> places = new ArrayList<>();
        kept.places()
                .forEach((section, place) -> places.add(new LongRun.BrushedPlace(
                        place.minutes(), forecast.everyDay(section).orElseThrow())));
        return LongRun.of(places, SetUp.MINUTES, comfort);
    }

    /** How often the places that mat first are brushed, balanced, within about a third. */
    @ParameterizedTest(name = "{0} of {1} mm about every {2} to {3} days")
    @CsvSource({
        "DROP, 160, 1, 1",
        "CURLY, 120, 1, 1",
        "CURLY, 45, 1, 2",
        "FLEECE, 60, 3, 3",
        "FLEECE, 110, 3, 3",
        "DROP, 70, 3, 3.5",
        "FEATHERED, 60, 2.33, 3.5",
        "DOUBLE, 60, 7, 7",
        "WIRE, 40, 6, 7",
        "FLEECE, 15, 4, 7",
        "FLEECE, 10, 7, 7",
        "SMOOTH, 15, 7, 7"
    })
    void aCoatIsBrushedAsOftenAsCommonPracticeSays(String coat, double mm, double from, double to) {
        for (double kilograms : MASSES) {
            double every = run(kilograms, Dogs.allOver(hair(coat, mm)), Comfort.BALANCED)
                    .everyDays();
            assertTrue(every >= 0.67 * from && every <= 1.36 * to, kilograms + " kg: every " + every + " days");
        }
    }

    /** A curly dog of 14 kg clipped at 26 mm that swims daily: every second day, under about an hour a week (10.4.0). */
    @Test
    void aClippedSwimmerIsBrushedOneStepMoreOftenAndNotEveryDay() {
        Coat curls = Dogs.allOver(hair("CURLY", 26));
        Dog swimmer = Dogs.living(Set.of(Wear.HARNESS), Set.of(Habit.SWIMS));
        LongRun run = run(Kept.dog(swimmer, curls), Comfort.BALANCED);
        assertTrue(run.everyDays() >= 1.5 && run.everyDays() <= 3, "every " + run.everyDays() + " days");
        assertTrue(run.minutesAWeek() < 65, run.minutesAWeek() + " min a week");
        LongRun ashore = run(14, curls, Comfort.BALANCED);
        assertTrue(ashore.everyDays() > run.everyDays(), "one step more often than " + ashore.everyDays());
    }

    @Test
    void aClipOfSixMillimetresNeedsNextToNothing() {
        for (double kilograms : MASSES) {
            LongRun run = run(kilograms, Dogs.allOver(Dogs.fleece(6)), Comfort.BALANCED);
            assertTrue(run.everyDays() >= 13 && run.minutesAWeek() < 10, run.toString());
        }
    }

    /** A long fleece since all of it was proved: day 1 next to none, day 3 under ½, day 5 one to three, day 14 a mess. */
    @ParameterizedTest
    @ValueSource(doubles = {80, 100, 120})
    void aLongFleeceHoldsForThreeDaysAndNotForFive(double mm) {
        Forecast forecast =
                Kept.dog(Dogs.adult(16), Dogs.allOver(Dogs.fleece(mm))).forecast(Kept.TODAY);
        assertTrue(mats(forecast, 1) < 0.05);
        assertTrue(mats(forecast, 3) < 0.5);
        assertTrue(mats(forecast, 5) >= 1 && mats(forecast, 5) <= 3, mats(forecast, 5) + " mats");
        assertTrue(mats(forecast, 14) >= 10);
    }

    private static double mats(Forecast forecast, int days) {
        double sum = 0;
        for (Section section : Section.values()) {
            sum += forecast.everyDay(section).orElseThrow().mats(days);
        }
        return sum;
    }

    /** Same interval: longer hair, more friction, paler, wetter never mean fewer mats. */
    @ParameterizedTest
    @EnumSource(
            value = CoatKind.class,
            names = {"SMOOTH", "CORDED", "HAIRLESS"},
            mode = EnumSource.Mode.EXCLUDE)
    void longerPalerAndMoreRubbedHairNeverMatsLess(CoatKind kind) {
        Forecast forecast =
                Kept.dog(Dogs.adult(16), Dogs.allOver(Dogs.hair(kind, 60))).forecast(Kept.TODAY);
        for (int days = 1; days <= 28; days += 3) {
            double before = 0;
            for (int mm = 3; mm <= 300; mm++) {
                EveryDay here = forecast.everyDay(Section.ARMPIT_LEFT, new HairLength(mm))
                        .orElseThrow();
                double mats = here.mats(days);
                assertTrue(mats >= before - 1e-12, kind + " " + mm + " mm, " + days + " days");
                assertTrue(mats
                        >= forecast.everyDay(Section.BACK, new HairLength(mm))
                                .orElseThrow()
                                .mats(days));
                before = mats;
            }
        }
    }

    /** Same comfort: longer hair never asks for fewer minutes a week; a small rhythm's change may save a twentieth. */
    @ParameterizedTest
    @EnumSource(
            value = CoatKind.class,
            names = {"CORDED", "HAIRLESS"},
            mode = EnumSource.Mode.EXCLUDE)
    void longerHairNeverAsksForFewerMinutesAWeek(CoatKind kind) {
        for (Comfort comfort : Comfort.values()) {
            for (double kilograms : new double[] {1.5, 15, 90}) {
                double before = 0;
                for (int mm = 3; mm <= 300; mm += mm < 60 ? Sample.of(12, 6) : Sample.of(48, 24)) {
                    double minutes = run(kilograms, Dogs.allOver(Dogs.hair(kind, mm)), comfort)
                            .minutesAWeek();
                    assertTrue(
                            minutes >= 0.95 * before,
                            kind + " " + mm + " mm " + comfort + " " + kilograms + ": " + minutes + " after " + before);
                    before = Math.max(before, minutes);
                }
            }
        }
    }

    /** Careful never takes fewer minutes than balanced, nor balanced than easy-going; the intervals the other way round. */
    @ParameterizedTest
    @CsvSource({"FLEECE, 80", "CURLY, 45", "DROP, 120", "DOUBLE, 60", "WIRE, 40", "FEATHERED, 60", "FLEECE, 15"})
    void comfortMakesARealDifference(String coat, double mm) {
        for (double kilograms : MASSES) {
            Coat all = Dogs.allOver(hair(coat, mm));
            LongRun careful = run(kilograms, all, Comfort.CAREFUL);
            LongRun balanced = run(kilograms, all, Comfort.BALANCED);
            LongRun easy = run(kilograms, all, Comfort.EASY_GOING);
            assertTrue(careful.minutesAWeek() > 1.1 * balanced.minutesAWeek(), coat + " " + careful + balanced);
            assertTrue(balanced.minutesAWeek() > 1.1 * easy.minutesAWeek(), coat + " " + balanced + easy);
            assertTrue(careful.matsAMonth() < balanced.matsAMonth() && balanced.matsAMonth() < easy.matsAMonth());
            Kept kept = Kept.dog(Dogs.adult(kilograms), all).provedAgo(1);
            Workload rarely = kept.comfort(Comfort.EASY_GOING).work();
            Workload often = kept.comfort(Comfort.CAREFUL).work();
            Workload between = kept.work();
            for (Section section : kept.places().keySet()) {
                int first = often.inTheLongRun(section).days();
                int second = between.inTheLongRun(section).days();
                int third = rarely.inTheLongRun(section).days();
                assertTrue(
                        first <= second && second <= third && (first < third || third == 1),
                        section + " " + first + second + third);
            }
        }
    }

    /** Less time a day never means more brushing in the plan, set-ups apart, but for rounding to whole sessions, where the best plans lie close together. */
    @ParameterizedTest
    @CsvSource({"FLEECE, 80, 16", "CURLY, 45, 14", "DROP, 120, 9", "DOUBLE, 60, 17"})
    void lessTimeADayNeverMeansMoreBrushing(String coat, double mm, double kilograms) {
        Workload dog = Kept.dog(Dogs.adult(kilograms), Dogs.allOver(hair(coat, mm)))
                .provedAgo(2)
                .work();
        double before = 0;
        for (int minutes : new int[] {5, 7, 9, 12, 15, 20, 25, 30, 45, 60, 90, 240}) {
            HouseholdPlan plan = HouseholdPlan.of(List.of(dog), Kept.everyDay(minutes));
            double brushing = 0;
            for (int day = 0; day < dog.days(); day++) {
                brushing += plan.brushing(0, day);
            }
            assertTrue(brushing >= 0.88 * before, coat + " " + minutes + " min: " + brushing + " after " + before);
            before = Math.max(before, brushing);
        }
    }

    /** A double coat comes about weekly, and every two to four days while its undercoat lets go. */
    @Test
    void heavySheddingIsBrushedFarMoreOften() {
        RegionCoat husky = Dogs.hair(CoatKind.DOUBLE, 50, Density.DENSE, Texture.HARSH);
        double ordinary = run(20, Dogs.allOver(husky), Comfort.BALANCED).everyDays();
        double shedding = run(20, Dogs.shedding(husky), Comfort.BALANCED).everyDays();
        assertTrue(ordinary >= 5 && ordinary <= 9, ordinary + " days");
        assertTrue(shedding >= 2 && shedding <= 4.5, shedding + " days");
        Kept kept = Kept.dog(Dogs.adult(20), Dogs.shedding(husky));
        assertTrue(kept.work().inTheLongRun(Section.BACK).days() <= 5, "the back with it");
    }

    @Test
    void theWorkedExampleOfALongFleeceComesOut() {
        LongRun balanced = run(16, Dogs.allOver(Dogs.fleece(80)), Comfort.BALANCED);
        assertEquals(67, balanced.minutesAWeek(), 12);
        assertEquals(5, balanced.matsAMonth(), 1.5);
        LongRun careful = run(16, Dogs.allOver(Dogs.fleece(80)), Comfort.CAREFUL);
        assertEquals(103, careful.minutesAWeek(), 20);
        assertEquals(2, careful.matsAMonth(), 0.7);
    }
}
