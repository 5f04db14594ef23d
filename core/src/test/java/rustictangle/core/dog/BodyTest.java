package rustictangle.core.dog;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class BodyTest {

    /** Merck Veterinary Manual, body surface table for dogs, quoted from memory; two decimals. */
    @ParameterizedTest
    @CsvSource({"10, 0.47", "20, 0.74", "30, 0.97"})
    void bodySurfaceMatchesTheVeterinaryTable(double kilograms, double squareMetres) {
        // The table's constant varies between 10.0 and 10.1, hence half a hundredth and a bit.
        assertEquals(squareMetres, BodySurface.of(new Mass(kilograms)).squareMetres(), 0.008);
    }

    @Test
    void theSectionsShareTheWholeBodyAmongThem() {
        assertEquals(
                1.0,
                Arrays.stream(Section.values()).mapToDouble(Section::areaShare).sum(),
                1e-9);
    }

    @Test
    void leftAndRightAreAlikeInEverythingButTheSide() {
        for (Section left : Section.values()) {
            if (left.side() == Side.LEFT) {
                Section right = Section.valueOf(left.name().replace("LEFT", "RIGHT"));
                assertEquals(Side.RIGHT, right.side());
                assertEquals(left.friction(), right.friction());
                assertEquals(left.sensitivityRank(), right.sensitivityRank());
                assertEquals(left.areaShare(), right.areaShare());
                assertEquals(left.region(), right.region());
            }
        }
    }

    /** Handbook check: all four legs, armpits, throat, behind the ears, rear. Common practice. */
    @Test
    void thePriorityGroupIsLegsArmpitsThroatBehindTheEarsAndRear() {
        Set<Section> priority = Arrays.stream(Section.values())
                .filter(Section::priority)
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(Section.class)));
        assertEquals(
                EnumSet.of(
                        Section.FRONT_LEG_LEFT,
                        Section.FRONT_LEG_RIGHT,
                        Section.HIND_LEG_LEFT,
                        Section.HIND_LEG_RIGHT,
                        Section.ARMPIT_LEFT,
                        Section.ARMPIT_RIGHT,
                        Section.THROAT,
                        Section.BEHIND_EAR_LEFT,
                        Section.BEHIND_EAR_RIGHT,
                        Section.REAR_TROUSERS),
                priority);
    }

    @Test
    void everyRegionHasAPlaceToPointAt() {
        Set<Region> used = Arrays.stream(Section.values()).map(Section::region).collect(Collectors.toSet());
        assertEquals(EnumSet.allOf(Region.class), used);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, -1, 0.29, 120.1, Double.NaN, Double.POSITIVE_INFINITY})
    void anImpossibleMassIsRefusedWithTheLimits(double kilograms) {
        String message = assertThrows(IllegalArgumentException.class, () -> new Mass(kilograms))
                .getMessage();
        assertTrue(message.contains("120"), message);
    }
}
