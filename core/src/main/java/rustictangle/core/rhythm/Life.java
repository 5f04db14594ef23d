package rustictangle.core.rhythm;

import java.time.LocalDate;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Set;
import java.util.TreeMap;

/**
 * What happened to the dog, day by day.
 *
 * @param days only days on which something happened
 */
public record Life(NavigableMap<LocalDate, Set<LifeEvent>> days) {

    /** Ordinary days only. */
    public static final Life ORDINARY = new Life(new TreeMap<>());

    public Life {
        NavigableMap<LocalDate, Set<LifeEvent>> copy = new TreeMap<>();
        for (Map.Entry<LocalDate, Set<LifeEvent>> day : days.entrySet()) {
            if (!day.getValue().isEmpty()) {
                copy.put(day.getKey(), Collections.unmodifiableSet(EnumSet.copyOf(day.getValue())));
            }
        }
        days = Collections.unmodifiableNavigableMap(copy);
    }
}
