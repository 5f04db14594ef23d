package rustictangle.core;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import org.junit.jupiter.api.Test;

class ReasonTest {

    @Test
    void quantitiesStandInBracesWithTheirUnitForTheInterfaceToConvert() {
        assertEquals("{82 mm}", Reason.mm(81.6));
        assertEquals("{17.5 kg}", Reason.kg(17.5));
    }

    @Test
    void aSmallButRealChanceIsNeverShownAsNone() {
        assertEquals("0 %", Reason.percent(0));
        assertEquals("under 1 %", Reason.percent(0.001));
        assertEquals("30 %", Reason.percent(0.3002));
    }

    @Test
    void aReasonWithoutARuleIsNoReason() {
        assertThrows(NullPointerException.class, () -> new Reason(null, "because"));
        assertThrows(NullPointerException.class, () -> new Reason("kit.pad", null));
    }
}
