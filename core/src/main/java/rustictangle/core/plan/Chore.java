package rustictangle.core.plan;

import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import rustictangle.core.care.CareDue;
import rustictangle.core.log.CareJob;

/**
 * A small job at the table, or a dog's practice, as the planner sees it: paid with the same minutes as the brushing.
 *
 * <p>Of {@code c} minutes that may wait {@code J} days it costs {@code c·(E/J)²} after {@code E} days, and as much as four
 * times its own minutes for each day past {@code 2J}; a day without practice costs the mats of that day, too, since brushing
 * begins a day later. Where a day has minutes to spare its own cost nothing, for the owner has chosen them: there it comes at
 * its chosen interval, else as late as is cheapest. One that was left for longer is as one that was never done, and begins
 * to be too late anew: who leaves them for weeks is still asked to brush. Handbook 10.5; own estimates.
 *
 * @param job     empty: practice
 * @param minutes that it takes, greater than 0
 * @param next    the first day on which it can be done, 0 being today
 * @param waited  days by today since it was done
 * @param gap     days from one to the next, 1 or more; 0: it comes once
 * @param waits   days that it may wait; 0: none
 * @param lost    what each day without it costs besides, minutes
 * @param ordered whether it comes on its day, whatever there is time for
 * @param off     days on which it cannot be done
 */
record Chore(
        int dog,
        Optional<CareJob> job,
        boolean learning,
        double minutes,
        int next,
        int waited,
        int gap,
        int waits,
        double lost,
        boolean ordered,
        List<Integer> off) {

    /** No job waits longer than so many times what it may, but where there is hardly any time at all. */
    static final int MOST_WAITS = 2;
    /** What a day past that costs, in its own minutes. */
    private static final double TOO_LATE = 4;
    /** What a day costs on which something was asked for that does not wait, minutes. */
    private static final double CALLED = 30;
    /** A step toward brushing may wait so long, days. */
    private static final int PRACTICE_WAITS = 4;
    /** More than anything that is worth doing. */
    private static final double NEVER = 1e5;

    Chore {
        off = List.copyOf(off);
    }

    /**
     * @param next    days from today to its turn
     * @param minutes that it takes
     */
    static Chore of(int dog, CareDue due, int next, double minutes, List<Integer> off) {
        int waits = due.called() ? 0 : due.waits();
        int waited = Math.max(0, due.gap() - next);
        int most = MOST_WAITS * waits;
        return of(
                dog,
                due,
                Math.max(0, next),
                waits > 0 && (waited > most || due.last().isEmpty()) ? most : waited,
                waits,
                minutes,
                off);
    }

    /** Whether it was left for longer than it may wait, or never done. */
    boolean neglected() {
        return waits > 0 && waited >= MOST_WAITS * waits;
    }

    Chore notBefore(int day) {
        return new Chore(dog, job, learning, minutes, Math.max(day, next), waited, gap, waits, lost, ordered, off);
    }

    /** The same where it is done today. */
    static Chore doneToday(int dog, CareDue due, double minutes, List<Integer> off) {
        return of(dog, due, due.gap() == 0 ? Integer.MAX_VALUE : due.gap(), 0, due.waits(), minutes, off);
    }

    private static Chore of(int dog, CareDue due, int next, int waited, int waits, double minutes, List<Integer> off) {
        return new Chore(
                dog,
                Optional.of(due.job()),
                due.learning(),
                minutes,
                next,
                waited,
                due.gap(),
                waits,
                0,
                due.ordered(),
                off);
    }

    static Chore practice(int dog, PracticeDays.Asked asked) {
        return new Chore(
                dog,
                Optional.empty(),
                true,
                asked.minutes(),
                0,
                asked.waited().orElse(MOST_WAITS * PRACTICE_WAITS),
                1,
                PRACTICE_WAITS,
                asked.worth(),
                false,
                asked.off());
    }

    CareDays.PlannedJob planned() {
        return new CareDays.PlannedJob(dog, job.orElseThrow(), minutes, learning);
    }

    /** Its days where there is time for it. */
    BitSet asChosen(int end) {
        BitSet on = new BitSet();
        for (int day = next; day < end; ) {
            if (off.contains(day)) {
                day++;
            } else {
                on.set(day);
                day = gap == 0 ? end : day + gap;
            }
        }
        return on;
    }

    /** @param chosen whether its own minutes cost nothing: the day has them to spare */
    Job job(int end, boolean chosen) {
        double[][] cost = new double[end + 1][end + 1];
        for (int v = 0; v <= end; v++) {
            double own = chosen && v < end ? minutes : 0;
            cost[0][v] = waiting(waited + v, waited) - own;
            for (int u = 0; u < v; u++) {
                boolean tooSoon = v < end && (gap == 0 || v - u < gap);
                cost[u + 1][v] = tooSoon ? NEVER : (gap == 0 ? 0 : waiting(v - u, 0)) - own;
            }
        }
        return new Job(minutes, Math.min(next, end), end, cost).without(off);
    }

    /** @param before of that, when nobody could do anything about it yet */
    private double waiting(int days, int before) {
        if (waits == 0) {
            return CALLED * Math.max(0, days - Math.max(gap, before));
        }
        double part = (double) days / waits;
        int most = MOST_WAITS * waits;
        int tooLate = Math.max(0, days - Math.max(most, before));
        return minutes * (part * part + TOO_LATE * tooLate) + lost * Math.max(0, days - 1);
    }
}
