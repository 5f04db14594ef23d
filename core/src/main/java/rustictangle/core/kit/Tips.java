package rustictangle.core.kit;

import java.util.EnumSet;
import java.util.Set;
import rustictangle.core.Choice;
import rustictangle.core.log.ToolKind;
import rustictangle.core.log.ToolProperty;

/** How pins or wires end. */
public enum Tips implements Choice {
    GROUND("ground smooth", "straight, rounded ends"),
    BALL("ball-tipped", "a little ball on each"),
    /** The wires of a slicker, each with a drop of plastic. */
    COATED("coated", "a drop of plastic on each wire"),
    /** Never right: it scratches. */
    RAW("raw cut", "sharp ends: never");

    private final Words words;

    Tips(String label, String hint) {
        words = new Words(label, hint);
    }

    /** How the pins or wires of a kind may end; none: it has none. Drops of plastic are on a slicker's wires only. */
    public static Set<Tips> of(ToolKind kind) {
        Set<Tips> tips = EnumSet.noneOf(Tips.class);
        if (kind.properties().contains(ToolProperty.TIPS)) {
            tips.addAll(EnumSet.allOf(Tips.class));
        }
        if (kind != ToolKind.SLICKER) {
            tips.remove(COATED);
        }
        return tips;
    }

    @Override
    public Words words() {
        return words;
    }
}
