package rustictangle.server.demo;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import rustictangle.core.kit.Handle;
import rustictangle.core.kit.HeadShape;
import rustictangle.core.kit.PadKind;
import rustictangle.core.kit.Spacing;
import rustictangle.core.kit.Tips;
import rustictangle.core.kit.Tool;
import rustictangle.core.kit.ToolCheck;
import rustictangle.core.log.ToolFault;
import rustictangle.core.log.ToolKind;
import rustictangle.server.kit.ToolForm;
import rustictangle.server.kit.ToolStore;
import rustictangle.server.kit.Tools;

/** The demo household's drawer: enough for three of the dogs, with one tool that failed its palm test. */
final class DemoDrawer {

    private DemoDrawer() {}

    /** @param faults at the look-over some weeks ago; empty: it was not looked over */
    private record Owned(ToolForm form, Optional<Set<ToolFault>> faults) {}

    private static List<Owned> all() {
        return List.of(
                sound(brush("the all-round", ToolKind.PIN_BRUSH, 27, PadKind.MEDIUM, Tips.GROUND, HeadShape.OVAL, 68)),
                sound(new ToolForm(
                        "the soft slicker",
                        ToolKind.SLICKER,
                        24.0,
                        null,
                        Tips.COATED,
                        HeadShape.OVAL,
                        72.0,
                        null,
                        true,
                        Handle.RUBBER)),
                new Owned(
                        new ToolForm(
                                "the old slicker",
                                ToolKind.SLICKER,
                                16.0,
                                null,
                                Tips.GROUND,
                                HeadShape.OBLONG,
                                48.0,
                                null,
                                false,
                                Handle.PLASTIC),
                        Optional.of(Set.of(ToolFault.SCRATCHES, ToolFault.BENT))),
                sound(new ToolForm(
                        "", ToolKind.COMB, null, null, null, null, null, Spacing.WIDE_AND_FINE, false, Handle.METAL)),
                sound(new ToolForm(
                        "", ToolKind.UNDERCOAT_RAKE, null, null, Tips.GROUND, null, 90.0, null, false, Handle.WOOD)),
                sound(plain(ToolKind.RUBBER_CURRY)),
                sound(plain(ToolKind.BRISTLE_BRUSH)),
                sound(brush(
                        "the puppy brush",
                        ToolKind.WOODEN_PIN_BRUSH,
                        18,
                        PadKind.SOFT,
                        null,
                        HeadShape.SMALL_OVAL,
                        46)),
                new Owned(plain(ToolKind.MIST), Optional.empty()));
    }

    static void fill(ToolStore tools, Tools checks, LocalDate today) {
        all().forEach(owned -> {
            long id = tools.add(owned.form());
            owned.faults().ifPresent(faults -> checks.lookOver(id, lookedOver(today), faults));
        });
    }

    /** The same as the rules see it, before any of it is stored; ids count up in an empty file. */
    static List<Tool> tools(LocalDate today) {
        List<Owned> all = all();
        return IntStream.range(0, all.size())
                .mapToObj(i -> all.get(i)
                        .form()
                        .tool(i + 1L, all.get(i).faults().map(faults -> new ToolCheck(lookedOver(today), faults))))
                .toList();
    }

    private static LocalDate lookedOver(LocalDate today) {
        return today.minusDays(19);
    }

    private static Owned sound(ToolForm form) {
        return new Owned(form, Optional.of(Set.of()));
    }

    private static ToolForm brush(
            String name,
            ToolKind kind,
            double pinMillimetres,
            PadKind pad,
            @Nullable Tips tips,
            HeadShape head,
            double headMillimetres) {
        return new ToolForm(name, kind, pinMillimetres, pad, tips, head, headMillimetres, null, false, Handle.WOOD);
    }

    private static ToolForm plain(ToolKind kind) {
        return new ToolForm("", kind, null, null, null, null, null, null, false, null);
    }
}
