package rustictangle.core.plan;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import rustictangle.core.Choice;

/**
 * Days on which nobody can do anything with a dog. Nothing is asked for on them, and its coat goes on tangling; the days
 * before and after are planned for that.
 *
 * @param first and {@code last}, both belonging to them
 */
public record DaysOff(LocalDate first, LocalDate last, Why why) {

    /** Why there are none. */
    public enum Why implements Choice {
        AWAY("away"),
        ILL("ill"),
        BOARDING("boarding");

        private final Words words;

        Why(String label) {
            words = new Words(label);
        }

        @Override
        public Words words() {
            return words;
        }
    }

    private boolean on(LocalDate day) {
        return !day.isBefore(first) && !day.isAfter(last);
    }

    /** The first day on which there is time for it again, if a day is one of those; empty: it is none. */
    public static Optional<LocalDate> backOn(List<DaysOff> all, LocalDate day) {
        Optional<LocalDate> last =
                all.stream().filter(off -> off.on(day)).map(DaysOff::last).max(Comparator.naturalOrder());
        return last.map(end -> backOn(all, end.plusDays(1)).orElse(end.plusDays(1)));
    }

    /** Which of so many days they are, 0 being today. */
    public static List<Integer> among(List<DaysOff> all, LocalDate today, int days) {
        return IntStream.range(0, days)
                .filter(day -> all.stream().anyMatch(off -> off.on(today.plusDays(day))))
                .boxed()
                .toList();
    }
}
