package rustictangle.core.trust;

/**
 * Where the dog stands at one section.
 *
 * @param relaxedInRow relaxed answers since the last climb or break, in [0, 2]
 */
public record Standing(Rung rung, int relaxedInRow) {

    /** Relaxed answers in a row that earn the next rung (Levitt 1971, three-down staircase; from memory). */
    public static final int RELAXED_TO_CLIMB = 3;

    public Standing {
        if (!(relaxedInRow >= 0 && relaxedInRow < RELAXED_TO_CLIMB)) {
            throw new IllegalArgumentException("relaxed in a row " + relaxedInRow + ", need [0, "
                    + (RELAXED_TO_CLIMB - 1) + "]");
        }
    }

    /** Three relaxed climb, uneasy stays and breaks the row, opting out goes back one rung. */
    public Standing after(Signal signal) {
        return switch (signal) {
            case RELAXED -> relaxedInRow + 1 < RELAXED_TO_CLIMB
                    ? new Standing(rung, relaxedInRow + 1)
                    : new Standing(rung.up(), 0);
            case UNEASY -> new Standing(rung, 0);
            case OPTED_OUT -> new Standing(rung.down(), 0);
        };
    }
}
