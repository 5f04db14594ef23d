package rustictangle.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.IntStream;
import rustictangle.core.Dogs;
import rustictangle.core.dog.Section;
import rustictangle.core.rhythm.CombCheck;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.rhythm.Diary;
import rustictangle.core.rhythm.Forecast;
import rustictangle.core.routine.SetUp;

/**
 * A long fleece whose sections tangle up to three times more or less often than the table says, which nobody tells its
 * owner. Tangles come as random events day by day, and each hardens by itself.
 */
final class SimulatedDog {

    static final LocalDate START = LocalDate.of(2026, 1, 5);
    /** Common practice, no published source: a long fleece every 3rd day. */
    static final int ROTATION_DAYS = 3;
    /** Mean ordinary days from tangle to mat at friction 1. */
    private static final double HARDENS = 6;

    private final Kept kept;
    private final RandomGenerator random;
    private final Map<Section, Double> truth = new EnumMap<>(Section.class);
    /** When each tangle in the coat will be a mat, as days since the start. */
    private final Map<Section, List<Double>> tangles = new EnumMap<>(Section.class);

    private final List<CombCheck> checks = new ArrayList<>();
    private int day;
    private int mats;
    private double minutes;
    private double owed;

    SimulatedDog(int seed) {
        // Hair that does not grow, so that what is learned is the place's own.
        kept = Kept.dog(Dogs.adult(16), Dogs.allOver(Dogs.fleece(80)))
                .provedAgo(0)
                .comfort(Comfort.CAREFUL);
        random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
        Forecast table = Forecast.of(kept.dog(), kept.coat(), Diary.of(List.of()), START);
        for (Section section : Section.values()) {
            tangles.put(section, new ArrayList<>());
            double otherwise = Math.exp((2 * random.nextDouble() - 1) * Math.log(3));
            truth.put(section, otherwise * table.at(section).orElseThrow().tangles(0, 1));
            checks.add(new CombCheck(section, START, 0, false));
        }
    }

    /** Tangles a day that the dog really has there. */
    double truth(Section section) {
        return truth.get(section);
    }

    Forecast forecast() {
        return kept.checks(checks).forecast(today());
    }

    private LocalDate today() {
        return START.plusDays(day);
    }

    int mats() {
        return mats + tangles.keySet().stream().mapToInt(this::hardened).sum();
    }

    double minutesADay(int days) {
        return minutes / days;
    }

    void countFromHere() {
        mats = 0;
        minutes = 0;
    }

    /** What the rotation of the whole dog takes a day, setting up included. */
    double rotationNeeds() {
        return (kept.wholeMinutes() + SetUp.MINUTES) / ROTATION_DAYS;
    }

    /** The rule of thumb: the whole dog each time, as often as the minutes a day allow. */
    void rotate(int days, double aDay) {
        for (int n = 0; n < days; n++) {
            live();
            owed += aDay;
            if (owed >= kept.wholeMinutes() + SetUp.MINUTES) {
                owed -= kept.wholeMinutes() + SetUp.MINUTES;
                minutes += kept.wholeMinutes() + SetUp.MINUTES;
                List.of(Section.values()).forEach(this::comb);
            }
        }
    }

    /** With time every so many days, as many minutes as the rotation has in them. */
    void followThePlan(int days, double aDay, int every) {
        for (int n = 0; n < days; n++) {
            live();
            if (day % every != 0) {
                continue;
            }
            Workload work = kept.checks(checks).on(today());
            HouseholdPlan plan = HouseholdPlan.of(List.of(work), everySoManyDays(every, every * aDay));
            if (plan.minutes(0) > 0) {
                minutes += plan.minutes(0);
                plan.on(0).forEach(place -> comb(place.section()));
            }
        }
    }

    private static double[] everySoManyDays(int every, double minutes) {
        return IntStream.range(0, Workload.MOST_DAYS)
                .mapToDouble(day -> day % every == 0 ? minutes : 0)
                .toArray();
    }

    private void live() {
        day++;
        truth.forEach((section, perDay) -> {
            double mean = HARDENS / Math.sqrt(section.friction().factor());
            for (double at = after(perDay); at < 1; at += after(perDay)) {
                tangles.get(section).add(day - 1 + at + mean / 3 * (after(1) + after(1) + after(1)));
            }
        });
    }

    private double after(double perDay) {
        return -Math.log(1 - random.nextDouble()) / perDay;
    }

    private void comb(Section section) {
        mats += hardened(section);
        checks.add(new CombCheck(section, today(), tangles.get(section).size(), false));
        tangles.get(section).clear();
    }

    private int hardened(Section section) {
        return (int) tangles.get(section).stream().filter(mat -> mat <= day).count();
    }
}
