package rustictangle.core.care;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import rustictangle.core.Dogs;

/** Sizes of what lies ready, by the dog: handbook 13, common practice; the masses are own estimates. */
class SupplyTest {

    @Test
    void aToothbrushAndClippersAreAsLargeAsTheDogAsksFor() {
        for (Supply sized : new Supply[] {Supply.TOOTHBRUSH, Supply.NAIL_CLIPPERS}) {
            assertEquals(
                    3,
                    Stream.of(3, 14, 40)
                            .map(Dogs::adult)
                            .map(dog -> sized.size(dog).orElseThrow())
                            .distinct()
                            .count(),
                    sized + "");
        }
        assertTrue(Supply.NAIL_CLIPPERS.size(Dogs.adult(40)).orElseThrow().contains("large"));
        assertEquals(Optional.empty(), Supply.FINGER_BRUSH.size(Dogs.adult(14)));
        assertTrue(Supply.FINGER_BRUSH.size(Dogs.adult(3)).orElseThrow().contains("small toothbrush"));
        assertEquals(Optional.empty(), Supply.SHAMPOO.size(Dogs.adult(14)));
    }
}
