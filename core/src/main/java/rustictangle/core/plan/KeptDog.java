package rustictangle.core.plan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import rustictangle.core.dog.Section;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.rhythm.Forecast;

/**
 * A dog to plan for.
 *
 * @param seconds what a brushing takes, of the sections that are brushed; those in training are left out
 * @param until   the groomer's day, or as far as one looks ahead; after today
 */
public record KeptDog(Forecast forecast, Comfort comfort, Map<Section, Integer> seconds, LocalDate until) {

    /** Without a groomer's date so many days are looked at; and never more than {@link #MOST_DAYS}. Own choices. */
    public static final int DAYS_WITHOUT_GROOMER = 28;

    public static final int MOST_DAYS = 70;

    public KeptDog {
        EnumMap<Section, Integer> sorted = new EnumMap<>(Section.class);
        sorted.putAll(seconds);
        seconds = Collections.unmodifiableMap(sorted);
    }

    /** Days to plan, today included, in [1, {@link #MOST_DAYS}]. */
    int days(LocalDate today) {
        return (int) Math.max(1, Math.min(MOST_DAYS, ChronoUnit.DAYS.between(today, until)));
    }
}
