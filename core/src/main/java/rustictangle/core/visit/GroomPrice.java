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

    private static final double WEEKS_A_YEAR = 365.25 / 7;
    private static final int MONTHS_A_YEAR = 12;

    public GroomPrice {
        if (!(price >= 0 && tip >= 0 && credit >= 0 && membership >= 0)) {
            throw new IllegalArgumentException("price " + price + ", tip " + tip + ", credit " + credit + ", membership " + membership
                    + ", need each 0 or more");
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
