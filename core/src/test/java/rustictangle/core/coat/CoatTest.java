package rustictangle.core.coat;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static rustictangle.core.coat.Line.row;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import rustictangle.core.Dogs;
import rustictangle.core.dog.Region;
import rustictangle.core.dog.Section;

class CoatTest {

    /** Bands: common practice, no published source: 38 mm is 1.5 in. */
    @ParameterizedTest
    @CsvSource({"10, SHORT", "38, SHORT", "38.1, MEDIUM", "125, MEDIUM", "125.1, LONG", "300, LONG"})
    void hairFallsIntoTheBandOfItsLength(double millimetres, LengthBand band) {
        assertEquals(band, new HairLength(millimetres).band());
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, -3, 401, Double.NaN})
    void anImpossibleHairLengthIsRefused(double millimetres) {
        assertThrows(IllegalArgumentException.class, () -> new HairLength(millimetres));
    }

    @Test
    void aCoatMustSayWhatGrowsOnEveryRegion() {
        Map<Region, RegionCoat> regions = Dogs.regions(Dogs.hair(CoatKind.WIRE, 30));
        regions.remove(Region.TAIL);
        String message = assertThrows(IllegalArgumentException.class, () -> new Coat(regions, false, false))
                .getMessage();
        assertTrue(message.contains("TAIL"), message);
    }

    @Test
    void aClippedBodyWithLongLegsKeepsBothLengths() {
        Map<Region, RegionCoat> regions = Dogs.regions(Dogs.hair(CoatKind.CURLY, 12));
        regions.put(Region.LEGS, Dogs.hair(CoatKind.CURLY, 60));
        Coat coat = new Coat(regions, false, false);
        assertEquals(12, coat.at(Section.BACK).length().millimetres());
        assertEquals(60, coat.at(Section.HIND_LEG_LEFT).length().millimetres());
    }

    @Test
    void onlyDoubleHairShedsInASeason() {
        assertTrue(Dogs.shedding(Dogs.hair(CoatKind.DOUBLE, 60)).shedsAt(Section.BACK));
        assertFalse(Dogs.shedding(Dogs.hair(CoatKind.CURLY, 60)).shedsAt(Section.BACK));
    }

    @Test
    void aLineIsStraightBetweenItsRowsAndLevelOutside() {
        Line line = Line.through(row(10, 1), row(20, 3));
        assertEquals(1, line.at(new HairLength(5)), 1e-12);
        assertEquals(1, line.at(new HairLength(10)), 1e-12);
        assertEquals(2, line.at(new HairLength(15)), 1e-12);
        assertEquals(3, line.at(new HairLength(20)), 1e-12);
        assertEquals(3, line.at(new HairLength(99)), 1e-12);
        assertThrows(IllegalArgumentException.class, () -> Line.through(row(10, 1), row(10, 2)));
        assertThrows(IllegalArgumentException.class, Line::through);
    }
}
