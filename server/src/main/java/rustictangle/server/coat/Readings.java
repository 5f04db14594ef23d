package rustictangle.server.coat;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rustictangle.core.coat.LengthReading;
import rustictangle.core.dog.Region;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Measured;
import rustictangle.core.log.Visited;
import rustictangle.server.log.Logs;

/** What ruler and groomer said of the hair's length, region by region. The newest is the region's length. */
@Service
public class Readings {

    private final Logs logs;
    private final CoatStore coats;

    Readings(Logs logs, CoatStore coats) {
        this.logs = logs;
        this.coats = coats;
    }

    /** Oldest first. */
    public Map<Region, List<LengthReading>> of(long dogId) {
        return LengthReading.of(logs.of(dogId));
    }

    /** Keeps what the ruler said; a second reading on the same day takes the place of the first. */
    @Transactional
    public void put(long dogId, Region region, LengthReading reading) {
        double before = lengths(dogId).getOrDefault(region, reading.length().millimetres());
        logs.say(
                UUID.randomUUID(),
                dogId,
                reading.day(),
                new Measured(region, reading.length().millimetres(), before));
        takeOver(dogId, Map.of(region, before));
    }

    /** @return whether there was one */
    @Transactional
    public boolean remove(long dogId, Region region, LocalDate day) {
        List<Entry> gone = logs.takeBack(
                dogId,
                entry -> entry.day().equals(day)
                        && entry.as(Measured.class)
                                .filter(said -> said.region() == region)
                                .isPresent());
        gone.stream()
                .findFirst()
                .flatMap(entry -> entry.as(Measured.class))
                .ifPresent(said -> takeOver(dogId, Map.of(region, said.before())));
        return !gone.isEmpty();
    }

    /** The length that each region has, in mm. */
    public Map<Region, Double> lengths(long dogId) {
        Map<Region, Double> lengths = new EnumMap<>(Region.class);
        coats.find(dogId).ifPresent(coat -> coat.regions()
                .forEach(region -> lengths.put(region.region(), region.millimetres())));
        return lengths;
    }

    /** A visit was kept, or a kept one taken back: the lengths follow. */
    @Transactional
    public void follow(long dogId, Visited visit) {
        takeOver(dogId, visit.before());
    }

    /** @param otherwise the length where nothing is known any more, mm */
    private void takeOver(long dogId, Map<Region, Double> otherwise) {
        Map<Region, List<LengthReading>> readings = of(dogId);
        otherwise.forEach((region, before) -> coats.setLength(
                dogId,
                region,
                Optional.ofNullable(readings.get(region))
                        .map(all -> all.get(all.size() - 1).length().millimetres())
                        .orElse(before)));
    }
}
