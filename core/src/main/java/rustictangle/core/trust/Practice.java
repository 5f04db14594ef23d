package rustictangle.core.trust;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import rustictangle.core.Reason;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Section;
import rustictangle.core.log.Subject;

/**
 * One short practice.
 *
 * @param atMost     then stop, on a good moment
 * @param trials     about so many, each paid
 * @param treatKcal  what its treats may hold together, kcal; the rest of the day's allowance is left for brushing
 * @param endWith    something easy to end on, as an instruction
 * @param doneToday  whether this ladder was practised today already
 * @param enough     why it is enough for today; empty: it is not
 */
public record Practice(
        Spot spot,
        Standing standing,
        Duration atMost,
        int trials,
        double treatKcal,
        String endWith,
        boolean doneToday,
        Optional<Reason> enough,
        List<Reason> reasons) {

    /** A second no, or one fear sign, ends it for today. Common practice, no published source. */
    public static final int NOES_TO_END = 2;
    /** Longest first practice of a puppy. Common practice, no published source. */
    static final Duration PUPPY_LONGEST = Duration.ofSeconds(30);

    private static final Duration PUPPY_FIRST = Duration.ofSeconds(10);
    private static final Duration PUPPY_STEP = Duration.ofSeconds(5);
    private static final Duration FRIGHTENED = Duration.ofSeconds(45);
    private static final Duration GROWN = Duration.ofSeconds(90);
    /** Part of the day's treats that a practice may use. Own estimate. */
    private static final double SHARE_OF_ALLOWANCE = 0.3;

    public Practice {
        reasons = List.copyOf(reasons);
    }

    /** Practice on the ladder of the owner's choice. */
    public static Practice of(Dog dog, Trust trust, Spot spot) {
        Standing standing = trust.at(spot);
        List<Reason> reasons = new ArrayList<>();
        reasons.add(new Reason(
                "trust.next-place",
                "Rung " + standing.rung().number() + " of " + Rung.HIGHEST + ", "
                        + standing.relaxedInRow()
                        + " relaxed in a row. Three in a row climb; uneasy stays; a no goes back one rung, "
                        + "a fear sign two."));
        trust.daysAtRest(spot)
                .filter(days ->
                        days >= Standing.DAYS_TO_FADE && !standing.rung().readyForBrushing())
                .ifPresent(days -> reasons.add(new Reason(
                        "trust.rested", "After " + days + " days without practice it begins a little lower.")));
        reasons.add(whySoShort(dog, standing));
        TreatAllowance allowance = TreatAllowance.of(dog);
        reasons.add(allowance.why());
        Rung easier = standing.rung().down();
        return new Practice(
                spot,
                standing,
                atMost(dog, standing),
                standing.rung().trials(),
                allowance.treatKcal() * SHARE_OF_ALLOWANCE,
                Lesson.of(spot.subject()).ladder().at(easier).howTo(),
                trust.practisedToday(spot),
                enough(trust, spot, standing),
                reasons);
    }

    /**
     * One or two practices for today: the brush at the easiest place that is not ready, or where the dog minds most when
     * all are; and what of the drawer and the positions is least learned.
     *
     * @param owned what lies in the drawer
     * @return empty when nothing is brushed on this dog
     */
    public static List<Practice> today(Dog dog, Trust trust, Collection<Subject> owned) {
        Set<Spot> spots = new LinkedHashSet<>();
        brush(trust).ifPresent(spots::add);
        if (!spots.isEmpty()) {
            besides(trust, owned, spots.iterator().next()).ifPresent(spots::add);
        }
        return spots.stream().map(spot -> of(dog, trust, spot)).toList();
    }

    private static Optional<Spot> brush(Trust trust) {
        Comparator<Map.Entry<Section, Standing>> easiest =
                Comparator.comparingInt(entry -> entry.getKey().sensitivityRank());
        Map<Section, Standing> standings = trust.standings();
        return standings.entrySet().stream()
                .filter(entry -> !entry.getValue().rung().readyForBrushing())
                .min(easiest)
                .or(() -> standings.entrySet().stream()
                        .min(Comparator.<Map.Entry<Section, Standing>, Rung>comparing(
                                        entry -> entry.getValue().rung())
                                .thenComparing(easiest.reversed())))
                .map(Map.Entry::getKey)
                .map(section -> Spot.at(trust.lead(section).orElseThrow(), section));
    }

    /** A position, or a tool of the drawer at the place where the brush stands. */
    private static Optional<Spot> besides(Trust trust, Collection<Subject> owned, Spot brush) {
        return Arrays.stream(Subject.values())
                .filter(subject ->
                        subject != brush.subject() && (!Lesson.of(subject).placeByPlace() || owned.contains(subject)))
                .map(subject -> Lesson.of(subject).placeByPlace()
                        ? Spot.at(subject, brush.section().orElseThrow())
                        : new Spot(subject, Optional.empty()))
                .filter(spot -> !trust.at(spot).rung().readyForBrushing())
                .min(Comparator.comparing(
                                (Spot spot) -> Lesson.of(spot.subject()).placeByPlace())
                        .thenComparing(spot -> trust.at(spot).rung()));
    }

    private static Optional<Reason> enough(Trust trust, Spot spot, Standing standing) {
        int nos = trust.nosToday(spot);
        return nos >= NOES_TO_END || nos > 0 && standing.afterFear()
                ? Optional.of(new Reason(
                        "trust.enough",
                        "The dog has said no, and is heard. Something easy, a treat, and done "
                                + "for today; tomorrow begins lower."))
                : Optional.empty();
    }

    private static Duration atMost(Dog dog, Standing standing) {
        Duration usual = usual(dog, standing.rung());
        return standing.afterFear() ? usual.dividedBy(2) : usual;
    }

    private static Duration usual(Dog dog, Rung rung) {
        if (dog.isPuppy()) {
            Duration grown = PUPPY_FIRST.plus(PUPPY_STEP.multipliedBy(rung.ordinal()));
            return grown.compareTo(PUPPY_LONGEST) > 0 ? PUPPY_LONGEST : grown;
        }
        return dog.mayBeFrightened() ? FRIGHTENED : GROWN;
    }

    private static Reason whySoShort(Dog dog, Standing standing) {
        if (standing.afterFear()) {
            return new Reason(
                    "trust.after-fear",
                    "A fear sign was seen: half as long, two rungs lower, until it has climbed again.");
        }
        return dog.isPuppy()
                ? new Reason(
                        "trust.puppy-seconds",
                        "A puppy begins with a few seconds, at most half a "
                                + "minute, once or twice a day; a bit more tomorrow.")
                : new Reason(
                        "trust.short",
                        "Short and ended on a good moment: fifteen years of sessions depend on the first ten.");
    }
}
