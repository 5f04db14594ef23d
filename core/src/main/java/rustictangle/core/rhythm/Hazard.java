package rustictangle.core.rhythm;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.function.ToDoubleFunction;

/**
 * How many tangles the table expects at one section, day by day: its rate at the hair's length on that day, times
 * what the day does to the coat.
 *
 * <p>Kept as sums since a first day, so that any stretch of days is one subtraction.
 */
final class Hazard {

    private final LocalDate origin;
    private final double[] sums;
    private final double before;
    private final double beyond;

    private Hazard(LocalDate origin, double[] sums, double before, double beyond) {
        this.origin = origin;
        this.sums = sums;
        this.before = before;
        this.beyond = beyond;
    }

    /** The same every day. */
    static Hazard steady(double perDay) {
        return new Hazard(LocalDate.EPOCH, new double[1], perDay, perDay);
    }

    /**
     * @param origin before the first day that is asked for; earlier days are taken as that first one
     * @param last   later days are taken as this one
     */
    static Hazard of(LocalDate origin, LocalDate last, ToDoubleFunction<LocalDate> perDay) {
        int days = (int) ChronoUnit.DAYS.between(origin, last);
        double[] sums = new double[days + 1];
        for (int i = 1; i <= days; i++) {
            sums[i] = sums[i - 1] + perDay.applyAsDouble(origin.plusDays(i));
        }
        return new Hazard(origin, sums, sums[1], sums[days] - sums[days - 1]);
    }

    /** Summed over so many days after that one; nothing for 0 or less. */
    double over(LocalDate after, long days) {
        if (days <= 0) {
            return 0;
        }
        long from = ChronoUnit.DAYS.between(origin, after);
        return sum(from + days) - sum(from);
    }

    private double sum(long day) {
        int last = sums.length - 1;
        return day < 0 ? day * before : day > last ? sums[last] + (day - last) * beyond : sums[(int) day];
    }
}
