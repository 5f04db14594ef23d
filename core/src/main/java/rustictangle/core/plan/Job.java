package rustictangle.core.plan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.Optional;
import rustictangle.core.dog.Friction;
import rustictangle.core.dog.Section;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.rhythm.Outlook;
import rustictangle.core.rhythm.SectionRhythm;

/**
 * One section over the days to plan: what a brushing takes, and what it costs to leave it from one brushing to the
 * next.
 *
 * <p>The cost is counted in expected mats. A section that waits past its due day costs a little for each day, by the
 * tangles in it; and each minute costs next to nothing, so that none is spent without need. The weights are this
 * project's own estimates.
 *
 * @param seconds what one brushing takes, greater than 0
 * @param end     the day after the last one to plan for, by its number; the groomer's
 * @param cost    by the days of two brushings one after the other: {@code cost[u + 1][v]}, where {@code u} is -1 for
 *                the last one before the plan and {@code v} is {@code end} for none
 */
record Job(int seconds, int end, double[][] cost) {

    /** What a tangle costs that waits a day past the due day. */
    private static final double TANGLE_WAITS = 0.002;
    /** What a smooth coat's rub-down costs that waits a day past the due day. */
    private static final double RUB_DOWN_WAITS = 0.0005;
    /** What a mat that was left costs a day: it tightens. */
    private static final double MAT_WAITS = 0.2;
    /** What a place that nobody has combed yet costs a day, at the highest friction. */
    private static final double UNKNOWN_WAITS = 0.1;
    /** What a minute costs. */
    private static final double MINUTE = 0.00002;

    private static final double NEXT_TO_NOTHING = 0.006;

    /**
     * @param seconds what one brushing takes
     * @param onlyDue whether the risk up to the due day is the owner's to take and costs nothing
     */
    static Job of(Workload dog, Section section, int seconds, boolean onlyDue, LocalDate today) {
        return new Costs(
                        dog.forecast().rhythm().at(section),
                        dog.forecast().at(section),
                        dog.comfort(),
                        onlyDue,
                        today,
                        dog.days(today))
                .job(seconds);
    }

    /** Reckons what the stretches between brushings cost. */
    private record Costs(
            SectionRhythm rhythm,
            Optional<Outlook> outlook,
            Comfort comfort,
            boolean onlyDue,
            LocalDate today,
            int end) {

        Job job(int seconds) {
            double[][] cost = new double[end + 1][];
            cost[0] = first();
            for (int u = 0; u < end; u++) {
                cost[u + 1] = stretch(today.plusDays(u), u + 1);
            }
            for (double[] row : cost) {
                for (int v = 0; v < end; v++) {
                    row[v] += MINUTE * seconds / 60;
                }
            }
            return new Job(seconds, end, cost);
        }

        /** From the last brushing before the plan; mats that are in the coat already cost nothing more. */
        private double[] first() {
            double perDay =
                    switch (rhythm.state()) {
                        case MAT_LEFT -> MAT_WAITS;
                        case NEVER_CHECKED ->
                            UNKNOWN_WAITS * rhythm.section().friction().factor() / Friction.HIGHEST.factor();
                        default -> 0;
                    };
            double[] row = new double[end + 1];
            if (perDay > 0) {
                Arrays.setAll(row, day -> perDay * day);
                return row;
            }
            double[] whole = stretch(rhythm.lastClear().orElseThrow(), 0);
            Arrays.setAll(row, day -> whole[day] - whole[0]);
            return row;
        }

        private double[] stretch(LocalDate since, int from) {
            int age = (int) ChronoUnit.DAYS.between(since, today);
            int due = outlook.map(here -> here.dueAfterDays(since, comfort)).orElse(rhythm.intervalDays());
            double accepted = onlyDue ? mats(since, due) : 0;
            double[] row = new double[end + 1];
            double waited = 0;
            for (int day = from; day <= end; day++) {
                int days = day + age;
                row[day] = waited + Math.max(0, mats(since, days) - accepted);
                if (days >= due) {
                    waited += outlook.map(here -> TANGLE_WAITS * Math.min(1, here.tangles(since, days)))
                            .orElse(RUB_DOWN_WAITS);
                }
            }
            return row;
        }

        private double mats(LocalDate since, int days) {
            return outlook.map(here -> here.mats(since, days)).orElse(0.0);
        }
    }

    /** The same when it is brushed on day 0, whatever that is worth. */
    Job doneToday() {
        double[][] fixed = cost.clone();
        fixed[0] = new double[end + 1];
        Arrays.fill(fixed[0], Double.POSITIVE_INFINITY);
        fixed[0][0] = cost[0][0];
        return new Job(seconds, end, fixed);
    }

    /** The same when it is not brushed on day 0. */
    Job leftToday() {
        double[][] fixed = cost.clone();
        fixed[0] = cost[0].clone();
        fixed[0][0] = Double.POSITIVE_INFINITY;
        return new Job(seconds, end, fixed);
    }

    double cost(int before, int next) {
        return cost[before + 1][next];
    }

    /** The last day to which it can be left at next to no cost. */
    int canWaitTo(int before) {
        int day = before + 1;
        while (day < end && cost(before, day + 1) < NEXT_TO_NOTHING) {
            day++;
        }
        return day;
    }
}
