package rustictangle.core.routine;

import java.util.List;
import rustictangle.core.Reason;
import rustictangle.core.coat.RegionCoat;
import rustictangle.core.kit.Need;
import rustictangle.core.kit.Parting;
import rustictangle.core.kit.SectionKit;
import rustictangle.core.kit.ToolStep;
import rustictangle.core.log.ToolKind;

/**
 * The partings by which a section is brushed to the skin.
 *
 * @param parting       what they are; none where one pass reaches the skin
 * @param count         at least 1; 1 where nothing is parted
 * @param thicknessMm   thickness of one in mm; the whole section when count is 1
 * @param pinReachMm    how deep the pins reach, mm; 0 where no pins are used
 * @param hairMm        the hair they must get through, mm
 */
public record Layers(Parting parting, int count, double thicknessMm, double pinReachMm, double hairMm, Reason why) {

    /** Height done at once where the pins reach through, mm, and what a thin layer's thickness adds. Own estimate. */
    private static final double PASS_MM = 45;

    /**
     * Layers of a section of this height. From one pass, where the pins reach, their number grows with every millimetre
     * in the same proportion, until at twice the reach every layer is parted: a straight line would leap at its foot.
     *
     * @param shaggy how far the whole coat is long and shaggy, see {@link rustictangle.core.coat.Coat#shagginess()}
     */
    static Layers of(SectionKit here, double shaggy, double heightMm) {
        Need need = here.need();
        return here.reachMillimetres()
                .map(reach -> of(need.hair(), need.parting(), reach, shaggy, heightMm))
                .orElseGet(() -> none(need.hair(), heightMm, need.lead()));
    }

    static Layers of(RegionCoat hair, Parting parting, double pinReachMm, double shaggy, double heightMm) {
        double length = hair.length().millimetres();
        double most = Math.max(1, heightMm / parting.millimetres(hair.density(), shaggy));
        int count = (int) Math.max(1, Math.round(Math.pow(most, beyondReach(length, pinReachMm))));
        String pins = parting == Parting.THICK_LAYERS ? "teeth of " : "pins of ";
        if (count == 1) {
            return new Layers(
                    Parting.NONE,
                    1,
                    heightMm,
                    pinReachMm,
                    length,
                    new Reason(
                            "routine.one-pass",
                            length <= pinReachMm
                                    ? "Nothing is parted: " + pins + Reason.mm(pinReachMm) + " reach through hair of "
                                            + Reason.mm(length) + "."
                                    : "Nothing is parted: " + pins + Reason.mm(pinReachMm)
                                            + " reach nearly through hair of " + Reason.mm(length)
                                            + "; lift it a little with the other hand."));
        }
        boolean strips = parting == Parting.STRIPS && shaggy < HALF;
        return new Layers(
                strips || parting != Parting.STRIPS ? parting : Parting.LAYERS,
                count,
                heightMm / count,
                pinReachMm,
                length,
                strips
                        ? new Reason(
                                "routine.strips",
                                "A double coat is pushed back with the flat hand and brushed in " + count
                                        + " strips of about " + Reason.mm(heightMm / count)
                                        + " from below, so that skin shows at each.")
                        : new Reason(
                                "routine.layers",
                                Character.toUpperCase(pins.charAt(0)) + pins.substring(1) + Reason.mm(pinReachMm)
                                        + " do not reach through hair of " + Reason.mm(length) + ": part it into "
                                        + count + " layers of about " + Reason.mm(heightMm / count) + "."));
    }

    /** A double coat that is more shaggy than not is parted like others. Own estimate. */
    private static final double HALF = 0.5;

    /**
     * How many rows of strokes one order of tools asks for where it goes parting by parting, not rounded.
     *
     * @param order  may be another than that by which these layers were reckoned
     * @param shaggy see {@link #of}
     */
    static double rows(List<ToolStep> order, RegionCoat hair, double pinReachMm, double shaggy, double heightMm) {
        double passes = heightMm / (PASS_MM + hair.density().layerMillimetres());
        Parting parting = Need.parting(order);
        if (parting == Parting.NONE) {
            return passes;
        }
        double most = heightMm / parting.millimetres(hair.density(), shaggy) / passes;
        return passes * Math.pow(Math.max(1, most), beyondReach(hair.length().millimetres(), pinReachMm));
    }

    /** How far the hair outgrows the pins: 0 while they reach through it, 1 from twice their reach on. */
    private static double beyondReach(double hairMm, double pinReachMm) {
        return Math.max(0, Math.min(1, (hairMm - pinReachMm) / pinReachMm));
    }

    /** Where rubber, bristle or a comb leads: no pins, no layers. */
    private static Layers none(RegionCoat hair, double heightMm, ToolKind lead) {
        return new Layers(
                Parting.NONE,
                1,
                heightMm,
                0,
                hair.length().millimetres(),
                new Reason(
                        "routine.one-pass",
                        lead == ToolKind.FINGERS
                                ? "Nothing is parted: nothing is brushed here."
                                : "Nothing is parted: the " + lead.label() + " goes over the hair here."));
    }
}
