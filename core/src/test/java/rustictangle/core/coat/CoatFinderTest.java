package rustictangle.core.coat;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static rustictangle.core.coat.Answer.*;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import rustictangle.core.Refused;

/** How to recognise each kind: handbook 2.1, common practice, no published source. */
class CoatFinderTest {

    @Test
    void eachKindIsRecognisedByWhatIsSaidOfIt() {
        assertSure(CoatKind.SMOOTH, ONE_LAYER, TOO_SHORT, NOWHERE, SLEEK);
        assertSure(CoatKind.DOUBLE, TWO_LAYERS, STAYS_STRAIGHT, RUFF_AND_TROUSERS, FLUFF);
        assertSure(CoatKind.DROP, ONE_LAYER, STAYS_STRAIGHT, ALL_OVER, SILKY);
        assertSure(CoatKind.CURLY, ONE_LAYER, SPRINGS_BACK, ALL_OVER, WOOLLY, ALMOST_NOTHING);
        assertSettled(CoatKind.FLEECE, TWO_LAYERS, LOOSE_WAVE, ALL_OVER, SILKY, ALMOST_NOTHING, UNTIL_CUT);
        // A cottony drop coat is near: the first guess is right all the same.
        assertEquals(
                CoatKind.FLEECE,
                CoatFinder.find(Set.of(ONE_LAYER, LOOSE_WAVE, ALL_OVER, COTTONY, ALMOST_NOTHING, UNTIL_CUT))
                        .kind());
        assertSure(CoatKind.WIRE, TWO_LAYERS, BEARD_AND_LEGS, HARSH);
        assertSure(CoatKind.FEATHERED, ONE_LAYER, FRINGES, SILKY, STOPS);
        assertSure(CoatKind.CORDED, ROPES, ALL_OVER, WOOLLY);
        assertSure(CoatKind.HAIRLESS, BARE_SKIN, SLEEK, ALMOST_NOTHING);
    }

    @Test
    void cordsAndBareSkinComeWithWhatCanAndCannotBeDone() {
        assertEquals(
                "coat.corded",
                CoatFinder.find(Set.of(ROPES, WOOLLY)).limits().orElseThrow().rule());
        assertEquals(
                "coat.hairless",
                CoatFinder.find(Set.of(BARE_SKIN, SLEEK)).limits().orElseThrow().rule());
        assertTrue(CoatFinder.find(Set.of(SPRINGS_BACK)).limits().isEmpty());
    }

    @Test
    void twoLikelyAnswersStandSideBySideWithTheObservationThatDecides() {
        Finding finding = CoatFinder.find(Set.of(ONE_LAYER, STAYS_STRAIGHT, SILKY));
        assertEquals(
                Set.of(CoatKind.DROP, CoatKind.FEATHERED),
                Set.of(finding.likely().get(0).kind(), finding.likely().get(1).kind()));
        Finding.Decider decider = finding.decider().orElseThrow();
        assertEquals(Observation.WHERE_LONG, decider.observation());
        assertFalse(decider.answered());
        // Making that one observation settles it, whichever way it falls.
        assertSettled(CoatKind.FEATHERED, ONE_LAYER, STAYS_STRAIGHT, SILKY, FRINGES);
        assertSettled(CoatKind.DROP, ONE_LAYER, STAYS_STRAIGHT, SILKY, ALL_OVER);
    }

    @Test
    void nothingSeenMeansNothingSure() {
        Finding finding = CoatFinder.find(Set.of());
        assertEquals(Finding.Sureness.GUESS, finding.likely().get(0).sureness());
        assertEquals(Finding.Sureness.GUESS, finding.density().sureness());
        assertTrue(finding.likely().get(0).why().text().startsWith("Nothing seen yet"));
    }

    @Test
    void whatWasFeltAndSeenDecidesTextureDensityAndUndercoat() {
        Finding finding = CoatFinder.find(Set.of(TWO_LAYERS, HARSH, HARDLY));
        assertEquals(Texture.HARSH, finding.texture().value());
        assertEquals(Density.DENSE, finding.density().value());
        assertTrue(finding.undercoat().value());
        assertEquals(
                Texture.CURLY,
                CoatFinder.find(Set.of(SPRINGS_BACK, WOOLLY)).texture().value());
        assertEquals(
                Texture.SOFT,
                CoatFinder.find(Set.of(LOOSE_WAVE, WOOLLY)).texture().value());
        assertFalse(CoatFinder.find(Set.of(ONE_LAYER)).undercoat().value());
    }

    @Test
    void anObservationHasOneAnswer() {
        String message = assertThrows(Refused.class, () -> CoatFinder.find(EnumSet.of(ONE_LAYER, TWO_LAYERS)))
                .getMessage();
        assertTrue(message.contains("ONE_LAYER") && message.contains("TWO_LAYERS"), message);
    }

    @ParameterizedTest
    @EnumSource(Observation.class)
    void ofAHundredDogsOfAKindEveryOneGivesSomeAnswer(Observation observation) {
        for (CoatKind kind : CoatKind.values()) {
            assertEquals(
                    1,
                    observation.answers().stream()
                            .mapToDouble(a -> Strain.chanceFor(kind, a))
                            .sum(),
                    1e-9,
                    observation + " for " + kind);
        }
    }

    private static void assertSure(CoatKind kind, Answer... answers) {
        Finding finding = assertSettled(kind, answers);
        assertEquals(Finding.Sureness.SURE, finding.likely().get(0).sureness(), finding.toString());
    }

    private static Finding assertSettled(CoatKind kind, Answer... answers) {
        Finding finding = CoatFinder.find(Set.of(answers));
        assertEquals(kind, finding.kind(), Arrays.toString(answers));
        assertTrue(finding.decider().isEmpty(), finding.likely().toString());
        return finding;
    }
}
