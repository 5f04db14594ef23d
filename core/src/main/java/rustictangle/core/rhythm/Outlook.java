package rustictangle.core.rhythm;

import java.time.LocalDate;

/** What is to be expected at one section as days go by since the comb last ran free there. */
public interface Outlook {

    /** Expected tangles that arise in so many days after that one, 0 or more. */
    double tangles(LocalDate since, long days);

    /** How many of them are expected to have hardened into mats by then, 0 or more. */
    double mats(LocalDate since, long days);

    /** First day after a free comb on which the section is due, at least 1. */
    int dueAfterDays(LocalDate since, Comfort comfort);

    /** The chance of at least one where so many are expected: random events are Poisson. */
    static double chance(double expected) {
        return -Math.expm1(-expected);
    }
}
