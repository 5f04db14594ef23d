package rustictangle.core.session;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import rustictangle.core.dog.Section;
import rustictangle.core.log.CombResult;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Log;
import rustictangle.core.log.SessionBegun;
import rustictangle.core.log.SessionEvent;
import rustictangle.core.log.SessionEvent.KnotFelt;
import rustictangle.core.log.SessionEvent.Paused;
import rustictangle.core.log.SessionEvent.Resumed;
import rustictangle.core.log.SessionEvent.SectionDone;
import rustictangle.core.log.SessionEvent.SectionPostponed;
import rustictangle.core.log.SessionEvent.SectionSkipped;
import rustictangle.core.log.SessionEvent.Started;
import rustictangle.core.log.SessionEvent.Undone;
import rustictangle.core.log.SessionNoted;
import rustictangle.core.log.Signal;

/** A session with its moments, as its log tells it. Immutable. */
public final class SessionLog {

    private final List<Entry> entries;
    /** What happened and stands. */
    private final List<Entry> standing;

    private final Session session;

    private SessionLog(List<Entry> entries) {
        this.entries = List.copyOf(entries);
        this.standing = standing(this.entries);
        this.session = Session.replay(
                begun().sections(),
                this.entries.stream()
                        .flatMap(entry -> entry.as(SessionEvent.class).stream())
                        .toList());
    }

    /**
     * @param entries of one session, the first of them that it was begun; those that were taken back may be left out
     * @throws IllegalArgumentException when the log begins otherwise, or an undo takes back another than the last entry
     */
    public static SessionLog of(List<Entry> entries) {
        if (entries.isEmpty()
                || !(entries.get(0).said() instanceof SessionBegun)
                || !entries.get(0).session().equals(Optional.of(entries.get(0).id()))) {
            throw new IllegalArgumentException("a session's log that does not say how it was begun");
        }
        return new SessionLog(entries);
    }

    private static List<Entry> standing(List<Entry> entries) {
        List<Entry> standing = new ArrayList<>();
        for (Entry entry : entries) {
            if (entry.said() instanceof Undone) {
                Entry last = standing.isEmpty() ? null : standing.remove(standing.size() - 1);
                if (last == null || !entry.takesBack().get().equals(last.id())) {
                    throw new IllegalArgumentException(
                            "undo " + entry.id() + " takes back another than the last entry that stands");
                }
            } else if (entry.said() instanceof SessionEvent) {
                standing.add(entry);
            }
        }
        return List.copyOf(standing);
    }

    public SessionLog with(Collection<Entry> more) {
        if (more.isEmpty()) {
            return this;
        }
        List<Entry> all = new ArrayList<>(entries);
        all.addAll(more);
        return new SessionLog(all);
    }

    /** As they were said. */
    public List<Entry> entries() {
        return entries;
    }

    public UUID id() {
        return entries.get(0).id();
    }

    public Instant startedAt() {
        return entries.get(0).at();
    }

    public SessionBegun begun() {
        return (SessionBegun) entries.get(0).said();
    }

    public Session session() {
        return session;
    }

    /** What the owner wants to remember; may be empty. */
    public String note() {
        return entries.stream()
                .flatMap(entry -> entry.as(SessionNoted.class).stream())
                .reduce((older, newer) -> newer)
                .map(SessionNoted::text)
                .orElse("");
    }

    /** How often something was said of what happened, undos included: it only ever grows. */
    public int revision() {
        return (int) entries.stream()
                .filter(entry -> entry.said() instanceof SessionEvent)
                .count();
    }

    public boolean has(UUID entry) {
        return entries.stream().anyMatch(one -> one.id().equals(entry));
    }

    /** Of the last entry. */
    public Instant lastAt() {
        return entries.stream().map(Entry::at).max(Comparator.naturalOrder()).orElseThrow();
    }

    /** Empty while it goes on. */
    public Optional<Instant> endedAt() {
        return session.end().map(end -> standing.stream()
                .map(Entry::at)
                .max(Comparator.naturalOrder())
                .orElse(startedAt()));
    }

    /**
     * The entry that says this next.
     *
     * @param now by the clock; one that was set back does not turn the log round: until it has caught up, no time passes
     * @throws rustictangle.core.Refused when it does not fit what stands
     */
    public Entry next(UUID entry, Instant now, ZoneId zone, SessionEvent event) {
        session.apply(event);
        Instant at = now.isBefore(lastAt()) ? lastAt() : now;
        LocalDate day = LocalDate.ofInstant(at, zone);
        Optional<UUID> takesBack = event instanceof Undone
                ? Optional.of(standing.get(standing.size() - 1).id())
                : Optional.empty();
        Entry said = new Entry(entry, at, day, Optional.of(id()), takesBack, event);
        return event instanceof SectionDone done
                ? new Entry(
                        entry,
                        at,
                        day,
                        Optional.of(id()),
                        takesBack,
                        done.took(with(List.of(said)).seconds(done.section())))
                : said;
    }

    /**
     * The time at work from the first stroke to a moment, seconds; pauses count nothing.
     *
     * @param now counts while it goes on
     */
    public int worked(Instant now) {
        int seconds = 0;
        for (Stretch stretch : stretches()) {
            seconds = stretch.entry.said() instanceof Started ? 0 : seconds + stretch.seconds;
        }
        SessionState state = session.state();
        boolean running = state.end().isEmpty() && !state.paused() && !state.preparing();
        Instant last =
                standing.stream().map(Entry::at).max(Comparator.naturalOrder()).orElse(startedAt());
        return seconds + (running ? (int) Duration.between(last, now).toSeconds() : 0);
    }

    /** What this place took so far, its turns before it was put off included. */
    private int seconds(Section section) {
        Map<Integer, Optional<Section>> places = new LinkedHashMap<>();
        List<Stretch> stretches = stretches();
        for (Stretch one : stretches) {
            places.merge(one.turn, one.place(), (before, now) -> now.or(() -> before));
        }
        return stretches.stream()
                .filter(one -> places.get(one.turn).filter(section::equals).isPresent())
                .mapToInt(Stretch::seconds)
                .sum();
    }

    /**
     * The time up to an entry from the one before.
     *
     * @param turn the work between two answers
     */
    private record Stretch(Entry entry, int seconds, int turn) {

        Optional<Section> place() {
            return entry.said() instanceof KnotFelt ? Optional.empty() : ((SessionEvent) entry.said()).about();
        }
    }

    private List<Stretch> stretches() {
        List<Stretch> stretches = new ArrayList<>();
        Instant before = startedAt();
        boolean paused = false;
        int turn = 0;
        for (Entry entry : standing) {
            int seconds = paused ? 0 : (int) (entry.at().getEpochSecond() - before.getEpochSecond());
            stretches.add(new Stretch(entry, seconds, turn));
            before = entry.at();
            paused = entry.said() instanceof Paused || paused && !(entry.said() instanceof Resumed);
            turn += entry.said() instanceof Started
                            || entry.said() instanceof SectionPostponed
                            || ((SessionEvent) entry.said()).answers()
                    ? 1
                    : 0;
        }
        return stretches;
    }

    /**
     * The session in short; what was undone does not count.
     *
     * @param endedAt empty while it goes on
     */
    public record Summary(
            UUID id,
            Instant startedAt,
            Optional<Instant> endedAt,
            int done,
            int skipped,
            int tangles,
            int matsLeft,
            int relaxed,
            int uneasy,
            int optedOut) {}

    public Summary summary() {
        List<SectionDone> done = session.state().done();
        return new Summary(
                id(),
                startedAt(),
                endedAt(),
                done.size(),
                (int) standing.stream()
                        .filter(entry -> entry.said() instanceof SectionSkipped)
                        .count(),
                done.stream().mapToInt(SectionDone::tangles).sum(),
                (int) done.stream()
                        .filter(one -> one.comb() == CombResult.MAT_LEFT)
                        .count(),
                seen(Set.of(Signal.RELAXED)),
                seen(Set.of(Signal.UNEASY)),
                seen(Set.of(Signal.OPTED_OUT, Signal.AFRAID)));
    }

    private int seen(Set<Signal> signals) {
        return (int) standing.stream()
                .filter(entry -> ((SessionEvent) entry.said())
                        .seen()
                        .filter(signals::contains)
                        .isPresent())
                .count();
    }

    /** The session that goes on: the one begun last, or one that was written to since; at most one of them does. */
    public static Optional<SessionLog> open(Log log) {
        return log.once("the open session", SessionLog::findOpen);
    }

    private static Optional<SessionLog> findOpen(Log log) {
        return log.read(BEGUN).stream()
                .map(Entry::at)
                .max(Comparator.naturalOrder())
                .flatMap(last -> log.sessionsTouchedSince(last).stream()
                        .map(id -> of(log.read(Log.OF_SESSIONS).stream()
                                .filter(entry -> entry.session().get().equals(id))
                                .toList()))
                        .filter(one -> one.session.end().isEmpty())
                        .findFirst());
    }

    /** When the session that ended last was begun. */
    public static Optional<Instant> lastEnded(Log log) {
        return log.once("the last session that ended", SessionLog::findLastEnded);
    }

    private static Optional<Instant> findLastEnded(Log log) {
        Optional<UUID> open = open(log).map(SessionLog::id);
        return log.read(BEGUN).stream()
                .filter(entry -> !open.equals(Optional.of(entry.id())))
                .map(Entry::at)
                .max(Comparator.naturalOrder());
    }

    private static final Log.Reading<Integer> SPENT = log -> log.stream()
            .flatMap(entry -> entry.as(SectionDone.class).stream())
            .map(done -> done.spent().orElse(0))
            .toList();

    /** Seconds that places took in sessions begun today. */
    public static int spentToday(Log log) {
        return log.readToday(SPENT).stream().mapToInt(Integer::intValue).sum();
    }

    /** How many were begun today. */
    public static int begunToday(Log log) {
        return log.readToday(BEGUN).size();
    }

    private static final Log.Reading<Entry> BEGUN = log ->
            log.stream().filter(entry -> entry.said() instanceof SessionBegun).toList();
}
