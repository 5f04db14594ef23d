package rustictangle.core.log;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import rustictangle.core.Sure;

/**
 * What stands of a dog's log, or of the household's, as far back as it still says something. Immutable.
 *
 * <p>What was begun before today is kept apart, and of today what was said before the session in hand: what a room reads
 * off them is read once, however often something is added.
 */
public final class Log {

    /**
     * What a room reads off the log: from entries that stand, oldest first, every session whole. Of two parts of a log
     * it must say, one after the other, the same as of both at once. One and the same object each time.
     *
     * @param <T> immutable
     */
    @FunctionalInterface
    public interface Reading<T> extends Function<List<Entry>, List<T>> {}

    /**
     * Entries, and what was read off them.
     *
     * @param ids of the entries and of their sessions
     */
    private record Part(List<Entry> entries, Set<UUID> ids, Map<Object, List<?>> read) {

        Part(List<Entry> entries) {
            this(List.copyOf(entries), new HashSet<>(), new ConcurrentHashMap<>());
            entries.forEach(entry -> {
                ids.add(entry.id());
                entry.session().ifPresent(ids::add);
            });
        }

        boolean concerns(Entry entry) {
            return entry.takesBack().filter(ids::contains).isPresent()
                    || entry.session().filter(ids::contains).isPresent();
        }

        @SuppressWarnings("unchecked")
        <T> List<T> read(Reading<T> reading) {
            return (List<T>) read.computeIfAbsent(reading, key -> List.copyOf(reading.apply(entries)));
        }

        @SuppressWarnings("unchecked")
        <T> List<T> sifted(Reading<T> reading, Object key, UnaryOperator<List<T>> sift) {
            List<T> all = read(reading);
            return (List<T>) read.computeIfAbsent(new Sifted(reading, key), sifted -> List.copyOf(sift.apply(all)));
        }
    }

    /** Nothing was said. */
    public static final Log EMPTY = of(List.of(), Instant.MIN);

    private final Instant midnight;
    private final Part past;
    private final Part earlierToday;
    /** Since the session that was written to last was begun. */
    private final Part now;
    /** What took something back in a session: it does not stand, but it was said. */
    private final List<Entry> undos;

    /** @param from what it follows from */
    private record WorkedOut(Object value, Set<Reading<?>> from) {}

    private final Map<Reading<?>, List<?>> read;
    private final Map<Object, WorkedOut> workedOut;
    /** Worked out once; the same for as long as nothing of it is said. */
    private volatile Optional<Morning> morning = Optional.empty();
    /** What whoever was given this log has read off it. */
    private final Set<Reading<?>> asked = ConcurrentHashMap.newKeySet();

    private Log(Instant midnight, Part past, Part earlierToday, Part now, List<Entry> undos) {
        this.midnight = midnight;
        this.past = past;
        this.earlierToday = earlierToday;
        this.now = now;
        this.undos = List.copyOf(undos);
        read = new ConcurrentHashMap<>();
        workedOut = new ConcurrentHashMap<>();
    }

    /** The same log, for somebody else to read off. */
    private Log(Log other) {
        midnight = other.midnight;
        past = other.past;
        earlierToday = other.earlierToday;
        now = other.now;
        undos = other.undos;
        read = other.read;
        workedOut = other.workedOut;
    }

    /**
     * @param entries  in the order in which they were said, those that were taken back among them or not
     * @param midnight when today began
     */
    public static Log of(List<Entry> entries, Instant midnight) {
        Map<Boolean, List<Entry>> days = splitAt(midnight, standing(entries));
        return of(midnight, new Part(Sure.at(days, false)), Sure.at(days, true), undosIn(entries));
    }

    private static Log of(Instant midnight, Part past, List<Entry> today, List<Entry> undos) {
        Instant begun = today.stream()
                .flatMap(entry -> entry.session().stream())
                .reduce((older, newer) -> newer)
                .flatMap(last ->
                        today.stream().filter(entry -> entry.id().equals(last)).findFirst())
                .map(Entry::at)
                .orElse(midnight);
        Map<Boolean, List<Entry>> parts = splitAt(begun, today);
        return new Log(midnight, past, new Part(Sure.at(parts, false)), new Part(Sure.at(parts, true)), undos);
    }

    /** True: from that moment on; a session is kept together where it began. */
    private static Map<Boolean, List<Entry>> splitAt(Instant moment, List<Entry> entries) {
        Map<UUID, Boolean> sessions = new HashMap<>();
        return entries.stream().collect(Collectors.partitioningBy(entry -> {
            boolean since = !entry.at().isBefore(moment);
            return entry.session()
                    .map(id -> sessions.computeIfAbsent(id, first -> since))
                    .orElse(since);
        }));
    }

    /** @param more said since, in order */
    public Log with(List<Entry> more) {
        if (more.isEmpty()) {
            return this;
        }
        Log grown = grown(more);
        if (more.stream().noneMatch(Log::isTold)) {
            grown.morning = morning;
        }
        return grown;
    }

    private Log grown(List<Entry> more) {
        if (more.stream().anyMatch(entry -> entry.at().isBefore(midnight) || past.concerns(entry))) {
            return of(all(past.entries, earlierToday.entries, now.entries, undos, more), midnight);
        }
        List<Entry> allUndos = all(undos, undosIn(more));
        if (more.stream().anyMatch(entry -> entry.said() instanceof SessionBegun || earlierToday.concerns(entry))) {
            return of(midnight, past, standing(all(earlierToday.entries, now.entries, more)), allUndos);
        }
        Log grown = new Log(midnight, past, earlierToday, new Part(standing(all(now.entries, more))), allUndos);
        grown.keepWhatIsTheSame(this);
        return grown;
    }

    /** What is told, not done: how the dog is, and what happened to it. */
    private static final Set<Class<?>> TOLD =
            Set.of(Happened.class, PastTold.class, Measured.class, Weighed.class, TakenBack.class);

    private static boolean isTold(Entry entry) {
        return TOLD.contains(entry.said().getClass());
    }

    /**
     * The log without anything that was done today.
     *
     * @param begun what was said before today, and what was told today of how the dog is
     * @param since the same with what happened to the dog today; the very same log where nothing did
     */
    public record Morning(Log begun, Log since) {}

    public Morning morning() {
        Morning known = morning.orElseGet(() -> {
            List<Entry> told = Stream.concat(earlierToday.entries.stream(), now.entries.stream())
                    .filter(Log::isTold)
                    .toList();
            List<Entry> calm = told.stream()
                    .filter(entry -> !(entry.said() instanceof Happened))
                    .toList();
            Log since = only(told);
            return new Morning(calm.size() == told.size() ? since : only(calm), since);
        });
        morning = Optional.of(known);
        return known;
    }

    private Log only(List<Entry> today) {
        return new Log(midnight, past, new Part(List.of()), new Part(today), List.of());
    }

    private static List<Entry> undosIn(List<Entry> entries) {
        return entries.stream()
                .filter(entry -> entry.said() instanceof SessionEvent.Undone)
                .toList();
    }

    /** What says the same as before stays the same object, so that nobody has to look at what follows from it. */
    private void keepWhatIsTheSame(Log before) {
        Set<Object> same = new HashSet<>();
        before.now.read.forEach((reading, said) -> {
            boolean undone = reading == OF_SESSIONS && undos.size() > before.undos.size();
            if (!undone && now.read((Reading<?>) reading).equals(said)) {
                same.add(reading);
            }
        });
        before.read.forEach((reading, all) -> {
            if (same.contains(reading)) {
                read.put(reading, all);
            }
        });
        before.workedOut.forEach((what, known) -> {
            if (same.containsAll(known.from)) {
                workedOut.put(what, known);
            }
        });
    }

    /** What stands of sessions. */
    public static final Reading<Entry> OF_SESSIONS = entries ->
            entries.stream().filter(entry -> entry.session().isPresent()).toList();

    /** The sessions in which anything was said from a moment on, be it that something before was not so. */
    public Set<UUID> sessionsTouchedSince(Instant moment) {
        return Stream.concat(read(OF_SESSIONS).stream(), undos.stream())
                .filter(entry -> !entry.at().isBefore(moment))
                .flatMap(entry -> entry.session().stream())
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /** In the order in which it happened: what is taken over from elsewhere comes in later than it was said. */
    private static List<Entry> standing(List<Entry> entries) {
        Set<UUID> gone = new HashSet<>();
        entries.forEach(entry -> entry.takesBack().ifPresent(gone::add));
        return entries.stream()
                .filter(entry -> entry.takesBack().isEmpty() && !gone.contains(entry.id()))
                .sorted(Comparator.comparing(Entry::at))
                .toList();
    }

    /** Everything that stands, oldest first. */
    public Stream<Entry> standing() {
        asked.add(EVERYTHING);
        return all(past.entries, earlierToday.entries, now.entries).stream();
    }

    /** Of which any entry changes something: it is never among what was read. */
    private static final Reading<Entry> EVERYTHING = entries -> entries;

    /** Oldest first. */
    @SuppressWarnings("unchecked")
    public <T> List<T> read(Reading<T> reading) {
        asked.add(reading);
        List<?> known = read.get(reading);
        if (known == null) {
            known = all(past.read(reading), earlierToday.read(reading), now.read(reading));
            read.put(reading, known);
        }
        return (List<T>) known;
    }

    /**
     * The same, of what was begun before today only what still says something.
     *
     * @param sift what it leaves of them is worked out once
     * @param key  of the sift, by {@code equals}: all that it depends on
     */
    public <T> List<T> read(Reading<T> reading, Object key, UnaryOperator<List<T>> sift) {
        return workedOut(
                new Sifted(reading, key), log -> all(log.readBefore(reading, key, sift), log.readToday(reading)));
    }

    /** Of what was begun before today only, see {@link #read(Reading, Object, UnaryOperator)}. */
    public <T> List<T> readBefore(Reading<T> reading, Object key, UnaryOperator<List<T>> sift) {
        return past.sifted(reading, key, sift);
    }

    private record Sifted(Reading<?> reading, Object key) {}

    /**
     * What follows from this log and nothing else, worked out once; and when more is said, anew only if something else
     * is read off it.
     *
     * @param what    names it, with all else that it depends on, by {@code equals}
     * @param workOut looks at the log it is given, and at no other
     */
    @SuppressWarnings("unchecked")
    public <T> T workedOut(Object what, Function<Log, T> workOut) {
        WorkedOut known = workedOut.get(what);
        if (known == null) {
            Log reader = new Log(this);
            known = new WorkedOut(workOut.apply(reader), reader.asked);
            workedOut.put(what, known);
        }
        asked.addAll(known.from);
        return (T) known.value;
    }

    /** Of what was begun today only, oldest first. */
    public <T> List<T> readToday(Reading<T> reading) {
        record Today(Reading<?> reading) {}
        return workedOut(new Today(reading), log -> {
            log.asked.add(reading);
            return all(log.earlierToday.read(reading), log.now.read(reading));
        });
    }

    @SafeVarargs
    private static <T> List<T> all(List<T>... parts) {
        List<T> all = new ArrayList<>();
        for (List<T> part : parts) {
            all.addAll(part);
        }
        return Collections.unmodifiableList(all);
    }
}
