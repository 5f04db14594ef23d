package rustictangle.server.kit;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import rustictangle.core.Refused;
import rustictangle.core.kit.Handle;
import rustictangle.core.kit.HeadShape;
import rustictangle.core.kit.PadKind;
import rustictangle.core.kit.Spacing;
import rustictangle.core.kit.Tips;
import rustictangle.core.kit.Tool;
import rustictangle.core.kit.ToolCheck;
import rustictangle.core.log.ToolKind;
import rustictangle.core.log.ToolProperty;

/**
 * A tool as its owner describes it; what was not measured is absent.
 *
 * @param name            what the owner calls it, at most 40 characters, may be empty
 * @param pinMillimetres  in [1, 60]
 * @param headMillimetres width across the stroke, in [5, 250]
 * @param otherFace       of a brush with two faces the one that was put in the drawer first; absent: it is a thing of its own
 */
public record ToolForm(
        @NotNull(message = "Leave the name empty if it has none.")
                @Size(max = LONGEST_NAME, message = "At most {max} characters; shorten the name.")
                String name,
        @NotNull(message = "Choose the kind of tool.") ToolKind kind,
        @Nullable
                @DecimalMin(value = "1", message = "Pins are 1 to 60 mm long, from pad to tip; check number and unit.")
                @DecimalMax(value = "60", message = "Pins are 1 to 60 mm long, from pad to tip; check number and unit.")
                Double pinMillimetres,
        @Nullable PadKind pad,
        @Nullable Tips tips,
        @Nullable HeadShape head,
        @Nullable
                @DecimalMin(value = "5", message = "A head is 5 to 250 mm wide; check number and unit.")
                @DecimalMax(value = "250", message = "A head is 5 to 250 mm wide; check number and unit.")
                Double headMillimetres,
        @Nullable Spacing spacing,
        boolean flexible,
        @Nullable Handle handle,
        @Nullable Long otherFace) {

    /** Of a tool that is a thing of its own. */
    public ToolForm(
            String name,
            ToolKind kind,
            @Nullable Double pinMillimetres,
            @Nullable PadKind pad,
            @Nullable Tips tips,
            @Nullable HeadShape head,
            @Nullable Double headMillimetres,
            @Nullable Spacing spacing,
            boolean flexible,
            @Nullable Handle handle) {
        this(name, kind, pinMillimetres, pad, tips, head, headMillimetres, spacing, flexible, handle, null);
    }

    static final int LONGEST_NAME = 40;

    /** Of which nothing has been measured yet. */
    static ToolForm of(ToolKind kind) {
        return new ToolForm("", kind, null, null, null, null, null, null, false, null);
    }

    /** @throws Refused when the kind has no such property, or cannot lie in a drawer */
    void check() {
        if (!kind.canBeOwned()) {
            throw new Refused("kind", "Fingers need no drawer; choose a tool.");
        }
        if (!kind.properties().contains(ToolProperty.TEETH)) {
            refuse("pinMillimetres", pinMillimetres, ToolProperty.LENGTH, "pins to measure");
        }
        if (otherFace != null && !kind.canBeAFace()) {
            throw new Refused("otherFace", "A face has pins, wires or bristles; a " + kind.label() + " is no face.");
        }
        refuse("pad", pad, ToolProperty.PAD, "pad");
        refuse("tips", tips, ToolProperty.TIPS, "tips");
        refuse("head", head, ToolProperty.HEAD, "head of that kind");
        refuse("headMillimetres", headMillimetres, ToolProperty.WIDTH, "head to measure");
        refuse("spacing", spacing, ToolProperty.SPACING, "spacing of teeth");
    }

    /** The tool as the rules see it. */
    public Tool tool(long id, Optional<ToolCheck> check) {
        return new Tool(
                id,
                name,
                kind,
                Optional.ofNullable(pinMillimetres),
                Optional.ofNullable(pad),
                Optional.ofNullable(tips),
                Optional.ofNullable(head),
                Optional.ofNullable(headMillimetres),
                Optional.ofNullable(spacing),
                flexible,
                Optional.ofNullable(handle),
                check);
    }

    private void refuse(String field, @Nullable Object value, ToolProperty property, String what) {
        if (value != null && !kind.properties().contains(property)) {
            throw new Refused(field, "A " + kind.label() + " has no " + what + "; leave it empty.");
        }
    }
}
