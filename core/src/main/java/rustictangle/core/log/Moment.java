package rustictangle.core.log;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.Comparator;

/**
 * When something was, so that of two things on one day it is known which came first: by the order in which they were
 * said.
 *
 * @param day where the dog lives
 * @param at  when it was said; what is said of a day later comes after what was said on it
 */
public record Moment(LocalDate day, Instant at) implements Comparable<Moment> {

    private static final Comparator<Moment> ORDER =
            Comparator.comparing(Moment::day).thenComparing(Moment::at);

    /** At noon of a day, where nothing else is known. */
    public static Moment on(LocalDate day) {
        return new Moment(day, day.atTime(LocalTime.NOON).toInstant(ZoneOffset.UTC));
    }

    public boolean isAfter(Moment other) {
        return compareTo(other) > 0;
    }

    @Override
    public int compareTo(Moment other) {
        return ORDER.compare(this, other);
    }
}
