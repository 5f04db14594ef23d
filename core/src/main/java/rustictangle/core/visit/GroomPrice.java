package rustictangle.core.visit;

/**
 * What grooming costs, in the owner's currency.
 *
 * @param price      of a visit
 * @param tip        of a visit
 * @param credit     that a membership gives each month, to be spent on visits
 * @param membership a month
 * @param surcharge  of a visit with a matted coat
 */
public record GroomPrice(double price, double tip, double credit, double membership, double surcharge) {

    /** More than a groom costs in any currency. Own estimate. */
    public static final double MOST = 1_000_000;

    private static final double WEEKS_A_YEAR = 52;
    private static final int MONTHS_A_YEAR = 12;

    public GroomPrice {
        for (double amount : new double[] {price, tip, credit, membership, surcharge}) {
            if (!(amount >= 0 && amount <= MOST)) {
                throw new IllegalArgumentException("amount " + amount + ", need [0, " + MOST + "]");
            }
        }
    }

    /** A year with so many visits; the credit never makes them cost less than nothing. */
    public double yearly(double visits) {
        return Math.max(0, visits * (price + tip) - MONTHS_A_YEAR * credit) + MONTHS_A_YEAR * membership;
    }

    /** Until the owner says what it costs. */
    public static final GroomPrice NOTHING_SAID = new GroomPrice(0, 0, 0, 0, 0);

    /** A year with a visit every so many weeks. */
    public double yearlyEvery(double weeks) {
        return yearly(visitsEvery(weeks));
    }

    /** Visits a year, one every so many weeks: whole ones, as they are paid. */
    public static long visitsEvery(double weeks) {
        return Math.round(WEEKS_A_YEAR / weeks);
    }
}
