package rustictangle.core.routine;

import rustictangle.core.Reason;
import rustictangle.core.coat.RegionCoat;
import rustictangle.core.kit.ToolKind;

/**
 * The partings by which a section is brushed to the skin.
 *
 * @param count         at least 1; 1 means one pass reaches the skin
 * @param thicknessMm   thickness of one layer in mm; the whole section when count is 1
 * @param pinReachMm    how deep the pins reach, mm; 0 where no pins are used
 * @param hairMm        the hair they must get through, mm
 */
public record Layers(int count, double thicknessMm, double pinReachMm, double hairMm, Reason why) {

    /** Layers for hair worked with pins, on a section of this height. */
    static Layers of(RegionCoat hair, double pinReachMm, double heightMm) {
        double length = hair.length().millimetres();
        if (length <= pinReachMm) {
            return new Layers(
                    1,
                    heightMm,
                    pinReachMm,
                    length,
                    new Reason(
                            "routine.one-pass",
                            "No layers: pins of " + Reason.mm(pinReachMm) + " reach through hair of "
                                    + Reason.mm(length) + "."));
        }
        double thickness = hair.density().layerMillimetres();
        int count = (int) Math.ceil(heightMm / thickness);
        return new Layers(
                count,
                heightMm / count,
                pinReachMm,
                length,
                new Reason(
                        "routine.layers",
                        "Pins of " + Reason.mm(pinReachMm) + " do not reach through hair of "
                                + Reason.mm(length) + ": part it into " + count + " layers of about "
                                + Reason.mm(heightMm / count) + "."));
    }

    /** Where rubber, bristle or a comb leads: no pins, no layers. */
    static Layers none(RegionCoat hair, double heightMm, ToolKind lead) {
        return new Layers(
                1,
                heightMm,
                0,
                hair.length().millimetres(),
                new Reason("routine.one-pass", "No layers: the " + lead.label() + " needs none here."));
    }
}
