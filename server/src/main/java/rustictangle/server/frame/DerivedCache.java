package rustictangle.server.frame;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/**
 * What was computed from facts, kept for as long as equal facts are handed in. The facts are read each time, so nobody
 * has to say that they changed. Of each the last few are kept: as it is now, as it was this morning, and while a file is
 * looked over the same of that.
 */
@Component
public final class DerivedCache {

    /** Kinds of things times dogs; those not asked for go first. */
    private static final int MOST = 1000;

    private static final int KEPT = 4;

    private record Key(Class<?> what, long dog) {}

    private record Made(Object facts, Object thing) {}

    /** Of each the newest first. */
    private final Cache<Key, List<Made>> made = Caffeine.newBuilder()
            .maximumSize(MOST)
            // Not in the pool that streams share: its one thread would wait for what waits for that thread.
            .executor(Runnable::run)
            .build();

    /**
     * @param dog   that the facts are about; 0: the household
     * @param facts compared by {@code equals}; everything that {@code make} looks at
     * @param make  a pure function of the facts; it must not use this cache itself
     */
    public <F, T> T of(Class<T> what, long dog, F facts, Function<F, T> make) {
        return what.cast(made.asMap()
                .compute(new Key(what, dog), (key, known) -> {
                    List<Made> before = known == null ? List.of() : known;
                    Object thing = before.stream()
                            .filter(kept -> kept.facts.equals(facts))
                            .findFirst()
                            .map(Made::thing)
                            .orElseGet(() -> make.apply(facts));
                    // The facts of now in either case: they share most with those of the next time, and compare
                    // quickly.
                    return Stream.concat(
                                    Stream.of(new Made(facts, thing)),
                                    before.stream().filter(kept -> kept.thing != thing))
                            .limit(KEPT)
                            .toList();
                })
                .get(0)
                .thing);
    }
}
