package rustictangle.core.kit;

import static rustictangle.core.coat.Line.row;

import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.Density;
import rustictangle.core.coat.Line;
import rustictangle.core.coat.RegionCoat;
import rustictangle.core.coat.Texture;

/**
 * Pin length and pad by the hair they meet.
 *
 * <p>The end values are common practice, no published source: up to 38 mm short pins of 16–22 mm
 * on a firm pad; 50–125 mm pins of 22–27 mm on a medium pad; mature silk over 125 mm pins of about
 * 35 mm on a soft pad; any double coat 16–22 mm, 35–40 mm only for an extreme thick mane; any wire
 * coat at most 22 mm, firm. The straight lines between them are own estimates.
 */
enum PinTable {
    GENERAL(
            "kit.pins-by-length",
            Line.through(row(38, 16), row(50, 22)),
            Line.through(row(38, 22), row(50, 27)),
            Line.through(row(38, 0.9), row(50, 0.5))),
    MATURE_SILK(
            "kit.pins-silk",
            Line.through(row(38, 16), row(50, 22), row(125, 22), row(150, 33)),
            Line.through(row(38, 22), row(50, 27), row(125, 27), row(150, 37)),
            Line.through(row(38, 0.9), row(50, 0.5), row(125, 0.5), row(150, 0.08))),
    DOUBLE("kit.pins-double", Line.through(row(38, 16)), Line.through(row(38, 22)), Line.through(row(38, 0.7))),
    THICK_MANE(
            "kit.pins-mane",
            Line.through(row(125, 16), row(175, 35)),
            Line.through(row(125, 22), row(175, 40)),
            Line.through(row(125, 0.7))),
    WIRE(
            "kit.pins-wire",
            Line.through(row(38, 16), row(60, 18)),
            Line.through(row(38, 22)),
            Line.through(row(38, 0.9))),
    FURNISHINGS(
            "kit.pins-furnishings",
            Line.through(row(38, 16), row(50, 24.5)),
            Line.through(row(38, 22), row(50, 27)),
            Line.through(row(38, 0.9), row(50, 0.35)));

    /** Firmness added for dense, taken for sparse, added for curls. Own estimate. */
    private static final double FIRMNESS_STEP = 0.08;

    private final String rule;
    private final Line shortest;
    private final Line longest;
    private final Line firmness;

    PinTable(String rule, Line shortest, Line longest, Line firmness) {
        this.rule = rule;
        this.shortest = shortest;
        this.longest = longest;
        this.firmness = firmness;
    }

    /** The row of the table for this hair. */
    static PinTable of(RegionCoat hair) {
        return switch (hair.kind()) {
            case DOUBLE -> hair.density() == Density.DENSE ? THICK_MANE : DOUBLE;
            case WIRE -> WIRE;
            case FEATHERED -> FURNISHINGS;
            case DROP -> hair.isMatureSilk() ? MATURE_SILK : GENERAL;
            case CURLY, SMOOTH, CORDED, HAIRLESS -> GENERAL;
        };
    }

    String rule() {
        return rule;
    }

    PinWindow window(RegionCoat hair) {
        return new PinWindow(shortest.at(hair.length()), longest.at(hair.length()));
    }

    /** Longer and silkier asks for softer; denser and curlier for firmer. */
    Pad pad(RegionCoat hair) {
        double firm = firmness.at(hair.length());
        if (hair.density() == Density.DENSE) {
            firm += FIRMNESS_STEP;
        }
        if (hair.density() == Density.SPARSE) {
            firm -= FIRMNESS_STEP;
        }
        if (hair.kind() == CoatKind.CURLY && hair.texture() == Texture.CURLY) {
            firm += FIRMNESS_STEP;
        }
        return Pad.of(firm);
    }
}
