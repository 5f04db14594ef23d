package rustictangle.core.trust;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static rustictangle.core.log.Signal.AFRAID;
import static rustictangle.core.log.Signal.OPTED_OUT;
import static rustictangle.core.log.Signal.RELAXED;
import static rustictangle.core.log.Signal.UNEASY;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rustictangle.core.Dogs;
import rustictangle.core.Refused;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.History;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Kit;
import rustictangle.core.kit.Tool;
import rustictangle.core.log.Exercise;
import rustictangle.core.log.Signal;
import rustictangle.core.log.Subject;
import rustictangle.core.log.ToolKind;

/** Ladders and how a dog climbs them: common practice, no published source (handbook 9.1 to 9.6), but for the rule of three. */
class TrustTest {

    /** Mats a day that form at a place: anywhere the same. */
    private static final ToDoubleFunction<Section> ANYWHERE = section -> 1;

    private static final Dog PUPPY = Dogs.with(LifeStage.PUPPY, History.GENTLE);
    private static final Dog FRIGHTENED = Dogs.with(LifeStage.ADULT, History.ROUGH_GROOM);
    private static final Dog GENTLE = Dogs.adult(10);
    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);
    private static final Kit CURLS = Dogs.kit(GENTLE, Dogs.allOver(Dogs.hair(CoatKind.CURLY, 60)));

    @Test
    void threeRelaxedInARowClimb() {
        assertEquals(new Standing(Rung.ONE_STROKE, 0, 0, false), climb(Rung.EDGE_TOUCHES, RELAXED, RELAXED, RELAXED));
        assertEquals(new Standing(Rung.EDGE_TOUCHES, 2, 0, false), climb(Rung.EDGE_TOUCHES, RELAXED, RELAXED));
    }

    @Test
    void anUneasyAnswerStaysAndBreaksTheRow() {
        assertEquals(
                new Standing(Rung.ONE_STROKE, 2, 0, false),
                climb(Rung.ONE_STROKE, RELAXED, RELAXED, UNEASY, RELAXED, RELAXED));
    }

    @Test
    void optingOutGoesBackOneRungAndAFearSignTwo() {
        assertEquals(new Standing(Rung.EDGE_TOUCHES, 0, 0, false), climb(Rung.ONE_STROKE, RELAXED, OPTED_OUT));
        assertEquals(new Standing(Rung.ON_THE_FLOOR, 0, 0, false), climb(Rung.ON_THE_FLOOR, OPTED_OUT));
        assertEquals(new Standing(Rung.BACK_OF_TOOL, 0, 0, true), climb(Rung.ONE_STROKE, RELAXED, RELAXED, AFRAID));
    }

    @Test
    void afterAFearSignPracticeIsHalfAsLongUntilItHasClimbedAgain() {
        Trust before = trust(FRIGHTENED);
        Trust afraid = trust(FRIGHTENED, AFRAID);
        Spot back = new Spot(ToolKind.SLICKER, Optional.of(Section.BACK));
        Practice shorter = Practice.of(FRIGHTENED, afraid, back, MayBegin.ANYTHING);
        assertEquals(
                Practice.of(FRIGHTENED, before, back, MayBegin.ANYTHING)
                        .atMost()
                        .dividedBy(2),
                shorter.atMost());
        assertTrue(shorter.reasons().stream().anyMatch(reason -> reason.rule().equals("trust.after-fear")));
        assertFalse(
                trust(FRIGHTENED, AFRAID, RELAXED, RELAXED, RELAXED).at(back).afterFear());
    }

    @Test
    void theTopRungIsKept() {
        assertEquals(
                Rung.TO_THE_SKIN,
                climb(Rung.TO_THE_SKIN, RELAXED, RELAXED, RELAXED, RELAXED).rung());
    }

    @ParameterizedTest
    @CsvSource({
        "PUPPY, GENTLE, 1, 1",
        "ADULT, GENTLE, 10, 9",
        "ADULT, ROUGH_GROOM, 4, 2",
        "ADULT, UNKNOWN_RESCUE, 3, 1",
        "CHANGING_COAT, GENTLE, 10, 9"
    })
    void theFirstRungFollowsTheHistory(LifeStage stage, History history, int back, int foot) {
        Trust trust = trust(Dogs.with(stage, history));
        assertEquals(back, rung(trust, Section.BACK));
        assertEquals(foot, rung(trust, Section.HIND_FOOT_LEFT));
    }

    @Test
    void aDogHandledGentlyIsReadyForBrushingEverywhereAndAFrightenedOneNowhere() {
        assertTrue(trust(GENTLE).readyEverywhere());
        assertEquals(29, trust(FRIGHTENED).notReady(List.of(Section.values())).size());
    }

    @Test
    void aNewPlaceStartsALittleBelowItsNeighbourNotAtZero() {
        Trust trust = trust(PUPPY, times(RELAXED, 18));
        assertEquals(7, rung(trust, Section.BACK));
        assertEquals(5, rung(trust, Section.SIDE_LEFT), "minded as little as the back");
        assertEquals(5, rung(trust, Section.THIGH_LEFT));
        assertEquals(5, rung(trust, Section.HIND_FOOT_LEFT), "a tool that it greets is not laid on the floor again");
        assertEquals(3, rung(trust(PUPPY, times(RELAXED, 6)), Section.HIND_FOOT_LEFT), "nor does it touch at once");
    }

    @Test
    void aNewToolStartsBelowTheOneKnownAtThatPlace() {
        Trust trust = trust(PUPPY, times(RELAXED, 18));
        assertEquals(
                4,
                trust.at(new Spot(ToolKind.PIN_BRUSH, Optional.of(Section.BACK)))
                        .rung()
                        .number());
        assertEquals(
                1,
                trust.at(new Spot(ToolKind.DRYER, Optional.of(Section.BACK)))
                        .rung()
                        .number(),
                "what blows is on another ladder");
        assertEquals(
                1,
                trust.at(new Spot(ToolKind.PIN_BRUSH, Optional.of(Section.CHEST)))
                        .rung()
                        .number());
    }

    @Test
    void aPositionIsLearnedOnceAndAToolPlaceByPlace() {
        assertThrows(Refused.class, () -> new Spot(Exercise.TABLE, Optional.of(Section.BACK)));
        assertThrows(Refused.class, () -> new Spot(ToolKind.COMB, Optional.empty()));
    }

    @ParameterizedTest
    @CsvSource({"1, 8", "20, 8", "21, 7", "50, 7", "51, 6", "81, 5", "111, 4", "400, 4"})
    void whatWasLearnedFadesAfterThreeWeeksAndThenMonthByMonthToHalfWay(int days, int expected) {
        List<Trial> trials = trials(TODAY.minusDays(days), times(RELAXED, 21));
        assertEquals(expected, rung(Trust.of(PUPPY, CURLS, trials, TODAY), Section.BACK));
    }

    /** Dogs left unbrushed grow reluctant: common practice, no published source. */
    @Test
    void aReadyPlaceThatIsLeftUnbrushedForLongIsPractisedAgain() {
        List<Trial> trials = trials(TODAY.minusDays(400), times(RELAXED, 27));
        assertEquals(5, rung(Trust.of(PUPPY, CURLS, trials, TODAY), Section.BACK));
        Trust later = Trust.of(PUPPY, CURLS, trials, TODAY.minusDays(400 - 60));
        assertEquals(8, rung(later, Section.BACK));
        assertFalse(later.readyAt(Section.BACK));
    }

    /** Half a year with the slicker every other week: the rake of the season is no stranger in spring. */
    @Test
    void aPlaceThatIsBrushedWithAnotherToolDoesNotFade() {
        List<Trial> trials = new ArrayList<>();
        Spot rake = new Spot(ToolKind.UNDERCOAT_RAKE, Optional.of(Section.BACK));
        LocalDate autumn = TODAY.minusDays(182);
        for (int n = 0; n < 27; n++) {
            trials.add(new Trial(autumn, Optional.of(rake.subject()), rake.section(), RELAXED));
        }
        trials.addAll(trials(autumn, times(RELAXED, 27)));
        Trust neither = Trust.of(PUPPY, CURLS, trials, TODAY);
        for (LocalDate day = autumn; day.isBefore(TODAY); day = day.plusDays(14)) {
            trials.addAll(trials(day, RELAXED));
        }
        assertEquals(
                Rung.TO_THE_SKIN, Trust.of(PUPPY, CURLS, trials, TODAY).at(rake).rung());
        assertEquals(Rung.BACK_OF_TOOL, neither.at(rake).rung());
    }

    @Test
    void uneasyIsNotNeutralTwoInARowStepBackAndAThirdEndsThePractice() {
        assertEquals(Rung.ONE_STROKE, climb(Rung.ONE_STROKE, UNEASY).rung());
        assertEquals(Rung.EDGE_TOUCHES, climb(Rung.ONE_STROKE, UNEASY, UNEASY).rung());
        assertEquals(
                Rung.ONE_STROKE, climb(Rung.ONE_STROKE, UNEASY, RELAXED, UNEASY).rung(), "not in a row");
        assertEquals(
                Rung.ON_THE_FLOOR, climb(Rung.TO_THE_SKIN, times(UNEASY, 25)).rung());
        Spot back = new Spot(ToolKind.SLICKER, Optional.of(Section.BACK));
        assertTrue(Practice.of(GENTLE, trust(GENTLE, UNEASY, UNEASY), back, MayBegin.ANYTHING)
                .enough()
                .isEmpty());
        assertEquals(
                "trust.enough-uneasy",
                Practice.of(GENTLE, trust(GENTLE, UNEASY, UNEASY, UNEASY), back, MayBegin.ANYTHING)
                        .enough()
                        .orElseThrow()
                        .rule());
    }

    @Test
    void aPositionOrANoiseThatNobodyPractisedStartsAtTheBottomForGentleAdultsAsWell() {
        Trust trust = trust(GENTLE, times(RELAXED, 10));
        for (Subject subject : Subject.all()) {
            Ladder ladder = Ladder.of(subject);
            Optional<Section> at = subject.placeByPlace() ? Optional.of(Section.BACK) : Optional.empty();
            int rung = trust.at(new Spot(subject, at)).rung().number();
            assertEquals(!subject.touchesHair(), rung == 1, subject + " at " + rung);
        }
    }

    /** After a growl the tool does not touch first, be it that it took brushing for years; and that day it is left in peace. */
    @Test
    void aWarningClosesThePlaceToTheLowestRungThatWasCalmAndEndsTheDay() {
        List<Trial> calm = trials(TODAY.minusDays(9), times(RELAXED, 30));
        Trial growl = new Trial(TODAY, Optional.empty(), Optional.of(Section.BACK), new Trial.GaveWarning());
        Trust grown = Trust.of(GENTLE, CURLS, calm, TODAY).after(List.of(growl));
        assertEquals(Rung.NEAR_THE_BODY, grown.at(Section.BACK).orElseThrow().rung());
        Trust learner = Trust.of(PUPPY, CURLS, calm, TODAY).after(List.of(growl));
        assertEquals(Rung.ON_THE_FLOOR, learner.at(Section.BACK).orElseThrow().rung());
        MayBegin may = new MayBegin(
                Peace.AFTER_A_WARNING,
                false,
                Optional.empty(),
                Map.of(),
                Map.of(),
                Optional.empty(),
                BathGate.Basis.NOTHING);
        List<Practice> left = Practices.today(GENTLE, grown, Set.of(ToolKind.COMB), ANYWHERE, may);
        assertTrue(left.stream()
                .allMatch(practice ->
                        practice.doneToday() && practice.enough().equals(Peace.AFTER_A_WARNING.brushing())));
    }

    @Test
    void theOwnerMayBeginAnyLadderLower() {
        Trial lower =
                new Trial(TODAY, Optional.empty(), Optional.of(Section.BACK), new Trial.BeginsAt(Rung.ONE_STROKE));
        Trust trust = trust(GENTLE).after(List.of(lower));
        assertEquals(Standing.fresh(Rung.ONE_STROKE), trust.at(Section.BACK).orElseThrow());
        assertFalse(trust.readyAt(Section.BACK));
    }

    @Test
    void whoWasAPuppyHereStartsFromWhatWasPractisedWhenItIsGrown() {
        Dog grown = Dogs.with(LifeStage.ADULT, History.RAISED_HERE);
        Trust trust = Trust.of(grown, CURLS, trials(TODAY.minusDays(3), times(RELAXED, 27)), TODAY);
        assertEquals(10, rung(trust, Section.BACK));
        assertEquals(6, rung(trust, Section.SIDE_LEFT), "a neighbour of the back");
        assertEquals(5, rung(trust, Section.HIND_FOOT_LEFT));
    }

    /** Brushes that feel like stroking come first where there is one: common practice, no published source. */
    @Test
    void aRescueMeetsTheSoftBrushOfTheDrawerBeforeTheOneThatLeads() {
        Dog rescue = Dogs.with(LifeStage.ADULT, History.UNKNOWN_RESCUE);
        Kit kit = Kit.of(
                Dogs.kit(rescue, Dogs.allOver(Dogs.fleece(60))).match(), List.of(Tool.of(ToolKind.FLEXIBLE_PIN_BRUSH)));
        Trust trust = Trust.of(rescue, kit, List.of(), TODAY);
        Spot soft = new Spot(ToolKind.FLEXIBLE_PIN_BRUSH, Optional.of(Section.BACK));
        assertEquals(
                soft,
                Practices.today(rescue, trust, Set.of(), ANYWHERE, MayBegin.ANYTHING)
                        .get(0)
                        .spot());
        List<Trial> learned = Stream.generate(
                        () -> new Trial(TODAY, Optional.of(soft.subject()), soft.section(), RELAXED))
                .limit(18)
                .toList();
        Trust after = trust.after(learned);
        assertTrue(after.at(soft).rung().readyForBrushing());
        assertEquals(
                Rung.EDGE_TOUCHES, after.at(Section.BACK).orElseThrow().rung(), "from there on the brush that leads");
        Trust gentle = Trust.of(GENTLE, kit, List.of(), TODAY);
        assertTrue(Practices.today(GENTLE, gentle, Set.of(), ANYWHERE, MayBegin.ANYTHING).stream()
                .noneMatch(practice -> practice.spot().equals(soft)));
    }

    @Test
    void afterTwoNosNoOtherPlaceIsPractisedThatDay() {
        ToDoubleFunction<Section> tail = section -> section == Section.TAIL_WHOLE ? 9 : 1;
        assertFalse(Practices.today(PUPPY, trust(PUPPY, OPTED_OUT), Set.of(ToolKind.COMB), tail, MayBegin.ANYTHING)
                .isEmpty());
        List<Practice> today = Practices.today(
                PUPPY, trust(PUPPY, OPTED_OUT, OPTED_OUT), Set.of(ToolKind.COMB), tail, MayBegin.ANYTHING);
        assertTrue(today.stream().allMatch(practice -> practice.enough().isPresent()), today.toString());
    }

    @Test
    void aPracticeHasNoMoreTrialsThanThereIsTimeFor() {
        for (Dog dog : List.of(PUPPY, FRIGHTENED, GENTLE)) {
            for (Rung rung : Rung.values()) {
                for (boolean fear : new boolean[] {false, true}) {
                    Trust trust = Trust.of(
                            dog,
                            CURLS,
                            List.of(new Trial(
                                    TODAY.minusDays(1),
                                    Optional.empty(),
                                    Optional.of(Section.BACK),
                                    new Trial.BeginsAt(rung))),
                            TODAY);
                    Practice one = Practice.of(
                            dog,
                            fear ? trust.after(trials(TODAY.minusDays(1), AFRAID)) : trust,
                            new Spot(ToolKind.SLICKER, Optional.of(Section.BACK)),
                            MayBegin.ANYTHING);
                    assertTrue(one.trials() * 5L <= one.atMost().toSeconds(), one.toString());
                }
            }
        }
    }

    @Test
    void theTurningPointsOfALadderAreKeptDayByDay() {
        List<Trial> trials = new ArrayList<>(trials(TODAY.minusDays(3), times(RELAXED, 6)));
        trials.addAll(trials(TODAY.minusDays(1), OPTED_OUT));
        List<Trust.Move> turns = Trust.of(PUPPY, CURLS, trials, TODAY)
                .turns()
                .get(new Spot(ToolKind.SLICKER, Optional.of(Section.BACK)));
        assertEquals(
                List.of(
                        new Trust.Move(TODAY.minusDays(3), Rung.TOUCHES_IT),
                        new Trust.Move(TODAY.minusDays(1), Rung.LOOKS_AT_IT)),
                turns);
    }

    @Test
    void aPuppysFirstPracticeIsOnItsBackAndAFewSecondsLongAndEndsEasy() {
        Practice practice = Practices.today(PUPPY, trust(PUPPY), Set.of(), ANYWHERE, MayBegin.ANYTHING)
                .get(0);
        assertEquals(Optional.of(Section.BACK), practice.spot().section());
        assertEquals(Rung.ON_THE_FLOOR, practice.standing().rung());
        assertEquals(15, practice.atMost().toSeconds(), "three tries, for three in a row climb");
        for (Rung rung : Rung.values()) {
            Trust there = trust(PUPPY, times(RELAXED, 3 * rung.ordinal()));
            Practice one = Practice.of(PUPPY, there, practice.spot(), MayBegin.ANYTHING);
            assertTrue(one.atMost().toSeconds() <= 30, rung + " takes " + one.atMost());
            assertEquals(Ladder.of(practice.spot().subject()).at(rung.down()).howTo(), one.endWith());
        }
    }

    @Test
    void twoNosOrAFearSignEndAPracticeForToday() {
        Spot back = new Spot(ToolKind.SLICKER, Optional.of(Section.BACK));
        assertTrue(Practice.of(PUPPY, trust(PUPPY, OPTED_OUT, RELAXED), back, MayBegin.ANYTHING)
                .enough()
                .isEmpty());
        assertEquals(
                "trust.enough",
                Practice.of(PUPPY, trust(PUPPY, OPTED_OUT, RELAXED, OPTED_OUT), back, MayBegin.ANYTHING)
                        .enough()
                        .orElseThrow()
                        .rule());
        assertTrue(Practice.of(PUPPY, trust(PUPPY, AFRAID), back, MayBegin.ANYTHING)
                .enough()
                .isPresent());
        Trust tomorrow = Trust.of(PUPPY, CURLS, trials(TODAY.minusDays(1), OPTED_OUT, OPTED_OUT), TODAY);
        assertTrue(
                Practice.of(PUPPY, tomorrow, back, MayBegin.ANYTHING).enough().isEmpty());
    }

    @Test
    void practiceMovesOnWhenAPlaceIsReady() {
        Trust trust = trust(FRIGHTENED, times(RELAXED, 15));
        assertTrue(trust.readyAt(Section.BACK));
        assertEquals(
                Optional.of(Section.SIDE_LEFT),
                Practices.today(FRIGHTENED, trust, Set.of(), ANYWHERE, MayBegin.ANYTHING)
                        .get(0)
                        .spot()
                        .section());
    }

    /** A trained dog is not practised every day: only a position is new, and now and then what was left alone for long. */
    @Test
    void aReadyDogIsLeftInPeaceAndLearnsAPosition() {
        List<Practice> today =
                Practices.today(GENTLE, trust(GENTLE), Set.of(ToolKind.COMB), ANYWHERE, MayBegin.ANYTHING);
        assertEquals(
                List.of(Exercise.TABLE),
                today.stream().map(practice -> practice.spot().subject()).toList());
        assertFalse(today.get(0).leadsToBrushing());
        Kit kit = Dogs.kit(GENTLE, Dogs.allOver(Dogs.fleece(60)));
        for (int days : new int[] {3, 20}) {
            Trust trust = Trust.of(GENTLE, kit, List.of(Trial.at(TODAY.minusDays(days), Section.BACK, RELAXED)), TODAY);
            boolean kept = Practices.today(GENTLE, trust, Set.of(), ANYWHERE, MayBegin.ANYTHING).stream()
                    .anyMatch(practice -> practice.spot().section().equals(Optional.of(Section.BACK)));
            assertEquals(days == 20, kept, days + " days ago");
        }
    }

    /** The body first, however fast the rear tangles; among what it minds alike, what saves most mats for each practice. */
    @Test
    void practiceGoesFirstWhereItMindsLeastAndThereWhereTheRaceIsBeingLost() {
        Trust trust = trust(FRIGHTENED);
        List<Practice> today = Practices.today(
                FRIGHTENED,
                trust,
                Set.of(),
                section -> section == Section.REAR_TROUSERS ? 9 : section == Section.THIGH_RIGHT ? 1 : 0.001,
                MayBegin.ANYTHING);
        assertEquals(Optional.of(Section.BACK), today.get(0).spot().section(), "nothing is accepted yet: the easiest");
        assertEquals(Optional.of(Section.THIGH_RIGHT), today.get(1).spot().section());
        assertEquals(3, today.stream().filter(Practice::leadsToBrushing).count());
    }

    @Test
    void aDogOnWhichNothingIsBrushedIsNotPractisedOn() {
        Kit cords = Dogs.kit(GENTLE, Dogs.allOver(Dogs.hair(CoatKind.CORDED, 120)));
        Trust trust = Trust.of(GENTLE, cords, List.of(Trial.at(TODAY, Section.BACK, AFRAID)), TODAY);
        assertEquals(List.of(), Practices.today(GENTLE, trust, Set.of(), ANYWHERE, MayBegin.ANYTHING));
        assertTrue(trust.readyEverywhere());
    }

    @Test
    void everyLadderHasTenStepsInWords() {
        for (Subject subject : Subject.all()) {
            for (Rung rung : Rung.values()) {
                Ladder.Step step = Ladder.of(subject).at(rung);
                assertFalse(
                        step.howTo().isBlank()
                                || step.met().isBlank()
                                || step.label().isBlank(),
                        subject + " " + rung);
            }
        }
    }

    @Test
    void aPracticeUsesOnlyPartOfTheDaysTreats() {
        Practice practice = Practices.today(PUPPY, trust(PUPPY), Set.of(), ANYWHERE, MayBegin.ANYTHING)
                .get(0);
        assertTrue(practice.treatKcal() > 0);
        assertTrue(practice.treatKcal() < TreatAllowance.of(PUPPY, TODAY).treatKcal());
    }

    /** Wherever the day is cut: what was heard before breakfast is not heard again at supper. */
    @Test
    void answersHeardInTwoPartsLeaveTheDogWhereHearingThemAllDoes() {
        List<Trial> trials = Stream.of(
                        trials(TODAY.minusDays(30), RELAXED, RELAXED, RELAXED),
                        trials(TODAY.minusDays(9), OPTED_OUT, RELAXED, UNEASY),
                        trials(TODAY, UNEASY, RELAXED, UNEASY, UNEASY, OPTED_OUT, AFRAID))
                .flatMap(List::stream)
                .toList();
        Trust atOnce = Trust.of(PUPPY, CURLS, trials, TODAY);
        for (int cut = 0; cut <= trials.size(); cut++) {
            Trust morning = Trust.of(PUPPY, CURLS, trials.subList(0, cut), TODAY);
            Trust evening = morning.after(trials.subList(cut, trials.size()));
            assertEquals(atOnce.standings(), evening.standings(), "cut at " + cut);
            assertEquals(atOnce.turns(), evening.turns(), "cut at " + cut);
            assertEquals(
                    Trust.of(PUPPY, CURLS, trials.subList(0, cut), TODAY).turns(),
                    morning.turns(),
                    "the morning stays as it was");
        }
    }

    private static int rung(Trust trust, Section section) {
        return trust.at(section).orElseThrow().rung().number();
    }

    /** Answers given today on the back. */
    private static Trust trust(Dog dog, Signal... signals) {
        return Trust.of(dog, CURLS, trials(TODAY, signals), TODAY);
    }

    private static List<Trial> trials(LocalDate day, Signal... signals) {
        return Stream.of(signals)
                .map(signal -> Trial.at(day, Section.BACK, signal))
                .toList();
    }

    private static Signal[] times(Signal signal, int times) {
        return Stream.generate(() -> signal).limit(times).toArray(Signal[]::new);
    }

    private static Standing climb(Rung from, Signal... signals) {
        Standing standing = Standing.fresh(from);
        for (Signal signal : signals) {
            standing = standing.after(signal);
        }
        return standing;
    }
}
