package rustictangle.core.buy;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import rustictangle.core.buy.Purchases.Matches;
import rustictangle.core.kit.HeadShape;
import rustictangle.core.kit.Need;
import rustictangle.core.kit.PadKind;
import rustictangle.core.kit.PinWindow;
import rustictangle.core.kit.Spacing;
import rustictangle.core.kit.Tips;
import rustictangle.core.kit.Tool;
import rustictangle.core.log.ToolKind;
import rustictangle.core.log.ToolProperty;

/**
 * The tools in general that could be bought for a dog: every kind its sections ask for, in the lengths,
 * pads, tips and heads that any of them asks for. The properties first tried are those that suit most
 * dogs, so that they win when nothing else decides.
 */
final class Candidates {

    private Candidates() {}

    static List<Tool> of(Matches matches) {
        Set<ToolKind> kinds = EnumSet.noneOf(ToolKind.class);
        kinds.addAll(matches.now().tools());
        kinds.addAll(matches.longest().tools());
        Set<PinWindow> windows = new LinkedHashSet<>();
        EnumSet<HeadShape> heads = EnumSet.noneOf(HeadShape.class);
        EnumSet<Tips> tips = EnumSet.noneOf(Tips.class);
        boolean gentle = false;
        boolean longTeeth = false;
        List<Need> needs = new ArrayList<>(matches.now().needs());
        needs.addAll(matches.longest().needs());
        for (Need need : needs) {
            need.pins().ifPresent(windows::add);
            heads.add(need.head());
            tips.add(need.tips());
            gentle |= need.gentle();
            longTeeth |= need.asksForLongTeeth();
        }
        Set<Double> lengths = lengths(windows);
        List<Tool> tools = new ArrayList<>();
        for (ToolKind kind : kinds) {
            if (!kind.canBeOwned()) {
                continue;
            }
            if (kind == ToolKind.SLICKER) {
                slickers(lengths, heads, gentle, tools);
            } else if (kind.hasPins()) {
                brushes(kind, lengths, heads, tips, tools);
            } else if (kind.properties().contains(ToolProperty.SPACING)) {
                Tool comb = Tool.comb(kind, Spacing.WIDE_AND_FINE);
                tools.add(longTeeth ? comb.withPins(Need.LONG_TEETH_MM) : comb);
            } else {
                tools.add(kind == ToolKind.UNDERCOAT_RAKE ? rake() : Tool.of(kind));
            }
        }
        return tools;
    }

    /**
     * The middle of every two windows that overlap, of each one with itself too: whatever several have in common begins and
     * ends with two of them; and their ends, for what is right here may just do there. The all-round length first where it is
     * asked for at all.
     */
    private static Set<Double> lengths(Set<PinWindow> windows) {
        Set<Double> middles = new TreeSet<>();
        for (PinWindow one : windows) {
            middles.add(Math.ceil(one.minMillimetres()));
            middles.add(Math.floor(one.maxMillimetres()));
            for (PinWindow other : windows) {
                double from = Math.max(one.minMillimetres(), other.minMillimetres());
                double to = Math.min(one.maxMillimetres(), other.maxMillimetres());
                if (from <= to) {
                    middles.add(MiddleOfFit.whole(from, to));
                }
            }
        }
        Set<Double> lengths = new LinkedHashSet<>();
        if (windows.isEmpty() || windows.stream().anyMatch(window -> window.holds(PinWindow.ALL_ROUND_MM))) {
            lengths.add(PinWindow.ALL_ROUND_MM);
        }
        lengths.addAll(middles);
        return lengths;
    }

    private static void slickers(Set<Double> lengths, Set<HeadShape> heads, boolean gentle, List<Tool> tools) {
        for (double length : lengths) {
            for (HeadShape head : heads) {
                tools.add(Tool.brush(
                        ToolKind.SLICKER, length, Optional.empty(), gentle ? Tips.COATED : Tips.GROUND, head, gentle));
            }
        }
    }

    private static void brushes(
            ToolKind kind, Set<Double> lengths, Set<HeadShape> heads, Set<Tips> tips, List<Tool> tools) {
        for (double length : lengths) {
            for (PadKind pad : pads(kind)) {
                for (Tips tip : tips) {
                    for (HeadShape head : heads) {
                        tools.add(Tool.brush(kind, length, Optional.of(pad), tip, head, false));
                    }
                }
            }
        }
    }

    private static PadKind[] pads(ToolKind kind) {
        return kind.isSoft()
                ? new PadKind[] {PadKind.SOFT}
                : new PadKind[] {PadKind.MEDIUM, PadKind.FIRM, PadKind.SOFT};
    }

    private static Tool rake() {
        return new Tool(
                0,
                "",
                ToolKind.UNDERCOAT_RAKE,
                Optional.empty(),
                Optional.empty(),
                Optional.of(Tips.GROUND),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                false,
                Optional.empty(),
                Optional.empty());
    }
}
