package rustictangle.core.kit;

import static rustictangle.core.kit.ToolKind.BRISTLE_BRUSH;
import static rustictangle.core.kit.ToolKind.CLOTH;
import static rustictangle.core.kit.ToolKind.COMB;
import static rustictangle.core.kit.ToolKind.CURVED_COMB;
import static rustictangle.core.kit.ToolKind.FACE_COMB;
import static rustictangle.core.kit.ToolKind.FLEXIBLE_PIN_BRUSH;
import static rustictangle.core.kit.ToolKind.PIN_BRUSH;
import static rustictangle.core.kit.ToolKind.ROTATING_COMB;
import static rustictangle.core.kit.ToolKind.RUBBER_CURRY;
import static rustictangle.core.kit.ToolKind.SLICKER;
import static rustictangle.core.kit.ToolKind.THICK_PIN_BRUSH;
import static rustictangle.core.kit.ToolKind.UNDERCOAT_RAKE;
import static rustictangle.core.kit.ToolKind.WOODEN_PIN_BRUSH;

import java.util.Map;
import java.util.Optional;
import rustictangle.core.coat.Density;
import rustictangle.core.dog.Section;

/**
 * How well one kind of tool does the job of another, in [0, 1]. Which kinds stand in for which follows
 * from what each is for (common practice, no published source); the numbers are own estimates.
 */
final class StandIn {

    /** By the job's kind and the kind that does it. */
    private static final double[][] TABLE = new double[ToolKind.values().length][ToolKind.values().length];

    static {
        row(
                PIN_BRUSH,
                Map.of(
                        WOODEN_PIN_BRUSH,
                        0.75,
                        THICK_PIN_BRUSH,
                        0.7,
                        SLICKER,
                        0.7,
                        ROTATING_COMB,
                        0.5,
                        COMB,
                        0.5,
                        FLEXIBLE_PIN_BRUSH,
                        0.45));
        row(
                SLICKER,
                Map.of(
                        PIN_BRUSH,
                        0.7,
                        THICK_PIN_BRUSH,
                        0.6,
                        WOODEN_PIN_BRUSH,
                        0.55,
                        ROTATING_COMB,
                        0.5,
                        COMB,
                        0.5,
                        FLEXIBLE_PIN_BRUSH,
                        0.3,
                        UNDERCOAT_RAKE,
                        0.58));
        // A light hand with the rake, between the seasons too; only where it may go at all.
        row(WOODEN_PIN_BRUSH, Map.of(FLEXIBLE_PIN_BRUSH, 0.95, PIN_BRUSH, 0.8));
        row(COMB, Map.of(ROTATING_COMB, 0.85, CURVED_COMB, 0.8, FACE_COMB, 0.6));
        row(FACE_COMB, Map.of(COMB, 0.8, CURVED_COMB, 0.7, ROTATING_COMB, 0.6));
        row(UNDERCOAT_RAKE, Map.of(ROTATING_COMB, 0.85, COMB, 0.75, SLICKER, 0.6));
        row(CLOTH, Map.of(BRISTLE_BRUSH, 1.0));
        row(RUBBER_CURRY, Map.of(BRISTLE_BRUSH, 0.6));
        row(BRISTLE_BRUSH, Map.of(RUBBER_CURRY, 0.7, PIN_BRUSH, 0.6, SLICKER, 0.5));
    }

    /** A wooden or flexible brush does not get through dense hair in one pass. Own estimate. */
    private static final double IN_DENSE_HAIR = 0.8;
    /** For a puppy, a frightened or an old dog a soft brush is the right one. Own estimate. */
    private static final double WHERE_SOFT_IS_RIGHT = 0.95;
    /** A fine face comb leads through nothing: only its fine proof stands in for a comb's. Own estimate. */
    private static final double FACE_COMB_WIDE = 0.35;

    private static final Optional<LeadSchool> NO_SLICKER = Optional.of(LeadSchool.NO_SLICKER_YET);

    private StandIn() {}

    /** How well the kind does this step here; 0: not at all. */
    static double value(ToolKind kind, ToolStep step, Need need) {
        double value = kind == step.tool() ? 1 : TABLE[step.tool().ordinal()][kind.ordinal()];
        if (kind == UNDERCOAT_RAKE && !PlaceUse.at(need.section()).rake()) {
            return 0;
        }
        if (value == 0 || kind == SLICKER && need.school().equals(NO_SLICKER)) {
            return 0;
        }
        if (kind == CURVED_COMB && hasCorners(need.section())) {
            return Math.max(value, step.tool() == COMB ? 1 : value);
        }
        if (kind == FACE_COMB && step.tool() == COMB && step.manner() != Manner.PROVE_FINE) {
            return FACE_COMB_WIDE;
        }
        boolean soft = kind == WOODEN_PIN_BRUSH || kind == FLEXIBLE_PIN_BRUSH;
        if (soft && need.soft() && step.tool() == PIN_BRUSH) {
            value = WHERE_SOFT_IS_RIGHT;
        }
        boolean brushing = step.tool() == PIN_BRUSH || step.tool() == SLICKER;
        return soft && brushing && need.hair().density() == Density.DENSE ? value * IN_DENSE_HAIR : value;
    }

    /** Behind ears, elbows and hocks: where a straight comb's corner pokes. */
    private static boolean hasCorners(Section section) {
        return switch (section.part()) {
            case BEHIND_EAR, ARMPIT, HIND_LEG -> true;
            default -> false;
        };
    }

    private static void row(ToolKind job, Map<ToolKind, Double> others) {
        others.forEach((kind, value) -> TABLE[job.ordinal()][kind.ordinal()] = value);
    }
}
