package rustictangle.core.plan;

import java.util.BitSet;
import java.util.List;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.rhythm.Outlook;

/**
 * One section over the days to plan: what a brushing takes, and what it costs to leave it from one brushing to the
 * next. All of it in minutes.
 *
 * @param minutes what one brushing takes, greater than 0
 * @param from    the first day on which it can be brushed, 0 being today; {@code end} or more: not within these days
 * @param end     the day after the last one to plan for; the groomer's
 * @param cost    by the days of two brushings one after the other: {@code cost[u + 1][v]}, where {@code u} is -1 for
 *                the last one before the plan and {@code v} is {@code end} for none
 * @param off     days on which it cannot be brushed
 */
record Job(double minutes, int from, int end, double[][] cost, BitSet off) {

    /** Of days none of which is one off. */
    Job(double minutes, int from, int end, double[][] cost) {
        this(minutes, from, end, cost, new BitSet());
    }

    private Job costing(double[][] other) {
        return new Job(minutes, from, end, other, off);
    }

    /** The same where nothing is done on some days. */
    Job without(List<Integer> days) {
        BitSet none = new BitSet();
        days.forEach(none::set);
        return new Job(minutes, from, end, cost, none);
    }

    /** What a mat that was left costs a day, in mats: it tightens. Own estimate. */
    private static final double MAT_WAITS = 0.2;

    static Job of(Outlook outlook, Comfort comfort, double minutes, int from, int end) {
        double perMat = comfort.minutesPerMat();
        double[][] cost = new double[end + 1][end + 1];
        // How long the mats have stayed in by the day before, from each brushing on; the first from before the plan.
        double[] stayed = new double[end + 1];
        double today = outlook.evening(0).already();
        for (int v = 0; v <= end; v++) {
            Outlook.Evening evening = outlook.evening(v);
            double already = evening.already();
            double[] mats = evening.after();
            cost[0][v] = perMat
                            * (already
                                    - today
                                    + Outlook.TIGHTENS_A_DAY * stayed[0]
                                    + (outlook.matLeft() ? MAT_WAITS * v : 0))
                    + minutes * comfort.looseHair() * outlook.looseHair(v);
            stayed[0] += already;
            for (int u = 0; u < v; u++) {
                cost[u + 1][v] = perMat * (mats[v - u] + Outlook.TIGHTENS_A_DAY * stayed[u + 1])
                        + minutes * comfort.looseHair() * outlook.looseHair(u, v);
                stayed[u + 1] += mats[v - u];
            }
        }
        return new Job(minutes, from, end, cost);
    }

    /** Of a place that no comb has ever gone through, days. */
    static final int NEVER_PROVED = 10_000;
    /** What it is worth that a place is proved before a bath, minutes: more than its brushing, wherever there is time. Own estimate. */
    private static final double PROOF_BEFORE_A_BATH = 45;

    /**
     * The same with its worth before each bath: water tightens what no comb has found.
     *
     * @param canMat whether its hair mats; else nothing changes
     * @param proved days from today to the last proof, 0 or less
     */
    Job beforeBaths(List<Integer> baths, boolean canMat, int proved) {
        if (!canMat || baths.isEmpty()) {
            return this;
        }
        double[][] more = new double[end + 1][];
        for (int u = -1; u < end; u++) {
            more[u + 1] = cost[u + 1].clone();
            int last = u < 0 ? proved : u;
            for (int bath : baths) {
                if (bath < end && last < bath - CareDays.PROOF_HOLDS_DAYS) {
                    for (int v = Math.max(bath, u) + 1; v <= end; v++) {
                        more[u + 1][v] += PROOF_BEFORE_A_BATH;
                    }
                }
            }
        }
        return costing(more);
    }

    /**
     * What each day without it costs in a school that goes through everything daily, in the place's own minutes: more than
     * doing it, where there is time; where minutes are short, mats weigh more. Own estimate.
     */
    private static final double DAILY = 1.5;

    /** The same in a school that goes through everything daily. */
    Job daily() {
        double[][] more = new double[end + 1][];
        for (int u = -1; u < end; u++) {
            more[u + 1] = cost[u + 1].clone();
            for (int v = Math.max(0, u + 1); v <= end; v++) {
                more[u + 1][v] += DAILY * minutes * (v - u - 1);
            }
        }
        return costing(more);
    }

    /**
     * What it is worth that a place is gone through on the last day before the groom, in its own minutes: a groomer can
     * leave length then, and asks nothing for mats. The day before that is worth half. Own estimates.
     */
    private static final double BRUSH_OUT = 3;

    private static final int BRUSH_OUT_DAYS = 2;

    /** The same where a groomer sees it on the day after the last one. */
    Job beforeGroom(boolean canMat) {
        if (!canMat) {
            return this;
        }
        double[][] more = new double[end + 1][];
        for (int u = -1; u < end; u++) {
            more[u + 1] = cost[u + 1].clone();
            more[u + 1][end] += BRUSH_OUT * minutes * Math.min(1, (end - 1.0 - u) / BRUSH_OUT_DAYS);
        }
        return costing(more);
    }

    /** Places that are always brushed together, as one. */
    static Job together(List<Job> jobs) {
        Job first = jobs.get(0);
        double[][] sum = new double[first.cost.length][first.cost[0].length];
        for (Job job : jobs) {
            for (int u = 0; u < sum.length; u++) {
                for (int v = 0; v < sum[u].length; v++) {
                    sum[u][v] += job.cost[u][v];
                }
            }
        }
        double minutes = jobs.stream().mapToDouble(Job::minutes).sum();
        return new Job(minutes, first.from, first.end, sum, first.off);
    }

    /** The same of a place that is brushed today, whatever else is planned; that brushing is paid for. */
    Job brushedToday() {
        double[][] on = cost.clone();
        on[0] = cost[1].clone();
        on[0][0] = 0;
        for (int v = 1; v <= end; v++) {
            on[0][v] += cost[0][0];
        }
        return new Job(minutes, Math.max(1, from), end, on, off);
    }

    /** The same of a place that is not brushed today. */
    Job notToday() {
        return new Job(minutes, Math.max(1, from), end, cost, off);
    }

    double cost(int before, int next) {
        return cost[before + 1][next];
    }

    /** Whether it can be brushed on that day. */
    boolean can(int day) {
        return day >= from && day < end && !off.get(day);
    }
}
