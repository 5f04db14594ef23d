package rustictangle.core.trust;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static rustictangle.core.trust.Signal.OPTED_OUT;
import static rustictangle.core.trust.Signal.RELAXED;
import static rustictangle.core.trust.Signal.UNEASY;

import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rustictangle.core.Dogs;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.History;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.dog.Mass;
import rustictangle.core.dog.Section;
import rustictangle.core.dog.Skin;

class TrustTest {

    private static final Dog PUPPY = Dogs.with(LifeStage.PUPPY, History.GENTLE);
    private static final Dog FRIGHTENED = Dogs.with(LifeStage.ADULT, History.ROUGH_GROOM);

    @Test
    void threeRelaxedInARowClimb() {
        assertEquals(new Standing(Rung.ONE_STROKE, 0), climb(Rung.EDGE_TOUCHES, RELAXED, RELAXED, RELAXED));
        assertEquals(new Standing(Rung.EDGE_TOUCHES, 2), climb(Rung.EDGE_TOUCHES, RELAXED, RELAXED));
    }

    @Test
    void anUneasyAnswerStaysAndBreaksTheRow() {
        assertEquals(new Standing(Rung.ONE_STROKE, 2),
                climb(Rung.ONE_STROKE, RELAXED, RELAXED, UNEASY, RELAXED, RELAXED));
    }

    @Test
    void optingOutGoesBackOneRung() {
        assertEquals(new Standing(Rung.EDGE_TOUCHES, 0), climb(Rung.ONE_STROKE, RELAXED, OPTED_OUT));
        assertEquals(new Standing(Rung.ON_THE_FLOOR, 0), climb(Rung.ON_THE_FLOOR, OPTED_OUT));
    }

    @Test
    void theTopRungIsKept() {
        assertEquals(Rung.TO_THE_SKIN, climb(Rung.TO_THE_SKIN, RELAXED, RELAXED, RELAXED, RELAXED).rung());
    }

    @Test
    void aDogCanStandDifferentlyAtDifferentPlaces() {
        Trust trust = Trust.of(FRIGHTENED, Stream.generate(() -> new Trial(Section.BACK, RELAXED)).limit(6).toList());
        assertEquals(6, trust.at(Section.BACK).rung().number());
        assertEquals(4, trust.at(Section.SIDE_LEFT).rung().number());
        assertEquals(2, trust.at(Section.FRONT_FOOT_LEFT).rung().number());
    }

    @ParameterizedTest
    @CsvSource({"PUPPY, GENTLE, 1, 1", "ADULT, GENTLE, 9, 7", "ADULT, ROUGH_GROOM, 4, 2",
        "ADULT, UNKNOWN_RESCUE, 3, 1", "CHANGING_COAT, GENTLE, 8, 6"})
    void theFirstRungFollowsTheHistory(LifeStage stage, History history, int back, int foot) {
        Dog dog = Dogs.with(stage, history);
        assertEquals(back, Trust.start(dog, Section.BACK).rung().number());
        assertEquals(foot, Trust.start(dog, Section.HIND_FOOT_LEFT).rung().number());
    }

    @Test
    void aPuppysFirstPracticeIsOnItsBackAndAFewSecondsLong() {
        Practice practice = Practice.today(PUPPY, Trust.of(PUPPY, List.of()));
        assertEquals(Section.BACK, practice.section());
        assertEquals(Rung.ON_THE_FLOOR, practice.standing().rung());
        assertTrue(practice.atMost().toSeconds() <= 30);
    }

    @Test
    void practiceMovesOnWhenAPlaceIsReady() {
        List<Trial> relaxedOnBack = Stream.generate(() -> new Trial(Section.BACK, RELAXED)).limit(15).toList();
        Trust trust = Trust.of(FRIGHTENED, relaxedOnBack);
        assertTrue(trust.at(Section.BACK).rung().readyForBrushing());
        assertEquals(Section.SIDE_LEFT, Practice.today(FRIGHTENED, trust).section());
    }

    @Test
    void aReadyDogIsKeptSweetWhereItMindsMost() {
        Dog dog = Dogs.adult(10);
        List<Trial> trials = Stream.of(Section.values())
                .flatMap(section -> Stream.generate(() -> new Trial(section, RELAXED)).limit(12)).toList();
        Trust trust = Trust.of(dog, trials);
        assertTrue(trust.readyEverywhere());
        assertEquals(Section.TAIL_WHOLE, Practice.today(dog, trust).section());
    }

    /** Resting energy 70 × kg^0.75: NRC 2006, from memory. 10 kg is given there as about 394 kcal. */
    @Test
    void restingEnergyOfATenKilogramDogIsThePublishedOne() {
        assertEquals(394, TreatAllowance.of(Dogs.adult(10)).restingKcal(), 1);
    }

    /** Worked case: 3 kg, resting 160, day 255, treats 25 kcal. */
    @Test
    void aThreeKilogramDogMayHaveTwentyFiveKilocaloriesOfTreats() {
        TreatAllowance allowance = TreatAllowance.of(Dogs.adult(3));
        assertEquals(160, allowance.restingKcal(), 1);
        assertEquals(255, allowance.dayKcal(), 1);
        assertEquals(25.5, allowance.treatKcal(), 0.1);
    }

    @Test
    void aPracticeUsesOnlyPartOfTheDaysTreats() {
        Dog dog = new Dog(new Mass(3), LifeStage.ADULT, false, Skin.SOUND, History.GENTLE, Set.of(), Set.of());
        Practice practice = Practice.today(dog, Trust.of(dog, List.of()));
        assertTrue(practice.treatKcal() > 0);
        assertTrue(practice.treatKcal() < TreatAllowance.of(dog).treatKcal());
    }

    private static Standing climb(Rung from, Signal... signals) {
        Standing standing = new Standing(from, 0);
        for (Signal signal : signals) {
            standing = standing.after(signal);
        }
        return standing;
    }
}
