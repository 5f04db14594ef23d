package rustictangle.core.visit;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import rustictangle.core.Reason;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.RegionCoat;
import rustictangle.core.dog.Region;
import rustictangle.core.dog.Section;

/**
 * How often a groomer is seen, by the coat of the body; common practice, no published source.
 *
 * @param fromWeeks usual at least
 * @param toWeeks   usual at most
 * @param atMost    with a tight budget, if brushing is kept up; weeks
 */
public record Interval(int fromWeeks, int toWeeks, int atMost, Reason why) {

    private static final Interval FLEECE = new Interval(
            6,
            6,
            13,
            new Reason(
                    "visit.interval-fleece",
                    "A long fleece is clipped about every 6 weeks; 2 to 3 months if money is short and brushing is kept up."));

    private static final Interval CURLY = new Interval(
            6, 8, 13, new Reason("visit.interval-curly", "Curly and woolly coats are seen every 6 to 8 weeks."));
    /** For the other kinds the weeks are read from those of curly hair: own estimate. */
    private static final Interval CLIPPED = new Interval(
            6,
            8,
            13,
            new Reason(
                    "visit.interval-clipped",
                    "A coat that a groomer clips is seen about every 6 to 8 weeks; longer if it is kept long and brushed well."));

    /** @return empty: nobody clips it, so it sees a groomer when needed */
    public static Optional<Interval> of(Coat coat) {
        if (!coat.isClipped()) {
            return Optional.empty();
        }
        RegionCoat body = coat.at(Region.BODY);
        return Optional.of(body.isLongFleece() ? FLEECE : body.kind() == CoatKind.CURLY ? CURLY : CLIPPED);
    }

    /** Where something must not wait, so long after it was found the next visit is proposed. Own choice. */
    private static final int SOON_WEEKS = 1;

    private static final int DAYS_A_WEEK = 7;

    /**
     * The day to propose; it stays where it was proposed until it is there, and then moves on by whole weeks.
     *
     * @param last  visit; empty: none is known
     * @param known since when the coat is known
     */
    public LocalDate proposed(Optional<LocalDate> last, LocalDate known, LocalDate today) {
        return ahead(last.orElse(known).plusWeeks((fromWeeks + toWeeks) / 2), today);
    }

    /** The day to propose when a place that only a groomer may open was found on that day. */
    public static LocalDate soonAfter(LocalDate found, LocalDate today) {
        return ahead(found.plusWeeks(SOON_WEEKS), today);
    }

    public static Reason whySoon(Section section) {
        return new Reason(
                "visit.forward",
                "A mat waits for the groomer, " + section.label() + ": sooner than usual, before it grows.");
    }

    private static LocalDate ahead(LocalDate day, LocalDate today) {
        long late = ChronoUnit.DAYS.between(day, today);
        return late < 0 ? day : day.plusWeeks(late / DAYS_A_WEEK + 1);
    }
}
