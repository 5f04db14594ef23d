package rustictangle.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import rustictangle.core.dog.Section;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.rhythm.Forecast;
import rustictangle.core.trust.Practice;

/**
 * On which days each dog practises what leads to brushing.
 *
 * <p>It is paid with the same minutes as the brushing and the small jobs. A day without it puts off by a day that its
 * places are brushed, and costs the mats of that day; besides, what is learned fades, as with a step of a care ladder:
 * {@code c·(E/J)²} after {@code E} days. At a price {@code π} of a day's minutes, besides themselves, a practice of {@code c}
 * minutes whose places mat {@code w} minutes' worth a day is therefore cheapest every {@code J·√(π − w/c)} days, at least
 * daily; never after more than twice {@code J}.
 *
 * @param days    of each dog, by position, 0 being today
 * @param minutes of each dog's practice
 */
public record PracticeDays(List<List<Integer>> days, List<Double> minutes) {

    /** It may wait so long when time is short, days. Handbook 10.5: steps of a ladder. Own estimate. */
    private static final int WAITS = 4;
    /** Nothing waits longer than so many times that. */
    private static final int MOST_WAITS = 2;
    /** Mats are counted so far ahead, days. Own choice. */
    private static final int AHEAD = 14;

    public PracticeDays {
        days = days.stream().map(List::copyOf).toList();
        minutes = List.copyOf(minutes);
    }

    /**
     * What one dog practises.
     *
     * @param minutes of a day's practice; 0: nothing leads to brushing
     * @param worth   what a day without it costs, minutes
     * @param waited  days since it was practised last; empty: never
     * @param off     days on which it cannot be
     */
    public record Asked(double minutes, double worth, OptionalInt waited, List<Integer> off) {

        public static Asked of(
                List<Practice> practices, Forecast forecast, Comfort comfort, OptionalInt waited, List<Integer> off) {
            List<Practice> leading =
                    practices.stream().filter(Practice::leadsToBrushing).toList();
            return new Asked(
                    leading.stream().mapToInt(Practice::secondsOfTheDay).sum() / 60.0,
                    comfort.minutesPerMat()
                            * leading.stream()
                                    .flatMap(practice -> practice.spot().section().stream())
                                    .mapToDouble(section -> matsADay(forecast, section))
                                    .sum(),
                    waited,
                    off);
        }

        private static double matsADay(Forecast forecast, Section section) {
            return forecast.at(section)
                    .map(outlook -> (outlook.mats(AHEAD) - outlook.mats(0)) / AHEAD)
                    .orElse(0.0);
        }

        private double turn(double price) {
            double priceAboveWorth = Math.max(0, price - worth / minutes);
            return Math.max(1, Math.min(MOST_WAITS * WAITS, WAITS * Math.sqrt(priceAboveWorth)));
        }

        private List<Integer> laid(List<Double> price) {
            List<Integer> on = new ArrayList<>();
            int last = waited.isPresent() ? -waited.getAsInt() : -MOST_WAITS * WAITS;
            for (int day = 0; minutes > 0 && day < Workload.MOST_DAYS; day++) {
                double now = day < price.size() ? price.get(day) : 0;
                if (!off.contains(day) && day - last >= Math.floor(turn(now))) {
                    on.add(day);
                    last = day;
                }
            }
            return on;
        }
    }

    /** @param price of a minute on each day, besides itself; days beyond its end: 0 */
    static PracticeDays laid(List<Asked> dogs, List<Double> price) {
        return new PracticeDays(
                dogs.stream().map(dog -> dog.laid(price)).toList(),
                dogs.stream().map(Asked::minutes).toList());
    }

    /** Whether a dog practises on a day. */
    public boolean on(int dog, int day) {
        return days.get(dog).contains(day);
    }

    /** What all of them take on a day. */
    double minutes(int day) {
        return IntStream.range(0, days.size())
                .filter(dog -> on(dog, day))
                .mapToDouble(minutes::get)
                .sum();
    }

    /** After how many days a dog's comes again, in the days to come; 1 or more. */
    public int every(int dog) {
        List<Integer> on = days.get(dog);
        return on.size() < 2
                ? 1
                : Math.max(1, (int) Math.round((on.get(on.size() - 1) - on.get(0)) / (on.size() - 1.0)));
    }
}
