package rustictangle.core.rhythm;

import java.time.LocalDate;

/**
 * The chances of tangle and mat as days go by since the comb last ran free.
 *
 * <p>Tangles arise like random events at {@code λ} per day of exposure; one hardens into a mat
 * {@code τ} days after it arose.
 *
 * @param ratePerDay expected tangles per day of ordinary exposure, greater than 0
 * @param hardenDays {@code τ}, days from tangle to mat
 * @param since      the day the comb last ran free
 */
record Risk(double ratePerDay, Exposure exposure, int hardenDays, LocalDate since) {

    /** Chance of a mat at which a section is due whatever the owner's comfort. Own estimate. */
    static final double MAT_DUE = 0.05;
    /** Chance of a mat at which a section is overdue. Own estimate. */
    static final double MAT_OVERDUE = 0.15;
    /** Nobody is told to wait longer than this. Own estimate. */
    static final int LONGEST_WAIT_DAYS = 28;
    /** Further ahead nobody asks when a mat becomes likely. */
    private static final int LONGEST_LOOK_DAYS = 1000;

    double tangle(double days) {
        return 1 - Math.exp(-ratePerDay * exposure.over(since, days));
    }

    double mat(double days) {
        return 1 - Math.exp(-ratePerDay * exposure.over(since, days - hardenDays));
    }

    /** First day after a clear check on which the section is due, in [1, LONGEST_WAIT_DAYS]. */
    int dueAfterDays(Comfort comfort) {
        int day = 1;
        while (day < LONGEST_WAIT_DAYS && tangle(day) < comfort.tangleLimit() && mat(day) < MAT_DUE) {
            day++;
        }
        return day;
    }

    /** First day on which the chance of a mat has reached the overdue limit. */
    int overdueAfterDays() {
        int day = hardenDays;
        while (day < LONGEST_LOOK_DAYS && mat(day) < MAT_OVERDUE) {
            day++;
        }
        return day;
    }

    /** The same if no single day had counted more than an ordinary one. */
    Risk ordinary() {
        return new Risk(ratePerDay, exposure.ordinary(), hardenDays, since);
    }

    /** Whether the tangle limit, rather than the mat limit, decided the due day. */
    boolean tangleDecides(Comfort comfort) {
        return tangle(dueAfterDays(comfort)) >= comfort.tangleLimit();
    }
}
