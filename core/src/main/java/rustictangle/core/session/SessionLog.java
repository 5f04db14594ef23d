package rustictangle.core.session;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import rustictangle.core.dog.Section;
import rustictangle.core.log.CombResult;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Log;
import rustictangle.core.log.SessionBegun;
import rustictangle.core.log.SessionEvent;
import rustictangle.core.log.SessionEvent.KnotFelt;
import rustictangle.core.log.SessionEvent.PassDone;
import rustictangle.core.log.SessionEvent.Paused;
import rustictangle.core.log.SessionEvent.Resumed;
import rustictangle.core.log.SessionEvent.SectionDone;
import rustictangle.core.log.SessionEvent.Started;
import rustictangle.core.log.SessionEvent.StepDone;
import rustictangle.core.log.SessionEvent.Undone;
import rustictangle.core.log.SessionNoted;
import rustictangle.core.log.Signal;
import rustictangle.core.log.Visited;
import rustictangle.core.routine.Picture;
import rustictangle.core.routine.SetUp;

/** A session with its moments, as its log tells it. Immutable. */
public final class SessionLog {

    /** Of a place of which nobody knows how long it takes, against its neighbours. */
    private static final double USUAL_SECONDS = 60;

    /** Nobody is at one step so long without a word: hands were elsewhere, seconds. Own estimate. */
    private static final int GAP_SECONDS = 15 * 60;
    /** A tool that goes over the whole dog may take longer than that: so many times what was expected. Own estimate. */
    private static final int TIMES_EXPECTED = 2;

    private final List<Entry> entries;
    /** What happened and stands. */
    private final List<Entry> standing;

    private final Session session;

    private SessionLog(List<Entry> entries) {
        this.entries = List.copyOf(entries);
        this.standing = standing(this.entries);
        this.session = Session.of(begun())
                .replay(this.entries.stream()
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

    /** What to do about what has caught, earlier sessions remembered; see {@link Session#catchAdvice}. */
    public Optional<CatchAdvice> catchAdvice(Picture picture, Log log) {
        return session.catchAdvice(picture, Refusals.before(log, id()));
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
        return entries.stream().anyMatch(said -> said.id().equals(entry));
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
        return new Entry(entry, at, day, Optional.of(id()), takesBack, timed(event, at));
    }

    /**
     * With what each place took: its share of the time at its step so far, by what it was expected to take, and of each
     * pass over it.
     */
    private SessionEvent timed(SessionEvent event, Instant at) {
        if (event instanceof PassDone pass) {
            return new PassDone(
                    pass.pass(),
                    pass.hair(),
                    session.hand().stream()
                            .filter(section -> begun().brushing(section).equals(Optional.of(pass.pass())))
                            .toList());
        }
        if (event.done().isEmpty()) {
            return event;
        }
        Worked worked = whereItWent(session.pass().isPresent() ? List.of() : session.hand(), at);
        List<SectionDone> done = event.done().stream()
                .map(place -> place.took(worked.seconds(place.section())))
                .toList();
        return event instanceof StepDone ? new StepDone(done) : done.get(0);
    }

    private double expected(Section section) {
        return begun().expected(section)
                .filter(seconds -> seconds > 0)
                .map(Integer::doubleValue)
                .orElse(USUAL_SECONDS);
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
        long since = besidesSettingUp(Duration.between(last, now).toSeconds(), session);
        return seconds + (running ? counted(since, session) : 0);
    }

    /** What counts of a stretch of time at a step or with a tool: of one that was too long, what it was expected to take. */
    private int counted(long seconds, Session then) {
        if (seconds <= GAP_SECONDS) {
            return (int) seconds;
        }
        Optional<Integer> pass = then.pass();
        if (pass.isEmpty()) {
            return (int) then.hand().stream().mapToDouble(this::expected).sum();
        }
        int expected = begun().passes().get(pass.get() - 1).seconds();
        return seconds <= (long) TIMES_EXPECTED * expected ? (int) seconds : expected;
    }

    /** Where the time of a session went so far, seconds. */
    private final class Worked {

        /** They share the time of the step in hand. */
        private final List<Section> hand;
        /** At that step, its turns before it was put off included, less what its answered places took. */
        private double pool;
        /** With each tool that went over the whole dog. */
        private final double[] passes = new double[begun().passes().size()];

        private Worked(List<Section> hand) {
            this.hand = hand;
        }

        /** What a place took of it. */
        int seconds(Section section) {
            double own = hand.contains(section) ? pool * share(section, hand) : 0;
            return (int) Math.round(own + ofPasses(section));
        }

        private double ofPasses(Section section) {
            double seconds = 0;
            for (int i = 0; i < passes.length; i++) {
                List<Section> places = begun().passes().get(i).sections();
                seconds += places.contains(section) ? passes[i] * share(section, places) : 0;
            }
            return seconds;
        }

        private double share(Section section, List<Section> places) {
            return expected(section)
                    / places.stream().mapToDouble(SessionLog.this::expected).sum();
        }
    }

    private Worked whereItWent(List<Section> hand, Instant now) {
        List<Section> step = begun().steps().stream()
                .filter(places -> !hand.isEmpty() && places.contains(hand.get(0)))
                .findFirst()
                .orElse(hand);
        Worked worked = new Worked(hand);
        Session before = Session.of(begun());
        for (Stretch stretch : stretches()) {
            SessionEvent event = (SessionEvent) stretch.entry.said();
            if (!(event instanceof Started || event instanceof KnotFelt)) {
                spend(worked, before, step, stretch.seconds);
                if (before.pass().isEmpty() && step.contains(before.hand().get(0))) {
                    worked.pool -= event.done().stream()
                            .mapToDouble(done -> Math.max(0, done.spent().orElse(0) - worked.ofPasses(done.section())))
                            .sum();
                }
            }
            before = before.with(event);
        }
        Instant last = standing.isEmpty()
                ? startedAt()
                : standing.get(standing.size() - 1).at();
        spend(
                worked,
                before,
                step,
                counted(besidesSettingUp(Duration.between(last, now).toSeconds(), before), before));
        worked.pool = Math.max(0, worked.pool);
        return worked;
    }

    private static void spend(Worked worked, Session then, List<Section> step, int seconds) {
        Optional<Integer> pass = then.pass();
        if (pass.isPresent()) {
            worked.passes[pass.get() - 1] += seconds;
        } else if (step.contains(then.hand().get(0))) {
            worked.pool += seconds;
        }
    }

    /** The time up to an entry from the one before. */
    private record Stretch(Entry entry, int seconds) {}

    /**
     * Of the time to the first answer of a session that was begun with its first stroke what the work may have taken:
     * fetching the dog, treats and tools is in it.
     */
    private long besidesSettingUp(long seconds, Session then) {
        boolean atOnce = standing.stream()
                .anyMatch(entry -> entry.said() instanceof Started && entry.at().equals(startedAt()));
        if (!atOnce || !then.state().opening()) {
            return seconds;
        }
        long expected = (long) then.hand().stream().mapToDouble(this::expected).sum();
        return Math.max(Math.min(seconds, expected), seconds - (long) (60 * SetUp.MINUTES));
    }

    private List<Stretch> stretches() {
        List<Stretch> stretches = new ArrayList<>();
        Instant before = startedAt();
        boolean paused = false;
        Session then = Session.of(begun());
        for (Entry entry : standing) {
            long seconds = paused ? 0 : entry.at().getEpochSecond() - before.getEpochSecond();
            boolean first = ((SessionEvent) entry.said()).answers();
            stretches.add(new Stretch(entry, counted(first ? besidesSettingUp(seconds, then) : seconds, then)));
            then = then.with((SessionEvent) entry.said());
            before = entry.at();
            paused = entry.said() instanceof Paused || paused && !(entry.said() instanceof Resumed);
        }
        return stretches;
    }

    /**
     * The session in short; what was undone does not count.
     *
     * @param endedAt  empty while it goes on
     * @param tangles  that came out
     * @param unproved places that were brushed and not combed
     */
    public record Summary(
            UUID id,
            Instant startedAt,
            Optional<Instant> endedAt,
            int done,
            int skipped,
            int tangles,
            int matsLeft,
            int unproved,
            int relaxed,
            int uneasy,
            int optedOut) {}

    public Summary summary() {
        List<SectionDone> done = session.state().done();
        int mats = (int) done.stream().filter(place -> place.comb().leavesMat()).count();
        return new Summary(
                id(),
                startedAt(),
                endedAt(),
                done.size() + session.state().brushedOnly().size(),
                session.state().skipped().size(),
                done.stream().mapToInt(SectionDone::tangles).sum() - mats,
                mats,
                (int) done.stream()
                                .filter(place -> place.comb() == CombResult.BRUSHED)
                                .count()
                        + session.state().brushedOnly().size(),
                seen(Set.of(Signal.RELAXED)),
                seen(Set.of(Signal.UNEASY)),
                seen(Set.of(Signal.OPTED_OUT, Signal.AFRAID)));
    }

    private int seen(Set<Signal> signals) {
        return (int) standing.stream()
                .map(entry -> (SessionEvent) entry.said())
                .flatMap(event -> event instanceof StepDone step ? step.places().stream() : Stream.of(event))
                .flatMap(event -> event.seen().stream())
                .filter(signals::contains)
                .count();
    }

    /** The session that goes on: the one begun last, or one that was written to since; at most one of them does. */
    public static Optional<SessionLog> open(Log log) {
        return log.workedOut("the open session", SessionLog::findOpen);
    }

    private static Optional<SessionLog> findOpen(Log log) {
        return log.read(BEGUN).stream()
                .map(Entry::at)
                .max(Comparator.naturalOrder())
                .flatMap(last -> log.sessionsTouchedSince(last).stream()
                        .map(id -> of(log.read(Log.OF_SESSIONS).stream()
                                .filter(entry -> entry.session().get().equals(id))
                                .toList()))
                        .filter(session -> session.session.end().isEmpty())
                        .findFirst());
    }

    private static final Log.Reading<LocalDate> DONE = log -> log.stream()
            .filter(entry -> !entry.done().isEmpty() || !entry.brushed().isEmpty())
            .map(Entry::day)
            .distinct()
            .toList();

    /** The last day on which a place was worked. */
    public static Optional<LocalDate> lastDone(Log log) {
        return log.workedOut(
                "the last day brushed", all -> all.read(DONE).stream().max(Comparator.naturalOrder()));
    }

    private record Spent(LocalDate day, int seconds) {}

    private static final Log.Reading<Spent> SPENT = SessionLog::spent;

    /** Where nobody looked at the clock, it took what it was expected to. */
    private static List<Spent> spent(List<Entry> log) {
        Map<UUID, SessionBegun> begun = new HashMap<>();
        List<Spent> spent = new ArrayList<>();
        for (Entry entry : log) {
            entry.as(SessionBegun.class).ifPresent(plan -> begun.put(entry.id(), plan));
            entry.done()
                    .forEach(done -> spent.add(new Spent(
                            entry.day(),
                            done.spent()
                                    .or(() -> entry.session()
                                            .map(begun::get)
                                            .flatMap(plan -> plan.expected(done.section())))
                                    .orElse(0))));
        }
        return spent;
    }

    /** Seconds that places took in sessions begun today. */
    public static int spentToday(Log log) {
        return log.readToday(SPENT).stream().mapToInt(Spent::seconds).sum();
    }

    private record AtWork(LocalDate day, UUID session) {}

    private static final Log.Reading<AtWork> AT_WORK = log -> log.stream()
            .filter(entry -> entry.said() instanceof Started
                    || entry.done().stream().anyMatch(done -> !done.spent().equals(Optional.of(0))))
            .flatMap(entry -> entry.session().stream().map(session -> new AtWork(entry.day(), session)))
            .distinct()
            .toList();

    /** How many of today came to a stroke: one that was taken back, or ended before, takes no time from the day. */
    public static int workedToday(Log log) {
        return (int) log.readToday(AT_WORK).stream().distinct().count();
    }

    /**
     * Seconds of brushing on each day, setting up included.
     *
     * @param setUp seconds that it takes for each session
     */
    public static Map<LocalDate, Double> brushedByDay(Log log, double setUp) {
        Map<LocalDate, Double> days = new HashMap<>();
        log.read(SPENT).forEach(spent -> days.merge(spent.day, (double) spent.seconds, Double::sum));
        log.read(AT_WORK).stream().distinct().forEach(work -> days.merge(work.day, setUp, Double::sum));
        return days;
    }

    private static final Log.Reading<Section> BRUSHED = log -> log.stream()
            .flatMap(entry -> Stream.concat(
                    Stream.concat(entry.done().stream().map(SectionDone::section), entry.brushed().stream()),
                    entry.as(Visited.class).map(Visited::sections).stream().flatMap(Set::stream)))
            .distinct()
            .toList();

    /** Where it was brushed today, or a groomer went through. */
    public static Set<Section> doneToday(Log log) {
        return Set.copyOf(log.readToday(BRUSHED));
    }

    private static final Log.Reading<Entry> BEGUN = log ->
            log.stream().filter(entry -> entry.said() instanceof SessionBegun).toList();
}
