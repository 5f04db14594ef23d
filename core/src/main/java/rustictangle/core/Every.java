package rustictangle.core;

/** How often something comes, as an owner would say it. */
public final class Every {

    private static final int DAYS_A_WEEK = 7;

    private Every() {}

    /** @param days between two, 0 or more; 0: when it is wanted */
    public static String inWords(int days) {
        if (days == 0) {
            return "when you want it";
        }
        if (days == 1) {
            return "every day";
        }
        if (days % DAYS_A_WEEK != 0) {
            return "every " + days + " days";
        }
        return days == DAYS_A_WEEK ? "every week" : "every " + days / DAYS_A_WEEK + " weeks";
    }

    /** The same with the days between which it lies, in one unit. */
    public static String inWords(int days, int from, int to) {
        if (from == to) {
            return inWords(days);
        }
        return (days == 1 ? "every day" : "every " + days + " days") + " (" + from + " to " + to + ")";
    }
}
