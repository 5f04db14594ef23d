package rustictangle.server.demo;

import java.time.LocalDate;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import rustictangle.core.kit.Handle;
import rustictangle.core.kit.HeadShape;
import rustictangle.core.kit.PadKind;
import rustictangle.core.kit.Spacing;
import rustictangle.core.kit.Tips;
import rustictangle.core.kit.ToolCheck;
import rustictangle.core.kit.ToolCheck.Fault;
import rustictangle.core.kit.ToolKind;
import rustictangle.server.kit.ToolForm;
import rustictangle.server.kit.ToolStore;

/** The demo household's drawer: enough for three of the dogs, with one tool that failed its palm test. */
final class DemoDrawer {

    private DemoDrawer() { }

    static void fill(ToolStore tools, LocalDate today) {
        LocalDate lately = today.minusDays(19);
        add(tools, lately, brush("the all-round", ToolKind.PIN_BRUSH, 27, PadKind.MEDIUM, Tips.GROUND, HeadShape.OVAL, 68));
        add(tools, lately, new ToolForm("the soft slicker", ToolKind.SLICKER, 24.0, null, Tips.COATED, HeadShape.OVAL,
                72.0, null, true, Handle.RUBBER));
        long old = tools.add(new ToolForm("the old slicker", ToolKind.SLICKER, 16.0, null, Tips.GROUND,
                HeadShape.OBLONG, 48.0, null, false, Handle.PLASTIC));
        tools.check(old, new ToolCheck(lately, Set.of(Fault.SCRATCHES, Fault.BENT)));
        add(tools, lately, new ToolForm("", ToolKind.COMB, null, null, null, null, null, Spacing.WIDE_AND_FINE, false,
                Handle.METAL));
        add(tools, lately, new ToolForm("", ToolKind.UNDERCOAT_RAKE, null, null, Tips.GROUND, null, 90.0, null, false,
                Handle.WOOD));
        add(tools, lately, plain(ToolKind.RUBBER_CURRY));
        add(tools, lately, plain(ToolKind.BRISTLE_BRUSH));
        add(tools, lately, brush("the puppy brush", ToolKind.WOODEN_PIN_BRUSH, 18, PadKind.SOFT, null,
                HeadShape.SMALL_OVAL, 46));
        tools.add(plain(ToolKind.MIST));
    }

    private static void add(ToolStore tools, LocalDate day, ToolForm form) {
        tools.check(tools.add(form), new ToolCheck(day, Set.of()));
    }

    private static ToolForm brush(String name, ToolKind kind, double pinMillimetres, PadKind pad, @Nullable Tips tips,
            HeadShape head, double headMillimetres) {
        return new ToolForm(name, kind, pinMillimetres, pad, tips, head, headMillimetres, null, false, Handle.WOOD);
    }

    private static ToolForm plain(ToolKind kind) {
        return new ToolForm("", kind, null, null, null, null, null, null, false, null);
    }
}
