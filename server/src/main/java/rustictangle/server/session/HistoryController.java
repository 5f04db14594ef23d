package rustictangle.server.session;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.dog.Section;
import rustictangle.core.rhythm.CombCheck;
import rustictangle.core.session.Mat;
import rustictangle.server.coat.KnownDogs;
import rustictangle.server.frame.Bounds;
import rustictangle.server.frame.PastLogStore;
import rustictangle.server.frame.Shows;
import rustictangle.server.rhythm.CombCheckStore;
import rustictangle.server.rhythm.CombCheckStore.Found;
import rustictangle.server.session.SessionStore.PastSession;

/** What was done: the sessions, and where it keeps tangling. */
@RestController
class HistoryController implements Shows {

    /** Where it tangles is told from the checks of so many days. */
    private static final int DAYS = 90;

    private static final int PAGE = 40;

    /**
     * @param sessions newest first
     * @param more     whether older ones follow
     * @param since    the first day that counts for the places
     */
    record HistoryView(List<PastSessionView> sessions, boolean more, LocalDate since, List<PlaceView> places) {}

    /** @param minutes from beginning to end; absent while it goes on */
    record PastSessionView(
            String id,
            Instant startedAt,
            LocalDate day,
            Optional<Integer> minutes,
            int done,
            int skipped,
            int tangles,
            int matsLeft,
            int relaxed,
            int uneasy,
            int optedOut) {}

    /** @param tangles found in so many comb checks */
    record PlaceView(Section section, int checks, int tangles, int mats) {}

    /** @param checks oldest first */
    record PlaceStory(Section section, LocalDate since, LocalDate until, List<CombCheck> checks) {}

    private final KnownDogs dogs;
    private final SessionStore sessions;
    private final EventStore events;
    private final Mats mats;
    private final CombCheckStore checks;
    private final PastLogStore log;
    private final Clock clock;

    HistoryController(
            KnownDogs dogs,
            SessionStore sessions,
            EventStore events,
            Mats mats,
            CombCheckStore checks,
            PastLogStore log,
            Clock clock) {
        this.dogs = dogs;
        this.sessions = sessions;
        this.events = events;
        this.mats = mats;
        this.checks = checks;
        this.log = log;
        this.clock = clock;
    }

    /** @param before only sessions begun earlier; absent: the newest */
    @GetMapping("/api/dogs/{dogId}/history")
    HistoryView history(@PathVariable long dogId, @RequestParam Optional<Instant> before) {
        dogs.get(dogId);
        List<PastSession> found = sessions.past(dogId, before.orElse(Bounds.LAST_MOMENT), PAGE + 1);
        LocalDate since = LocalDate.now(clock).minusDays(DAYS);
        return new HistoryView(
                found.stream().limit(PAGE).map(this::view).toList(),
                found.size() > PAGE,
                since,
                checks.foundSince(dogId, log.beginning(since)).stream()
                        .map(HistoryController::view)
                        .toList());
    }

    /** One place's comb checks over time. */
    @GetMapping("/api/dogs/{dogId}/history/{section}")
    PlaceStory place(@PathVariable long dogId, @PathVariable Section section) {
        dogs.get(dogId);
        LocalDate since = LocalDate.now(clock).minusDays(DAYS);
        return new PlaceStory(section, since, LocalDate.now(clock), checks.of(dogId, section, log.beginning(since)));
    }

    /** The mats left in and not cleared since. */
    @GetMapping("/api/dogs/{dogId}/mats")
    List<Mat> mats(@PathVariable long dogId) {
        dogs.get(dogId);
        return mats.stillIn(dogId);
    }

    private PastSessionView view(PastSession past) {
        return new PastSessionView(
                past.id().toString(),
                past.startedAt(),
                LocalDate.ofInstant(past.startedAt(), clock.getZone()),
                past.endedAt().map(end -> (int)
                        Math.round((end.getEpochSecond() - past.startedAt().getEpochSecond()) / 60.0)),
                past.done(),
                past.skipped(),
                past.tangles(),
                past.matsLeft(),
                past.relaxed(),
                past.uneasy(),
                past.optedOut());
    }

    private static PlaceView view(Found found) {
        return new PlaceView(found.section(), found.checks(), found.tangles(), found.mats());
    }

    @Override
    public void dog(long dogId) {
        history(dogId, Optional.empty());
        mats(dogId);
    }
}
