package rustictangle.core.rhythm;

import java.time.LocalDate;

/**
 * How tangles and mats become likely at one section as days go by since the comb last ran free there.
 *
 * <p>Tangles arise like random events at {@code λ} per day of exposure; one hardens into a mat {@code τ} days after
 * it arose.
 *
 * @param factor     how often tangles arise here against the table, greater than 0
 * @param hazard     tangles by the table
 * @param hardenDays {@code τ}, days from tangle to mat
 */
record Risk(double factor, Hazard hazard, int hardenDays) implements Outlook {

    /** Chance of a mat at which a section is due whatever the owner's comfort. Own estimate. */
    static final double MAT_DUE = 0.05;
    /** Chance of a mat at which a section is overdue. Own estimate. */
    static final double MAT_OVERDUE = 0.15;
    /** Nobody is told to wait longer than this. Own estimate. */
    static final int LONGEST_WAIT_DAYS = 28;
    /** Further ahead nobody asks when a mat becomes likely. */
    private static final int LONGEST_LOOK_DAYS = 1000;

    @Override
    public double tangles(LocalDate since, long days) {
        return factor * hazard.over(since, days);
    }

    @Override
    public double mats(LocalDate since, long days) {
        return factor * hazard.over(since, days - hardenDays);
    }

    double tangle(LocalDate since, long days) {
        return Outlook.chance(tangles(since, days));
    }

    double mat(LocalDate since, long days) {
        return Outlook.chance(mats(since, days));
    }

    @Override
    public int dueAfterDays(LocalDate since, Comfort comfort) {
        int day = 1;
        while (day < LONGEST_WAIT_DAYS && tangle(since, day) < comfort.tangleLimit() && mat(since, day) < MAT_DUE) {
            day++;
        }
        return day;
    }

    /** First day on which the chance of a mat has reached the overdue limit. */
    int overdueAfterDays(LocalDate since) {
        int day = hardenDays;
        while (day < LONGEST_LOOK_DAYS && mat(since, day) < MAT_OVERDUE) {
            day++;
        }
        return day;
    }

    /** Whether the tangle limit, rather than the mat limit, decides on that day. */
    boolean tangleDecides(LocalDate since, int days, Comfort comfort) {
        return tangle(since, days) >= comfort.tangleLimit();
    }
}
