package rustictangle.core.plan;

import java.util.List;

/**
 * What a minute is worth on each day, by the brushing as it stood in the morning in what the small jobs would leave of the
 * day at their chosen intervals: the price at which they are laid out among it.
 *
 * <p>Doing what the day asks for changes nothing of it, and so brings nothing new.
 *
 * @param morning what each dog asks for, nothing brushed yet
 * @param minutes there are for brushing each day
 */
public record OnePrice(List<Workload.Basis> morning, List<Double> minutes) {

    public OnePrice {
        morning = List.copyOf(morning);
        minutes = List.copyOf(minutes);
    }

    /** Of a minute on each day, besides itself, 0 or more; none: the minutes suffice. */
    public List<Double> reckoned() {
        double[] time = minutes.stream().mapToDouble(each -> each).toArray();
        return HouseholdPlan.of(morning.stream().map(Workload.Basis::work).toList(), time).price().stream()
                .map(OnePrice::rounded)
                .toList();
    }

    /** To the nearest doubling, so that a little more or less moves nothing. */
    private static double rounded(double price) {
        return price <= 0 ? 0 : Math.pow(2, Math.round(Math.log(price) / Math.log(2)));
    }
}
