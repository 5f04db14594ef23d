package rustictangle.core.kit;

import static rustictangle.core.kit.Manner.AGAINST_LIE;
import static rustictangle.core.kit.Manner.AGAINST_LIE_TWICE;
import static rustictangle.core.kit.Manner.ALL_WAYS;
import static rustictangle.core.kit.Manner.CIRCLES;
import static rustictangle.core.kit.Manner.LAYERS;
import static rustictangle.core.kit.Manner.LIFT_LOOSE;
import static rustictangle.core.kit.Manner.LIGHTLY;
import static rustictangle.core.kit.Manner.PROVE_FINE;
import static rustictangle.core.kit.Manner.PROVE_WIDE;
import static rustictangle.core.kit.Manner.SEARCH;
import static rustictangle.core.kit.Manner.WIPE;
import static rustictangle.core.kit.Manner.WITH_LIE;
import static rustictangle.core.kit.ToolKind.BRISTLE_BRUSH;
import static rustictangle.core.kit.ToolKind.COMB;
import static rustictangle.core.kit.ToolKind.FACE_COMB;
import static rustictangle.core.kit.ToolKind.FINGERS;
import static rustictangle.core.kit.ToolKind.MIST;
import static rustictangle.core.kit.ToolKind.PIN_BRUSH;
import static rustictangle.core.kit.ToolKind.RUBBER_CURRY;
import static rustictangle.core.kit.ToolKind.SLICKER;
import static rustictangle.core.kit.ToolKind.UNDERCOAT_RAKE;
import static rustictangle.core.kit.ToolKind.WOODEN_PIN_BRUSH;

import java.util.List;

/**
 * Which tools, in which order, by coat. Common practice, no published source; the face row is this
 * project's reading of the comb being the tool for face and ears.
 *
 * <p>The lead tool is the one that does the brushing; what comes before it prepares.
 */
enum ToolOrders {
    SMOOTH("kit.order-smooth", RUBBER_CURRY,
            "A smooth coat lies close: rubber loosens, bristle wipes; pins have no job here.",
            step(RUBBER_CURRY, CIRCLES), step(BRISTLE_BRUSH, WIPE)),
    DOUBLE("kit.order-double", SLICKER,
            "A double coat in an ordinary week: open it against the lie, then prove it with the comb.",
            step(SLICKER, AGAINST_LIE), step(COMB, PROVE_WIDE), step(COMB, PROVE_FINE)),
    DOUBLE_SHEDDING("kit.order-double-shedding", SLICKER,
            "The undercoat is letting go: rubber first, then against the lie; lift only what is loose.",
            step(RUBBER_CURRY, CIRCLES), step(SLICKER, AGAINST_LIE_TWICE),
            step(UNDERCOAT_RAKE, LIFT_LOOSE), step(COMB, PROVE_WIDE)),
    DROP("kit.order-drop", PIN_BRUSH,
            "Dry long hair snaps: a light mist, then long pins in layers, then the comb.",
            step(MIST, LIGHTLY), step(PIN_BRUSH, LAYERS), step(COMB, PROVE_WIDE),
            step(COMB, PROVE_FINE)),
    CURLY("kit.order-curly", SLICKER,
            "Curls hold their dead hair: fingers first, the slicker in thin layers to the skin, "
                    + "then the comb to prove it.",
            step(FINGERS, SEARCH), step(SLICKER, LAYERS), step(COMB, PROVE_WIDE),
            step(COMB, PROVE_FINE)),
    FLEECE("kit.order-fleece", SLICKER,
            "Long fluffy fleece: pins every way bring out the loose hair, the slicker reaches the "
                    + "skin in layers, the comb proves it.",
            step(PIN_BRUSH, ALL_WAYS), step(SLICKER, LAYERS), step(COMB, PROVE_WIDE),
            step(COMB, PROVE_FINE)),
    JACKET("kit.order-jacket", BRISTLE_BRUSH,
            "A short jacket: bristle follows the lie, the comb proves it.",
            step(BRISTLE_BRUSH, WITH_LIE), step(COMB, PROVE_WIDE)),
    FURNISHINGS("kit.order-furnishings", PIN_BRUSH,
            "Longer furnishings on a short-jacketed dog: pins in layers, then the comb.",
            step(PIN_BRUSH, LAYERS), step(COMB, PROVE_WIDE), step(COMB, PROVE_FINE)),
    FACE("kit.order-face", COMB,
            "Beside the eyes a comb is surest: away from the eyes and toward the ear, fingers over "
                    + "the nose.",
            step(FINGERS, SEARCH), step(COMB, PROVE_WIDE), step(FACE_COMB, PROVE_FINE)),
    PUPPY("kit.order-puppy", WOODEN_PIN_BRUSH,
            "A puppy begins with the softest brush; other tools follow when it accepts this one "
                    + "everywhere.",
            step(WOODEN_PIN_BRUSH, WITH_LIE), step(COMB, PROVE_WIDE));

    private final String rule;
    private final ToolKind lead;
    private final String why;
    private final List<ToolStep> steps;

    ToolOrders(String rule, ToolKind lead, String why, ToolStep... steps) {
        this.rule = rule;
        this.lead = lead;
        this.why = why;
        this.steps = List.of(steps);
    }

    String rule() {
        return rule;
    }

    ToolKind lead() {
        return lead;
    }

    String why() {
        return why;
    }

    List<ToolStep> steps() {
        return steps;
    }

    private static ToolStep step(ToolKind tool, Manner manner) {
        return new ToolStep(tool, manner);
    }
}
