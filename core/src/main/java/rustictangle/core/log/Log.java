package rustictangle.core.log;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What stands of a dog's log, or of the household's, as far back as it still says something. Immutable.
 *
 * <p>What was begun before today is kept apart: what a room reads off it is read once, however often today's grows.
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

        @SuppressWarnings("unchecked")
        <T> List<T> read(Reading<T> reading) {
            return (List<T>) read.computeIfAbsent(reading, one -> List.copyOf(reading.apply(entries)));
        }

        @SuppressWarnings("unchecked")
        <T> List<T> sifted(Reading<T> reading, Object key, UnaryOperator<List<T>> sift) {
            List<T> all = read(reading);
            return (List<T>) read.computeIfAbsent(new Sifted(reading, key), one -> List.copyOf(sift.apply(all)));
        }
    }

    /** Nothing was said. */
    public static final Log EMPTY = of(List.of(), Instant.MIN);

    private final Instant midnight;
    private final Part past;
    private final Part today;
    /** What took something back in a session: it does not stand, but it was said. */
    private final List<Entry> undos;

    private final Map<Reading<?>, List<?>> read = new ConcurrentHashMap<>();
    private final Map<Object, Object> workedOut = new ConcurrentHashMap<>();

    private Log(Instant midnight, Part past, Part today, List<Entry> undos) {
        this.midnight = midnight;
        this.past = past;
        this.today = today;
        this.undos = List.copyOf(undos);
    }

    /**
     * @param entries  in the order in which they were said, those that were taken back among them or not
     * @param midnight when today began
     */
    public static Log of(List<Entry> entries, Instant midnight) {
        List<Entry> standing = new ArrayList<>(standing(entries));
        // What is taken over from elsewhere comes in later than it was said.
        standing.sort(Comparator.comparing(Entry::at));
        Map<UUID, Boolean> old = new HashMap<>();
        List<Entry> past = new ArrayList<>();
        List<Entry> today = new ArrayList<>();
        for (Entry entry : standing) {
            boolean before = entry.at().isBefore(midnight);
            boolean isPast = entry.session()
                    .map(id -> old.computeIfAbsent(id, first -> before))
                    .orElse(before);
            (isPast ? past : today).add(entry);
        }
        return new Log(midnight, new Part(past), new Part(today), undosIn(entries));
    }

    /** @param more said since, in order */
    public Log with(List<Entry> more) {
        if (more.isEmpty()) {
            return this;
        }
        if (more.stream().anyMatch(this::ofThePast)) {
            List<Entry> all = new ArrayList<>(past.entries);
            all.addAll(today.entries);
            all.addAll(undos);
            all.addAll(more);
            return of(all, midnight);
        }
        List<Entry> now = new ArrayList<>(today.entries);
        now.addAll(more);
        List<Entry> allUndos = new ArrayList<>(undos);
        allUndos.addAll(undosIn(more));
        return new Log(midnight, past, new Part(standing(now)), allUndos);
    }

    private boolean ofThePast(Entry entry) {
        return entry.at().isBefore(midnight)
                || entry.takesBack().filter(past.ids::contains).isPresent()
                || entry.session().filter(past.ids::contains).isPresent();
    }

    private static List<Entry> undosIn(List<Entry> entries) {
        return entries.stream()
                .filter(entry -> entry.said() instanceof SessionEvent.Undone)
                .toList();
    }

    /** The sessions in which anything was said from a moment on, be it that something before was not so. */
    public Set<UUID> sessionsTouchedSince(Instant moment) {
        return Stream.concat(standing(), undos.stream())
                .filter(entry -> !entry.at().isBefore(moment))
                .flatMap(entry -> entry.session().stream())
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    private static List<Entry> standing(List<Entry> entries) {
        Set<UUID> gone = new HashSet<>();
        entries.forEach(entry -> entry.takesBack().ifPresent(gone::add));
        return entries.stream()
                .filter(entry -> entry.takesBack().isEmpty() && !gone.contains(entry.id()))
                .toList();
    }

    /** Everything that stands, oldest first. */
    public Stream<Entry> standing() {
        return Stream.concat(past.entries.stream(), today.entries.stream());
    }

    /** Oldest first. */
    @SuppressWarnings("unchecked")
    public <T> List<T> read(Reading<T> reading) {
        return (List<T>) read.computeIfAbsent(reading, one -> both(past.read(one), today.read(one)));
    }

    /**
     * The same, of what was begun before today only what still says something.
     *
     * @param sift what it leaves of them is worked out once
     * @param key  of the sift, by {@code equals}: all that it depends on
     */
    public <T> List<T> read(Reading<T> reading, Object key, UnaryOperator<List<T>> sift) {
        List<T> sifted = past.sifted(reading, key, sift);
        return once(new Sifted(reading, key), all -> both(sifted, today.read(reading)));
    }

    private record Sifted(Reading<?> reading, Object key) {}

    /**
     * What follows from this log and nothing else, worked out once.
     *
     * @param what names it, with all else that it depends on, by {@code equals}
     */
    @SuppressWarnings("unchecked")
    public <T> T once(Object what, Function<Log, T> workOut) {
        Object known = workedOut.get(what);
        if (known == null) {
            known = workOut.apply(this);
            workedOut.put(what, known);
        }
        return (T) known;
    }

    /** Of what was begun today only, oldest first. */
    public <T> List<T> readToday(Reading<T> reading) {
        return today.read(reading);
    }

    private static <T> List<T> both(List<? extends T> past, List<? extends T> today) {
        if (today.isEmpty()) {
            return List.copyOf(past);
        }
        List<T> both = new ArrayList<>(past);
        both.addAll(today);
        return List.copyOf(both);
    }
}
