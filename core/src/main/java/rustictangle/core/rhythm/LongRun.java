package rustictangle.core.rhythm;

import java.util.List;
import java.util.function.DoubleUnaryOperator;

/**
 * What keeping a dog asks in the long run, if every day were an ordinary one: a session every so many days, each place at
 * every one of them, or every second, or every third, whichever costs least in minutes and mats together.
 *
 * @param everyDays     from one session to the next, 1 or more; as a rule no whole number
 * @param minutesAWeek  setting up included
 * @param matsAMonth    expected
 */
public record LongRun(double everyDays, double minutesAWeek, double matsAMonth) {

    /** One place: what a brushing takes in minutes, and how it fares. */
    public record BrushedPlace(double minutes, EveryDay days) {}

    private static final double DAYS_A_MONTH = 365.25 / 12;
    private static final int DAYS_A_WEEK = 7;
    /** Nobody leaves a coat for longer. Own estimate. */
    public static final int LONGEST_DAYS = 42;

    private static final double COARSE = 1.12;
    private static final int REFINED = 12;
    private static final double GOLDEN = (Math.sqrt(5) - 1) / 2;

    /** @param setUp minutes of each session besides the brushing */
    public static LongRun of(List<BrushedPlace> places, double setUp, Comfort comfort) {
        DoubleUnaryOperator aDay = every -> cost(places, setUp, comfort, every);
        double best = LONGEST_DAYS;
        for (double every = 1; every < LONGEST_DAYS; every *= COARSE) {
            best = aDay.applyAsDouble(every) < aDay.applyAsDouble(best) ? every : best;
        }
        return at(
                places,
                setUp,
                comfort,
                refined(aDay, Math.max(1, best / COARSE), Math.min(LONGEST_DAYS, best * COARSE)));
    }

    private static double refined(DoubleUnaryOperator cost, double from, double to) {
        double low = from;
        double high = to;
        for (int i = 0; i < REFINED; i++) {
            double a = high - GOLDEN * (high - low);
            double b = low + GOLDEN * (high - low);
            if (cost.applyAsDouble(a) <= cost.applyAsDouble(b)) {
                high = b;
            } else {
                low = a;
            }
        }
        return (low + high) / 2;
    }

    private static double cost(List<BrushedPlace> places, double setUp, Comfort comfort, double every) {
        double sum = setUp / every;
        double[] told = new double[2];
        for (BrushedPlace place : places) {
            sum += best(place, comfort, every, told);
        }
        return sum;
    }

    /** What a place costs a day, brushed at every k-th session; {@code told} takes its minutes and mats a day. */
    private static double best(BrushedPlace place, Comfort comfort, double every, double[] told) {
        double least = Double.POSITIVE_INFINITY;
        for (int k = 1; k == 1 || k * every <= LONGEST_DAYS; k++) {
            double days = k * every;
            double mats = place.days.mats(days) / days;
            double minutes = place.minutes / days;
            double cost = minutes
                    + comfort.minutesPerMat() * place.days.matsThatTighten(days) / days
                    + place.minutes * comfort.looseHair() * place.days.looseHair(days) / days;
            if (cost < least) {
                least = cost;
                told[0] = minutes;
                told[1] = mats;
            } else if (cost > 2 * least) {
                break;
            }
        }
        return least;
    }

    private static LongRun at(List<BrushedPlace> places, double setUp, Comfort comfort, double every) {
        double minutes = setUp / every;
        double mats = 0;
        double[] told = new double[2];
        for (BrushedPlace place : places) {
            best(place, comfort, every, told);
            minutes += told[0];
            mats += told[1];
        }
        return new LongRun(every, DAYS_A_WEEK * minutes, DAYS_A_MONTH * mats);
    }

    /**
     * One place alone: the number of days after which brushing again costs least in the long run, and a session's set-up
     * with it (age replacement; Barlow and Proschan, Mathematical Theory of Reliability, 1965, quoted from memory).
     *
     * @param minutes of a brushing, with its share of setting up
     * @return in [1, {@value #LONGEST_DAYS}]
     */
    public static double alone(double minutes, EveryDay days, Comfort comfort) {
        DoubleUnaryOperator aDay = every -> (minutes
                        + comfort.minutesPerMat() * days.matsThatTighten(every)
                        + minutes * comfort.looseHair() * days.looseHair(every))
                / every;
        double best = LONGEST_DAYS;
        for (double every = 1; every < LONGEST_DAYS; every *= COARSE) {
            best = aDay.applyAsDouble(every) < aDay.applyAsDouble(best) ? every : best;
        }
        return refined(aDay, Math.max(1, best / COARSE), Math.min(LONGEST_DAYS, best * COARSE));
    }
}
