package rustictangle.core.kit;

import java.util.Optional;
import rustictangle.core.coat.Density;
import rustictangle.core.log.ToolKind;
import rustictangle.core.log.ToolProperty;

/**
 * How well each property of a tool fits a section, in [0, 1]. What is wanted is common practice; how
 * fast a mismatch costs is this project's own estimate. All of it is continuous in lengths, so that a
 * millimetre never turns a recommendation over.
 */
final class FitRules {

    /** Pins this much out of the window do nothing right any more, mm. */
    private static final double LENGTH_TOLERANCE_MM = 14;

    private static final double LENGTH_WORST = 0.1;
    private static final double LENGTH_UNKNOWN = 0.8;
    /** Firmness within this is felt as the same. */
    private static final double PAD_FREE = 0.25;

    private static final double PAD_SLOPE = 0.9;
    private static final double PAD_UNKNOWN = 0.88;
    private static final double BALL_FOR_GROUND = 0.92;
    private static final double GROUND_FOR_BALL = 0.85;
    private static final double TIPS_UNKNOWN = 0.88;
    private static final double BARE_AND_STIFF_WHERE_GENTLE = 0.78;
    private static final double FLEXIBLE_IN_DENSE_HAIR = 0.93;
    private static final double SHAPE_UNKNOWN = 0.93;
    /** Width across the stroke that suits a dog of 15 kg, mm; it goes with the cube root of mass. */
    private static final double WIDTH_MM = 80;

    private static final double WIDTH_REFERENCE_KG = 15;
    private static final double NARROWEST = 0.4;
    private static final double WIDEST = 1.3;
    /** A hand that tires moves less. */
    private static final double WIDEST_FOR_A_WEAK_HAND = 0.8;

    private static final double WIDTH_WORST = 0.3;
    private static final double SPACING_UNKNOWN = 0.85;
    private static final double FINE_ONLY_AS_WIDE = 0.45;
    private static final double WIDE_ONLY_AS_FINE = 0.6;
    private static final double WIDE_ONLY_AS_BOTH = 0.75;
    private static final double FINE_ONLY_AS_BOTH = 0.75;

    /** Shorter teeth comb thinner layers. Own estimates. */
    private static final double TEETH_TOLERANCE_MM = 60;

    private static final double TEETH_WORST = 0.7;

    private FitRules() {}

    /** Whether the property plays a part for this tool at this step. */
    static boolean matters(ToolProperty property, Tool tool, ToolStep step, Need need) {
        return switch (property) {
            case JOB -> true;
            case LENGTH -> tool.kind().hasPins() && need.pins().isPresent();
            case PAD ->
                tool.kind().properties().contains(ToolProperty.PAD)
                        && need.pad().isPresent();
            case TIPS -> tool.kind().properties().contains(ToolProperty.TIPS) && tool.kind() != ToolKind.SLICKER;
            case FLEXIBLE -> tool.kind() == ToolKind.SLICKER;
            case HEAD -> tool.kind().properties().contains(ToolProperty.HEAD);
            case WIDTH ->
                tool.kind().properties().contains(ToolProperty.WIDTH)
                        && tool.headMillimetres().isPresent();
            case SPACING -> tool.kind().properties().contains(ToolProperty.SPACING);
            case TEETH ->
                tool.kind().properties().contains(ToolProperty.TEETH)
                        && tool.pinMillimetres().isPresent()
                        && need.asksForLongTeeth();
        };
    }

    /** How well it fits where it matters. */
    static double value(ToolProperty property, Tool tool, ToolStep step, Need need) {
        return switch (property) {
            case JOB -> StandIn.value(tool.kind(), step, need);
            case LENGTH ->
                tool.pinMillimetres().isEmpty()
                        ? LENGTH_UNKNOWN
                        : length(tool.pinMillimetres().get(), need.pins().orElseThrow());
            case PAD ->
                tool.pad().isEmpty() ? PAD_UNKNOWN : pad(tool.pad().get().firmness() - need.padWanted(tool));
            case TIPS -> tips(tool.tips(), need.tips());
            case FLEXIBLE -> gentleness(tool, need);
            case HEAD ->
                tool.head().isEmpty() ? SHAPE_UNKNOWN : shape(tool.head().get(), need.head());
            case WIDTH -> width(tool.headMillimetres().orElseThrow(), need.brushKg(), need.weakHand());
            case SPACING -> spacing(tool, step.manner());
            case TEETH ->
                Math.max(
                        TEETH_WORST,
                        1
                                - Math.max(
                                                0,
                                                Need.LONG_TEETH_MM
                                                        - tool.pinMillimetres().orElseThrow())
                                        / TEETH_TOLERANCE_MM);
        };
    }

    static double length(double millimetres, PinWindow window) {
        double out =
                Math.max(0, Math.max(window.minMillimetres() - millimetres, millimetres - window.maxMillimetres()));
        return Math.max(LENGTH_WORST, 1 - out / LENGTH_TOLERANCE_MM);
    }

    private static double pad(double difference) {
        return 1 - PAD_SLOPE * Math.max(0, Math.abs(difference) - PAD_FREE);
    }

    private static double tips(Optional<Tips> have, Tips want) {
        if (have.isEmpty()) {
            return TIPS_UNKNOWN;
        }
        return switch (have.get()) {
            case GROUND -> want == Tips.BALL ? GROUND_FOR_BALL : 1;
            case BALL, COATED -> want == Tips.BALL ? 1 : BALL_FOR_GROUND;
            case RAW -> 0;
        };
    }

    private static double gentleness(Tool slicker, Need need) {
        if (slicker.tips().filter(tips -> tips == Tips.RAW).isPresent()) {
            return 0;
        }
        boolean soft = slicker.flexible()
                || slicker.tips()
                        .filter(t -> t == Tips.COATED || t == Tips.BALL)
                        .isPresent();
        if (need.gentle()) {
            return soft ? 1 : BARE_AND_STIFF_WHERE_GENTLE;
        }
        return slicker.flexible() && need.hair().density() == Density.DENSE ? FLEXIBLE_IN_DENSE_HAIR : 1;
    }

    private static double shape(HeadShape have, HeadShape want) {
        if (have == want) {
            return 1;
        }
        return switch (want) {
            case OVAL -> have == HeadShape.T_SHAPE ? 0.85 : have == HeadShape.OBLONG ? 0.9 : 0.95;
            case SMALL_OVAL -> have == HeadShape.OBLONG ? 0.95 : have == HeadShape.OVAL ? 0.9 : 0.6;
            case OBLONG -> have == HeadShape.SMALL_OVAL ? 0.95 : have == HeadShape.OVAL ? 0.93 : 0.55;
            case T_SHAPE -> have == HeadShape.OVAL ? 0.92 : 0.85;
        };
    }

    private static double width(double millimetres, double kilograms, boolean weakHand) {
        double widest = weakHand ? WIDEST_FOR_A_WEAK_HAND : WIDEST;
        double ratio = millimetres / (WIDTH_MM * Math.cbrt(kilograms / WIDTH_REFERENCE_KG));
        double out = Math.max(0, Math.max(NARROWEST - ratio, ratio - widest));
        return Math.max(WIDTH_WORST, 1 - out);
    }

    /** Always both ends, wide first: who has only one can do half of it. A face comb is made fine. */
    private static double spacing(Tool tool, Manner manner) {
        Optional<Spacing> have = tool.spacing();
        if (have.isEmpty()) {
            return SPACING_UNKNOWN;
        }
        boolean fine = manner == Manner.PROVE_FINE;
        return switch (have.get()) {
            case WIDE_AND_FINE -> 1;
            case WIDE -> fine ? WIDE_ONLY_AS_FINE : manner == Manner.COMB_LAYERS ? WIDE_ONLY_AS_BOTH : 1;
            case FINE -> !fine ? FINE_ONLY_AS_WIDE : tool.kind() == ToolKind.FACE_COMB ? 1 : FINE_ONLY_AS_BOTH;
        };
    }
}
