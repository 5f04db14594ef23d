package rustictangle.core.plan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import rustictangle.core.dog.Section;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.rhythm.Forecast;

/** What one dog asks of the household in the days to come. Immutable. */
public final class Workload {

    /** Without a groomer's date so many days are looked at; and never more than {@link #MOST_DAYS}. Own choices. */
    public static final int DAYS_WITHOUT_GROOMER = 28;

    public static final int MOST_DAYS = 70;

    private final Forecast forecast;
    private final Comfort comfort;
    private final Map<Section, Integer> seconds;
    private final LocalDate until;
    /** Worked out once: other dogs' entries change nothing of it. */
    private final Map<JobsOf, Map<Section, Job>> jobs = new ConcurrentHashMap<>();

    private record JobsOf(boolean onlyDue, LocalDate today) {}

    /**
     * @param seconds what a brushing takes, of the sections that are brushed; those in training are left out
     * @param until   the groomer's day, or as far as one looks ahead; after today
     */
    public Workload(Forecast forecast, Comfort comfort, Map<Section, Integer> seconds, LocalDate until) {
        this.forecast = forecast;
        this.comfort = comfort;
        EnumMap<Section, Integer> sorted = new EnumMap<>(Section.class);
        sorted.putAll(seconds);
        this.seconds = Collections.unmodifiableMap(sorted);
        this.until = until;
    }

    Forecast forecast() {
        return forecast;
    }

    Comfort comfort() {
        return comfort;
    }

    Map<Section, Integer> seconds() {
        return seconds;
    }

    public LocalDate until() {
        return until;
    }

    /** Days to plan, today included, in [1, {@link #MOST_DAYS}]. */
    int days(LocalDate today) {
        return (int) Math.max(1, Math.min(MOST_DAYS, ChronoUnit.DAYS.between(today, until)));
    }

    /** By section. See {@link Job#of}. */
    Map<Section, Job> jobs(boolean onlyDue, LocalDate today) {
        return jobs.computeIfAbsent(new JobsOf(onlyDue, today), of -> {
            Map<Section, Job> all = new EnumMap<>(Section.class);
            seconds.forEach((section, one) -> all.put(section, Job.of(this, section, one, onlyDue, today)));
            return Collections.unmodifiableMap(all);
        });
    }
}
