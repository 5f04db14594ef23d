package rustictangle.core.rhythm;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableSet;
import rustictangle.core.dog.Section;
import rustictangle.core.log.Moment;

/**
 * What the comb checks taught about each section, its neighbours' checks included.
 *
 * <p>A section borrows from its other side, and less from the other sections of its region. What is borrowed counts
 * at most as much as a few tangles of its own, so that a place that is different shows so after some checks. Own
 * estimates.
 */
final class Learning {

    private static final double SHARE_OF_OTHER_SIDE = 0.5;
    private static final double SHARE_OF_REGION = 0.15;
    /** Most that is borrowed, in tangles the table expects. */
    private static final double MOST_BORROWED = 2;

    /**
     * @param tangles  found
     * @param expected by the table
     */
    record Evidence(double tangles, double expected) {

        static final Evidence NONE = new Evidence(0, 0);

        /**
         * The first check only opens the count: nobody knows what was before it.
         *
         * @param unproved what arose before one of them, it took along as likely as not
         * @param grooms   what arose before one of them, the groomer took along
         */
        static Evidence of(
                List<CombCheck> checks,
                List<Unproved> unproved,
                NavigableSet<Moment> grooms,
                WearDays days,
                LocalDate today) {
            double tangles = 0;
            double expected = 0;
            for (int i = 1; i < checks.size(); i++) {
                CombCheck before = checks.get(i - 1);
                CombCheck check = checks.get(i);
                Moment groom = grooms.floor(check.when());
                boolean groomed = groom != null && groom.isAfter(before.when());
                // A mat that was left in is found again, not anew.
                tangles += Math.max(0, check.tangles() - (before.matLeft() && !groomed ? 1 : 0));
                Moment clear = groomed ? groom : before.when();
                int to = day(check.date(), today);
                Past since = Unproved.among(
                        unproved,
                        when -> when.isAfter(clear) && check.when().isAfter(when),
                        Past.known(day(clear.day(), check.date())),
                        check.date());
                expected += since.average(from -> days.tangles(to + from, to));
            }
            return new Evidence(tangles, expected);
        }

        private static int day(LocalDate day, LocalDate today) {
            return (int) ChronoUnit.DAYS.between(today, day);
        }

        private Evidence plus(Evidence other, double share) {
            return new Evidence(tangles + share * other.tangles, expected + share * other.expected);
        }

        private Evidence atMost(double most) {
            return expected <= most ? this : new Evidence(tangles * most / expected, most);
        }
    }

    private final Map<Section, Evidence> found = new EnumMap<>(Section.class);

    void add(Section section, Evidence evidence) {
        found.put(section, evidence);
    }

    TangleRate at(Section section) {
        Evidence borrowed = Evidence.NONE;
        for (Map.Entry<Section, Evidence> other : found.entrySet()) {
            if (other.getKey() != section && other.getKey().region() == section.region()) {
                borrowed = borrowed.plus(
                        other.getValue(),
                        other.getKey() == section.otherSide() ? SHARE_OF_OTHER_SIDE : SHARE_OF_REGION);
            }
        }
        borrowed = borrowed.atMost(MOST_BORROWED);
        Evidence own = found.getOrDefault(section, Evidence.NONE);
        return TangleRate.TABLE.after(borrowed.tangles(), borrowed.expected()).after(own.tangles(), own.expected());
    }
}
