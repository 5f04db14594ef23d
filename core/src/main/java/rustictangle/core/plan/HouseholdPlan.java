package rustictangle.core.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import rustictangle.core.dog.Section;
import rustictangle.core.rhythm.Outlook;

/**
 * Who is brushed where on which day, over all dogs: the one plan that every view reads.
 *
 * <p>It asks for the fewest minutes and mats together, a mat being worth what the owner's {@link
 * rustictangle.core.rhythm.Comfort} says. As many minutes as it takes, or so many a day, differ only in what a day holds.
 * Nothing is kept from an earlier plan: a missed day only means that today's begins from there. The same facts give the
 * same plan.
 */
public final class HouseholdPlan {

    private static final int DAYS_A_WEEK = 7;
    private static final double DAYS_A_MONTH = 365.25 / 12;

    /** A place of one of the dogs, by the dog's position. */
    public record PlannedPlace(int dog, Section section, double minutes) {}

    private final List<Workload> dogs;
    private final List<Map<Section, BitSet>> days;
    private final List<Double> price;

    private HouseholdPlan(List<Workload> dogs, List<Map<Section, BitSet>> days, List<Double> price) {
        this.dogs = List.copyOf(dogs);
        this.days = days;
        this.price = price;
    }

    /** As many days as have to be planned for, today included. */
    public static int days(List<Workload> dogs) {
        return dogs.stream().mapToInt(Workload::days).max().orElse(1);
    }

    /** As many minutes as it takes. */
    public static HouseholdPlan asItTakes(List<Workload> dogs) {
        return of(dogs, dogs.stream().map(dog -> dog.alone().days().get(0)).toList(), List.of());
    }

    /** @param minutes there are, each day from today on, setting up included; at least as many as {@link #days} */
    public static HouseholdPlan of(List<Workload> dogs, double[] minutes) {
        double[] time = Arrays.copyOf(minutes, days(dogs));
        HouseholdPlan free = asItTakes(dogs);
        boolean enough = IntStream.range(0, time.length).allMatch(day -> free.minutes(day) <= time[day] + 1e-9);
        if (enough) {
            return free;
        }
        Planner.Schedule schedule =
                Planner.plan(dogs.stream().map(Workload::jobs).toList(), time);
        return of(dogs, schedule.days(), schedule.price());
    }

    private static HouseholdPlan of(List<Workload> dogs, List<List<BitSet>> days, List<Double> price) {
        List<Map<Section, BitSet>> all = new ArrayList<>();
        for (int g = 0; g < dogs.size(); g++) {
            Map<Section, BitSet> places = new EnumMap<>(Section.class);
            int i = 0;
            for (Section section : dogs.get(g).places().keySet()) {
                places.put(section, days.get(g).get(i++));
            }
            all.add(places);
        }
        return new HouseholdPlan(dogs, all, price);
    }

    /** On a day, 0 being today. */
    public List<PlannedPlace> on(int day) {
        List<PlannedPlace> places = new ArrayList<>();
        for (int g = 0; g < dogs.size(); g++) {
            int dog = g;
            days.get(g).forEach((section, on) -> {
                if (on.get(day)) {
                    places.add(new PlannedPlace(
                            dog, section, dogs.get(dog).place(section).minutes()));
                }
            });
        }
        return places;
    }

    /**
     * What one minute more would save on each day, besides itself, minutes; 0, and none: the day has minutes to spare.
     */
    List<Double> price() {
        return price;
    }

    /** What a day takes, setting up included. */
    public double minutes(int day) {
        return IntStream.range(0, dogs.size())
                .mapToDouble(dog -> minutes(dog, day))
                .sum();
    }

    /** The same of one dog; 0 when it has no session. */
    public double minutes(int dog, int day) {
        double brushing = brushing(dog, day);
        return brushing == 0 ? 0 : brushing + dogs.get(dog).jobs().setUp(day);
    }

    /** Without setting up. */
    public double brushing(int dog, int day) {
        Workload of = dogs.get(dog);
        return days.get(dog).entrySet().stream()
                .filter(place -> place.getValue().get(day))
                .mapToDouble(place -> of.place(place.getKey()).minutes())
                .sum();
    }

    /** What one dog takes on average in the days that are planned, setting up included. */
    public double minutesAWeek(int dog) {
        int days = dogs.get(dog).days();
        return IntStream.range(0, days).mapToDouble(day -> minutes(dog, day)).sum() * DAYS_A_WEEK / days;
    }

    /** Small mats to expect of one dog on average in the days that are planned, besides those of today. */
    public double matsAMonth(int dog) {
        double sum = 0;
        for (Map.Entry<Section, BitSet> place : days.get(dog).entrySet()) {
            sum += mats(
                    dogs.get(dog).forecast().at(place.getKey()).orElseThrow(),
                    place.getValue(),
                    dogs.get(dog).days());
        }
        return sum * DAYS_A_MONTH / dogs.get(dog).days();
    }

    private static double mats(Outlook outlook, BitSet days, int end) {
        int first = days.nextSetBit(0);
        double sum = outlook.mats(first < 0 ? end : first) - outlook.mats(0);
        for (int day = first; day >= 0; ) {
            int next = days.nextSetBit(day + 1);
            sum += outlook.mats(day, next < 0 ? end : next);
            day = next;
        }
        return sum;
    }

    /** One dog of it, section by section. */
    public DogPlan dog(int dog) {
        return DogPlan.of(dogs.get(dog), days.get(dog));
    }

    /** Day by day what is to be expected of one dog's places whose hair mats, in training or not. */
    public List<SectionThread> threads(int dog) {
        return days.get(dog).entrySet().stream()
                .flatMap(place -> SectionThread.of(dogs.get(dog), place.getKey(), place.getValue()).stream())
                .toList();
    }

    /** The days of each place of one dog, 0 being today. */
    public Map<Section, BitSet> of(int dog) {
        Map<Section, BitSet> of = new EnumMap<>(Section.class);
        days.get(dog).forEach((section, on) -> of.put(section, (BitSet) on.clone()));
        return of;
    }
}
