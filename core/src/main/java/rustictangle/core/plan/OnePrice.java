package rustictangle.core.plan;

import java.util.List;
import java.util.function.Function;

/**
 * Brushing and the small jobs in the same minutes, at the same price.
 *
 * <p>Where the minutes suffice every job comes at its chosen interval. Where they do not, the brushing alone, in what those
 * jobs would leave, tells what a minute is worth; the jobs are laid out anew at that price, and the brushing in what they
 * then leave.
 *
 * @param minutes there are for brushing each day
 */
record OnePrice(CareDays care, HouseholdPlan plan, double[] minutes) {

    /**
     * What is asked for today at the table does not change by what is done: the price is that of the morning.
     *
     * @param morning the work as it was this morning
     * @param there   minutes for brushing each day, given the small jobs, as it was this morning
     * @param left    the same now
     */
    static OnePrice of(
            List<Workload> dogs,
            List<Workload> morning,
            CareDays.Asked asked,
            Function<CareDays, double[]> there,
            Function<CareDays, double[]> left) {
        CareDays chosen = asked.asChosen();
        List<Double> price = HouseholdPlan.of(morning, there.apply(chosen)).price();
        CareDays care = price.stream().allMatch(each -> each == 0)
                ? chosen
                : asked.laid(price.stream().map(OnePrice::rounded).toList());
        double[] minutes = left.apply(care);
        return new OnePrice(care, HouseholdPlan.of(dogs, minutes), minutes);
    }

    /** To the nearest doubling, so that a little more or less moves nothing. */
    private static double rounded(double price) {
        return price <= 0 ? 0 : Math.pow(2, Math.round(Math.log(price) / Math.log(2)));
    }
}
