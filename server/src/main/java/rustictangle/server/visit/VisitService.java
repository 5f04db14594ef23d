package rustictangle.server.visit;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rustictangle.core.dog.Region;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Visited;
import rustictangle.core.visit.GroomPrice;
import rustictangle.core.visit.Visit;
import rustictangle.server.coat.DogLoader;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.coat.Readings;
import rustictangle.server.dog.StoredDog;
import rustictangle.server.frame.ReadCache;
import rustictangle.server.log.Logs;

/** Visits that were, together with the lengths they left, and the appointments that they settle. */
@Service
public class VisitService {

    private final VisitStore appointments;
    private final Logs logs;
    private final Readings readings;
    private final DogLoader dogs;
    private final ReadCache reads;

    VisitService(VisitStore appointments, Logs logs, Readings readings, DogLoader dogs, ReadCache reads) {
        this.reads = reads;
        this.appointments = appointments;
        this.logs = logs;
        this.readings = readings;
        this.dogs = dogs;
    }

    /**
     * What was left is how long the hair was that day, wherever it grows on. A second visit on a day takes the place of
     * the first.
     */
    @Transactional
    public void put(KnownDog known, LocalDate day, Visited said) {
        remove(known.id(), day);
        Map<Region, Double> before = new EnumMap<>(Region.class);
        if (said.tookOver()) {
            Map<Region, Double> lengths = readings.lengths(known.id());
            known.coat().clippedRegions().forEach(region -> before.put(region, lengths.get(region)));
        }
        Visited visit = said.after(before);
        logs.say(UUID.randomUUID(), known.id(), day, visit);
        readings.follow(known.id(), visit);
    }

    /** It was none. A repeat changes nothing. */
    @Transactional
    public void remove(long dogId, LocalDate day) {
        Predicate<Entry> thatDay = entry -> entry.day().equals(day) && entry.said() instanceof Visited;
        logs.takeBack(dogId, thatDay).forEach(entry -> readings.follow(dogId, (Visited) entry.said()));
    }

    /** Up to a day, included, the newest first. */
    List<Visit> past(long dogId, LocalDate until) {
        return Visit.of(logs.of(dogId)).stream()
                .filter(visit -> !visit.day().isAfter(until))
                .toList();
    }

    /** Of one dog, those that were not missed, by day. */
    private Stream<VisitStore.Appointment> kept(long dogId) {
        return reads.of(VisitStore.class, appointments::appointments).stream()
                .filter(kept -> kept.dog() == dogId && !kept.missed());
    }

    /** Whether any visit up to a day, included, left a length: then a groomer clips this coat. */
    public boolean leftALength(long dogId, LocalDate until) {
        return past(dogId, until).stream().anyMatch(visit -> visit.said().left().isPresent());
    }

    /** What the owner has said that it costs. */
    public GroomPrice price(long dogId) {
        return appointments.price(dogId).orElse(GroomPrice.NOTHING_SAID);
    }

    /** The next appointment after a day. */
    public Optional<LocalDate> next(long dogId, LocalDate after) {
        return appointment(dogId, after).map(VisitStore.Appointment::day);
    }

    Optional<VisitStore.Appointment> appointment(long dogId, LocalDate after) {
        return kept(dogId).filter(kept -> kept.day().isAfter(after)).findFirst();
    }

    /**
     * Appointments up to a day, included, of which nobody has said whether they took place, the oldest first. A visit
     * after one of them settles it.
     */
    public List<LocalDate> unconfirmed(long dogId, LocalDate until) {
        Optional<LocalDate> last = Visit.of(logs.of(dogId)).stream().findFirst().map(Visit::day);
        return kept(dogId)
                .map(VisitStore.Appointment::day)
                .filter(day -> !day.isAfter(until))
                .filter(day -> last.filter(visit -> !day.isAfter(visit)).isEmpty())
                .toList();
    }

    /**
     * @param id   stays the same when the day is moved, and when it was confirmed
     * @param hour where the household lives; empty: only the day is known
     */
    public record Appointment(String id, String dog, LocalDate day, Optional<LocalTime> hour) {}

    /** Of all dogs, from a day on: what is to come, and what was and was not said to have been missed. */
    public List<Appointment> since(LocalDate since) {
        return dogs.all().stream()
                .flatMap(dog -> of(dog).stream())
                .filter(visit -> !visit.day().isBefore(since))
                .sorted(Comparator.comparing(Appointment::day).thenComparing(Appointment::id))
                .toList();
    }

    private List<Appointment> of(StoredDog dog) {
        List<VisitStore.Appointment> kept = kept(dog.id()).toList();
        List<Appointment> all = new ArrayList<>(kept.stream()
                .map(agreed ->
                        new Appointment(String.valueOf(agreed.id()), dog.form().name(), agreed.day(), agreed.hour()))
                .toList());
        Visit.of(logs.of(dog.id())).stream()
                .map(Visit::day)
                .filter(day -> kept.stream().noneMatch(visit -> visit.day().equals(day)))
                .forEach(day ->
                        all.add(new Appointment(dog.id() + "-" + day, dog.form().name(), day, Optional.empty())));
        return all;
    }
}
