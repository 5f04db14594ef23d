package rustictangle.server.frame;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.LocalDate;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/** What was read from the data file, kept for as long as the file's version and the day stay the same. */
@Component
public final class ReadCache {

    /** Things times states that somebody still reads; those not asked for go first. */
    private static final int MOST = 200;

    private record Key(Class<?> what, DataFile.Version version, LocalDate today) {}

    private final DataFile data;
    private final Clock clock;
    private final Cache<Key, Object> read =
            Caffeine.newBuilder().maximumSize(MOST).build();

    ReadCache(DataFile data, Clock clock) {
        this.data = data;
        this.clock = clock;
    }

    /**
     * @param what the key
     * @param load reads an immutable value; called each time while a write transaction is open
     */
    public <T> T of(Class<?> what, Supplier<T> load) {
        if (data.writing()) {
            return load.get();
        }
        Key key = new Key(what, data.version(), LocalDate.now(clock));
        @SuppressWarnings("unchecked")
        T known = (T) read.getIfPresent(key);
        if (known == null) {
            known = load.get();
            read.put(key, known);
        }
        return known;
    }
}
