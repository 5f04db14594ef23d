package rustictangle.server.plan;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.log.Entry;
import rustictangle.core.log.LookedAt;
import rustictangle.core.log.Measured;
import rustictangle.core.log.Portrayed;
import rustictangle.core.log.SessionBegun;
import rustictangle.core.log.SessionEvent.Stopped;
import rustictangle.core.log.Visited;
import rustictangle.core.log.Weighed;
import rustictangle.core.session.SessionLog;
import rustictangle.server.care.LookService;
import rustictangle.server.care.Weights;
import rustictangle.server.coat.DogLoader;
import rustictangle.server.coat.Readings;
import rustictangle.server.frame.ViewProbe;
import rustictangle.server.log.Logs;
import rustictangle.server.session.SessionService;
import rustictangle.server.visit.VisitService;

/** All that was said of a dog today, and back out of it: as long as it is of today, everything can be taken back. */
@RestController
@RequestMapping("/api/dogs/{dogId}/today")
record SaidTodayController(
        DogLoader dogs,
        Logs logs,
        SessionService sessions,
        Readings readings,
        Weights weights,
        LookService looks,
        Portraits portraits,
        VisitService visits,
        Clock clock)
        implements ViewProbe {

    /** @param said newest first */
    record SaidView(LocalDate today, List<SaidToday> said) {}

    /** @param session whether it is a brushing as a whole */
    record SaidToday(UUID id, Instant at, String words, boolean session) {}

    @GetMapping
    SaidView today(@PathVariable long dogId) {
        dogs.get(dogId);
        List<SaidToday> said = standing(dogId)
                .map(entry -> new SaidToday(
                        entry.id(),
                        entry.at(),
                        entry.said().inWords(),
                        entry.session().isPresent()))
                .collect(Collectors.toCollection(ArrayList::new));
        Collections.reverse(said);
        return new SaidView(LocalDate.now(clock), said);
    }

    /** It is as if it had not been said. A repeat changes nothing; what is not of today stays. */
    @DeleteMapping("/{entryId}")
    SaidView takeBack(@PathVariable long dogId, @PathVariable UUID entryId) {
        dogs.get(dogId);
        standing(dogId)
                .filter(entry -> entry.id().equals(entryId))
                .findFirst()
                .ifPresent(entry -> takeBack(dogId, entry));
        return today(dogId);
    }

    /** What else followed from it follows back. */
    private void takeBack(long dogId, Entry entry) {
        if (entry.session().isPresent()) {
            sessions.takeBack(dogId, entry.id());
        } else if (entry.said() instanceof Measured measured) {
            readings.remove(dogId, measured.region(), entry.day());
        } else if (entry.said() instanceof Weighed) {
            weights.takeBack(dogId, entry.day());
        } else if (entry.said() instanceof LookedAt) {
            looks.takeBack(dogId, entry.id());
        } else if (entry.said() instanceof Portrayed) {
            portraits.takeBack(dogId, entry.id());
        } else if (entry.said() instanceof Visited) {
            visits.remove(dogId, entry.day());
        } else {
            logs.takeBack(dogId, other -> other.id().equals(entry.id()));
        }
    }

    /** Of a session only that it was, and only while anything of it stands. */
    private Stream<Entry> standing(long dogId) {
        LocalDate today = LocalDate.now(clock);
        return logs.of(dogId)
                .standing()
                .filter(entry -> entry.day().equals(today))
                .filter(entry -> entry.session().isEmpty()
                        || entry.said() instanceof SessionBegun && anythingStands(dogId, entry.id()));
    }

    private boolean anythingStands(long dogId, UUID session) {
        return !SessionLog.of(logs.ofSession(dogId, session)).session().state().standing().stream()
                .allMatch(Stopped.class::isInstance);
    }

    @Override
    public void dog(long dogId) {
        today(dogId);
    }
}
