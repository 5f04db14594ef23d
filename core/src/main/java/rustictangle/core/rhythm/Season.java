package rustictangle.core.rhythm;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.NavigableSet;
import java.util.Optional;

/**
 * A time in which an undercoat lets go: about twice a year, in spring and in autumn; common practice, no published
 * source. When exactly follows the daylight, and the dog's own dates once they were recorded; own estimates.
 *
 * @param to        the last day, included
 * @param ownDates  how many recorded seasons its begin rests on; 0: on the daylight alone
 */
public record Season(Kind kind, LocalDate from, LocalDate to, int ownDates) {

    /** When the days grow longer, or shorter, past so many hours. */
    public enum Kind {
        SPRING("spring", 13, 56),
        AUTUMN("autumn", 12, 42);

        private final String label;
        private final double hours;
        private final int days;

        Kind(String label, double hours, int days) {
            this.label = label;
            this.hours = hours;
            this.days = days;
        }

        public String label() {
            return label;
        }
    }

    /** A season is over when sessions bring little for two weeks. Own estimate. */
    static final int QUIET_DAYS = 14;
    /** How far from the daylight's date a dog's own season is looked for, days. Own estimate. */
    static final int EARLY_DAYS = 45;

    private static final int LATE_DAYS = 45;

    /** By the daylight alone: where the days hardly change, there are none. */
    static List<Season> byDaylight(double latitude, int year) {
        double most = Math.max(
                Daylight.hours(latitude, LocalDate.of(year, 6, 21)),
                Daylight.hours(latitude, LocalDate.of(year, 12, 21)));
        List<Season> seasons = new ArrayList<>();
        if (most < Kind.SPRING.hours) {
            return seasons;
        }
        double before = Daylight.hours(latitude, LocalDate.of(year, 1, 1).minusDays(1));
        for (LocalDate day = LocalDate.of(year, 1, 1); day.getYear() == year; day = day.plusDays(1)) {
            double hours = Daylight.hours(latitude, day);
            if (before < Kind.SPRING.hours && hours >= Kind.SPRING.hours) {
                seasons.add(new Season(Kind.SPRING, day, day.plusDays(Kind.SPRING.days - 1L), 0));
            } else if (before >= Kind.AUTUMN.hours && hours < Kind.AUTUMN.hours) {
                seasons.add(new Season(Kind.AUTUMN, day, day.plusDays(Kind.AUTUMN.days - 1L), 0));
            }
            before = hours;
        }
        return seasons;
    }

    /**
     * The seasons of the years about a day, oldest first.
     *
     * @param heaps days on which a session brought out a heap of hair
     */
    public static List<Season> about(double latitude, NavigableSet<LocalDate> heaps, LocalDate today) {
        List<Season> seasons = new ArrayList<>();
        for (int year = today.getYear() - 1; year <= today.getYear() + 1; year++) {
            seasons.addAll(byDaylight(latitude, year));
        }
        List<Season> past = new ArrayList<>();
        for (int year = heaps.isEmpty() ? today.getYear() : heaps.first().getYear(); year <= today.getYear(); year++) {
            past.addAll(byDaylight(latitude, year));
        }
        return seasons.stream()
                .map(season -> season.asThisDogHasIt(past, heaps))
                .toList();
    }

    /** Moved by how much earlier or later, on average, this dog began in the seasons recorded. */
    private Season asThisDogHasIt(List<Season> past, NavigableSet<LocalDate> heaps) {
        List<Long> late = past.stream()
                .filter(season -> season.kind == kind)
                .flatMap(season -> season.begun(heaps).map(day -> ChronoUnit.DAYS.between(season.from, day)).stream())
                .toList();
        if (late.isEmpty()) {
            return this;
        }
        long shift =
                Math.round(late.stream().mapToLong(Long::longValue).average().orElseThrow());
        return new Season(kind, from.plusDays(shift), to.plusDays(shift), late.size());
    }

    /** The first day with a heap that another one followed within two weeks; a single heap may be a bath's. */
    private Optional<LocalDate> begun(NavigableSet<LocalDate> heaps) {
        return heaps.subSet(from.minusDays(EARLY_DAYS), true, from.plusDays(LATE_DAYS), true).stream()
                .filter(day -> !heaps.subSet(day, false, day.plusDays(QUIET_DAYS), true)
                        .isEmpty())
                .findFirst();
    }

    boolean holds(LocalDate day) {
        return !day.isBefore(from) && !day.isAfter(to);
    }
}
