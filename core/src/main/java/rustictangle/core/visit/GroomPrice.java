package rustictangle.core.visit;

/**
 * What grooming costs, in the owner's currency.
 *
 * @param price      of a visit
 * @param tip        of a visit
 * @param credit     taken off a visit, for example by a membership
 * @param membership a month
 */
public record GroomPrice(double price, double tip, double credit, double membership) {

    /** More than a groom costs in any currency. Own estimate. */
    public static final double MOST = 1_000_000;

    private static final double WEEKS_A_YEAR = 365.25 / 7;
    private static final int MONTHS_A_YEAR = 12;

    public GroomPrice {
        for (double amount : new double[] {price, tip, credit, membership}) {
            if (!(amount >= 0 && amount <= MOST)) {
                throw new IllegalArgumentException("amount " + amount + ", need [0, " + MOST + "]");
            }
        }
    }

    /** A year with so many visits. */
    public double yearly(double visits) {
        return visits * Math.max(0, price + tip - credit) + MONTHS_A_YEAR * membership;
    }

    /** A year with a visit every so many weeks. */
    public double yearlyEvery(int weeks) {
        return yearly(WEEKS_A_YEAR / weeks);
    }
}
