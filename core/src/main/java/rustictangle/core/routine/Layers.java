package rustictangle.core.routine;

import rustictangle.core.Reason;
import rustictangle.core.coat.RegionCoat;
import rustictangle.core.log.ToolKind;

/**
 * The partings by which a section is brushed to the skin.
 *
 * @param count         at least 1; 1 means one pass reaches the skin
 * @param thicknessMm   thickness of one layer in mm; the whole section when count is 1
 * @param pinReachMm    how deep the pins reach, mm; 0 where no pins are used
 * @param hairMm        the hair they must get through, mm
 */
public record Layers(int count, double thicknessMm, double pinReachMm, double hairMm, Reason why) {

    /**
     * Layers for hair worked with pins, on a section of this height. From one pass, where the pins reach, their number
     * grows with every millimetre in the same proportion, until at twice the reach every thin layer is parted.
     */
    static Layers of(RegionCoat hair, double pinReachMm, double heightMm) {
        double length = hair.length().millimetres();
        double most = Math.max(1, heightMm / hair.density().layerMillimetres());
        int count = (int) Math.max(1, Math.round(Math.pow(most, beyondReach(length, pinReachMm))));
        if (count == 1) {
            return new Layers(
                    1,
                    heightMm,
                    pinReachMm,
                    length,
                    new Reason(
                            "routine.one-pass",
                            length <= pinReachMm
                                    ? "No layers: pins of " + Reason.mm(pinReachMm) + " reach through hair of "
                                            + Reason.mm(length) + "."
                                    : "No layers: pins of " + Reason.mm(pinReachMm) + " reach nearly through hair of "
                                            + Reason.mm(length) + "; lift it a little with the other hand."));
        }
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

    /** How far the hair outgrows the pins: 0 while they reach through it, 1 from twice their reach on. */
    static double beyondReach(double hairMm, double pinReachMm) {
        return Math.max(0, Math.min(1, (hairMm - pinReachMm) / pinReachMm));
    }

    /** Where rubber, bristle or a comb leads: no pins, no layers. */
    static Layers none(RegionCoat hair, double heightMm, ToolKind lead) {
        return new Layers(
                1,
                heightMm,
                0,
                hair.length().millimetres(),
                new Reason(
                        "routine.one-pass",
                        lead == ToolKind.FINGERS
                                ? "No layers: nothing is brushed here."
                                : "No layers: the " + lead.label() + " goes over the hair here."));
    }
}
