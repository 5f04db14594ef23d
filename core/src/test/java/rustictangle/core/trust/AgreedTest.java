package rustictangle.core.trust;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import rustictangle.core.Dogs;
import rustictangle.core.Refused;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Section;
import rustictangle.core.log.Exercise;
import rustictangle.core.log.Signal;
import rustictangle.core.log.ToolKind;

/** Words of one's own, and where a dog is brushed: handbook 9.1, 9.2 and 9.6. */
class AgreedTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);
    private static final Dog DOG = Dogs.adult(10);
    private static final Agreed WORDS = new Agreed(
            Optional.of("yes"),
            Optional.of("free"),
            Map.of(Exercise.OFFERING_LEG, "paw", Exercise.TABLE, "up"),
            Optional.of(Station.TABLE));

    /** A dog that has answered calmly so often, one rung for three answers. */
    private static Trust practised(Exercise position, int times) {
        return Trust.of(
                        DOG,
                        Dogs.kit(DOG, Dogs.allOver(Dogs.fleece(60))),
                        Collections.nCopies(
                                times, new Trial(TODAY, Optional.of(position), Optional.empty(), Signal.RELAXED)),
                        TODAY)
                .with(WORDS);
    }

    @Test
    void theMarkerIsSaidOnTheRungsThatAreMarkedAndNotLater() {
        assertTrue(WORDS.timing(Rung.LOOKS_AT_IT).startsWith("“yes” the moment it happens"));
        assertEquals(Rung.A_FEW_STROKES.timing(), WORDS.timing(Rung.A_FEW_STROKES));
        assertEquals(Rung.LOOKS_AT_IT.timing(), Agreed.NOTHING.timing(Rung.LOOKS_AT_IT));
    }

    /** What a dog does not do yet has no name for it. */
    @Test
    void aPositionIsNamedOnceItIsThereAndAToolNever() {
        Spot table = new Spot(Exercise.TABLE, Optional.empty());
        assertEquals(Optional.empty(), WORDS.cue(table, Rung.TOUCHES_IT));
        assertTrue(WORDS.cue(table, Rung.NEAR_THE_BODY).orElseThrow().contains("“up”"));
        assertEquals(Optional.empty(), WORDS.cue(Spot.at(ToolKind.SLICKER, Section.BACK), Rung.TO_THE_SKIN));
        assertEquals(Optional.empty(), WORDS.cue(new Spot(Exercise.CHIN_REST, Optional.empty()), Rung.TO_THE_SKIN));
    }

    @Test
    void aLegIsAskedForOnlyOnceTheDogHasLearnedToOfferIt() {
        Trust knows = practised(Exercise.OFFERING_LEG, 3 * Rung.HIGHEST);
        assertTrue(WORDS.ask(Section.FRONT_LEG_LEFT, knows).orElseThrow().contains("“paw”"));
        assertTrue(WORDS.ask(Section.HIND_FOOT_RIGHT, knows).isPresent());
        assertEquals(Optional.empty(), WORDS.ask(Section.BACK, knows));
        assertEquals(Optional.empty(), WORDS.ask(Section.FRONT_LEG_LEFT, practised(Exercise.OFFERING_LEG, 6)));
        assertEquals(Optional.empty(), WORDS.ask(Section.MUZZLE, knows), "no word for the chin rest");
    }

    @Test
    void onlyWhereItHasLearnedToBeIsItBrushed() {
        Trust learns = practised(Exercise.TABLE, 6);
        assertEquals(Station.FLOOR, WORDS.today(learns));
        assertTrue(WORDS.notYet(learns).orElseThrow().text().contains("rung 3 of 10"));
        assertEquals(Optional.empty(), WORDS.askForStation(learns));
        Trust stands = practised(Exercise.TABLE, 3 * Rung.HIGHEST);
        assertEquals(Station.TABLE, WORDS.today(stands));
        assertEquals(Optional.empty(), WORDS.notYet(stands));
        assertTrue(WORDS.askForStation(stands).orElseThrow().contains("“up”"));
    }

    /** Without a choice of the owner's it is the table once the dog stands there; a lap asks for nothing. */
    @Test
    void withoutAChoiceItIsAsFarAsTheDogHasLearned() {
        assertEquals(Station.FLOOR, Agreed.NOTHING.today(practised(Exercise.TABLE, 0)));
        assertEquals(Station.TABLE, Agreed.NOTHING.today(practised(Exercise.TABLE, 3 * Rung.HIGHEST)));
        Agreed lap = new Agreed(Optional.empty(), Optional.empty(), Map.of(), Optional.of(Station.LAP));
        assertEquals(Station.LAP, lap.today(practised(Exercise.TABLE, 0)));
    }

    @Test
    void aPracticeEndsWithTheWordThatLetsItGo() {
        Trust trust = practised(Exercise.TABLE, 12);
        Practice practice = Practice.of(DOG, trust, new Spot(Exercise.TABLE, Optional.empty()), MayBegin.ANYTHING);
        assertTrue(practice.endWith().endsWith("Then “free”: it may go."), practice.endWith());
        assertTrue(practice.cue().isPresent());
    }

    @Test
    void aWordIsShortAndBelongsToAPosition() {
        for (String bad : List.of("", "  ", "a word that is much too long to be said")) {
            Refused refused = assertThrows(
                    Refused.class, () -> new Agreed(Optional.of(bad), Optional.empty(), Map.of(), Optional.empty()));
            assertEquals(Optional.of("marker"), refused.field());
        }
        assertThrows(
                Refused.class,
                () -> new Agreed(
                        Optional.empty(), Optional.empty(), Map.of(Exercise.TOOTHBRUSH, "teeth"), Optional.empty()));
        assertFalse(Exercise.positions().contains(Exercise.BATHING));
    }
}
