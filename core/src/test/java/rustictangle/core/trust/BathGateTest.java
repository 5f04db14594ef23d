package rustictangle.core.trust;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import rustictangle.core.dog.Section;
import rustictangle.core.log.BathKind;
import rustictangle.core.trust.BathGate.GatePlace;
import rustictangle.core.trust.BathGate.Shut;
import rustictangle.core.trust.BathGate.Way;

/** No bath over a mat, or over a place that nobody has proved: handbook 12, common practice, no published source. */
class BathGateTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);
    private static final int[] AGO = {-1, 0, 2, 3};
    private static final double[] HAIR_MM = {12, 40, 41};

    private static Optional<LocalDate> ago(int days) {
        return days < 0 ? Optional.empty() : Optional.of(TODAY.minusDays(days));
    }

    /** All that one place can be. */
    private static List<GatePlace> all(Section section, double[] hairMm, int[] agos) {
        List<GatePlace> all = new ArrayList<>();
        for (boolean canMat : new boolean[] {true, false}) {
            for (boolean mat : new boolean[] {true, false}) {
                for (Shut shut : Shut.values()) {
                    for (boolean ready : new boolean[] {true, false}) {
                        for (double length : hairMm) {
                            for (int proved : agos) {
                                for (int searched : agos) {
                                    all.add(new GatePlace(
                                            section,
                                            canMat,
                                            mat && canMat,
                                            shut,
                                            ready,
                                            length,
                                            ago(proved),
                                            ago(searched)));
                                }
                            }
                        }
                    }
                }
            }
        }
        return all;
    }

    private static boolean holds(Optional<LocalDate> day) {
        return day.filter(proved -> !proved.isBefore(TODAY.minusDays(2))).isPresent();
    }

    /** Whether water over it tightens nothing that anybody could have known of. */
    private static boolean safe(GatePlace place, BathKind kind) {
        if (place.shut() != Shut.OPEN || place.mat()) {
            return false;
        }
        boolean felt = !place.ready() && place.hairMm() <= 40 && holds(place.searched());
        return !place.canMat() || kind == BathKind.RINSE || holds(place.proved()) || felt;
    }

    @Test
    void neverABathOverAMatAClosedOrAnUnprovedPlaceAndAlwaysAWayThatExists() {
        Map<Way, Integer> ways = new EnumMap<>(Way.class);
        for (BathKind kind : BathKind.values()) {
            all(Section.BELLY, HAIR_MM, AGO).forEach(belly -> check(kind, ways, belly));
            // Two places at once: what the one asks for does not hide the other.
            for (GatePlace belly : all(Section.BELLY, new double[] {40, 41}, new int[] {-1, 2})) {
                for (GatePlace back : all(Section.BACK, new double[] {40, 41}, new int[] {-1, 2})) {
                    check(kind, ways, belly, back);
                }
            }
        }
        assertEquals(Way.values().length, ways.size(), "each way is come to: " + ways);
    }

    private static void check(BathKind kind, Map<Way, Integer> ways, GatePlace... places) {
        BathGate gate = BathGate.of(List.of(places), kind, true, TODAY);
        List<GatePlace> wet =
                Stream.of(places).filter(place -> kind.wets(place.section())).toList();
        assertEquals(wet.stream().allMatch(place -> safe(place, kind)), gate.way() == Way.BATHE, gate + "");
        check(gate, wet);
        ways.merge(gate.way(), 1, Integer::sum);
    }

    private static void check(BathGate gate, List<GatePlace> wet) {
        assertEquals(gate.way() == Way.BRUSH_FIRST, !gate.first().isEmpty());
        assertTrue(gate.search().isEmpty() || gate.way() == Way.SEARCH_FIRST || gate.way() == Way.BRUSH_FIRST);
        assertEquals(
                gate.way() == Way.SEARCH_FIRST,
                gate.first().isEmpty() && !gate.search().isEmpty());
        assertTrue(gate.mats().isEmpty() || gate.way() == Way.GROOMER);
        each(wet, gate.first(), GatePlace::ready, "only what may be brushed is sent to be brushed");
        each(wet, gate.search(), place -> !place.ready() && place.hairMm() <= 40, "fingers find it in short hair");
        boolean untouchable = wet.stream().anyMatch(place -> place.shut() != Shut.OPEN);
        assertFalse(untouchable && gate.way().atHome(), "hands stay off what is closed");
        assertFalse(gate.why().text().isBlank());
    }

    private static void each(List<GatePlace> wet, List<Section> named, Predicate<GatePlace> are, String words) {
        assertTrue(wet.stream().filter(place -> named.contains(place.section())).allMatch(are), words);
    }

    private static GatePlace place(Section section, boolean mat, Shut shut, boolean ready, double hairMm) {
        return new GatePlace(section, true, mat, shut, ready, hairMm, Optional.empty(), Optional.empty());
    }

    private static Way way(BathKind kind, GatePlace... places) {
        return BathGate.of(List.of(places), kind, true, TODAY).way();
    }

    @Test
    void theUndercarriageAsksNothingOfTheBack() {
        GatePlace back = place(Section.BACK, true, Shut.OPEN, true, 60);
        assertEquals(Way.BATHE, way(BathKind.UNDERCARRIAGE, back));
        assertEquals(
                List.of(Section.BACK),
                BathGate.of(List.of(back), BathKind.WHOLE_DOG, true, TODAY).mats());
    }

    /** Mud on a puppy that is not brushed yet: whatever its hair, there is something to do today. */
    @Test
    void theMuddyPuppyIsSearchedOrRinsedAndOverAMatNeither() {
        GatePlace shortHair = place(Section.BELLY, false, Shut.OPEN, false, 25);
        GatePlace longHair = place(Section.BELLY, false, Shut.OPEN, false, 60);
        assertEquals(Way.SEARCH_FIRST, way(BathKind.UNDERCARRIAGE, shortHair));
        assertEquals(Way.RINSE_ONLY, way(BathKind.UNDERCARRIAGE, longHair));
        assertEquals(Way.BATHE, way(BathKind.RINSE, longHair));
        assertEquals(Way.GROOMER, way(BathKind.RINSE, place(Section.BELLY, true, Shut.OPEN, false, 60)));
    }

    /** What it names can be done: a rinse is offered only where hands may be. */
    @Test
    void whereItGrowledBeneathARinseIsNoWayEither() {
        GatePlace foot = place(Section.HIND_FOOT_LEFT, false, Shut.HANDS_OFF, true, 20);
        GatePlace back = place(Section.BACK, false, Shut.HANDS_OFF, true, 20);
        assertEquals(Way.GROOMER, way(BathKind.WHOLE_DOG, foot));
        assertEquals(Way.GROOMER, way(BathKind.RINSE, foot));
        assertEquals(Way.RINSE_ONLY, way(BathKind.WHOLE_DOG, back));
        assertEquals(Way.BATHE, way(BathKind.RINSE, back));
        assertEquals(Way.VET, way(BathKind.RINSE, place(Section.BELLY, true, Shut.VET, true, 20)));
    }
}
