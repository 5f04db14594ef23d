package rustictangle.core.visit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import rustictangle.core.Dogs;
import rustictangle.core.Reason;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.dog.History;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.log.VisitScope;
import rustictangle.core.log.Visited;

/** What a groomer is told: common practice, no published source. */
class HandOverTest {

    private static final Coat CURLY = Dogs.allOver(Dogs.hair(CoatKind.CURLY, 60));

    @Test
    void aFrightenedDogAndAPuppyAreAnnounced() {
        assertEquals(
                List.of("visit.frightened", "visit.treats"),
                rules(HandOver.helps(Dogs.with(LifeStage.ADULT, History.ROUGH_GROOM))));
        assertEquals(
                List.of("visit.puppy", "visit.treats"),
                rules(HandOver.helps(Dogs.with(LifeStage.PUPPY, History.GENTLE))));
        assertEquals(List.of("visit.elderly"), rules(HandOver.heed(Dogs.with(LifeStage.ELDERLY, History.GENTLE))));
        assertTrue(HandOver.heed(Dogs.adult(12)).isEmpty());
    }

    @Test
    void aSheetOfMatsIsClippedShortRatherThanPulledAndHairThatStopsIsNot() {
        assertTrue(HandOver.talk(CURLY, 0).isEmpty());
        assertEquals(List.of("visit.mats-shown", "visit.clip-spot"), rules(HandOver.talk(CURLY, 3)));
        assertEquals(List.of("visit.mats-shown", "visit.clip-short"), rules(HandOver.talk(CURLY, 4)));
        assertEquals(
                List.of("visit.mats-shown", "visit.clip-spot"),
                rules(HandOver.talk(Dogs.allOver(Dogs.hair(CoatKind.DOUBLE, 60)), 9)));
    }

    @Test
    void afterAShortClipItBeginsAgainGentlyForSomeWeeks() {
        LocalDate groom = LocalDate.of(2026, 5, 1);
        Visit clip = clip(groom, 12);
        assertEquals(
                "visit.restart",
                HandOver.restart(CURLY, List.of(clip), groom.plusWeeks(2))
                        .orElseThrow()
                        .rule());
        assertTrue(
                HandOver.restart(CURLY, List.of(clip(groom, 30)), groom.plusWeeks(2))
                        .isEmpty(),
                "not short");
        assertTrue(HandOver.restart(CURLY, List.of(clip), groom.plusWeeks(7)).isEmpty(), "long ago");
        Visit nails = new Visit(groom.plusWeeks(1), Visited.only(VisitScope.NAILS, Set.of()));
        assertTrue(
                HandOver.restart(CURLY, List.of(nails, clip), groom.plusWeeks(2))
                        .isPresent(),
                "nails cut no hair");
    }

    private static Visit clip(LocalDate day, double left) {
        return new Visit(day, new Visited(Optional.of(left), Optional.empty(), "", "", false, Map.of()));
    }

    private static List<String> rules(List<Reason> reasons) {
        return reasons.stream().map(Reason::rule).toList();
    }
}
