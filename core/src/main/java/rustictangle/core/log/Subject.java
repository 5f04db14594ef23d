package rustictangle.core.log;

/** What a dog learns to accept: every tool at every place on its own, and positions. */
public enum Subject {
    PIN_BRUSH,
    WOODEN_PIN_BRUSH,
    THICK_PIN_BRUSH,
    FLEXIBLE_PIN_BRUSH,
    SLICKER,
    UNDERCOAT_RAKE,
    RUBBER_CURRY,
    BRISTLE_BRUSH,
    COMB,
    ROTATING_COMB,
    CURVED_COMB,
    FACE_COMB,
    MIST,
    DRYER,
    TABLE,
    LYING_ON_SIDE,
    CHIN_REST,
    OFFERING_LEG,
    BATHING,
    TOOTHBRUSH,
    EYE_PAD,
    EAR_WIPE,
    NAIL_CLIPPERS,
    NAIL_GRINDER
}
