package rustictangle.core.kit;

import static rustictangle.core.log.ToolKind.COMB;
import static rustictangle.core.log.ToolKind.CURVED_COMB;
import static rustictangle.core.log.ToolKind.FACE_COMB;
import static rustictangle.core.log.ToolKind.PIN_BRUSH;
import static rustictangle.core.log.ToolKind.SLICKER;
import static rustictangle.core.log.ToolKind.UNDERCOAT_RAKE;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import rustictangle.core.Table;
import rustictangle.core.coat.Density;
import rustictangle.core.dog.Part;
import rustictangle.core.dog.Section;
import rustictangle.core.log.ToolKind;

/**
 * How well one kind of tool does the job of another, in [0, 1]. Which kinds stand in for which follows
 * from what each is for (common practice, no published source); the numbers are own estimates.
 */
final class StandIn {

    /** By the job's kind, and the kind that does it. */
    private static final Map<ToolKind, Map<ToolKind, Double>> TABLE =
            Table.rows(StandIn.class, "stand-ins.txt", 2).stream()
                    .collect(Collectors.toUnmodifiableMap(
                            row -> Table.constant(ToolKind.class, row.get(0)), row -> others(row.get(1))));

    private static Map<ToolKind, Double> others(String cell) {
        return Arrays.stream(cell.split(","))
                .map(String::strip)
                .collect(Collectors.toUnmodifiableMap(
                        tool -> Table.constant(ToolKind.class, tool.substring(0, tool.lastIndexOf(' '))),
                        tool -> Double.valueOf(tool.substring(tool.lastIndexOf(' ') + 1))));
    }

    /** A wooden or flexible brush does not get through dense hair in one pass. Own estimate. */
    private static final double IN_DENSE_HAIR = 0.8;
    /** For a puppy, a frightened or an old dog a soft brush is the right one. Own estimate. */
    private static final double WHERE_SOFT_IS_RIGHT = 0.95;
    /** A fine face comb leads through nothing: only its fine proof stands in for a comb's. Own estimate. */
    private static final double FACE_COMB_WIDE = 0.35;

    private static final Set<Part> CORNERS = EnumSet.of(Part.BEHIND_EAR, Part.ARMPIT, Part.HIND_LEG);

    private static final Optional<LeadSchool> NO_SLICKER = Optional.of(LeadSchool.NO_SLICKER_YET);

    private StandIn() {}

    /** How well the kind does this step here; 0: not at all. */
    static double value(ToolKind kind, ToolStep step, Need need) {
        double value = kind == step.tool() ? 1 : of(step.tool(), kind);
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
        boolean soft = kind.isSoft();
        if (soft && need.soft() && step.tool() == PIN_BRUSH) {
            value = WHERE_SOFT_IS_RIGHT;
        }
        boolean brushing = step.tool() == PIN_BRUSH || step.tool() == SLICKER;
        return soft && brushing && need.hair().density() == Density.DENSE ? value * IN_DENSE_HAIR : value;
    }

    /** Behind ears, elbows and hocks: where a straight comb's corner pokes. */
    private static boolean hasCorners(Section section) {
        return CORNERS.contains(section.part());
    }

    /** How well one kind does the job of another, whatever the place, in [0, 1]. */
    static double of(ToolKind job, ToolKind kind) {
        return TABLE.getOrDefault(job, Map.of()).getOrDefault(kind, 0.0);
    }
}
