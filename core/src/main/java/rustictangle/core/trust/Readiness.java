package rustictangle.core.trust;

import java.util.Arrays;
import java.util.Optional;

/**
 * In how many days a place in training will be ready for real brushing, practised once a day. Own estimate throughout.
 *
 * <p>The staircase walked in all its ways: with the share of relaxed, uneasy and refusing answers so far, how likely it
 * is to have reached the rung by each day. Nobody knows those shares well from few answers, so it is walked with a
 * smaller, the likely, and a greater share of relaxed ones.
 *
 * @param median  as likely sooner as later; empty: not within {@link #LONGEST_DAYS}
 * @param from    two times of three it is at least this
 * @param to      and at most this; empty: longer than can be told
 */
public record Readiness(Optional<Integer> median, Optional<Integer> from, Optional<Integer> to) {

    /** Nobody can tell further ahead. */
    public static final int LONGEST_DAYS = 120;

    /**
     * What the dog has answered.
     *
     * @param nos opting out and fear signs
     */
    record Answers(int relaxed, int uneasy, int nos) {

        static final Answers NONE = new Answers(0, 0, 0);

        Answers and(Answers other, double share) {
            return new Answers(
                    relaxed + (int) Math.round(share * other.relaxed),
                    uneasy + (int) Math.round(share * other.uneasy),
                    nos + (int) Math.round(share * other.nos));
        }

        int all() {
            return relaxed + uneasy + nos;
        }
    }

    /** Before the first answer, worth ten of them. */
    private static final double RELAXED_BEFORE = 7.5;

    private static final double UNEASY_BEFORE = 1.75;
    private static final double NOS_BEFORE = 0.75;

    private static final int READY = Rung.WHOLE_SECTION.ordinal();
    private static final int STREAKS = Standing.RELAXED_TO_CLIMB;
    private static final double A_SIXTH = 1 / 6.0;

    static Readiness of(Standing standing, Answers answers) {
        double all = answers.all() + RELAXED_BEFORE + UNEASY_BEFORE + NOS_BEFORE;
        double relaxed = (answers.relaxed + RELAXED_BEFORE) / all;
        double uneasy = (answers.uneasy + UNEASY_BEFORE) / all / (1 - relaxed);
        double spread = Math.sqrt(relaxed * (1 - relaxed) / (all + 1));
        double[][] walks = new double[3][];
        for (int i = 0; i < walks.length; i++) {
            walks[i] = walk(standing, Math.max(0.05, Math.min(0.98, relaxed + (i - 1) * spread)), uneasy);
        }
        return new Readiness(day(walks, 0.5), day(walks, A_SIXTH), day(walks, 1 - A_SIXTH));
    }

    private static Optional<Integer> day(double[][] walks, double chance) {
        for (int day = 1; day <= LONGEST_DAYS; day++) {
            if ((walks[0][day] + walks[1][day] + walks[2][day]) / 3 >= chance) {
                return Optional.of(day);
            }
        }
        return Optional.empty();
    }

    /**
     * @param uneasyOfRest of the answers that are not relaxed
     * @return by day: the chance that it is ready by its end
     */
    private static double[] walk(Standing standing, double relaxed, double uneasyOfRest) {
        double uneasy = (1 - relaxed) * uneasyOfRest;
        double[][] at = new double[READY][STREAKS];
        double[] ready = new double[LONGEST_DAYS + 1];
        if (standing.rung().readyForBrushing()) {
            Arrays.fill(ready, 1);
            return ready;
        }
        at[standing.rung().ordinal()][standing.relaxedInRow()] = 1;
        for (int day = 1; day <= LONGEST_DAYS; day++) {
            ready[day] = ready[day - 1];
            for (int trial = 0; trial < Rung.ON_THE_FLOOR.trials(); trial++) {
                double[][] next = new double[READY][STREAKS];
                for (int rung = 0; rung < READY; rung++) {
                    for (int streak = 0; streak < STREAKS; streak++) {
                        double here = at[rung][streak];
                        if (trial >= Rung.values()[rung].trials()) {
                            next[rung][streak] += here;
                            continue;
                        }
                        if (streak + 1 < STREAKS) {
                            next[rung][streak + 1] += here * relaxed;
                        } else if (rung + 1 < READY) {
                            next[rung + 1][0] += here * relaxed;
                        } else {
                            ready[day] += here * relaxed;
                        }
                        next[rung][0] += here * uneasy;
                        next[Math.max(0, rung - 1)][0] += here * (1 - relaxed - uneasy);
                    }
                }
                at = next;
            }
        }
        return ready;
    }
}
