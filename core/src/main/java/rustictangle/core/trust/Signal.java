package rustictangle.core.trust;

/** How the dog took it. */
public enum Signal {
    /** Loose, leans in, eats. */
    RELAXED,
    /** Licks lips, turns the head into the hand, freezes, pulls the leg. */
    UNEASY,
    /** Gets up, leaves, hides, mouths the brush. Always allowed. */
    OPTED_OUT
}
