package rustictangle.server.frame;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.UnaryOperator;

/**
 * Reads one kind of fact off a dog's log, as far back as it still says something. What sessions before today say is
 * kept in memory for as long as their log stays as it is; only today's is read each time.
 *
 * @param <T> the fact, immutable
 */
public final class LogReader<T> {

    private static final String EVER_AFTER = "9";

    /** Reads the facts of sessions begun from the one moment, as stored, up to before the other, oldest first. */
    @FunctionalInterface
    public interface Part<T> {
        List<T> read(long dogId, String from, String before);
    }

    private record Past<T>(String state, List<T> facts) {}

    private final PastLogStore log;
    private final int days;
    private final Part<T> part;
    private final UnaryOperator<List<T>> sift;
    private final Map<Long, Past<T>> past = new ConcurrentHashMap<>();

    /** @param days so far back facts still say something */
    public LogReader(PastLogStore log, int days, Part<T> part) {
        this(log, days, part, UnaryOperator.identity());
    }

    /** @param sift leaves out of the past what later facts have made meaningless */
    public LogReader(PastLogStore log, int days, Part<T> part, UnaryOperator<List<T>> sift) {
        this.log = log;
        this.days = days;
        this.part = part;
        this.sift = sift;
    }

    /** Reads the past anew next time: something of it was changed besides the sessions' log. */
    public void forget(long dogId) {
        past.remove(dogId);
    }

    /** Oldest first. */
    public List<T> of(long dogId, LocalDate today) {
        String began = log.beginning(today);
        String state = log.state(dogId, began);
        Past<T> known = past.get(dogId);
        if (known == null || !known.state.equals(state)) {
            known = new Past<>(state, sift.apply(part.read(dogId, log.beginning(today.minusDays(days)), began)));
            past.put(dogId, known);
        }
        List<T> all = new ArrayList<>(known.facts);
        all.addAll(part.read(dogId, began, EVER_AFTER));
        return all;
    }
}
