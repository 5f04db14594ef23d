package rustictangle.server.session;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.dog.Section;
import rustictangle.core.rhythm.CombCheck;
import rustictangle.core.rhythm.HairTrail;
import rustictangle.core.rhythm.Mat;
import rustictangle.core.session.SessionLog;
import rustictangle.server.coat.DogLoader;
import rustictangle.server.frame.Bounds;
import rustictangle.server.frame.ViewProbe;
import rustictangle.server.log.Logs;

/** What was done: the sessions, and where it keeps tangling. */
@RestController
record HistoryController(DogLoader dogs, Logs logs, Clock clock) implements ViewProbe {

    /** Where it tangles is told from the checks of so many days. */
    private static final int DAYS = 90;

    private static final int PAGE = 15;

    /**
     * @param sessions newest first
     * @param more     whether older ones follow
     * @param since    the first day that counts for the places
     * @param hair     what brushing brought out over the last weeks
     */
    record HistoryView(
            List<PastSessionView> sessions,
            boolean more,
            LocalDate since,
            List<PlaceView> places,
            SessionView.HairView hair) {}

    /**
     * @param minutes  from beginning to end; absent while it goes on
     * @param tangles  that came out
     * @param unproved places that were brushed and not combed
     */
    record PastSessionView(
            String id,
            Instant startedAt,
            LocalDate day,
            Optional<Integer> minutes,
            int done,
            int skipped,
            int tangles,
            int matsLeft,
            int unproved,
            int relaxed,
            int uneasy,
            int optedOut) {}

    /** @param tangles found in so many comb checks */
    record PlaceView(Section section, int checks, int tangles, int mats) {}

    /** @param checks oldest first */
    record PlaceStory(Section section, LocalDate since, LocalDate until, List<PastCheck> checks) {}

    record PastCheck(LocalDate date, int tangles, boolean matLeft) {}

    /** @param before only sessions begun earlier; absent: the newest */
    @GetMapping("/api/dogs/{dogId}/history")
    HistoryView history(@PathVariable long dogId, @RequestParam Optional<Instant> before) {
        dogs.get(dogId);
        List<SessionLog> found = logs.ofSessions(dogId, before.orElse(Bounds.LAST_MOMENT), PAGE + 1).stream()
                .map(SessionLog::of)
                .toList();
        LocalDate since = since();
        return new HistoryView(
                found.stream()
                        .limit(PAGE)
                        .map(SessionLog::summary)
                        // Taken back as a whole, or left before anything was done.
                        .filter(past -> past.endedAt().isEmpty() || past.done() + past.skipped() > 0)
                        .map(this::view)
                        .toList(),
                found.size() > PAGE,
                since,
                checks(dogId)
                        .collect(Collectors.groupingBy(
                                CombCheck::section, () -> new EnumMap<>(Section.class), Collectors.toList()))
                        .entrySet()
                        .stream()
                        .map(place -> view(place.getKey(), place.getValue()))
                        .toList(),
                SessionView.HairView.of(HairTrail.of(logs.of(dogId), LocalDate.now(clock))));
    }

    /** One place's comb checks over time. */
    @GetMapping("/api/dogs/{dogId}/history/{section}")
    PlaceStory place(@PathVariable long dogId, @PathVariable Section section) {
        dogs.get(dogId);
        return new PlaceStory(
                section,
                since(),
                LocalDate.now(clock),
                checks(dogId)
                        .filter(check -> check.section() == section)
                        .map(check -> new PastCheck(check.date(), check.tangles(), check.matLeft()))
                        .toList());
    }

    /** The mats left in and not cleared since. */
    @GetMapping("/api/dogs/{dogId}/mats")
    List<Mat> mats(@PathVariable long dogId) {
        dogs.get(dogId);
        return Mat.stillIn(logs.of(dogId), LocalDate.now(clock));
    }

    private LocalDate since() {
        return LocalDate.now(clock).minusDays(DAYS);
    }

    private Stream<CombCheck> checks(long dogId) {
        LocalDate since = since();
        return logs.of(dogId).read(CombCheck.CHECKS).stream()
                .filter(check -> !check.date().isBefore(since));
    }

    private PastSessionView view(SessionLog.Summary past) {
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
                past.unproved(),
                past.relaxed(),
                past.uneasy(),
                past.optedOut());
    }

    private static PlaceView view(Section section, List<CombCheck> checks) {
        return new PlaceView(
                section,
                checks.size(),
                checks.stream().mapToInt(CombCheck::tangles).sum(),
                (int) checks.stream().filter(CombCheck::matLeft).count());
    }

    @Override
    public void dog(long dogId) {
        history(dogId, Optional.empty());
        mats(dogId);
    }
}
