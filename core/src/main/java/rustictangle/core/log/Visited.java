package rustictangle.core.log;

import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import rustictangle.core.Refused;
import rustictangle.core.dog.Region;

/**
 * A groomer saw the dog on the entry's day; the newest of a day counts.
 *
 * @param left    hair that was left, mm in (0, 400]; empty: not said
 * @param price   in the household's currency, 0 or more; empty: not said
 * @param found   what the groomer found
 * @param tookOver whether what was left counts as a reading wherever hair grows on
 * @param before  where it does, with the length each region had until then
 * @param care    what of the jobs at the table the groomer did; empty: nothing is said of that
 */
public record Visited(
        Optional<Double> left,
        Optional<Double> price,
        String remarks,
        String found,
        boolean tookOver,
        Map<Region, Double> before,
        Optional<Set<CareJob>> care)
        implements Said {

    /** Characters. */
    public static final int MOST = 1000;

    /** Of which nothing is said of the jobs at the table. */
    public Visited(
            Optional<Double> left,
            Optional<Double> price,
            String remarks,
            String found,
            boolean tookOver,
            Map<Region, Double> before) {
        this(left, price, remarks, found, tookOver, before, Optional.empty());
    }

    public Visited {
        Missing.refuse("remarks", remarks);
        Missing.refuse("found", found);
        Missing.refuseLonger("remarks", remarks, MOST);
        Missing.refuseLonger("found", found, MOST);
        if (left.filter(mm -> !(mm > 0 && mm <= Measured.MOST)).isPresent()) {
            throw new Refused(
                    "left", "Hair left is up to " + Math.round(Measured.MOST) + " mm; " + left.get() + " was given.");
        }
        if (price.filter(money -> !(money >= 0 && Double.isFinite(money))).isPresent()) {
            throw new Refused("price", "A price is 0 or more; " + price.get() + " was given.");
        }
        if (tookOver && left.isEmpty()) {
            throw new Refused("left", "Say how much was left, so that it can be taken over.");
        }
        Map<Region, Double> ordered = new EnumMap<>(Region.class);
        ordered.putAll(before);
        before = Collections.unmodifiableMap(ordered);
        care = care.filter(jobs -> !jobs.isEmpty()).map(jobs -> Collections.unmodifiableSet(EnumSet.copyOf(jobs)));
    }
}
