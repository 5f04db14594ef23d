package rustictangle.core.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import rustictangle.core.Dogs;
import rustictangle.core.Reason;
import rustictangle.core.care.CareDue;
import rustictangle.core.dog.Section;
import rustictangle.core.log.CareJob;
import rustictangle.core.routine.SetUp;

/** The small jobs and baths in the same plan: handbook 10.5, 12 and 13. */
class CareDaysTest {

    private static CareDue due(CareJob job, int every, int next, double minutes) {
        return new CareDue(
                job,
                every,
                false,
                Optional.of(Kept.TODAY.plusDays(next - every)),
                Optional.of(Kept.TODAY.plusDays(next)),
                minutes,
                Optional.empty(),
                Optional.empty(),
                false,
                false,
                new Reason("care.every", ""));
    }

    private static List<Integer> on(CareDays days, CareJob job) {
        return IntStream.range(0, days.days().size())
                .filter(day -> days.on(day).stream().anyMatch(turn -> turn.job() == job))
                .boxed()
                .toList();
    }

    private static List<Integer> baths(CareDays days) {
        return on(days, CareJob.BATH);
    }

    private static double[] minutes(double... each) {
        double[] all = new double[14];
        Arrays.setAll(all, day -> each[day % each.length]);
        return all;
    }

    private static CareDays laid(List<List<CareDue>> dogs, LocalDate today, double[] minutes) {
        CareDays.Asked asked = new CareDays.Asked(
                dogs,
                today,
                IntStream.range(0, Workload.MOST_DAYS)
                        .mapToObj(day -> minutes[day % minutes.length])
                        .toList());
        return HouseholdPlan.of(
                        List.of(),
                        Chores.of(asked, List.of()),
                        day -> minutes[day % minutes.length],
                        0,
                        Optional.empty())
                .care();
    }

    /** The days of one job where a minute of each day costs so much besides itself. */
    private static List<Integer> at(double price, CareDue due) {
        int end = Workload.DAYS_WITHOUT_GROOMER;
        Chores chores = Chores.of(new CareDays.Asked(List.of(List.of(due)), Kept.TODAY, List.of(600.0)), List.of());
        double[] prices = new double[end];
        Arrays.fill(prices, price);
        return SessionDays.cheapest(chores.jobs(end, true).orElseThrow(), prices, new BitSet()).days().get(0).stream()
                .boxed()
                .toList();
    }

    @Test
    void eachJobComesWhenItsTurnIsAndAgainAfterItsInterval() {
        CareDays days = laid(
                List.of(List.of(due(CareJob.TEETH, 1, 0, 2), due(CareJob.LOOK_OVER, 7, 3, 2))),
                Kept.TODAY,
                minutes(Double.POSITIVE_INFINITY));
        assertEquals(
                IntStream.range(0, 14).boxed().toList(), on(days, CareJob.TEETH).subList(0, 14));
        assertEquals(List.of(3, 10), on(days, CareJob.LOOK_OVER).subList(0, 2));
    }

    @Test
    void onAShortDayTheSmallJobsTakeHalfOfItAtMostAndTheRestWaits() {
        CareDays days = laid(
                List.of(List.of(
                        due(CareJob.TEETH, 1, 0, 2),
                        due(CareJob.EARS, 7, 0, 2),
                        due(CareJob.FEET, 7, 0, 3),
                        due(CareJob.NAILS, 24, 0, 10))),
                Kept.TODAY,
                minutes(10, 10, 10, 10, 10, 10, 40));
        IntStream.range(0, 14).forEach(day -> assertTrue(days.minutes(day) <= (day % 7 == 6 ? 20 : 10), "day " + day));
        assertTrue(on(days, CareJob.NAILS).get(0) <= 6, "it does not wait for ever: " + days);
        assertFalse(on(days, CareJob.EARS).isEmpty());
        assertFalse(on(days, CareJob.FEET).isEmpty());
    }

    /** Where a minute is worth as much again, teeth may wait for three days; after twice that they come all the same. */
    @Test
    void theDearerTheMinutesTheLaterAJobAndNeverTooLate() {
        List<Integer> every = new ArrayList<>();
        for (double price : new double[] {0, 0.3, 1, 2, 4, 12}) {
            List<Integer> teeth = at(price, due(CareJob.TEETH, 1, 1, 2));
            every.add(teeth.get(2) - teeth.get(1));
        }
        assertEquals(List.of(1, 2, 3, 4, 6, 6), every);
    }

    /** One claw a day is a routine, too; it is put off like any other where minutes are dear. */
    @Test
    void clawsThatAreUnderWayWaitLikeAnyOtherJob() {
        CareDue underWay = new CareDue(
                CareJob.NAILS,
                24,
                false,
                Optional.of(Kept.TODAY.minusDays(1)),
                Optional.of(Kept.TODAY),
                10,
                Optional.empty(),
                Optional.empty(),
                false,
                false,
                new Reason("care.every", ""));
        assertTrue(
                at(4, underWay).stream().allMatch(day -> day > 14),
                at(4, underWay).toString());
        assertEquals(0, at(0, underWay).get(0));
    }

    /** What snow or a swim asks for is not put off. */
    @Test
    void whatSomethingHasAskedForDoesNotWait() {
        CareDue feet = new CareDue(
                CareJob.FEET,
                7,
                false,
                Optional.of(Kept.TODAY.minusDays(2)),
                Optional.of(Kept.TODAY),
                3,
                Optional.empty(),
                Optional.empty(),
                false,
                false,
                new Reason("care.after-walk", ""));
        assertEquals(0, at(9, feet).get(0));
    }

    /** A claw or two a day is a routine, too: ten minutes that nobody has are taken in parts. */
    @Test
    void nailsThatNoDayHasMinutesForComeAFewClawsAtATime() {
        CareDays days = laid(List.of(List.of(due(CareJob.NAILS, 24, 0, 10))), Kept.TODAY, minutes(5));
        assertEquals(0, on(days, CareJob.NAILS).get(0));
        assertEquals(5, days.minutes(0));
    }

    /** With three minutes a day for what takes five. */
    @Test
    void whatWasNeverDoneGoesBeforeWhatMayWait() {
        CareDue ears = due(CareJob.EARS, 7, -3, 2);
        CareDue never = new CareDue(
                CareJob.FEET,
                7,
                false,
                Optional.empty(),
                Optional.of(Kept.TODAY),
                3,
                Optional.empty(),
                Optional.empty(),
                false,
                false,
                new Reason("care.every", ""));
        assertEquals(
                CareJob.FEET,
                laid(List.of(List.of(ears, never)), Kept.TODAY, minutes(3))
                        .on(0)
                        .get(0)
                        .job());
    }

    @Test
    void aBathComesOnTheRoomiestDayOfItsWeek() {
        CareDays days =
                laid(List.of(List.of(due(CareJob.BATH, 7, 1, 60))), Kept.TODAY, minutes(15, 15, 15, 15, 90, 15, 15));
        assertEquals(List.of(4, 11), baths(days).subList(0, 2));
    }

    /** Gel must not wait for the weekend. */
    @Test
    void aBathThatIsOwedComesByItsDayOnTheRoomiestBefore() {
        CareDue owed = new CareDue(
                CareJob.BATH,
                0,
                false,
                Optional.empty(),
                Optional.of(Kept.TODAY.plusDays(2)),
                60,
                Optional.empty(),
                Optional.empty(),
                false,
                true,
                new Reason("care.owed", ""));
        assertEquals(List.of(1), baths(laid(List.of(List.of(owed)), Kept.TODAY, minutes(15, 20, 15, 15, 90, 15, 15))));
    }

    /** What water would tighten is out before: every place that mats, on the day of the bath or the day before. */
    @ParameterizedTest
    @ValueSource(ints = {0, 3, 9, 16})
    void everyPlaceIsProvedBeforeABath(int bath) {
        for (Kept dog : List.of(
                Kept.dog(Dogs.adult(16), Dogs.allOver(Dogs.fleece(80))),
                Kept.dog(Dogs.adult(4), Dogs.allOver(Dogs.fleece(25))))) {
            Kept kept = dog.provedAgo(4);
            Workload work = bathed(kept, bath);
            Map<Section, BitSet> plan = HouseholdPlan.asItTakes(List.of(work)).of(0);
            plan.forEach((section, days) -> assertTrue(
                    days.get(bath) || bath > 0 && days.get(bath - 1), section + " on " + days + ", bath on " + bath));
        }
    }

    @Test
    void aBathWithNothingElseToDoIsNoReasonToBrushASmoothDogAndProofOfYesterdayHolds() {
        Kept proved = Kept.dog(Dogs.adult(16), Dogs.allOver(Dogs.fleece(80))).provedAgo(1);
        Workload bathed = bathed(proved, 0);
        assertEquals(
                HouseholdPlan.asItTakes(List.of(proved.work())).of(0),
                HouseholdPlan.asItTakes(List.of(bathed)).of(0));
    }

    private static Workload bathed(Kept kept, int on) {
        return new Workload.Basis(
                        kept.forecast(Kept.TODAY),
                        kept.comfort(),
                        kept.places(),
                        new Workload.Sessions(SetUp.MINUTES, false, Optional.empty()),
                        Optional.empty(),
                        List.of(on))
                .work();
    }
}
