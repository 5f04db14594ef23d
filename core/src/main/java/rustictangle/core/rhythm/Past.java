package rustictangle.core.rhythm;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.IntToDoubleFunction;
import java.util.stream.IntStream;

/**
 * Since when a place has been free of tangles: since a day that is known, or since one of several that are equally
 * likely.
 *
 * @param days      numbers of days, today being 0; none above it
 * @param source    who says so
 */
record Past(List<Integer> days, Source source) {

    enum Source {
        /** A comb or a groomer showed it. */
        COMBED,
        /** The owner remembers. */
        TOLD,
        /** Nobody knows: the days are reckoned with, and nothing is said of what may be in the coat. */
        NOBODY
    }

    Past {
        days = List.copyOf(days);
        if (days.isEmpty() || days.stream().anyMatch(day -> day > 0)) {
            throw new IllegalArgumentException("days " + days + ", need at least one, none after today (0)");
        }
    }

    static Past known(int day) {
        return new Past(List.of(day), Source.COMBED);
    }

    /** @param source of these days, each as likely as the others */
    static Past either(Source source, int... daysAgo) {
        return new Past(IntStream.of(daysAgo).mapToObj(ago -> -ago).toList(), source);
    }

    /** As likely as not it has been free since that day, else since when it was. */
    Past orSince(int day) {
        List<Integer> either = new ArrayList<>(days);
        either.addAll(Collections.nCopies(days.size(), day));
        return new Past(either, source);
    }

    /** The earliest of them, 0 or less. */
    int first() {
        return days.stream().mapToInt(day -> day).min().orElseThrow();
    }

    /** On average over the days it may be. */
    double average(IntToDoubleFunction since) {
        double sum = 0;
        for (int day : days) {
            sum += since.applyAsDouble(day);
        }
        return sum / days.size();
    }
}
