package rustictangle.core.care;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import rustictangle.core.Dogs;
import rustictangle.core.Reason;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.History;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.dog.Mass;
import rustictangle.core.dog.Skin;
import rustictangle.core.kit.EarHairSchool;
import rustictangle.core.log.BathKind;
import rustictangle.core.log.CareJob;

/** What is done step by step: handbook 12 and 13, common practice, no published source. */
class CareStepTest {

    private static final Dog GROWN = Dogs.adult(10);
    private static final Coat FLEECE = Dogs.allOver(Dogs.fleece(60));
    private static final Coat SMOOTH = Dogs.allOver(Dogs.hair(CoatKind.SMOOTH, 10));

    private static List<String> titles(CareJob job, Dog dog) {
        return CareStep.of(job, dog, FLEECE, EarHairSchool.LEFT).stream()
                .map(CareStep::title)
                .toList();
    }

    @Test
    void theHeadComesLastInTheBathAndNothingIsRubbed() {
        List<String> bath = titles(CareJob.BATH, GROWN);
        assertTrue(bath.indexOf("The head last") > bath.indexOf("Rinse"));
        assertTrue(bath.indexOf("Rinse") > bath.indexOf("Soap the body"));
        assertEquals("Lay ready", bath.get(0));
        assertFalse(CareStep.of(CareJob.BATH, GROWN, SMOOTH, EarHairSchool.LEFT).stream()
                .anyMatch(step -> step.title().equals("Squeeze it out")));
    }

    /** The rule ids of the cautions, screen by screen: each where the hand could err. */
    @Test
    void everyScreenHasItsCautions() {
        assertEquals(Set.of("care.look-vet", "care.tick"), cautions(CareJob.LOOK_OVER));
        assertEquals(Set.of("care.human-toothpaste", "care.teeth-vet"), cautions(CareJob.TEETH));
        assertEquals(Set.of("care.eyes-vet", "care.eyes-scissors", "care.tears"), cautions(CareJob.EYES));
        assertEquals(Set.of("care.ears-vet", "care.ears-canal"), cautions(CareJob.EARS));
        assertEquals(Set.of("care.feet-scissors", "care.feet-vet"), cautions(CareJob.FEET));
        assertEquals(
                Set.of(
                        "care.bath-slip",
                        "care.head-last",
                        "care.bath-rub",
                        "care.bath-residue",
                        "care.head-water",
                        "care.towel-rub"),
                cautions(CareJob.BATH));
        Set<String> shown = Set.of(CareJob.values()).stream()
                .flatMap(job -> cautions(job).stream())
                .collect(Collectors.toSet());
        shown.addAll(
                CareStep.of(CareJob.BATH, Dogs.with(LifeStage.PUPPY, History.GENTLE), FLEECE, EarHairSchool.LEFT)
                        .stream()
                        .flatMap(step -> step.caution().stream())
                        .map(Reason::rule)
                        .toList());
        shown.addAll(CareStep.of(CareJob.EARS, GROWN, FLEECE, EarHairSchool.PLUCKED).stream()
                .flatMap(step -> step.caution().stream())
                .map(Reason::rule)
                .toList());
        CareCaution.all()
                .forEach(caution -> assertTrue(shown.contains(caution.rule()), caution.rule() + " is shown nowhere"));
        for (CareJob job : CareJob.values()) {
            assertTrue(
                    CareCaution.vet(job).text().toLowerCase().contains("vet") || job == CareJob.BATH, job.toString());
        }
    }

    /** What is nobody's job at home is said, and leads to those who know (handbook 13). */
    @Test
    void whatIsNoJobForHomeGoesToTheVet() {
        assertEquals(2, CareCaution.notAtHome().size());
        CareCaution.notAtHome().forEach(one -> assertTrue(one.text().contains("vet"), one.text()));
        String feet = CareStep.of(CareJob.FEET, GROWN, FLEECE, EarHairSchool.LEFT).stream()
                .map(CareStep::todo)
                .collect(Collectors.joining(" "));
        assertTrue(feet.contains("salted") && feet.contains("rinse"), feet);
        assertTrue(cautions(CareJob.EYES).contains("care.tears"));
    }

    private static Set<String> cautions(CareJob job) {
        return CareStep.of(job, GROWN, FLEECE, EarHairSchool.LEFT).stream()
                .flatMap(step -> step.caution().stream())
                .map(Reason::rule)
                .collect(Collectors.toSet());
    }

    @Test
    void theFlatFacedTheOldThePuppyAndTheFrightenedGetWhatTheyNeed() {
        Dog flat = new Dog(new Mass(10), LifeStage.ADULT, true, Skin.SOUND, History.GENTLE, Set.of(), Set.of());
        assertTrue(titles(CareJob.BATH, flat).contains("Nothing over the nose"));
        assertTrue(titles(CareJob.EYES, flat).contains("The folds"));
        assertEquals(1, CareRules.of(CareJob.TEETH).every(flat));
        assertTrue(titles(CareJob.BATH, Dogs.with(LifeStage.ELDERLY, History.GENTLE))
                .contains("Support it"));
        assertTrue(
                titles(CareJob.BATH, Dogs.with(LifeStage.PUPPY, History.GENTLE)).contains("Only as far as it goes"));
        assertTrue(titles(CareJob.BATH, Dogs.with(LifeStage.ADULT, History.ROUGH_GROOM))
                .contains("No hurry"));
        assertFalse(titles(CareJob.BATH, GROWN).contains("No hurry"));
    }

    private static List<String> bath(Coat coat, BathKind kind) {
        return CareStep.ofBath(GROWN, coat, kind).stream().map(CareStep::title).toList();
    }

    @Test
    void afterMudItIsWaterOnlyBeneathAndASmoothCoatIsWashedWithTheRubberWithoutConditioner() {
        assertEquals(
                List.of(
                        "Lay ready",
                        "Test the water",
                        "Wet what is dirty",
                        "Rinse it out",
                        "Squeeze it out",
                        "Out, and a treat"),
                bath(FLEECE, BathKind.RINSE));
        assertFalse(bath(FLEECE, BathKind.UNDERCARRIAGE).contains("The head last"), "the head stays dry");
        assertTrue(bath(FLEECE, BathKind.WHOLE_DOG).contains("Conditioner"));
        assertFalse(bath(Dogs.allOver(Dogs.fleece(40)), BathKind.WHOLE_DOG).contains("Conditioner"), "over 40 mm only");
        assertTrue(bath(SMOOTH, BathKind.WHOLE_DOG)
                .containsAll(List.of("Soap it with the rubber", "Towel", "The head last")));
        assertFalse(bath(SMOOTH, BathKind.WHOLE_DOG).contains("Conditioner"));
        assertFalse(bath(SMOOTH, BathKind.WHOLE_DOG).contains("Soap the body"));
    }

    @Test
    void thePuppyAndTheOldDogHaveAWarmRoomAndADryerThatWasNotLearnedIsNotUsed() {
        Dog puppy = Dogs.with(LifeStage.PUPPY, History.RAISED_HERE);
        assertTrue(titles(CareJob.BATH, puppy).contains("A warm room"));
        assertTrue(titles(CareJob.BATH, Dogs.with(LifeStage.ELDERLY, History.GENTLE))
                .contains("A warm room"));
        assertFalse(titles(CareJob.BATH, GROWN).contains("A warm room"));
        List<Supply> dryer = List.of(Supply.HOUSEHOLD_DRYER);
        assertEquals(Drying.With.AIR_FROM_AFAR, Drying.with(dryer, true, FLEECE, false));
        assertEquals(Drying.With.TOWEL, Drying.with(dryer, false, SMOOTH, false));
        assertEquals(Drying.With.HOUSEHOLD_DRYER, Drying.with(dryer, false, FLEECE, true));
        assertEquals(
                List.of("care.dry-afar", "care.bath-chills", "care.dry-cool"),
                Drying.heed(puppy, FLEECE, Drying.With.AIR_FROM_AFAR).stream()
                        .map(Reason::rule)
                        .toList());
        Dog flat = new Dog(new Mass(10), LifeStage.ADULT, true, Skin.SOUND, History.GENTLE, Set.of(), Set.of());
        assertEquals(
                "care.dry-overheats",
                Drying.heed(flat, FLEECE, Drying.With.HOUSEHOLD_DRYER).get(0).rule());
    }

    @Test
    void aChildMayWipeEyesAndNeverDoesNails() {
        assertTrue(CareRules.of(CareJob.EYES).child());
        assertFalse(CareRules.of(CareJob.NAILS).child());
        assertFalse(CareRules.of(CareJob.TEETH).child());
    }

    @Test
    void nailsAskForAToolAndForStyptic() {
        assertEquals(
                List.of(
                        List.of(Supply.NAIL_CLIPPERS, Supply.NAIL_GRINDER),
                        List.of(Supply.STYPTIC_POWDER, Supply.STYPTIC_GEL)),
                CareRules.of(CareJob.NAILS).needs());
    }

    /** Hair grows inside the ears of coats that mat; what is done about it is the owner's school (handbook 15). */
    @ParameterizedTest
    @EnumSource(EarHairSchool.class)
    void whatIsDoneAboutHairInTheEarIsWhatWasChosen(EarHairSchool school) {
        List<CareStep> curly = CareStep.of(CareJob.EARS, GROWN, FLEECE, school).stream()
                .filter(step -> step.title().equals("Hair inside"))
                .toList();
        assertEquals(1, curly.size());
        assertEquals(school == EarHairSchool.PLUCKED, curly.get(0).todo().contains("powder"));
        assertEquals(school == EarHairSchool.PLUCKED, curly.get(0).caution().isPresent());
        assertTrue(CareStep.of(CareJob.EARS, GROWN, SMOOTH, school).stream()
                .noneMatch(step -> step.title().equals("Hair inside")));
    }
}
