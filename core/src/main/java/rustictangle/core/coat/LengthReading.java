package rustictangle.core.coat;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Objects;
import java.util.TreeMap;
import java.util.stream.Stream;
import rustictangle.core.dog.Region;
import rustictangle.core.log.Log;
import rustictangle.core.log.Measured;
import rustictangle.core.log.Visited;

/** What the ruler said on one day: one hair stretched from the skin. */
public record LengthReading(LocalDate day, HairLength length) {

    private static final Log.Reading<Of> READINGS = log -> log.stream()
            .flatMap(entry -> Stream.concat(
                    entry
                            .as(Measured.class)
                            .map(said -> Of.of(said.region(), entry.day(), said.millimetres()))
                            .stream(),
                    entry.as(Visited.class).stream().flatMap(said -> said.before().keySet().stream()
                            .map(region ->
                                    Of.of(region, entry.day(), said.left().orElseThrow())))))
            .toList();

    private record Of(Region region, LengthReading reading) {
        static Of of(Region region, LocalDate day, double millimetres) {
            return new Of(region, new LengthReading(day, new HairLength(millimetres)));
        }
    }

    /**
     * What ruler and groomer said, region by region, oldest first and at most one a day: the last that was said.
     */
    public static Map<Region, List<LengthReading>> of(Log log) {
        return log.workedOut("readings of the hair", LengthReading::readOff);
    }

    private static Map<Region, List<LengthReading>> readOff(Log log) {
        Map<Region, NavigableMap<LocalDate, LengthReading>> days = new EnumMap<>(Region.class);
        log.read(READINGS).forEach(reading -> days.computeIfAbsent(reading.region, region -> new TreeMap<>())
                .put(reading.reading.day, reading.reading));
        Map<Region, List<LengthReading>> readings = new EnumMap<>(Region.class);
        days.forEach((region, byDay) -> readings.put(region, List.copyOf(byDay.values())));
        return readings;
    }

    public LengthReading {
        Objects.requireNonNull(day, "day");
        Objects.requireNonNull(length, "length");
    }
}
