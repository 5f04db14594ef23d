package rustictangle.server.log;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.Predicate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import rustictangle.core.Sure;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Limits;
import rustictangle.core.log.Log;
import rustictangle.core.log.Said;
import rustictangle.core.log.SessionEvent;
import rustictangle.core.log.TakenBack;
import rustictangle.server.frame.DataFile;
import rustictangle.server.frame.ReadCache;
import rustictangle.server.frame.ScreenFacts;
import rustictangle.server.frame.Sender;
import rustictangle.server.frame.ViewProbe;
import rustictangle.server.log.EntryStore.Kept;
import rustictangle.server.log.EntryStore.Last;

/**
 * Loads what was said, of a dog or of the household, and takes what is said.
 *
 * <p>What was read stays in memory; of what was said since, only that is read. The log is the same for everybody who
 * reads the same state of the data.
 */
@Component
public class Logs implements ViewProbe, ScreenFacts {

    /** Of one data file, on one day. */
    private record Key(long epoch, LocalDate today) {}

    /** Up to an entry; the logs by dog, the household's under none. */
    private record Loaded(Last last, Map<Optional<Long>, Log> logs) {}

    /** So far back a dog's own shedding seasons say something, years. */
    private static final int SEASONS_YEARS = 4;
    /** The same of its answers, where there are few. */
    private static final int ANSWERS_YEARS = 3;
    /** So many entries in a year, and older answers say nothing more: 120 at each of 29 places. Own estimate. */
    private static final int ENOUGH_IN_A_YEAR = 3500;

    private final EntryStore store;
    private final DataFile data;
    private final ReadCache reads;
    private final Clock clock;
    private final Cache<Key, Loaded> loaded =
            Caffeine.newBuilder().maximumSize(2).build();

    Logs(EntryStore store, DataFile data, ReadCache reads, Clock clock) {
        this.store = store;
        this.reads = reads;
        this.data = data;
        this.clock = clock;
    }

    public Log of(long dogId) {
        return now().logs.getOrDefault(Optional.of(dogId), Log.EMPTY);
    }

    /** What was said of no dog: the tools. */
    public Log ofHousehold() {
        return now().logs.getOrDefault(Optional.<Long>empty(), Log.EMPTY);
    }

    private Loaded now() {
        return reads.of(Logs.class, this::load);
    }

    private Loaded load() {
        if (data.writing()) {
            return upToDate();
        }
        // Whoever comes while it is being read waits for that, instead of reading it a second time.
        synchronized (loaded) {
            return upToDate();
        }
    }

    private Loaded upToDate() {
        Key key = new Key(data.version().epoch(), LocalDate.now(clock));
        Last last = store.last();
        Loaded known = loaded.getIfPresent(key);
        if (known != null && known.last.equals(last)) {
            return known;
        }
        // Where what was read last is not there, this is an older state, or the file was put back from outside.
        Loaded now = known != null && store.holds(known.last) ? grown(known, last, key.today) : whole(key.today, last);
        // What a transaction has written may still be taken back.
        if (!data.writing()) {
            loaded.put(key, now);
        }
        return now;
    }

    private Loaded whole(LocalDate today, Last last) {
        Map<Optional<Long>, List<Entry>> entries = new HashMap<>();
        // A session that went on past the edge of the year is found from both sides of it.
        Set<Long> found = new HashSet<>();
        Consumer<Kept> keep = kept -> {
            if (found.add(kept.seq())) {
                entries.computeIfAbsent(kept.dog(), dog -> new ArrayList<>()).add(kept.entry());
            }
        };
        Instant aYearAgo = midnight(today.minusYears(1));
        store.lasting(midnight(today), aYearAgo, midnight(today.minusYears(SEASONS_YEARS)))
                .forEach(keep);
        List<Long> sparse = entries.keySet().stream()
                .flatMap(Optional::stream)
                .filter(dog -> Sure.at(entries, Optional.of(dog)).size() < ENOUGH_IN_A_YEAR)
                .toList();
        if (!sparse.isEmpty()) {
            store.answers(sparse, midnight(today.minusYears(ANSWERS_YEARS)), aYearAgo)
                    .forEach(keep);
        }
        Map<Optional<Long>, Log> logs = new HashMap<>();
        entries.forEach((dog, said) -> logs.put(dog, Log.of(said, midnight(today))));
        return new Loaded(last, logs);
    }

    private Loaded grown(Loaded known, Last last, LocalDate today) {
        Map<Optional<Long>, List<Entry>> more = new HashMap<>();
        store.since(known.last.seq()).forEach(kept -> more.computeIfAbsent(kept.dog(), dog -> new ArrayList<>())
                .add(kept.entry()));
        Map<Optional<Long>, Log> logs = new HashMap<>(known.logs);
        more.forEach((dog, said) ->
                logs.put(dog, logs.containsKey(dog) ? logs.get(dog).with(said) : Log.of(said, midnight(today))));
        return new Loaded(last, logs);
    }

    private Instant midnight(LocalDate day) {
        return day.atStartOfDay(clock.getZone()).toInstant();
    }

    /** All that was said of a session, undone or not, in order; empty: there is none. */
    public List<Entry> ofSession(long dogId, UUID session) {
        return store.ofSession(session, 0).stream()
                .filter(kept -> kept.dog().equals(Optional.of(dogId)))
                .map(Kept::entry)
                .toList();
    }

    /** On which devices a session was said, in the order in which they began. */
    public List<String> devicesOf(UUID session) {
        return store.devicesOf(session);
    }

    /** The same of the dog's sessions begun before a moment, the newest sessions first. */
    public List<List<Entry>> ofSessions(long dogId, Instant before, int most) {
        List<List<Entry>> sessions = new ArrayList<>();
        for (Kept kept : store.ofSessions(dogId, before, most)) {
            if (kept.entry().session().equals(Optional.of(kept.entry().id()))) {
                sessions.add(new ArrayList<>());
            }
            sessions.get(sessions.size() - 1).add(kept.entry());
        }
        return sessions;
    }

    /** Every session of every dog whole, one after the other. */
    public void eachSession(Consumer<List<Entry>> look) {
        store.eachSession(look);
    }

    /** Of every dog what stands of some kinds, in the order in which it was said. */
    public void eachStanding(BiConsumer<Long, Entry> look, Class<?>... kinds) {
        store.eachStanding(kept -> kept.dog().ifPresent(dog -> look.accept(dog, kept.entry())), kinds);
    }

    /** What of the log does not fit together; empty: all does. */
    public Optional<String> problem() {
        return store.problem();
    }

    /**
     * What was said, in JSON, as it is kept.
     *
     * @throws rustictangle.core.Refused when it is nothing that can be said
     */
    public String kept(String said) {
        return store.kept(said);
    }

    /** Of another log, attached as {@code beside}, takes the sessions that are new here. @return places that were worked in them */
    @Transactional
    public int addSessionsFromBeside() {
        return store.addSessionsFromBeside();
    }

    @Override
    public void household() {
        store.eachOther(kept -> {});
    }

    public boolean has(UUID entry) {
        return store.find(entry).isPresent();
    }

    /** Everything that was said becomes so many days later: only of a household that is made up. */
    public void moveAll(long days, Duration besides) {
        store.moveAll(days, besides);
    }

    /** Adds an entry as it is; within the transaction that has judged it. */
    public void append(long dogId, Entry entry) {
        store.append(Optional.of(dogId), entry);
    }

    /** Says something of a dog, now, or when it was said where it waited. A repeat with the same id changes nothing. */
    @Transactional
    public void say(UUID id, long dogId, LocalDate day, Said said) {
        say(id, Optional.of(dogId), day, said);
    }

    /**
     * The same of what may be refused. It is asked once the turn to write has come, so that it is judged by what really
     * stands; a repeat is not asked again.
     *
     * @param allowed throws {@link rustictangle.core.Refused} where it may not be said
     */
    @Transactional
    public void say(UUID id, long dogId, LocalDate day, Said said, Runnable allowed) {
        if (store.find(id).isEmpty()) {
            allowed.run();
            say(id, Optional.of(dogId), day, said);
        }
    }

    /** Says something of no dog, now. */
    @Transactional
    public void sayOfHousehold(LocalDate day, Said said) {
        say(UUID.randomUUID(), Optional.empty(), day, said);
    }

    private void say(UUID id, Optional<Long> dog, LocalDate day, Said said) {
        if (store.find(id).isEmpty()) {
            Instant at = Sender.said(clock.instant());
            // What was said of today may have waited somewhere since yesterday.
            LocalDate its = day.equals(LocalDate.now(clock)) ? LocalDate.ofInstant(at, clock.getZone()) : day;
            store.append(dog, new Entry(id, at, its, Optional.empty(), Optional.empty(), said));
        }
    }

    /** What of this stands does not any more. A repeat changes nothing. @return what stood, the oldest first */
    @Transactional
    public List<Entry> takeBack(long dogId, Predicate<Entry> which) {
        return takeBack(Optional.of(dogId), of(dogId), which);
    }

    /** The same of what was said of no dog. */
    @Transactional
    public List<Entry> takeBackOfHousehold(Predicate<Entry> which) {
        return takeBack(Optional.empty(), ofHousehold(), which);
    }

    private List<Entry> takeBack(Optional<Long> dog, Log log, Predicate<Entry> which) {
        List<Entry> gone = log.standing().filter(which).toList();
        gone.forEach(entry -> store.append(
                dog,
                new Entry(
                        UUID.randomUUID(),
                        clock.instant(),
                        entry.day(),
                        Optional.empty(),
                        Optional.of(entry.id()),
                        new TakenBack())));
        return gone;
    }

    @Override
    public Map<String, Object> facts() {
        return Map.of(
                "longestText", Limits.LONGEST_TEXT,
                "mostTeasedSeconds", SessionEvent.Teased.MOST_SECONDS,
                "mostTangles", SessionEvent.SectionDone.MOST_TANGLES);
    }
}
