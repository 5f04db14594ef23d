package rustictangle.core.buy;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.FitWords;
import rustictangle.core.kit.Tool;
import rustictangle.core.log.ToolKind;
import rustictangle.core.log.ToolProperty;

/**
 * One tool in general that is worth buying.
 *
 * @param tool     its kind and the properties to look for
 * @param serves    where it is right, in the order of {@link Section}
 * @param makeshift where it will do instead of what is asked for
 * @param forSteps  for how many steps over all sections it is right
 * @param weakHand  whether the hand that will hold it tires soon, or is a child's
 */
public record Purchase(Tool tool, List<Section> serves, List<Section> makeshift, int forSteps, boolean weakHand) {

    public Purchase {
        serves = List.copyOf(serves);
        makeshift = List.copyOf(makeshift);
    }

    /** What to look for in a shop, in the order of {@link ToolProperty}; quantities in braces. */
    public List<String> lookFor() {
        List<String> words = new ArrayList<>();
        for (ToolProperty property : tool.kind().properties()) {
            boolean saidWithGentleness = property == ToolProperty.TIPS && tool.kind() == ToolKind.SLICKER;
            boolean measured =
                    property != ToolProperty.TEETH || tool.pinMillimetres().isPresent();
            if (property != ToolProperty.WIDTH && !saidWithGentleness && measured) {
                words.add(
                        switch (property) {
                            case LENGTH ->
                                (tool.kind() == ToolKind.SLICKER ? "wires" : "pins") + " of about "
                                        + FitWords.have(property, tool);
                            case PAD -> FitWords.have(property, tool) + " pad";
                            case TEETH -> "teeth of about " + FitWords.have(property, tool);
                            case HEAD -> FitWords.have(property, tool) + " head";
                            case TIPS -> FitWords.have(property, tool) + " tips";
                            default -> FitWords.have(property, tool);
                        });
            }
        }
        if (weakHand && tool.kind().touchesHair()) {
            words.add("light in the hand, with a thick, coated handle that does not slip");
        } else if (tool.kind().hasPins()) {
            words.add("a wooden or coated handle: plastic breaks on a hard floor");
        }
        return words;
    }

    /** What goes with the kind, and with no other; empty: nothing does. Common practice, no published source. */
    public Optional<Reason> caution() {
        ToolKind kind = tool.kind();
        if (kind.hasPins()) {
            return Optional.of(new Reason("buy.look-tips", "Never raw-cut tips: try it on your own palm."));
        }
        if (kind == ToolKind.UNDERCOAT_RAKE) {
            return Optional.of(new Reason("buy.look-rake", "Blunt pins, and no sharp edge anywhere."));
        }
        return kind.properties().contains(ToolProperty.SPACING)
                ? Optional.of(new Reason("buy.look-comb", "Smooth teeth: draw it over your palm, rough ones catch."))
                : Optional.empty();
    }
}
