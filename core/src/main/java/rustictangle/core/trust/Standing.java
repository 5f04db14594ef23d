package rustictangle.core.trust;

import rustictangle.core.log.Signal;

/**
 * Where the dog stands on one ladder.
 *
 * @param relaxedInRow relaxed answers since the last climb or break, in [0, 2]
 * @param uneasyInRow  uneasy answers since another one, at least 0
 * @param afterFear    a fear sign was the last thing but relaxed answers: practise shorter
 */
public record Standing(Rung rung, int relaxedInRow, int uneasyInRow, boolean afterFear) {

    /** Relaxed answers in a row that earn the next rung (Levitt 1971, three-down staircase; from memory). */
    public static final int RELAXED_TO_CLIMB = 3;
    /** Uneasy answers in a row that cost a rung: uneasy is not neutral. Common practice, no published source. */
    static final int UNEASY_TO_STEP_BACK = 2;
    /** Days without practice after which it resumes a rung lower, and one more for each further so many. Own estimates. */
    static final int DAYS_TO_FADE = 21;

    /** The same of a job that has its turn every few weeks only. Own estimate. */
    static final int DAYS_TO_FADE_CARE = 60;

    static final int DAYS_TO_FADE_FURTHER = 30;
    /** After a warning the tool does not touch first. Own estimate. */
    private static final Rung AFTER_A_WARNING = Rung.NEAR_THE_BODY;

    public Standing {
        if (!(relaxedInRow >= 0 && relaxedInRow < RELAXED_TO_CLIMB)) {
            throw new IllegalArgumentException(
                    "relaxed in a row " + relaxedInRow + ", need [0, " + (RELAXED_TO_CLIMB - 1) + "]");
        }
        if (!(uneasyInRow >= 0)) {
            throw new IllegalArgumentException("uneasy in a row " + uneasyInRow + ", need 0 or more");
        }
    }

    static Standing fresh(Rung rung) {
        return new Standing(rung, 0, 0, false);
    }

    /**
     * Three relaxed climb; uneasy breaks the row, and every second one after another goes back a rung; opting out goes
     * back one rung, a fear sign two.
     */
    public Standing after(Signal signal) {
        return switch (signal) {
            case RELAXED ->
                relaxedInRow + 1 < RELAXED_TO_CLIMB
                        ? new Standing(rung, relaxedInRow + 1, 0, afterFear)
                        : fresh(rung.up());
            case UNEASY -> {
                boolean back = (uneasyInRow + 1) % UNEASY_TO_STEP_BACK == 0;
                yield new Standing(back ? rung.down() : rung, 0, uneasyInRow + 1, afterFear);
            }
            case OPTED_OUT -> new Standing(rung.down(), 0, 0, afterFear);
            case AFRAID -> new Standing(rung.down().down(), 0, 0, true);
        };
    }

    /** @param calm the lowest rung on which it was relaxed */
    Standing afterWarning(Rung calm) {
        Rung begin = calm.compareTo(AFTER_A_WARNING) < 0 ? calm : AFTER_A_WARNING;
        return new Standing(begin.compareTo(rung) < 0 ? begin : rung, 0, 0, true);
    }

    /**
     * After days without that tool there it resumes lower, to half way at most.
     *
     * @param from so many days on
     */
    Standing afterRest(long days, int from) {
        if (days < from) {
            return this;
        }
        long fades = 1 + (days - from) / DAYS_TO_FADE_FURTHER;
        int halfWay = (rung.number() + 1) / 2;
        return new Standing(Rung.numbered((int) Math.max(halfWay, rung.number() - fades)), 0, 0, afterFear);
    }
}
