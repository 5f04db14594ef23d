package rustictangle.core.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import rustictangle.core.Dogs;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.AmountSchool;
import rustictangle.core.log.LastCombed;
import rustictangle.core.rhythm.CombCheck;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.rhythm.Diary;
import rustictangle.core.rhythm.Forecast;
import rustictangle.core.rhythm.Outlook;
import rustictangle.core.rhythm.StatedCombing;
import rustictangle.core.routine.SetUp;

class HouseholdPlanTest {

    private static final Kept FLEECE = Kept.dog(Dogs.adult(16), Dogs.allOver(Dogs.fleece(80)));
    private static final Kept DROP = Kept.dog(Dogs.adult(9), Dogs.allOver(Dogs.hair(CoatKind.DROP, 120)));
    private static final Kept DOUBLE = Kept.dog(Dogs.adult(17), Dogs.allOver(Dogs.hair(CoatKind.DOUBLE, 60)));

    @Test
    void whatWasProvedYesterdayHasNothingDueAndASessionIsNeverForHalfAMinute() {
        HouseholdPlan plan = HouseholdPlan.asItTakes(List.of(FLEECE.provedAgo(1).work()));
        assertTrue(plan.on(0).isEmpty());
        for (int day = 0; day < 28; day++) {
            int places = plan.on(day).size();
            assertTrue(places == 0 || places >= 5, "day " + day + ": " + places);
        }
    }

    @Test
    void hotPlacesComeWithEverySessionAndQuietOnesWithEverySecondToFourth() {
        Map<Section, BitSet> days =
                HouseholdPlan.asItTakes(List.of(FLEECE.provedAgo(1).work())).of(0);
        BitSet sessions = new BitSet();
        days.values().forEach(sessions::or);
        int all = sessions.get(0, 28).cardinality();
        assertTrue(days.get(Section.ARMPIT_LEFT).get(0, 28).cardinality() >= 0.9 * all);
        int back = days.get(Section.BACK).get(0, 28).cardinality();
        assertTrue(back >= all / 5 && back <= all / 2, back + " of " + all);
    }

    @Test
    void noDayTakesLongerThanThereIsAndNoSittingLongerThanItMay() {
        List<Workload> dogs = List.of(
                FLEECE.provedAgo(3).sitting(Duration.ofMinutes(15)).work(),
                DROP.provedAgo(2).work());
        double[] minutes = {15, 0, 20, 10, 0, 40, 25};
        double[] time = Kept.everyDay(0);
        for (int day = 0; day < time.length; day++) {
            time[day] = minutes[day % 7];
        }
        HouseholdPlan plan = HouseholdPlan.of(dogs, time);
        for (int day = 0; day < HouseholdPlan.days(dogs); day++) {
            assertTrue(plan.minutes(day) <= time[day] + 1e-6, "day " + day + ": " + plan.minutes(day));
            assertTrue(plan.brushing(0, day) <= 15 + 1e-6, "day " + day + ": " + plan.brushing(0, day));
        }
    }

    @Test
    void asManyMinutesAsItTakesAreOnlyADayThatHoldsEnough() {
        List<Workload> dogs =
                List.of(FLEECE.provedAgo(4).work(), DOUBLE.provedAgo(8).work());
        HouseholdPlan free = HouseholdPlan.asItTakes(dogs);
        HouseholdPlan enough = HouseholdPlan.of(dogs, Kept.everyDay(240));
        assertEquals(free.of(0), enough.of(0));
        assertEquals(free.of(1), enough.of(1));
    }

    @Test
    void beforeDaysWithoutTimeWhatWouldFallDueThenIsDoneToday() {
        List<Workload> dogs = List.of(FLEECE.provedAgo(2).work());
        double[] time = Kept.everyDay(120);
        assertTrue(HouseholdPlan.of(dogs, time).on(0).isEmpty());
        for (int day = 1; day <= 5; day++) {
            time[day] = 0;
        }
        assertFalse(HouseholdPlan.of(dogs, time).on(0).isEmpty());
    }

    @Test
    void nothingIsPlannedAfterTheGroom() {
        HouseholdPlan plan = HouseholdPlan.asItTakes(List.of(
                FLEECE.provedAgo(1).groomIn(5).work(), FLEECE.provedAgo(1).work()));
        plan.of(0).values().forEach(days -> assertTrue(days.length() <= 5, days.toString()));
        assertTrue(plan.of(1).values().stream().anyMatch(days -> days.length() > 5));
    }

    @Test
    void aMissedDayOnlyMovesWhatWasPlannedForIt() {
        LocalDate today = Kept.TODAY;
        Set<Section> due = today(FLEECE.provedAgo(4), today);
        assertFalse(due.isEmpty());
        Set<Section> tomorrow = today(FLEECE.provedAgo(4), today.plusDays(1));
        assertTrue(tomorrow.containsAll(due), due + " and the day after " + tomorrow);
    }

    private static Set<Section> today(Kept kept, LocalDate today) {
        Set<Section> sections = EnumSet.noneOf(Section.class);
        HouseholdPlan.asItTakes(List.of(kept.on(today))).on(0).forEach(place -> sections.add(place.section()));
        return sections;
    }

    @ParameterizedTest
    @ValueSource(ints = {10, 20, 60})
    void whatAnOwnerDoesTodayIsOffTheListThisEvening(int minutes) {
        HouseholdPlan morning = HouseholdPlan.of(List.of(FLEECE.provedAgo(5).work()), Kept.everyDay(minutes));
        assertFalse(morning.on(0).isEmpty());
        List<CombCheck> checks = new ArrayList<>(FLEECE.provedAgo(5).checks());
        morning.on(0).forEach(place -> checks.add(new CombCheck(place.section(), Kept.TODAY, 0, false)));
        double[] time = Kept.everyDay(minutes);
        time[0] -= morning.minutes(0);
        assertTrue(HouseholdPlan.of(List.of(FLEECE.checks(checks).work()), time)
                .on(0)
                .isEmpty());
    }

    /** The place that was never combed is not the one that waits longest. */
    @Test
    void whatNobodyKnowsIsNotTakenForClean() {
        List<CombCheck> checks = FLEECE.provedAgo(2).checks().stream()
                .filter(check -> check.section() != Section.BACK)
                .toList();
        Kept kept = FLEECE.checks(checks);
        Outlook never = kept.forecast(Kept.TODAY).at(Section.BACK).orElseThrow();
        assertTrue(never.mats(0) >= Outlook.MAT_LIKELY, "not known: " + never.mats(0));
        HouseholdPlan plan = HouseholdPlan.of(List.of(kept.work()), Kept.everyDay(20));
        int back = plan.of(0).get(Section.BACK).nextSetBit(0);
        assertTrue(back >= 0 && back <= 2, "day " + back);
        assertEquals(SectionPlan.State.UNKNOWN, plan.dog(0).at(Section.BACK).state());
    }

    /** Of a coat that nobody has combed, and nobody remembers combing, no mat is told: no burr, no knot, no sum, no chance. */
    @ParameterizedTest
    @EnumSource(LastCombed.class)
    void nothingIsToldOfACoatThatNobodyKnows(LastCombed said) {
        Workload work = new Workload.Basis(
                        Forecast.of(
                                FLEECE.dog(),
                                FLEECE.coat(),
                                Diary.of(List.of()).with(new StatedCombing(Optional.of(said), Kept.TODAY)),
                                Kept.TODAY),
                        Comfort.BALANCED,
                        FLEECE.inTraining(Section.CHEST).places(),
                        new Workload.Sessions(SetUp.MINUTES, false, Optional.empty()),
                        Optional.empty(),
                        List.of())
                .work();
        HouseholdPlan plan = HouseholdPlan.of(List.of(work), Kept.everyDay(10));
        DogPlan dog = plan.dog(0);
        boolean known = said == LastCombed.THIS_WEEK;
        assertEquals(!known, dog.nobodyKnows());
        for (SectionPlan place : dog.sections()) {
            assertEquals(!known, place.nobodyKnows());
            assertTrue(known || place.burrs() == 0 && !place.matLikely(), place + "");
            assertTrue(
                    known
                            || place.reasons().stream()
                                    .noneMatch(reason -> reason.text().contains("%")),
                    place.reasons() + "");
        }
        assertTrue(known || plan.end(0).mats().nothing() == 0 && plan.end(0).nobodyKnows() > 0);
        assertTrue(known
                || plan.threads(0).stream().allMatch(thread -> thread.knot().isEmpty()));
        assertFalse(dog.next().isEmpty(), "it is brushed all the same");
    }

    @ParameterizedTest
    @ValueSource(strings = {"THIS_WEEK", "SOME_WEEKS", "LONGER", "NEVER"})
    void theLongerAgoItIsSaidToBeTheMoreIsToBeExpected(LastCombed said) {
        double before = 0;
        for (LastCombed one : LastCombed.values()) {
            Forecast forecast = Forecast.of(
                    FLEECE.dog(),
                    FLEECE.coat(),
                    Diary.of(List.of()).with(new StatedCombing(Optional.of(one), Kept.TODAY.minusDays(2))),
                    Kept.TODAY);
            double mats = forecast.at(Section.ARMPIT_LEFT).orElseThrow().mats(0);
            assertTrue(mats > before, one + ": " + mats);
            before = mats;
            if (one == said) {
                return;
            }
        }
    }

    @Test
    void placesInTrainingAreNotBrushedButStandInEveryTotal() {
        Kept kept = FLEECE.provedAgo(30).inTraining(Section.ARMPIT_LEFT, Section.REAR_TROUSERS);
        HouseholdPlan plan = HouseholdPlan.asItTakes(List.of(kept.work()));
        assertTrue(plan.of(0).get(Section.ARMPIT_LEFT).isEmpty());
        SectionThread armpit = plan.threads(0).stream()
                .filter(thread -> thread.section() == Section.ARMPIT_LEFT)
                .findFirst()
                .orElseThrow();
        assertEquals(armpit.nothing(), armpit.planned());
        assertTrue(armpit.planned().get(0).mats() > 1, "what is in it by now counts");
        assertTrue(plan.dog(0).at(Section.ARMPIT_LEFT).matLikely());
    }

    @Test
    void aSessionThatIsGoingOnNeedsNoSettingUp() {
        Kept kept = FLEECE.provedAgo(5);
        Workload going = new Workload(
                kept.forecast(Kept.TODAY),
                kept.comfort(),
                kept.places(),
                new Workload.Sessions(4, true, Optional.empty()),
                Optional.empty());
        HouseholdPlan plan = HouseholdPlan.asItTakes(List.of(going));
        assertEquals(plan.brushing(0, 0), plan.minutes(0), 1e-9);
        assertTrue(HouseholdPlan.asItTakes(List.of(kept.work())).minutes(0) > plan.brushing(0, 0));
    }

    /** On the evening before the groom everything that mats is gone through: a groomer can leave length then (handbook 10.5). */
    @ParameterizedTest
    @ValueSource(ints = {5, 9, 24})
    void theDayBeforeTheGroomGoesThroughEverythingThatMats(int days) {
        for (Kept kept : List.of(FLEECE, DROP, DOUBLE)) {
            Workload dog = kept.provedAgo(1).groomIn(days).work();
            Set<Section> last = HouseholdPlan.asItTakes(List.of(dog)).sectionsOn(0, days - 1);
            for (Section section : dog.places().keySet()) {
                if (dog.forecast().at(section).orElseThrow().mats()) {
                    assertTrue(last.contains(section), section + " on the day before the groom: " + last);
                }
            }
            assertTrue(HouseholdPlan.asItTakes(List.of(dog)).dog(0).at(Section.BACK).reasons().stream()
                    .anyMatch(reason -> reason.rule().equals("plan.brush-out")));
        }
        Workload none = FLEECE.provedAgo(1).work();
        assertTrue(none.brushOut().isEmpty());
    }

    /** Comb only is daily, all over; where the minutes do not hold that, the plan says so (handbook 10.2). */
    @Test
    void combOnlyIsADailyRound() {
        Workload.Basis basis = DROP.provedAgo(1).basis(Kept.TODAY);
        Workload daily = new Workload(
                basis.forecast(),
                basis.comfort(),
                basis.places(),
                new Workload.Sessions(4, false, Optional.empty(), true, AmountSchool.BY_MINUTES),
                Optional.empty());
        HouseholdPlan plan = HouseholdPlan.asItTakes(List.of(daily));
        for (int day = 0; day < Workload.DAYS_WITHOUT_GROOMER; day++) {
            assertEquals(daily.places().keySet(), plan.sectionsOn(0, day), "day " + day);
        }
        assertEquals(1, plan.setUp(0, 0));
        HouseholdPlan few = HouseholdPlan.of(List.of(daily), Kept.everyDay(8));
        assertTrue(few.dog(0).sections().stream()
                .flatMap(section -> section.reasons().stream())
                .anyMatch(reason -> reason.text().contains("do not hold it every day")));
    }

    /** Whole each time: fewer sessions, all of it in each; where no day holds that, as the minutes allow. */
    @Test
    void aDogThatIsBrushedWholeIsBrushedWholeOnEveryDayThatHoldsIt() {
        for (Kept kept : List.of(FLEECE, DROP, DOUBLE)) {
            Workload whole = brushed(kept, AmountSchool.WHOLE);
            Workload usual = brushed(kept, AmountSchool.BY_MINUTES);
            HouseholdPlan plan = HouseholdPlan.asItTakes(List.of(whole));
            int sessions = 0;
            for (int day = 0; day < Workload.DAYS_WITHOUT_GROOMER; day++) {
                Set<Section> on = plan.sectionsOn(0, day);
                assertTrue(on.isEmpty() || on.equals(whole.places().keySet()), "day " + day + ": " + on);
                sessions += on.isEmpty() ? 0 : 1;
            }
            assertTrue(sessions >= 2, sessions + " sessions in six weeks");
            HouseholdPlan.Week each = plan.week(0);
            HouseholdPlan.Week free = week(usual);
            assertTrue(each.sessions() <= free.sessions());
            // What the plan minimizes is both together; less freedom is never better.
            double mat = kept.comfort().minutesPerMat() * 12 / 52.18;
            assertTrue(
                    each.minutes() + mat * each.mats() >= (free.minutes() + mat * free.mats()) * 0.99,
                    each + " beside " + free);
            double[] few = Kept.everyDay(10);
            assertEquals(
                    brushed(HouseholdPlan.of(List.of(usual), few)),
                    brushed(HouseholdPlan.of(List.of(whole), few)),
                    0.1 * brushed(HouseholdPlan.of(List.of(usual), few)),
                    "ten minutes hold no whole dog: then as the minutes allow");
        }
    }

    @Test
    void aThirdAtATimeIsMoreSessionsAndStillKeepsTheDog() {
        for (Kept kept : List.of(FLEECE, DROP, DOUBLE)) {
            Workload third = brushed(kept, AmountSchool.A_THIRD);
            double all = third.places().values().stream()
                    .mapToDouble(Workload.PlaceWork::minutes)
                    .sum();
            HouseholdPlan plan = HouseholdPlan.asItTakes(List.of(third));
            HouseholdPlan.Week free = week(brushed(kept, AmountSchool.BY_MINUTES));
            double most = Math.max(all / 3, 1.3 * free.minutes() / 7);
            for (int day = 0; day < Workload.DAYS_WITHOUT_GROOMER; day++) {
                assertTrue(plan.brushing(0, day) <= most + 1e-9, "day " + day);
            }
            assertTrue(plan.week(0).mats() <= 1.5 * free.mats() + 1, plan.week(0) + " beside " + free);
            for (Section section : third.places().keySet()) {
                assertFalse(plan.of(0).get(section).isEmpty(), section + " never comes");
            }
            assertTrue(plan.week(0).sessions()
                    >= week(brushed(kept, AmountSchool.BY_MINUTES)).sessions());
        }
    }

    private static HouseholdPlan.Week week(Workload work) {
        return HouseholdPlan.asItTakes(List.of(work)).week(0);
    }

    private static double brushed(HouseholdPlan plan) {
        return IntStream.range(0, Workload.DAYS_WITHOUT_GROOMER)
                .mapToDouble(day -> plan.brushing(0, day))
                .sum();
    }

    private static Workload brushed(Kept kept, AmountSchool amount) {
        Workload.Basis basis = kept.provedAgo(3).basis(Kept.TODAY);
        return new Workload(
                basis.forecast(),
                basis.comfort(),
                basis.places(),
                new Workload.Sessions(4, false, Optional.empty(), false, amount),
                Optional.empty());
    }
}
