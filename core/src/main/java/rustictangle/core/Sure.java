package rustictangle.core;

import java.util.Map;
import java.util.Objects;

/** What is there for certain: were it not, that would be a defect, and named. */
public final class Sure {

    private Sure() {}

    /** @throws NullPointerException naming the key, when nothing stands under it */
    public static <K, V> V at(Map<K, V> map, K key) {
        return Objects.requireNonNull(map.get(key), () -> "nothing stands under " + key);
    }
}
