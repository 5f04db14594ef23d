package rustictangle.server.frame;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.LocalDate;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/** What was read of one state of the data on one day: nobody reads it of that state again. */
@Component
public final class LastRead {

    /** Things times states that somebody still reads; those not asked for go first. */
    private static final int MOST = 200;

    private record Key(Class<?> what, DataFile.Version version, LocalDate today) {}

    private final DataFile data;
    private final Clock clock;
    private final Cache<Key, Object> read =
            Caffeine.newBuilder().maximumSize(MOST).build();

    LastRead(DataFile data, Clock clock) {
        this.data = data;
        this.clock = clock;
    }

    /**
     * @param what names it
     * @param load reads it, immutable; while something is being written it is read each time
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
