package rustictangle.server.rhythm;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Refused;
import rustictangle.core.log.BathKind;
import rustictangle.core.log.Bathed;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Happened;
import rustictangle.core.log.LifeEvent;
import rustictangle.core.log.Said;
import rustictangle.core.rhythm.Life;
import rustictangle.server.coat.DogLoader;
import rustictangle.server.frame.ViewProbe;
import rustictangle.server.log.Logs;

/** What happened to a dog on a day, with one tap and back. */
@RestController
@RequestMapping("/api/dogs/{dogId}/life")
record LifeController(DogLoader dogs, Logs logs, Weather weather, Clock clock) implements ViewProbe {

    /** @param days the newest first, today included */
    record LifeView(List<DayView> days, boolean weatherSimulated) {}

    /** @param wet whether it rained: the dog may have got soaked */
    record DayView(LocalDate day, Set<LifeEvent> events, boolean wet) {}

    @GetMapping
    LifeView life(@PathVariable long dogId) {
        dogs.get(dogId);
        LocalDate today = LocalDate.now(clock);
        Life life = Life.of(logs.of(dogId), today.minusDays(LifeEvent.REMEMBERED_DAYS));
        return new LifeView(
                IntStream.range(0, LifeEvent.REMEMBERED_DAYS)
                        .mapToObj(today::minusDays)
                        .map(day -> new DayView(day, life.days().getOrDefault(day, Set.of()), weather.wet(day)))
                        .toList(),
                weather.simulated());
    }

    /** A repeat changes nothing. */
    @PutMapping("/{day}/{event}")
    LifeView add(@PathVariable long dogId, @PathVariable LocalDate day, @PathVariable LifeEvent event) {
        dogs.get(dogId);
        LocalDate today = LocalDate.now(clock);
        LocalDate first = today.minusDays(LifeEvent.REMEMBERED_DAYS - 1L);
        if (day.isAfter(today) || day.isBefore(first)) {
            throw new Refused("day", "From " + first + " to today; older days say little about what is due.");
        }
        if (logs.of(dogId).standing().noneMatch(is(day, event))) {
            logs.say(UUID.randomUUID(), dogId, day, said(event));
        }
        return life(dogId);
    }

    /** Undo. A repeat changes nothing. */
    @DeleteMapping("/{day}/{event}")
    LifeView remove(@PathVariable long dogId, @PathVariable LocalDate day, @PathVariable LifeEvent event) {
        dogs.get(dogId);
        logs.takeBack(dogId, is(day, event));
        return life(dogId);
    }

    /** A bath is one however it is said: it is dried afterwards. */
    private static Said said(LifeEvent event) {
        return event == LifeEvent.BATHED ? new Bathed(BathKind.WHOLE_DOG) : new Happened(event);
    }

    private static Predicate<Entry> is(LocalDate day, LifeEvent event) {
        return entry -> entry.day().equals(day)
                && (event == LifeEvent.BATHED
                        ? Bathed.of(entry).isPresent()
                        : entry.said().equals(new Happened(event)));
    }

    @Override
    public void dog(long dogId) {
        life(dogId);
    }
}
