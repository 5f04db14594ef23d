package rustictangle.core.kit;

/** How practised the hand is that holds the brush. */
public enum Hand {
    BEGINNER,
    EXPERIENCED
}
