package rustictangle.core.kit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import java.util.Set;
import org.junit.jupiter.api.Test;
import rustictangle.core.log.ToolFault;
import rustictangle.core.log.ToolKind;

/** What of a tool is asked: only what it has. Common practice, no published source. */
class ToolKindTest {

    @Test
    void onlyASlickerHasDropsOfPlasticOnItsWires() {
        assertEquals(
                Set.of(ToolKind.SLICKER),
                Set.copyOf(Arrays.stream(ToolKind.values())
                        .filter(kind -> Tips.of(kind).contains(Tips.COATED))
                        .toList()));
        assertTrue(Tips.of(ToolKind.PIN_BRUSH).containsAll(Set.of(Tips.GROUND, Tips.BALL, Tips.RAW)));
        assertTrue(Tips.of(ToolKind.COMB).isEmpty());
    }

    @Test
    void aCombHasTeethToBeRoughAndNoTipsToBeMissing() {
        assertEquals(Set.of(ToolFault.SCRATCHES, ToolFault.ROUGH_TEETH), ToolKind.COMB.faults());
        assertEquals(Set.of(ToolFault.SCRATCHES, ToolFault.TIPS_MISSING, ToolFault.BENT), ToolKind.SLICKER.faults());
        assertFalse(ToolKind.WOODEN_PIN_BRUSH.faults().contains(ToolFault.ROUGH_TEETH));
    }

    /** The palm test is for every tool. */
    @Test
    void anyToolMayScratch() {
        assertTrue(
                Arrays.stream(ToolKind.values()).allMatch(kind -> kind.faults().contains(ToolFault.SCRATCHES)));
    }
}
