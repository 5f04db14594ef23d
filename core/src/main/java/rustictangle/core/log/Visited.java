package rustictangle.core.log;

import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import rustictangle.core.Refused;
import rustictangle.core.dog.Region;
import rustictangle.core.dog.Section;

/**
 * A groomer saw the dog on the entry's day; the newest of a day counts.
 *
 * @param left    hair that was left, mm in [1, 400]; empty: not said
 * @param price   in the household's currency, in [0, 1,000,000]; empty: not said
 * @param found   what the groomer found
 * @param tookOver whether what was left counts as a reading wherever hair grows on
 * @param before  where it does, with the length each region had until then, mm in [1, 400]
 * @param care    what of the jobs at the table the groomer did; empty: nothing is said of that
 * @param scope   what of the dog was gone through; empty: all of it
 * @param places  where, of single places
 */
@Lasts(Lasts.For.EVER)
public record Visited(
        Optional<Double> left,
        Optional<Double> price,
        String remarks,
        String found,
        boolean tookOver,
        Map<Region, Double> before,
        Optional<Set<CareJob>> care,
        Optional<VisitScope> scope,
        Optional<Set<Section>> places)
        implements Said {

    /** In any currency. */
    public static final double MOST_MONEY = 1_000_000;

    /** A full groom, of which nothing is said of the jobs at the table. */
    public Visited(
            Optional<Double> left,
            Optional<Double> price,
            String remarks,
            String found,
            boolean tookOver,
            Map<Region, Double> before) {
        this(left, price, remarks, found, tookOver, before, Optional.empty(), Optional.empty(), Optional.empty());
    }

    /** Of which nothing is said but what it was. */
    public static Visited only(VisitScope scope, Set<Section> places) {
        return new Visited(
                Optional.empty(),
                Optional.empty(),
                "",
                "",
                false,
                Map.of(),
                Optional.empty(),
                Optional.of(scope),
                Optional.of(places));
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
        VisitScope what = scope.orElse(VisitScope.FULL_GROOM);
        if (left.isPresent() && (what == VisitScope.NAILS || what == VisitScope.BATH_AND_DRY)) {
            throw new Refused("left", "Nothing is cut in a visit for “" + what.label() + "”: leave the length out.");
        }
        if (tookOver && what != VisitScope.FULL_GROOM) {
            throw new Refused(
                    "takeOver", "Only a full groom leaves one length everywhere; measure the places that were cut.");
        }
        places = places.filter(named -> !named.isEmpty())
                .map(named -> Collections.unmodifiableSet(EnumSet.copyOf(named)));
        if ((what == VisitScope.PLACES) != places.isPresent()) {
            throw new Refused(
                    "places",
                    what == VisitScope.PLACES
                            ? "Name at least one place that was gone through."
                            : "Places are named only of a visit for single places; leave them out.");
        }
        Map<Region, Double> ordered = new EnumMap<>(Region.class);
        ordered.putAll(before);
        before = Collections.unmodifiableMap(ordered);
        care = care.filter(jobs -> !jobs.isEmpty()).map(jobs -> Collections.unmodifiableSet(EnumSet.copyOf(jobs)));
    }

    /** The same with the lengths that there were before it. */
    public Visited after(Map<Region, Double> lengths) {
        return new Visited(left, price, remarks, found, tookOver, lengths, care, scope, places);
    }

    private VisitScope what() {
        return scope.orElse(VisitScope.FULL_GROOM);
    }

    /** Where the coat was gone through: as after a comb, without a mat. */
    public Set<Section> sections() {
        return places.orElse(what().sections());
    }

    /** Whether it was one of those between which a coat is kept: nails alone, or a bath, put off no groom. */
    public boolean clips() {
        return what() == VisitScope.FULL_GROOM;
    }

    /** What of the jobs at the table was done. */
    public Set<CareJob> jobs() {
        EnumSet<CareJob> jobs = EnumSet.noneOf(CareJob.class);
        care.ifPresent(jobs::addAll);
        what().job().ifPresent(jobs::add);
        return jobs;
    }

    /** How much of the dog was washed; empty: nothing of it. */
    public Optional<BathKind> washed() {
        return what().washes() || jobs().contains(CareJob.BATH) ? Optional.of(BathKind.WHOLE_DOG) : Optional.empty();
    }

    @Override
    public String inWords() {
        return "a visit: " + scope.orElse(VisitScope.FULL_GROOM).label();
    }
}
