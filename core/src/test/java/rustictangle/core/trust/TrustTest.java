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
import rustictangle.core.log.Signal;
import rustictangle.core.log.Subject;

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
        assertEquals(new Standing(Rung.ONE_STROKE, 0, false), climb(Rung.EDGE_TOUCHES, RELAXED, RELAXED, RELAXED));
        assertEquals(new Standing(Rung.EDGE_TOUCHES, 2, false), climb(Rung.EDGE_TOUCHES, RELAXED, RELAXED));
    }

    @Test
    void anUneasyAnswerStaysAndBreaksTheRow() {
        assertEquals(
                new Standing(Rung.ONE_STROKE, 2, false),
                climb(Rung.ONE_STROKE, RELAXED, RELAXED, UNEASY, RELAXED, RELAXED));
    }

    @Test
    void optingOutGoesBackOneRungAndAFearSignTwo() {
        assertEquals(new Standing(Rung.EDGE_TOUCHES, 0, false), climb(Rung.ONE_STROKE, RELAXED, OPTED_OUT));
        assertEquals(new Standing(Rung.ON_THE_FLOOR, 0, false), climb(Rung.ON_THE_FLOOR, OPTED_OUT));
        assertEquals(new Standing(Rung.BACK_OF_TOOL, 0, true), climb(Rung.ONE_STROKE, RELAXED, RELAXED, AFRAID));
    }

    @Test
    void afterAFearSignPracticeIsHalfAsLongUntilItHasClimbedAgain() {
        Trust before = trust(FRIGHTENED);
        Trust afraid = trust(FRIGHTENED, AFRAID);
        Spot back = new Spot(Subject.SLICKER, Optional.of(Section.BACK));
        Practice shorter = Practice.of(FRIGHTENED, afraid, back);
        assertEquals(Practice.of(FRIGHTENED, before, back).atMost().dividedBy(2), shorter.atMost());
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
        assertEquals(1, rung(trust, Section.HIND_FOOT_LEFT), "a foot is no neighbour of the back");
    }

    @Test
    void aNewToolStartsBelowTheOneKnownAtThatPlace() {
        Trust trust = trust(PUPPY, times(RELAXED, 18));
        assertEquals(
                4,
                trust.at(new Spot(Subject.PIN_BRUSH, Optional.of(Section.BACK)))
                        .rung()
                        .number());
        assertEquals(
                1,
                trust.at(new Spot(Subject.DRYER, Optional.of(Section.BACK)))
                        .rung()
                        .number(),
                "what blows is on another ladder");
        assertEquals(
                1,
                trust.at(new Spot(Subject.PIN_BRUSH, Optional.of(Section.CHEST)))
                        .rung()
                        .number());
    }

    @Test
    void aPositionIsLearnedOnceAndAToolPlaceByPlace() {
        assertThrows(Refused.class, () -> new Spot(Subject.TABLE, Optional.of(Section.BACK)));
        assertThrows(Refused.class, () -> new Spot(Subject.COMB, Optional.empty()));
    }

    @ParameterizedTest
    @CsvSource({"1, 5", "9, 5", "10, 4", "23, 4", "24, 3", "38, 2", "300, 2"})
    void afterDaysWithoutPracticeItResumesLowerButNeverFromZero(int days, int expected) {
        List<Trial> trials = trials(TODAY.minusDays(days), times(RELAXED, 12));
        assertEquals(expected, rung(Trust.of(PUPPY, CURLS, trials, TODAY), Section.BACK));
    }

    @Test
    void whatWasLearnedUpToRealBrushingStays() {
        List<Trial> trials = trials(TODAY.minusDays(200), times(RELAXED, 24));
        assertEquals(9, rung(Trust.of(PUPPY, CURLS, trials, TODAY), Section.BACK));
    }

    @Test
    void theTurningPointsOfALadderAreKeptDayByDay() {
        List<Trial> trials = new ArrayList<>(trials(TODAY.minusDays(3), times(RELAXED, 6)));
        trials.addAll(trials(TODAY.minusDays(1), OPTED_OUT));
        List<Trust.Turn> turns =
                Trust.of(PUPPY, CURLS, trials, TODAY).turns().get(new Spot(Subject.SLICKER, Optional.of(Section.BACK)));
        assertEquals(
                List.of(
                        new Trust.Turn(TODAY.minusDays(3), Rung.TOUCHES_IT),
                        new Trust.Turn(TODAY.minusDays(1), Rung.LOOKS_AT_IT)),
                turns);
    }

    @Test
    void aPuppysFirstPracticeIsOnItsBackAndAFewSecondsLongAndEndsEasy() {
        Practice practice =
                Practice.today(PUPPY, trust(PUPPY), Set.of(), ANYWHERE).get(0);
        assertEquals(Optional.of(Section.BACK), practice.spot().section());
        assertEquals(Rung.ON_THE_FLOOR, practice.standing().rung());
        assertEquals(10, practice.atMost().toSeconds());
        for (Rung rung : Rung.values()) {
            Trust there = trust(PUPPY, times(RELAXED, 3 * rung.ordinal()));
            Practice one = Practice.of(PUPPY, there, practice.spot());
            assertTrue(one.atMost().toSeconds() <= 30, rung + " takes " + one.atMost());
            assertEquals(
                    Lesson.of(practice.spot().subject())
                            .ladder()
                            .at(rung.down())
                            .howTo(),
                    one.endWith());
        }
    }

    @Test
    void twoNosOrAFearSignEndAPracticeForToday() {
        Spot back = new Spot(Subject.SLICKER, Optional.of(Section.BACK));
        assertTrue(Practice.of(PUPPY, trust(PUPPY, OPTED_OUT, RELAXED), back)
                .enough()
                .isEmpty());
        assertEquals(
                "trust.enough",
                Practice.of(PUPPY, trust(PUPPY, OPTED_OUT, RELAXED, OPTED_OUT), back)
                        .enough()
                        .orElseThrow()
                        .rule());
        assertTrue(Practice.of(PUPPY, trust(PUPPY, AFRAID), back).enough().isPresent());
        Trust tomorrow = Trust.of(PUPPY, CURLS, trials(TODAY.minusDays(1), OPTED_OUT, OPTED_OUT), TODAY);
        assertTrue(Practice.of(PUPPY, tomorrow, back).enough().isEmpty());
    }

    @Test
    void practiceMovesOnWhenAPlaceIsReady() {
        Trust trust = trust(FRIGHTENED, times(RELAXED, 15));
        assertTrue(trust.readyAt(Section.BACK));
        assertEquals(
                Optional.of(Section.SIDE_LEFT),
                Practice.today(FRIGHTENED, trust, Set.of(), ANYWHERE)
                        .get(0)
                        .spot()
                        .section());
    }

    /** A trained dog is not practised every day: only a position is new, and now and then what was left alone for long. */
    @Test
    void aReadyDogIsLeftInPeaceAndLearnsAPosition() {
        List<Practice> today = Practice.today(GENTLE, trust(GENTLE), Set.of(Subject.COMB), ANYWHERE);
        assertEquals(
                List.of(Subject.TABLE),
                today.stream().map(one -> one.spot().subject()).toList());
        assertFalse(today.get(0).leadsToBrushing());
        Kit kit = Dogs.kit(GENTLE, Dogs.allOver(Dogs.fleece(60)));
        for (int days : new int[] {3, 20}) {
            Trust trust = Trust.of(GENTLE, kit, List.of(Trial.at(TODAY.minusDays(days), Section.BACK, RELAXED)), TODAY);
            boolean kept = Practice.today(GENTLE, trust, Set.of(), ANYWHERE).stream()
                    .anyMatch(one -> one.spot().section().equals(Optional.of(Section.BACK)));
            assertEquals(days == 20, kept, days + " days ago");
        }
    }

    /** What saves most mats for each practice comes first, and several places a day unless one has just been afraid. */
    @Test
    void practiceGoesFirstWhereTheRaceIsBeingLost() {
        Trust trust = trust(FRIGHTENED);
        List<Practice> today =
                Practice.today(FRIGHTENED, trust, Set.of(), section -> section == Section.REAR_TROUSERS ? 1 : 0.001);
        assertEquals(Optional.of(Section.BACK), today.get(0).spot().section(), "nothing is accepted yet: the easiest");
        assertEquals(Optional.of(Section.REAR_TROUSERS), today.get(1).spot().section());
        assertEquals(3, today.stream().filter(Practice::leadsToBrushing).count());
    }

    @Test
    void aDogOnWhichNothingIsBrushedIsNotPractisedOn() {
        Kit cords = Dogs.kit(GENTLE, Dogs.allOver(Dogs.hair(CoatKind.CORDED, 120)));
        Trust trust = Trust.of(GENTLE, cords, List.of(Trial.at(TODAY, Section.BACK, AFRAID)), TODAY);
        assertEquals(List.of(), Practice.today(GENTLE, trust, Set.of(), ANYWHERE));
        assertTrue(trust.readyEverywhere());
    }

    @Test
    void everyLadderHasTenStepsInWords() {
        for (Subject subject : Subject.values()) {
            for (Rung rung : Rung.values()) {
                Ladder.Step step = Lesson.of(subject).ladder().at(rung);
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
        Practice practice =
                Practice.today(PUPPY, trust(PUPPY), Set.of(), ANYWHERE).get(0);
        assertTrue(practice.treatKcal() > 0);
        assertTrue(practice.treatKcal() < TreatAllowance.of(PUPPY).treatKcal());
    }

    /** Wherever the day is cut: what was heard before breakfast is not heard again at supper. */
    @Test
    void answersHeardInTwoPartsLeaveTheDogWhereHearingThemAllDoes() {
        List<Trial> trials = Stream.of(
                        trials(TODAY.minusDays(30), RELAXED, RELAXED, RELAXED),
                        trials(TODAY.minusDays(9), OPTED_OUT, RELAXED),
                        trials(TODAY, RELAXED, UNEASY, OPTED_OUT))
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
