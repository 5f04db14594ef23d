package rustictangle.core.care;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import rustictangle.core.care.BathGate.GatePlace;
import rustictangle.core.care.BathGate.Way;
import rustictangle.core.dog.Section;
import rustictangle.core.log.BathKind;

/** No bath over a mat, or over a place that nobody has proved: handbook 12, common practice, no published source. */
class BathGateTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);

    /** All that one place can be. */
    private static List<GatePlace> all(Section section) {
        List<GatePlace> all = new ArrayList<>();
        for (boolean canMat : new boolean[] {true, false}) {
            for (boolean mat : new boolean[] {true, false}) {
                for (boolean reachable : new boolean[] {true, false}) {
                    all.add(new GatePlace(section, canMat, mat && canMat, reachable, Optional.empty()));
                    for (int ago : new int[] {0, 1, 2, 3, 30}) {
                        all.add(new GatePlace(
                                section, canMat, mat && canMat, reachable, Optional.of(TODAY.minusDays(ago))));
                    }
                }
            }
        }
        return all;
    }

    @Test
    void neverABathOverAMatOrAnUnprovedPlaceAndAlwaysAWayForward() {
        int open = 0;
        for (BathKind kind : BathKind.values()) {
            for (GatePlace belly : all(Section.BELLY)) {
                for (GatePlace back : all(Section.BACK)) {
                    BathGate gate = BathGate.of(List.of(belly, back), kind, true, TODAY);
                    List<GatePlace> wet = List.of(belly, back).stream()
                            .filter(place -> kind.wets(place.section()) && place.canMat())
                            .toList();
                    boolean mat = wet.stream().anyMatch(GatePlace::mat);
                    boolean unproved = wet.stream().anyMatch(place -> place.proved()
                            .filter(day -> !day.isBefore(TODAY.minusDays(2)))
                            .isEmpty());
                    assertEquals(!mat && !unproved, gate.way() == Way.BATHE, gate.toString());
                    if (gate.way() == Way.BRUSH_FIRST) {
                        assertFalse(gate.first().isEmpty());
                        assertTrue(
                                wet.stream()
                                        .filter(place -> gate.first().contains(place.section()))
                                        .allMatch(GatePlace::reachable),
                                "only what may be brushed is sent to be brushed");
                    } else {
                        assertTrue(gate.first().isEmpty());
                    }
                    assertFalse(gate.why().text().isBlank());
                    open += gate.way() == Way.BATHE ? 1 : 0;
                }
            }
        }
        assertTrue(open > 100, "the gate opens, too: " + open);
    }

    @Test
    void theUndercarriageAsksNothingOfTheBack() {
        GatePlace back = new GatePlace(Section.BACK, true, true, true, Optional.empty());
        assertEquals(
                Way.BATHE,
                BathGate.of(List.of(back), BathKind.UNDERCARRIAGE, true, TODAY).way());
        assertEquals(
                List.of(Section.BACK),
                BathGate.of(List.of(back), BathKind.WHOLE_DOG, true, TODAY).mats());
    }
}
