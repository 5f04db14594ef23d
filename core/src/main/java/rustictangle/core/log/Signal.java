package rustictangle.core.log;

import rustictangle.core.Choice;

/** How the dog took it, from willing to unwilling. Common practice, no published source. */
public enum Signal implements Choice {
    /** Loose, leans in, eats. */
    RELAXED("relaxed", "loose, leans in, eats"),
    /** Licks lips, turns the head into the hand, freezes, pulls the leg. */
    UNEASY("uneasy", "licks lips, turns its head, pulls the leg"),
    /** Gets up, leaves, hides, mouths the brush. Always allowed. */
    OPTED_OUT("opted out", "got up, left, mouthed the brush"),
    /** Will not eat, trembles, wide pupils, tucked, worse each time. */
    AFRAID("a fear sign", "will not eat, trembles, tucked, wide pupils");

    private final Words words;

    Signal(String label, String hint) {
        words = new Words(label, hint);
    }

    @Override
    public Words words() {
        return words;
    }

    /** Whether it is a no. */
    public boolean isNo() {
        return this == OPTED_OUT || this == AFRAID;
    }
}
