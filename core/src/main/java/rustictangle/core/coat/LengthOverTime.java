package rustictangle.core.coat;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;
import rustictangle.core.dog.Region;

/**
 * How long the hair of a region was, and will be: straight lines between readings, and on from the last one as it
 * grows. Before the first reading it is taken as it was then.
 *
 * @param known             lengths in mm by day, at least one
 * @param millimetresPerDay growth after the last of them, 0 or more
 */
public record LengthOverTime(NavigableMap<LocalDate, Double> known, double millimetresPerDay) {

    public LengthOverTime {
        if (known.isEmpty() || !(millimetresPerDay >= 0)) {
            throw new IllegalArgumentException("lengths " + known + " and growth " + millimetresPerDay
                    + " mm a day, need at least one length and 0 or more");
        }
        known = Collections.unmodifiableNavigableMap(new TreeMap<>(known));
    }

    /**
     * @param hair     as it is believed to be today
     * @param readings of this region, oldest first, at most one a day
     */
    public static LengthOverTime of(RegionCoat hair, List<LengthReading> readings, LocalDate today) {
        NavigableMap<LocalDate, Double> known = new TreeMap<>();
        readings.forEach(reading -> known.put(reading.day(), reading.length().millimetres()));
        // A length typed in after the last reading counts from today: nobody said when it was measured.
        if (known.isEmpty() || known.lastEntry().getValue() != hair.length().millimetres()) {
            known.put(today, hair.length().millimetres());
        }
        return new LengthOverTime(known, Growth.of(hair, readings).millimetresPerDay());
    }

    /** A coat as it will be on a day, if nobody cuts it before. */
    public static Coat grown(Coat coat, Map<Region, List<LengthReading>> readings, LocalDate today, LocalDate day) {
        Map<Region, RegionCoat> regions = new EnumMap<>(Region.class);
        coat.regions()
                .forEach((region, hair) -> regions.put(
                        region,
                        hair.ofLength(of(hair, readings.getOrDefault(region, List.of()), today)
                                .on(day))));
        return new Coat(regions, coat.sheddingHeavily(), coat.neglected(), coat.opened());
    }

    /** Whether the hair was and stays as long as it is. */
    public boolean isSteady() {
        return known.size() == 1 && millimetresPerDay == 0;
    }

    public HairLength on(LocalDate day) {
        Map.Entry<LocalDate, Double> before = known.floorEntry(day);
        Map.Entry<LocalDate, Double> after = known.higherEntry(day);
        if (before == null) {
            return new HairLength(after.getValue());
        }
        double days = ChronoUnit.DAYS.between(before.getKey(), day);
        double perDay = after == null
                ? millimetresPerDay
                : (after.getValue() - before.getValue()) / ChronoUnit.DAYS.between(before.getKey(), after.getKey());
        return new HairLength(Math.min(HairLength.MAX_MILLIMETRES, before.getValue() + perDay * days));
    }
}
