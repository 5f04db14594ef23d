package rustictangle.core.visit;

import java.time.LocalDate;
import java.util.Optional;
import rustictangle.core.Reason;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.dog.Region;

/**
 * How often a groomer is seen, by the coat of the body; common practice, no published source.
 *
 * @param fromWeeks usual at least
 * @param toWeeks   usual at most
 * @param atMost    with a tight budget, if brushing is kept up; weeks
 */
public record Interval(int fromWeeks, int toWeeks, int atMost, Reason why) {

    /** @return empty: this coat sees a groomer when needed */
    public static Optional<Interval> of(Coat coat) {
        boolean curly = coat.regions().get(Region.BODY).kind() == CoatKind.CURLY;
        if (curly && coat.regions().get(Region.BODY).isFleece()) {
            return Optional.of(
                    new Interval(
                            6,
                            6,
                            13,
                            new Reason(
                                    "visit.interval-fleece",
                                    "A long fleece is clipped about every 6 weeks; 2 to 3 months if money is short and brushing is kept up.")));
        }
        if (curly) {
            return Optional.of(new Interval(
                    6,
                    8,
                    13,
                    new Reason("visit.interval-curly", "Curly and woolly coats are seen every 6 to 8 weeks.")));
        }
        return coat.growsOn()
                ? Optional.of(
                        new Interval(
                                6,
                                8,
                                13,
                                new Reason(
                                        "visit.interval-growing",
                                        "Hair that grows on is seen about every 6 to 8 weeks; longer if it is kept long and brushed daily.")))
                : Optional.empty();
    }

    /** Where the usual day is past already, so far from today the next is proposed. Own choice. */
    private static final int SOON_WEEKS = 1;

    /**
     * The day to propose.
     *
     * @param last visit; empty: none is known
     */
    public LocalDate proposed(Optional<LocalDate> last, LocalDate today) {
        LocalDate usual = last.orElse(today).plusWeeks((fromWeeks + toWeeks) / 2);
        return usual.isAfter(today) ? usual : today.plusWeeks(SOON_WEEKS);
    }
}
