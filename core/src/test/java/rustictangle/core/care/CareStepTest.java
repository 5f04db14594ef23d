package rustictangle.core.care;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import rustictangle.core.Dogs;
import rustictangle.core.Reason;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.History;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.dog.Mass;
import rustictangle.core.dog.Skin;
import rustictangle.core.log.CareJob;

/** What is done step by step: handbook 12 and 13, common practice, no published source. */
class CareStepTest {

    private static final Dog GROWN = Dogs.adult(10);

    private static List<String> titles(CareJob job, Dog dog) {
        return CareStep.of(job, dog, true).stream().map(CareStep::title).toList();
    }

    @Test
    void theHeadComesLastInTheBathAndNothingIsRubbed() {
        List<String> bath = titles(CareJob.BATH, GROWN);
        assertTrue(bath.indexOf("The head last") > bath.indexOf("Rinse"));
        assertTrue(bath.indexOf("Rinse") > bath.indexOf("Soap the body"));
        assertEquals("Lay ready", bath.get(0));
        assertFalse(CareStep.of(CareJob.BATH, GROWN, false).stream()
                .anyMatch(step -> step.title().equals("Squeeze it out")));
    }

    /** The rule ids of the cautions, screen by screen: each where the hand could err. */
    @Test
    void everyScreenHasItsCautions() {
        assertEquals(Set.of("care.look-vet", "care.tick"), cautions(CareJob.LOOK_OVER));
        assertEquals(Set.of("care.human-toothpaste", "care.teeth-vet"), cautions(CareJob.TEETH));
        assertEquals(Set.of("care.eyes-vet", "care.eyes-scissors"), cautions(CareJob.EYES));
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
        CareCaution.all()
                .forEach(caution -> assertTrue(shown.contains(caution.rule()), caution.rule() + " is shown nowhere"));
        for (CareJob job : CareJob.values()) {
            assertTrue(
                    CareCaution.vet(job).text().toLowerCase().contains("vet") || job == CareJob.BATH, job.toString());
        }
    }

    private static Set<String> cautions(CareJob job) {
        return CareStep.of(job, GROWN, true).stream()
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
}
