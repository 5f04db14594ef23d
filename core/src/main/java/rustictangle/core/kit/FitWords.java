package rustictangle.core.kit;

import rustictangle.core.Reason;
import rustictangle.core.log.ToolKind;
import rustictangle.core.log.ToolProperty;

/** What a tool has and a section wants, in words; written only when someone asks. */
public final class FitWords {

    private static final String NOT_KNOWN = "not known";

    private FitWords() {}

    public static String have(ToolProperty property, Tool tool) {
        return switch (property) {
            case JOB -> tool.kind().label();
            case LENGTH, TEETH -> tool.pinMillimetres().map(Reason::mm).orElse("not measured");
            case PAD -> tool.pad().map(PadKind::label).orElse(NOT_KNOWN);
            case TIPS -> tool.tips().map(Tips::label).orElse(NOT_KNOWN);
            case FLEXIBLE ->
                tool.tips()
                                .map(tips -> tips == Tips.COATED
                                        ? "coated tips"
                                        : tips == Tips.RAW ? "raw-cut tips" : "bare tips")
                                .orElse("tips not known")
                        + (tool.flexible() ? ", flexible head" : ", stiff head");
            case HEAD -> tool.head().map(HeadShape::label).orElse(NOT_KNOWN);
            case WIDTH -> tool.headMillimetres().map(Reason::mm).orElse("not measured");
            case SPACING -> tool.spacing().map(Spacing::label).orElse(NOT_KNOWN);
        };
    }

    static String want(ToolProperty property, Tool tool, ToolStep step, Need need) {
        return switch (property) {
            case JOB -> step.tool().label();
            case LENGTH ->
                need.pins()
                        .map(w -> Reason.mm(w.minMillimetres()) + " to " + Reason.mm(w.maxMillimetres()))
                        .orElse("any");
            case PAD -> Pad.of(need.padWanted(tool)).words();
            case TIPS -> need.tips().label();
            case FLEXIBLE -> need.gentle() ? "coated tips or a flexible head" : "never raw cut";
            case HEAD -> need.head().label();
            case WIDTH ->
                (need.weakHand() ? "narrow for a hand that tires, " : "") + "in keeping with a dog of "
                        + Reason.kg(need.brushKg());
            case SPACING ->
                switch (step.manner()) {
                    case PROVE_FINE -> step.tool() == ToolKind.FACE_COMB ? "a fine end" : "a wide and a fine end";
                    case COMB_LAYERS -> "a wide and a fine end";
                    default -> "a wide end";
                };
            case TEETH -> Reason.mm(Need.LONG_TEETH_MM) + " or more, for long dense hair";
        };
    }
}
