package rustictangle.core.trust;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import rustictangle.core.dog.Dog;

/**
 * In how many days a place in training will be ready for real brushing, practised once a day. Own estimate throughout.
 *
 * <p>The staircase walked in all its ways: with the share of relaxed, uneasy and refusing answers so far, how likely it
 * is to have reached the rung by each day. Nobody knows those shares well from few answers, so it is walked with a
 * smaller, the likely, and a greater share of relaxed ones.
 *
 * @param median  as likely sooner as later; empty: not within {@link #LONGEST_DAYS}
 * @param from    the lower end of a range in which it lies with a probability of two thirds
 * @param to      and at most this; empty: longer than can be told
 */
public record Readiness(Optional<Integer> median, Optional<Integer> from, Optional<Integer> to) {

    /** Nobody can tell further ahead. */
    public static final int LONGEST_DAYS = 120;

    /** The same for a place whose turn comes only after so many days. */
    public Readiness waiting(int days) {
        return new Readiness(later(median, days), later(from, days), later(to, days));
    }

    /** The same where it is practised only every so many days. */
    public Readiness practisedEvery(int days) {
        return new Readiness(seldom(median, days), seldom(from, days), seldom(to, days));
    }

    private static Optional<Integer> seldom(Optional<Integer> ready, int days) {
        return ready.map(day -> day * days).filter(day -> day <= LONGEST_DAYS);
    }

    private static Optional<Integer> later(Optional<Integer> ready, int days) {
        return ready.map(day -> day + days).filter(day -> day <= LONGEST_DAYS);
    }

    /**
     * What the dog has answered.
     *
     * @param noes opting out and fear signs
     */
    record Answers(int relaxed, int uneasy, int noes) {

        static final Answers NONE = new Answers(0, 0, 0);

        Answers and(Answers other, double share) {
            return new Answers(
                    relaxed + (int) Math.round(share * other.relaxed),
                    uneasy + (int) Math.round(share * other.uneasy),
                    noes + (int) Math.round(share * other.noes));
        }

        int all() {
            return relaxed + uneasy + noes;
        }
    }

    /** Before the first answer, worth ten of them. */
    private static final double RELAXED_BEFORE = 7.5;

    private static final double UNEASY_BEFORE = 1.75;
    private static final double NOS_BEFORE = 0.75;

    private static final int STREAKS = Standing.RELAXED_TO_CLIMB;
    /** Relaxed, one, two so far; and uneasy once, from which a second goes back a rung. */
    private static final int STATES = STREAKS + 1;

    private static final int UNEASY_ONCE = STREAKS;
    private static final double LEAST_RELAXED = 0.05;
    private static final double MOST_RELAXED = 0.98;
    private static final double A_SIXTH = 1 / 6.0;
    private static final double A_HALF = 0.5;

    /**
     * @param soft where it stands with a softer brush that is practised first; empty: with none
     * @param lead where it stands with the brush that leads
     */
    static Readiness of(Dog dog, Optional<Standing> soft, Standing lead, Answers answers) {
        double all = answers.all() + RELAXED_BEFORE + UNEASY_BEFORE + NOS_BEFORE;
        double relaxed = (answers.relaxed + RELAXED_BEFORE) / all;
        double uneasy = (answers.uneasy + UNEASY_BEFORE) / all / (1 - relaxed);
        double spread = Math.sqrt(relaxed * (1 - relaxed) / (all + 1));
        Way way = Way.of(dog, soft, lead);
        List<Walk> walks = List.of(
                new Walk(way, relaxed - spread, uneasy),
                new Walk(way, relaxed, uneasy),
                new Walk(way, relaxed + spread, uneasy));
        double[] ready = new double[LONGEST_DAYS + 1];
        int day = 0;
        while (ready[day] < 1 - A_SIXTH && day < LONGEST_DAYS) {
            walks.forEach(Walk::practise);
            ready[++day] = walks.stream().mapToDouble(walk -> walk.ready).sum() / walks.size();
        }
        return range(ready, day);
    }

    /**
     * Whole days hold more than they are asked to: those at the ends that are not needed are left out.
     *
     * @param ready how likely by each day
     * @param last  that was reckoned
     */
    private static Readiness range(double[] ready, int last) {
        int from = first(ready, last, A_SIXTH);
        int median = first(ready, last, A_HALF);
        int to = first(ready, last, 1 - A_SIXTH);
        while (to <= last && to > from) {
            double early = ready[from] - ready[from - 1];
            double late = ready[to] - ready[to - 1];
            double held = ready[to] - ready[from - 1] - Math.min(early, late);
            if (held < 1 - 2 * A_SIXTH || (early < late ? from : to) == median) {
                break;
            }
            from += early < late ? 1 : 0;
            to -= early < late ? 0 : 1;
        }
        return new Readiness(within(median, last), within(from, last), within(to, last));
    }

    /** @return after the last: on none of them */
    private static int first(double[] ready, int last, double likely) {
        return IntStream.rangeClosed(1, last)
                .filter(day -> ready[day] >= likely)
                .findFirst()
                .orElse(last + 1);
    }

    private static Optional<Integer> within(int day, int last) {
        return day > last ? Optional.empty() : Optional.of(day);
    }

    /**
     * The rungs up to real brushing.
     *
     * @param trials of one practice on each of them
     * @param at     where it stands on them; as many as there are: at the end
     * @param inRow  relaxed answers in a row
     */
    private record Way(int[] trials, int at, int inRow) {

        /** With the soft brush from the bottom, and then on with the one that leads, some rungs below. */
        static Way of(Dog dog, Optional<Standing> soft, Standing lead) {
            int begin = soft.isEmpty() ? 0 : Rung.WHOLE_SECTION.ordinal() - Trust.BELOW_OTHER_TOOL_SAME_PLACE;
            int[] trials = IntStream.concat(
                            IntStream.range(0, soft.isEmpty() ? 0 : Rung.WHOLE_SECTION.ordinal()),
                            IntStream.range(begin, Rung.WHOLE_SECTION.ordinal()))
                    .map(rung -> Practice.trials(dog, Standing.fresh(Rung.values()[rung])))
                    .toArray();
            Standing now = soft.orElse(lead);
            return new Way(trials, Math.min(now.rung().ordinal(), trials.length), now.relaxedInRow());
        }
    }

    /** How likely it is on each rung, day by day. */
    private static final class Walk {

        private final Way way;
        private final double relaxed;
        private final double uneasy;
        private final double no;
        /** By rung and what was answered in a row. */
        private double[] at;

        private double[] next;
        private double ready;

        /** @param uneasyOfRest of the answers that are not relaxed */
        Walk(Way way, double relaxed, double uneasyOfRest) {
            this.way = way;
            this.relaxed = Math.max(LEAST_RELAXED, Math.min(MOST_RELAXED, relaxed));
            this.uneasy = (1 - this.relaxed) * uneasyOfRest;
            this.no = 1 - this.relaxed - uneasy;
            at = new double[way.trials.length * STATES];
            next = new double[at.length];
            if (way.at == way.trials.length) {
                ready = 1;
            } else {
                at[way.at * STATES + way.inRow] = 1;
            }
        }

        void practise() {
            int most = Arrays.stream(way.trials).max().orElse(0);
            for (int trial = 0; trial < most; trial++) {
                Arrays.fill(next, 0);
                for (int rung = 0; rung < way.trials.length; rung++) {
                    for (int state = 0; state < STATES; state++) {
                        answer(rung, state, at[rung * STATES + state], trial);
                    }
                }
                double[] before = at;
                at = next;
                next = before;
            }
        }

        private void answer(int rung, int state, double here, int trial) {
            int row = rung * STATES;
            if (trial >= way.trials[rung]) {
                next[row + state] += here;
                return;
            }
            int inRow = state == UNEASY_ONCE ? 0 : state;
            if (inRow + 1 < STREAKS) {
                next[row + inRow + 1] += here * relaxed;
            } else if (row + STATES < next.length) {
                next[row + STATES] += here * relaxed;
            } else {
                ready += here * relaxed;
            }
            int below = Math.max(0, row - STATES);
            next[state == UNEASY_ONCE ? below : row + UNEASY_ONCE] += here * uneasy;
            next[below] += here * no;
        }
    }
}
