package rustictangle.core.care;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import rustictangle.core.Dogs;
import rustictangle.core.Reason;
import rustictangle.core.care.Claws.DewClaws;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.History;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.kit.NailSchool;
import rustictangle.core.log.BegunLower;
import rustictangle.core.log.CareJob;
import rustictangle.core.log.CareOutcome;
import rustictangle.core.log.Cared;
import rustictangle.core.log.ClawResult;
import rustictangle.core.log.ClawTouched;
import rustictangle.core.log.Exercise;
import rustictangle.core.log.Happened;
import rustictangle.core.log.LifeEvent;
import rustictangle.core.log.Log;
import rustictangle.core.log.Paw;
import rustictangle.core.log.Practised;
import rustictangle.core.log.Signal;
import rustictangle.core.log.Subject;
import rustictangle.core.trust.Rung;
import rustictangle.core.trust.Spot;
import rustictangle.core.trust.Trial;
import rustictangle.core.trust.Trust;

/** When each small job comes up: handbook 13. */
class CareDueTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);
    private static final Dog DOG = Dogs.adult(10);

    private static Cared done(CareJob job) {
        return new Cared(job, CareOutcome.DONE, Optional.of(Signal.RELAXED), "");
    }

    private static List<CareDue> due(Log log, Map<CareJob, CareDue.Chosen> chosen, LocalDate today) {
        Trust trust = Trust.of(
                DOG, Dogs.kit(DOG, Dogs.allOver(Dogs.hair(CoatKind.SMOOTH, 10))), log.read(Trial.ANSWERS), today);
        return CareDue.of(
                DOG,
                trust,
                CareDiary.of(log),
                chosen,
                Claws.of(log, DewClaws.USUAL),
                NailSchool.ALL,
                45,
                Optional.empty(),
                Optional.empty(),
                today);
    }

    private static CareDue at(CareJob job, Log log, LocalDate today) {
        return due(log, Map.of(), today).get(job.ordinal());
    }

    /** Nobody is met with six jobs on the first day. */
    @Test
    void ofWhatWasNeverDoneOneNewJobADayComesUp() {
        Log nothing = new Days().log();
        assertEquals(List.of(CareJob.LOOK_OVER), jobs(CareDue.today(due(nothing, Map.of(), TODAY), TODAY)));
        Log one = new Days().on(TODAY, done(CareJob.LOOK_OVER)).log();
        assertEquals(
                List.of(CareJob.TEETH), jobs(CareDue.today(due(one, Map.of(), TODAY.plusDays(1)), TODAY.plusDays(1))));
        assertEquals(Optional.empty(), at(CareJob.BATH, nothing, TODAY).next(), "a bath is never nagged for");
    }

    /** Common practice, no published source: feet are looked at after snow and seeds, ears are dried after a swim. */
    @Test
    void aWalkInSnowAsksForTheFeetAndASwimForTheEarsUntilTheyWereSeen() {
        Days week = new Days();
        List.of(CareJob.FEET, CareJob.EARS).forEach(job -> week.on(TODAY.minusDays(3), done(job)));
        assertFalse(at(CareJob.FEET, week.log(), TODAY).due(TODAY));
        for (LifeEvent event : List.of(LifeEvent.SNOW, LifeEvent.SAND_OR_BURRS)) {
            Days walk = new Days()
                    .on(TODAY.minusDays(3), done(CareJob.FEET))
                    .on(TODAY.minusDays(3), done(CareJob.EARS))
                    .on(TODAY.minusDays(1), new Happened(event));
            assertTrue(at(CareJob.FEET, walk.log(), TODAY).due(TODAY), event.label());
            assertEquals(
                    "care.after-walk", at(CareJob.FEET, walk.log(), TODAY).why().rule());
            assertFalse(at(CareJob.EARS, walk.log(), TODAY).due(TODAY), "ears have nothing to do with it");
        }
        week.on(TODAY.minusDays(1), new Happened(LifeEvent.SWAM));
        assertEquals(
                "care.after-swim", at(CareJob.EARS, week.log(), TODAY).why().rule());
        assertFalse(at(CareJob.EARS, week.log(), TODAY.plusDays(2)).due(TODAY.plusDays(2)), "by then they are dry");
        assertFalse(
                due(week.log(), Map.of(CareJob.EARS, new CareDue.Chosen(0, false)), TODAY)
                        .get(CareJob.EARS.ordinal())
                        .due(TODAY),
                "only when they want it");
        week.on(TODAY, done(CareJob.EARS));
        assertFalse(at(CareJob.EARS, week.log(), TODAY).due(TODAY));
        assertEquals(
                Optional.of(TODAY.plusDays(7)),
                at(CareJob.EARS, week.log(), TODAY).next());
    }

    private static List<CareJob> jobs(List<CareDue> due) {
        return due.stream().map(CareDue::job).toList();
    }

    @Test
    void aDoneJobComesBackAfterItsIntervalTheOwnersOwnBeforeTheUsualOne() {
        Log log = new Days().on(TODAY, done(CareJob.LOOK_OVER)).log();
        assertEquals(
                Optional.of(TODAY.plusDays(7)),
                at(CareJob.LOOK_OVER, log, TODAY).next());
        assertEquals(
                Optional.of(TODAY.plusDays(3)),
                due(log, Map.of(CareJob.LOOK_OVER, new CareDue.Chosen(3, false)), TODAY)
                        .get(0)
                        .next());
        assertFalse(at(CareJob.LOOK_OVER, log, TODAY).due(TODAY));
        assertTrue(at(CareJob.LOOK_OVER, log, TODAY.plusDays(20)).due(TODAY.plusDays(20)));
        assertEquals(
                Optional.empty(),
                due(log, Map.of(CareJob.LOOK_OVER, new CareDue.Chosen(0, false)), TODAY)
                        .get(0)
                        .next());
    }

    /** The steps are learned one by one; whoever takes the whole of it relaxed has learned it. */
    @Test
    void whatIsStillLearnedTakesAPracticeAndNotTheWholeJob() {
        CareDue teeth = at(CareJob.TEETH, new Days().log(), TODAY);
        assertTrue(teeth.learning());
        assertTrue(teeth.minutes() < CareRules.of(CareJob.TEETH).minutes());
        assertEquals(Rung.ON_THE_FLOOR, teeth.standing().orElseThrow().rung());
        Log practised = new Days()
                .on(TODAY, new Practised(Optional.of(Exercise.TOOTHBRUSH), Optional.empty(), Signal.RELAXED))
                .log();
        assertTrue(at(CareJob.TEETH, practised, TODAY).doneToday());
        assertEquals(
                Optional.of(TODAY.plusDays(1)),
                at(CareJob.TEETH, practised, TODAY).next());
        Log whole = new Days().on(TODAY, done(CareJob.TEETH)).log();
        assertFalse(at(CareJob.TEETH, whole, TODAY).learning());
        Log uneasy = new Days()
                .on(TODAY, new Cared(CareJob.TEETH, CareOutcome.DONE, Optional.of(Signal.UNEASY), ""))
                .log();
        assertTrue(at(CareJob.TEETH, uneasy, TODAY).learning());
    }

    /** Nails every four weeks, a bath every eight: whoever takes them is no beginner each time. */
    @Test
    void aJobThatComesEveryFewWeeksStaysLearned() {
        for (CareJob job : List.of(CareJob.NAILS, CareJob.BATH)) {
            Log log = new Days().on(TODAY.minusDays(56), done(job)).log();
            assertFalse(at(job, log, TODAY).learning(), job.toString());
            Log longAgo = new Days().on(TODAY.minusDays(200), done(job)).log();
            assertTrue(at(job, longAgo, TODAY).learning(), job.toString());
        }
    }

    /** Clippers or grinder: whichever it takes will do. */
    @Test
    void aDogThatLearnedTheGrinderIsNoBeginnerAtItsNails() {
        Log log = new Days()
                .on(
                        TODAY,
                        new Cared(
                                CareJob.NAILS,
                                CareOutcome.DONE,
                                Optional.of(Signal.RELAXED),
                                "",
                                Optional.of(Exercise.NAIL_GRINDER)))
                .log();
        CareDue nails = at(CareJob.NAILS, log, TODAY);
        assertFalse(nails.learning());
        assertEquals(Exercise.NAIL_GRINDER, nails.spot().orElseThrow().subject());
        assertEquals(
                Exercise.NAIL_CLIPPERS,
                at(CareJob.NAILS, new Days().log(), TODAY).spot().orElseThrow().subject());
    }

    @Test
    void daysOfTeethStandInAQuietRowAndADayWithoutIsOnlyEmpty() {
        Log log = new Days()
                .on(TODAY.minusDays(3), done(CareJob.TEETH))
                .on(
                        TODAY.minusDays(1),
                        new Practised(Optional.of(Exercise.TOOTHBRUSH), Optional.empty(), Signal.RELAXED))
                .on(TODAY, done(CareJob.TEETH))
                .log();
        assertEquals(
                List.of("DONE", "-", "PRACTISED", "DONE"),
                CareDiary.of(log).row(CareJob.TEETH, TODAY, 4).stream()
                        .map(day -> day.map(done -> done.how().name()).orElse("-"))
                        .toList());
    }

    @Test
    void aBathThatGelOwesIsDueByItsDayWhateverWasChosen() {
        Log log = new Days().log();
        Trust trust = Trust.of(DOG, Dogs.kit(DOG, Dogs.allOver(Dogs.fleece(60))), List.of(), TODAY);
        List<CareDue> due = CareDue.of(
                DOG,
                trust,
                CareDiary.of(log),
                Map.of(CareJob.BATH, new CareDue.Chosen(0, false)),
                Claws.of(log, DewClaws.USUAL),
                NailSchool.ALL,
                45,
                Optional.of(TODAY.plusDays(2)),
                Optional.empty(),
                TODAY);
        CareDue bath = due.get(CareJob.BATH.ordinal());
        assertEquals(Optional.of(TODAY.plusDays(2)), bath.next());
        assertFalse(bath.learning(), "gel has to come out, however far the dog has learned to be bathed");
        assertEquals(45, bath.minutes());
    }

    /** The calendar and the reminders tell what the plan holds: no bath that the gate refuses. */
    @Test
    void noBathIsPlannedOverAMatNotEvenOneThatGelOwesAndTheReasonIsSaid() {
        Log log = new Days().log();
        Trust trust = Trust.of(DOG, Dogs.kit(DOG, Dogs.allOver(Dogs.fleece(60))), List.of(), TODAY);
        Reason mat = new Reason("care.gate-mat", "A mat is in.");
        CareDue bath = CareDue.of(
                        DOG,
                        trust,
                        CareDiary.of(log),
                        Map.of(CareJob.BATH, new CareDue.Chosen(7, false)),
                        Claws.of(log, DewClaws.USUAL),
                        NailSchool.ALL,
                        45,
                        Optional.of(TODAY.plusDays(2)),
                        Optional.of(mat),
                        TODAY)
                .get(CareJob.BATH.ordinal());
        assertEquals(Optional.empty(), bath.next());
        assertEquals(mat, bath.why());
    }

    @Test
    void aPuppyIsOfferedTheStepsOfItsBathBeforeAnyBathIsWantedAndAGrownDogIsNot() {
        for (LifeStage stage : LifeStage.values()) {
            Dog dog = Dogs.with(stage, History.RAISED_HERE);
            Trust trust = Trust.of(dog, Dogs.kit(dog, Dogs.allOver(Dogs.fleece(30))), List.of(), TODAY);
            Log log = new Days()
                    .on(
                            TODAY.minusDays(3),
                            new Practised(Optional.of(Exercise.BATHING), Optional.empty(), Signal.RELAXED))
                    .log();
            CareDue bath = CareDue.of(
                            dog,
                            trust,
                            CareDiary.of(log),
                            Map.of(),
                            Claws.of(log, DewClaws.USUAL),
                            NailSchool.ALL,
                            45,
                            Optional.empty(),
                            Optional.of(new Reason("care.gate-beyond", "Not brushed yet.")),
                            TODAY)
                    .get(CareJob.BATH.ordinal());
            assertEquals(stage == LifeStage.PUPPY, bath.due(TODAY), stage + ": " + bath.why());
            assertTrue(bath.learning());
        }
    }

    @Test
    void nailsComeBackWhenTheClawThatWaitsLongestDoes() {
        Days days = new Days()
                .on(TODAY.minusDays(10), new Cared(CareJob.NAILS, CareOutcome.DONE, Optional.of(Signal.RELAXED), ""));
        Claws.of(days.log(), DewClaws.USUAL)
                .claws()
                .forEach(
                        claw -> days.on(TODAY.minusDays(10), new ClawTouched(claw.paw(), claw.toe(), ClawResult.DONE)));
        assertEquals(
                Optional.of(TODAY.plusDays(14)),
                at(CareJob.NAILS, days.log(), TODAY).next());
        days.on(TODAY, new ClawTouched(Paw.FRONT_LEFT, 0, ClawResult.LEFT));
        assertTrue(at(CareJob.NAILS, days.log(), TODAY.plusDays(1)).due(TODAY.plusDays(1)), "it waits");
    }

    @Test
    void nailAndToothLaddersClimbByTheSameStaircase() {
        for (Subject subject :
                List.of(Exercise.TOOTHBRUSH, Exercise.NAIL_CLIPPERS, Exercise.NAIL_GRINDER, Exercise.BATHING)) {
            Days days = new Days();
            Spot spot = new Spot(subject, Optional.empty());
            for (int n = 0; n < 24; n++) {
                days.on(TODAY, new Practised(Optional.of(subject), Optional.empty(), Signal.RELAXED));
            }
            Trust trust = Trust.of(
                    DOG,
                    Dogs.kit(DOG, Dogs.allOver(Dogs.fleece(60))),
                    days.log().read(Trial.ANSWERS),
                    TODAY);
            assertEquals(Rung.WHOLE_SECTION, trust.at(spot).rung(), subject.toString());
        }
    }

    /** One claw a day is a routine, too: two a day, and each has had its turn within the interval (handbook 13). */
    @Test
    void aFewClawsAtATimeComeRoundInTheIntervalOfAll() {
        Days days = new Days()
                .on(TODAY.minusDays(2), new BegunLower(Exercise.NAIL_CLIPPERS, Optional.empty(), Rung.HIGHEST))
                .on(TODAY.minusDays(2), new ClawTouched(Paw.FRONT_LEFT, 1, ClawResult.DONE));
        int touched = 0;
        for (LocalDate day = TODAY; day.isBefore(TODAY.plusDays(80)); day = day.plusDays(1)) {
            CareDue nails = nails(days.log(), NailSchool.A_FEW, day);
            assertEquals(10 * 2 / 18.0, nails.minutes(), 1e-9);
            assertTrue(nails.few());
            if (nails.due(day)) {
                for (Claws.Claw claw :
                        Claws.of(days.log(), DewClaws.USUAL).due(day, 1).subList(0, 2)) {
                    days.on(day, new ClawTouched(claw.paw(), claw.toe(), ClawResult.DONE));
                    touched++;
                }
                assertFalse(nails(days.log(), NailSchool.A_FEW, day).due(day), "two are enough for a day");
            }
            if (day.isAfter(TODAY.plusDays(30))) {
                LocalDate oldest =
                        Claws.of(days.log(), DewClaws.USUAL).allDone().orElseThrow();
                assertFalse(oldest.isBefore(day.minusDays(24)), "one waits from " + oldest + " on " + day);
            }
        }
        assertEquals(80, touched, 8, "two every second day");
    }

    @Test
    void howManyClawsFollowsTheLadderUntilTheOwnerSaysOtherwise() {
        for (Rung rung : List.of(Rung.WHOLE_SECTION, Rung.TO_THE_SKIN)) {
            Log log = new Days()
                    .on(TODAY, new BegunLower(Exercise.NAIL_CLIPPERS, Optional.empty(), rung.number()))
                    .log();
            assertEquals(
                    rung == Rung.WHOLE_SECTION,
                    nails(log, NailSchool.BY_RUNG, TODAY).few(),
                    rung + "");
            assertFalse(nails(log, NailSchool.ALL, TODAY).few());
            assertTrue(nails(log, NailSchool.A_FEW, TODAY).few());
        }
        assertFalse(nails(new Days().log(), NailSchool.A_FEW, TODAY).few(), "what is learned comes rung by rung");
    }

    private static CareDue nails(Log log, NailSchool school, LocalDate today) {
        return CareDue.of(
                        DOG,
                        Trust.of(
                                DOG,
                                Dogs.kit(DOG, Dogs.allOver(Dogs.hair(CoatKind.SMOOTH, 10))),
                                log.read(Trial.ANSWERS),
                                today),
                        CareDiary.of(log),
                        Map.of(),
                        Claws.of(log, DewClaws.USUAL),
                        school,
                        45,
                        Optional.empty(),
                        Optional.empty(),
                        today)
                .get(CareJob.NAILS.ordinal());
    }
}
