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
 * @param left    hair that was left, mm in [1, 400]; empty: not said
 * @param price   in the household's currency, in [0, 1,000,000]; empty: not said
 * @param found   what the groomer found
 * @param tookOver whether what was left counts as a reading wherever hair grows on
 * @param before  where it does, with the length each region had until then, mm in [1, 400]
 * @param care    what of the jobs at the table the groomer did; empty: nothing is said of that
 */
@Lasts(Lasts.For.EVER)
public record Visited(
        Optional<Double> left,
        Optional<Double> price,
        String remarks,
        String found,
        boolean tookOver,
        Map<Region, Double> before,
        Optional<Set<CareJob>> care)
        implements Said {

    /** In any currency. */
    public static final double MOST_MONEY = 1_000_000;

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
        Limits.refuseMissing("remarks", remarks);
        Limits.refuseMissing("found", found);
        Limits.refuseLonger("remarks", remarks, Limits.LONGEST_TEXT);
        Limits.refuseLonger("found", found, Limits.LONGEST_TEXT);
        left.ifPresent(mm -> Measured.refuseImpossible("left", mm));
        price.ifPresent(money -> Limits.refuseOutside("price", money, 0, MOST_MONEY));
        before.values().forEach(mm -> Measured.refuseImpossible("before", mm));
        if (tookOver && left.isEmpty()) {
            throw new Refused("left", "Say how much was left, so that it can be taken over.");
        }
        Map<Region, Double> ordered = new EnumMap<>(Region.class);
        ordered.putAll(before);
        before = Collections.unmodifiableMap(ordered);
        care = care.filter(jobs -> !jobs.isEmpty()).map(jobs -> Collections.unmodifiableSet(EnumSet.copyOf(jobs)));
    }
}
