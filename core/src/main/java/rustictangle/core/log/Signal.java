package rustictangle.core.log;

/** How the dog took it, from willing to unwilling. Common practice, no published source. */
public enum Signal {
    /** Loose, leans in, eats. */
    RELAXED,
    /** Licks lips, turns the head into the hand, freezes, pulls the leg. */
    UNEASY,
    /** Gets up, leaves, hides, mouths the brush. Always allowed. */
    OPTED_OUT,
    /** Will not eat, trembles, wide pupils, tucked, worse each time. */
    AFRAID;

    /** Whether it is a no. */
    public boolean isNo() {
        return this == OPTED_OUT || this == AFRAID;
    }
}
