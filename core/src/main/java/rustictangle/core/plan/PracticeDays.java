package rustictangle.core.plan;

import java.util.BitSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.TreeMap;
import rustictangle.core.dog.Section;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.rhythm.Forecast;
import rustictangle.core.trust.Practice;

/**
 * On which days each dog practises what leads to brushing.
 *
 * @param dogs by position, those that practise
 */
public record PracticeDays(Map<Integer, OfDog> dogs) {

    static final PracticeDays NONE = new PracticeDays(Map.of());

    /** Mats are counted so far ahead, days. Own choice. */
    private static final int AHEAD = 14;

    /**
     * @param minutes that a day's practice takes
     * @param days    0 being today
     */
    public record OfDog(double minutes, List<Integer> days) {

        public OfDog {
            days = List.copyOf(days);
        }
    }

    public PracticeDays {
        dogs = Map.copyOf(dogs);
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
    }

    /** @param days of each of them */
    static PracticeDays of(List<Chore> practices, List<BitSet> days) {
        Map<Integer, OfDog> dogs = new TreeMap<>();
        for (int i = 0; i < practices.size(); i++) {
            dogs.put(
                    practices.get(i).dog(),
                    new OfDog(
                            practices.get(i).minutes(),
                            days.get(i).stream().boxed().toList()));
        }
        return new PracticeDays(dogs);
    }

    PracticeDays afterToday() {
        Map<Integer, OfDog> later = new TreeMap<>();
        dogs.forEach((dog, its) -> later.put(
                dog,
                new OfDog(its.minutes, its.days.stream().filter(day -> day > 0).toList())));
        return new PracticeDays(later);
    }

    /** Of one dog; 0 being today. */
    public List<Integer> days(int dog) {
        return dogs.containsKey(dog) ? dogs.get(dog).days : List.of();
    }

    /** Whether a dog practises on a day. */
    public boolean on(int dog, int day) {
        return days(dog).contains(day);
    }

    /** What all of them take on a day. */
    double minutes(int day) {
        return dogs.values().stream()
                .filter(its -> its.days.contains(day))
                .mapToDouble(OfDog::minutes)
                .sum();
    }

    /** After how many days a dog's comes again, in the days to come; 1 or more. */
    public int every(int dog) {
        List<Integer> on = days(dog);
        return on.size() < 2
                ? 1
                : Math.max(1, (int) Math.round((on.get(on.size() - 1) - on.get(0)) / (on.size() - 1.0)));
    }
}
