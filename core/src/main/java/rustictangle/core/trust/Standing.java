package rustictangle.core.trust;

import rustictangle.core.log.Signal;

/**
 * Where the dog stands on one ladder.
 *
 * @param relaxedInRow relaxed answers since the last climb or break, in [0, 2]
 * @param afterFear    a fear sign was the last thing but relaxed answers: practise shorter
 */
public record Standing(Rung rung, int relaxedInRow, boolean afterFear) {

    /** Relaxed answers in a row that earn the next rung (Levitt 1971, three-down staircase; from memory). */
    public static final int RELAXED_TO_CLIMB = 3;
    /** Days without practice after which it resumes a rung lower, and one more for each further so many. Own estimates. */
    static final int DAYS_TO_FADE = 10;

    static final int DAYS_TO_FADE_FURTHER = 14;
    private static final int FADES_AT_MOST = 3;

    public Standing {
        if (!(relaxedInRow >= 0 && relaxedInRow < RELAXED_TO_CLIMB)) {
            throw new IllegalArgumentException(
                    "relaxed in a row " + relaxedInRow + ", need [0, " + (RELAXED_TO_CLIMB - 1) + "]");
        }
    }

    static Standing fresh(Rung rung) {
        return new Standing(rung, 0, false);
    }

    /** Three relaxed climb, uneasy stays and breaks the row, opting out goes back one rung, a fear sign two. */
    public Standing after(Signal signal) {
        return switch (signal) {
            case RELAXED ->
                relaxedInRow + 1 < RELAXED_TO_CLIMB
                        ? new Standing(rung, relaxedInRow + 1, afterFear)
                        : fresh(rung.up());
            case UNEASY -> new Standing(rung, 0, afterFear);
            case OPTED_OUT -> new Standing(rung.down(), 0, afterFear);
            case AFRAID -> new Standing(rung.down().down(), 0, true);
        };
    }

    /** After days without practice it resumes lower; what has been learned up to real brushing stays. */
    Standing afterRest(long days) {
        if (days < DAYS_TO_FADE || rung.readyForBrushing()) {
            return this;
        }
        long fades = Math.min(FADES_AT_MOST, 1 + (days - DAYS_TO_FADE) / DAYS_TO_FADE_FURTHER);
        return new Standing(Rung.numbered((int) (rung.number() - fades)), 0, afterFear);
    }
}
