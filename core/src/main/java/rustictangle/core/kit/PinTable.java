package rustictangle.core.kit;

import static rustictangle.core.coat.Line.row;

import rustictangle.core.Reason;
import rustictangle.core.coat.Coat;
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
 * 35 mm on a soft pad; an ordinary double coat 16–22 mm, 35–40 mm only for an extreme thick mane; any wire
 * coat at most 22 mm, firm; plush 16 mm, firm. The straight lines between them are own estimates.
 */
enum PinTable {
    GENERAL(
            "kit.pins-by-length",
            "because the hair there is %s long",
            Line.through(row(38, 16), row(50, 22)),
            Line.through(row(38, 22), row(50, 27)),
            Line.through(row(38, 0.9), row(50, 0.5))),
    MATURE_SILK(
            "kit.pins-silk",
            "because the silky hair there is %s long",
            Line.through(row(38, 16), row(50, 22), row(125, 22), row(150, 33)),
            Line.through(row(38, 22), row(50, 27), row(125, 27), row(150, 37)),
            Line.through(row(38, 0.9), row(50, 0.5), row(125, 0.5), row(150, 0.08))),
    DOUBLE(
            "kit.pins-double",
            "as for any ordinary double coat, also where ruff and trousers are longer",
            Line.through(row(38, 16)),
            Line.through(row(38, 22)),
            Line.through(row(38, 0.7))),
    /** Only past 125 mm, and thick. */
    THICK_MANE(
            "kit.pins-mane",
            "because the mane there is thick and %s long",
            Line.through(row(125, 16), row(175, 35)),
            Line.through(row(125, 22), row(175, 40)),
            Line.through(row(125, 0.7))),
    WIRE(
            "kit.pins-wire",
            "because wire hair takes short pins",
            Line.through(row(38, 16), row(60, 18)),
            Line.through(row(38, 22)),
            Line.through(row(38, 0.9))),
    FURNISHINGS(
            "kit.pins-furnishings",
            "the longer end, for furnishings of %s",
            Line.through(row(38, 16), row(50, 24.5)),
            Line.through(row(38, 22), row(50, 27)),
            Line.through(row(38, 0.9), row(50, 0.35))),
    PLUSH(
            "kit.pins-plush",
            "short ones, for a plush coat",
            Line.through(row(38, 16)),
            Line.through(row(38, 18)),
            Line.through(row(38, 0.9)));

    /** Firmness added for dense, taken for sparse, added for curls. Own estimate. */
    private static final double FIRMNESS_STEP = 0.08;

    /** A mane is extreme from here, mm. */
    private static final double MANE_FROM_MM = 125;

    private final String rule;
    private final String because;
    private final Line shortest;
    private final Line longest;
    private final Line firmness;

    PinTable(String rule, String because, Line shortest, Line longest, Line firmness) {
        this.rule = rule;
        this.because = because;
        this.shortest = shortest;
        this.longest = longest;
        this.firmness = firmness;
    }

    /**
     * Pins and pad for one place, and why.
     *
     * @param shaggy how far the whole coat is long and shaggy, see {@link Coat#shagginess()}
     */
    static PinDemand asked(RegionCoat hair, double shaggy) {
        PinTable table = of(hair);
        if (hair.kind() != CoatKind.DOUBLE || shaggy == 0) {
            return new PinDemand(
                    new PinWindow(table.shortest.at(hair.length()), table.longest.at(hair.length())),
                    table.rule,
                    table.because.formatted(Reason.mm(hair.length().millimetres())),
                    padded(table.firmness.at(hair.length()), hair));
        }
        return new PinDemand(
                new PinWindow(
                        between(table.shortest, GENERAL.shortest, hair, shaggy),
                        between(table.longest, GENERAL.longest, hair, shaggy)),
                "kit.pins-shaggy",
                "because this double coat is long and shaggy all over: it goes by its length, "
                        + Reason.mm(hair.length().millimetres()),
                padded(between(table.firmness, GENERAL.firmness, hair, shaggy), hair));
    }

    /** Soft short pins: nothing stiff comes near the eyes. */
    static final PinDemand BESIDE_THE_EYES = new PinDemand(
            new PinWindow(16, 22),
            "kit.pins-face",
            "because nothing long or stiff comes near the eyes",
            Pad.of(PadKind.SOFT.firmness()));

    /** @param because follows "Pins of 16 to 22 mm" */
    record PinDemand(PinWindow window, String rule, String because, Pad pad) {

        PinDemand onASoftPad() {
            return new PinDemand(window, rule, because, Pad.of(PadKind.SOFT.firmness()));
        }
    }

    private static double between(Line ordinary, Line byLength, RegionCoat hair, double shaggy) {
        return (1 - shaggy) * ordinary.at(hair.length()) + shaggy * byLength.at(hair.length());
    }

    private static PinTable of(RegionCoat hair) {
        boolean mane = hair.density() == Density.DENSE && hair.length().millimetres() > MANE_FROM_MM;
        return switch (hair.kind()) {
            case DOUBLE -> mane ? THICK_MANE : DOUBLE;
            case WIRE -> WIRE;
            case FEATHERED -> FURNISHINGS;
            case DROP -> hair.isMatureSilk() ? MATURE_SILK : GENERAL;
            case SMOOTH -> PLUSH;
            case CURLY, FLEECE, CORDED, HAIRLESS -> GENERAL;
        };
    }

    /** Longer and silkier asks for softer; denser and curlier for firmer. */
    private static Pad padded(double firmness, RegionCoat hair) {
        double firm = firmness;
        if (hair.density() == Density.DENSE) {
            firm += FIRMNESS_STEP;
        }
        if (hair.density() == Density.SPARSE) {
            firm -= FIRMNESS_STEP;
        }
        if (curls(hair)) {
            firm += FIRMNESS_STEP;
        }
        return Pad.of(firm);
    }

    static boolean curls(RegionCoat hair) {
        return hair.kind() == CoatKind.CURLY && hair.texture() == Texture.CURLY;
    }
}
