package rustictangle.core.trust;

import java.util.Arrays;
import java.util.List;
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
    private static final int[] TRIALS =
            Arrays.stream(Rung.values()).mapToInt(Rung::trials).toArray();
    private static final int MOST_TRIALS = Arrays.stream(TRIALS).max().orElseThrow();
    private static final double LEAST_RELAXED = 0.05;
    private static final double MOST_RELAXED = 0.98;
    private static final double A_SIXTH = 1 / 6.0;
    private static final double A_HALF = 0.5;

    static Readiness of(Standing standing, Answers answers) {
        double all = answers.all() + RELAXED_BEFORE + UNEASY_BEFORE + NOS_BEFORE;
        double relaxed = (answers.relaxed + RELAXED_BEFORE) / all;
        double uneasy = (answers.uneasy + UNEASY_BEFORE) / all / (1 - relaxed);
        double spread = Math.sqrt(relaxed * (1 - relaxed) / (all + 1));
        List<Walk> walks = List.of(
                new Walk(standing, relaxed - spread, uneasy),
                new Walk(standing, relaxed, uneasy),
                new Walk(standing, relaxed + spread, uneasy));
        Optional<Integer> from = Optional.empty();
        Optional<Integer> median = Optional.empty();
        for (int day = 1; day <= LONGEST_DAYS; day++) {
            walks.forEach(Walk::practise);
            double ready = walks.stream().mapToDouble(walk -> walk.ready).sum() / walks.size();
            from = from.isEmpty() && ready >= A_SIXTH ? Optional.of(day) : from;
            median = median.isEmpty() && ready >= A_HALF ? Optional.of(day) : median;
            if (ready >= 1 - A_SIXTH) {
                return new Readiness(median, from, Optional.of(day));
            }
        }
        return new Readiness(median, from, Optional.empty());
    }

    /** How likely it is on each rung, day by day. */
    private static final class Walk {

        private final double relaxed;
        private final double uneasy;
        private final double no;
        /** By rung and relaxed answers in a row. */
        private double[] at = new double[READY * STREAKS];

        private double[] next = new double[READY * STREAKS];
        private double ready;

        /** @param uneasyOfRest of the answers that are not relaxed */
        Walk(Standing standing, double relaxed, double uneasyOfRest) {
            this.relaxed = Math.max(LEAST_RELAXED, Math.min(MOST_RELAXED, relaxed));
            this.uneasy = (1 - this.relaxed) * uneasyOfRest;
            this.no = 1 - this.relaxed - uneasy;
            if (standing.rung().readyForBrushing()) {
                ready = 1;
            } else {
                at[standing.rung().ordinal() * STREAKS + standing.relaxedInRow()] = 1;
            }
        }

        void practise() {
            for (int trial = 0; trial < MOST_TRIALS; trial++) {
                Arrays.fill(next, 0);
                for (int rung = 0; rung < READY; rung++) {
                    for (int streak = 0; streak < STREAKS; streak++) {
                        answer(rung, streak, at[rung * STREAKS + streak], trial);
                    }
                }
                double[] before = at;
                at = next;
                next = before;
            }
        }

        private void answer(int rung, int streak, double here, int trial) {
            int row = rung * STREAKS;
            if (trial >= TRIALS[rung]) {
                next[row + streak] += here;
                return;
            }
            if (streak + 1 < STREAKS) {
                next[row + streak + 1] += here * relaxed;
            } else if (rung + 1 < READY) {
                next[row + STREAKS] += here * relaxed;
            } else {
                ready += here * relaxed;
            }
            next[row] += here * uneasy;
            next[Math.max(0, row - STREAKS)] += here * no;
        }
    }
}
