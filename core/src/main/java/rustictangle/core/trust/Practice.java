package rustictangle.core.trust;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import rustictangle.core.Reason;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Section;
import rustictangle.core.log.BathKind;
import rustictangle.core.log.Subject;
import rustictangle.core.log.ToolKind;

/**
 * One short practice.
 *
 * @param atMost     then stop, on a good moment
 * @param trials     about so many, each paid
 * @param timing     when to mark and to treat, in the words agreed with the dog
 * @param cue        the word for a position, and when it is said; empty: none yet
 * @param treatKcal  what its treats may hold together, kcal; the rest of the day's allowance is left for brushing
 * @param endWith    something easy to end on, as an instruction
 * @param doneToday  whether this ladder was practised today already
 * @param wets       how much of the coat gets wet on this rung; empty: it stays dry
 * @param enough     why it is enough for today; empty: it is not
 */
public record Practice(
        Spot spot,
        Standing standing,
        Duration atMost,
        int trials,
        String timing,
        Optional<String> cue,
        double treatKcal,
        String endWith,
        boolean doneToday,
        Optional<BathKind> wets,
        Optional<Reason> enough,
        List<Reason> reasons) {

    /** A second no, or one fear sign, ends it for today. Common practice, no published source. */
    public static final int NOES_TO_END = 2;
    /** So many uneasy answers in a row do, too. Common practice, no published source. */
    static final int UNEASY_TO_END = 3;
    /** Longest first practice of a puppy. Common practice, no published source. */
    static final Duration PUPPY_LONGEST = Duration.ofSeconds(30);

    /** A practice holds so many tries at least, however short: three in a row are what climbs. */
    private static final int LEAST_TRIALS = 3;

    private static final Duration PUPPY_FIRST = Duration.ofSeconds(15);
    private static final Duration PUPPY_STEP = Duration.ofSeconds(5);
    private static final Duration FRIGHTENED = Duration.ofSeconds(45);
    private static final Duration GROWN = Duration.ofSeconds(90);
    /** Part of the day's treats that a practice may use. Own estimate. */
    private static final double SHARE_OF_ALLOWANCE = 0.3;

    public Practice {
        reasons = List.copyOf(reasons);
    }

    /**
     * Practice on the ladder of the owner's choice.
     *
     * @param may what may be begun now
     */
    public static Practice of(Dog dog, Trust trust, Spot spot, MayBegin may) {
        Standing standing = trust.at(spot);
        List<Reason> reasons = new ArrayList<>();
        reasons.add(new Reason(
                "trust.next-place",
                "Rung " + standing.rung().number() + " of " + Rung.HIGHEST + ", "
                        + standing.relaxedInRow()
                        + " relaxed in a row. Three in a row climb; two uneasy in a row go back one rung and a third ends it; "
                        + "a no goes back one rung, a fear sign two."));
        trust.faded(spot)
                .ifPresent(days -> reasons.add(new Reason(
                        "trust.rested", "After " + days + " days without it here it begins a little lower.")));
        spot.section()
                .flatMap(trust::lead)
                .filter(lead -> trust.introduces(spot))
                .ifPresent(lead -> reasons.add(new Reason(
                        "trust.soft-first",
                        "A soft brush first: it feels like stroking. Once the dog takes it here, the " + lead.label()
                                + " comes, some rungs lower.")));
        reasons.add(whySoShort(dog, standing));
        TreatAllowance allowance = TreatAllowance.of(dog, trust.today());
        reasons.add(allowance.why());
        Agreed agreed = trust.agreed();
        String easier = Ladder.of(spot.subject()).at(standing.rung().down()).howTo();
        return new Practice(
                spot,
                standing,
                atMost(dog, standing),
                trials(dog, standing),
                agreed.timing(standing.rung()),
                agreed.cue(spot, standing.rung()),
                allowance.treatKcal() * SHARE_OF_ALLOWANCE,
                agreed.letGo().map(then -> easier + " " + then).orElse(easier),
                trust.practisedToday(spot),
                may.wets(spot),
                may.practice(spot).or(() -> enough(trust, spot)),
                reasons);
    }

    /** What it takes of the day's minutes, done or not: only what leads to brushing does. */
    public int secondsOfTheDay() {
        return leadsToBrushing() ? (int) atMost.toSeconds() : 0;
    }

    /** As many as there is time for, and no more than teach something. */
    static int trials(Dog dog, Standing standing) {
        long fit = atMost(dog, standing).toSeconds() / standing.rung().secondsATrial();
        return (int) Math.max(LEAST_TRIALS, Math.min(standing.rung().trials(), fit));
    }

    /** So many places a day, where the dog allows it; so long a place and tool at the top is left alone. Own estimates. */
    public static final int MOST_PLACES = 3;

    private static final int KEPT_UP_DAYS = 14;

    /**
     * What is practised today: the brush where most is lost for each day that it is not ready, several places if the dog
     * allows; now and then where it is ready and was not brushed for long; and what of the drawer and the positions is
     * least learned. Chosen as the day begins, so that practising and brushing bring nothing new.
     *
     * @param owned    what lies in the drawer; a dryer's noise a puppy learns from the first weeks, whoever owns one
     * @param matsADay that form at a place while it is not brushed
     * @param may      what may be begun
     * @return empty when there is nothing to practise
     */
    public static Set<Spot> spots(
            Dog dog, Trust trust, Collection<Subject> owned, ToDoubleFunction<Section> matsADay, MayBegin may) {
        Set<Spot> spots = new LinkedHashSet<>(brush(trust, matsADay, may));
        Set<Subject> about = new HashSet<>(owned);
        if (dog.isPuppy()) {
            about.add(ToolKind.DRYER);
        }
        Optional<Spot> first = spots.stream().findFirst().or(() -> easiest(trust));
        first.flatMap(spot -> besides(trust, about, spot)).ifPresent(spots::add);
        return spots;
    }

    /** How that is practised. Once the dog has had enough for today nothing is begun any more. */
    public static List<Practice> today(Dog dog, Trust trust, Collection<Spot> spots, MayBegin may) {
        boolean enough = trust.endedToday();
        return spots.stream()
                .filter(spot -> trust.practisedToday(spot)
                        || !enough && may.practice(spot).isEmpty())
                .map(spot -> of(dog, trust, spot, may))
                .toList();
    }

    private static List<Spot> brush(Trust trust, ToDoubleFunction<Section> matsADay, MayBegin may) {
        Map<Section, Standing> standings = trust.standings();
        // What it minds least comes first, however fast other places tangle; among those alike, what saves most mats
        // for each practice: Smith's rule, weight over time.
        Comparator<Section> order = Comparator.comparingInt(Practice::minded)
                .thenComparingDouble(section -> -matsADay.applyAsDouble(section)
                        / trust.readiness(section).orElseThrow().median().orElse(Readiness.LONGEST_DAYS));
        Comparator<Section> easiestFirst = Comparator.comparingInt(Section::sensitivityRank);
        List<Section> training = standings.keySet().stream()
                .filter(section -> !trust.readyAt(section))
                .filter(section -> trust.practised(section)
                        .filter(spot ->
                                trust.practisedToday(spot) || may.practice(spot).isEmpty())
                        .isPresent())
                .sorted(order.thenComparing(easiestFirst))
                .collect(Collectors.toCollection(ArrayList::new));
        if (training.size() == standings.size() && !training.isEmpty()) {
            Section easiest = training.stream().min(easiestFirst).orElseThrow();
            training.remove(easiest);
            training.add(0, easiest);
        }
        return training.isEmpty()
                ? keptUp(trust).stream().toList()
                : training.stream()
                        .limit(MOST_PLACES)
                        .flatMap(section -> trust.practised(section).stream())
                        .toList();
    }

    /** In which order places in training have their turn, but for what tangles. */
    public static List<Section> inTurn(Collection<Section> training) {
        return training.stream()
                .sorted(Comparator.comparingInt(Practice::minded).thenComparingInt(Section::sensitivityRank))
                .toList();
    }

    /** Body, then chest and neck, then ears and crown, then all that it minds more. Common practice, no published source. */
    private static int minded(Section section) {
        int rank = section.sensitivityRank();
        return rank <= 3 ? 0 : rank <= 6 ? 1 : rank <= 7 ? 2 : 3;
    }

    private static Optional<Spot> keptUp(Trust trust) {
        return trust.standings().keySet().stream()
                .map(section -> Spot.at(trust.lead(section).orElseThrow(), section))
                .filter(spot -> trust.daysAtRest(spot)
                        .filter(days -> days >= KEPT_UP_DAYS)
                        .isPresent())
                .max(Comparator.comparing(spot -> trust.daysAtRest(spot).orElseThrow()));
    }

    private static Optional<Spot> easiest(Trust trust) {
        return trust.standings().keySet().stream()
                .min(Comparator.comparingInt(Section::sensitivityRank))
                .map(section -> Spot.at(trust.lead(section).orElseThrow(), section));
    }

    /** Whether it leads to real brushing of a place: such a practice takes its minutes first. */
    public boolean leadsToBrushing() {
        return spot.section().isPresent() && !standing.rung().readyForBrushing();
    }

    /** Whether the dog has ended a practice of that ladder today. */
    static boolean ended(Trust trust, Spot spot) {
        int noes = trust.noesToday(spot);
        return noes >= NOES_TO_END
                || noes > 0 && trust.at(spot).afterFear()
                || trust.uneasyToday(spot) >= UNEASY_TO_END;
    }

    /** A position, or a tool of the drawer at the place where the brush stands. */
    private static Optional<Spot> besides(Trust trust, Collection<Subject> owned, Spot brush) {
        return Subject.all().stream()
                .filter(subject -> !subject.isCare()
                        && subject != brush.subject()
                        && (!subject.placeByPlace() || owned.contains(subject)))
                .map(subject -> subject.placeByPlace()
                        ? Spot.at(subject, brush.section().orElseThrow())
                        : new Spot(subject, Optional.empty()))
                .filter(spot -> !trust.at(spot).rung().readyForBrushing())
                .min(Comparator.comparing((Spot spot) -> trust.at(spot).rung())
                        .thenComparing(spot -> spot.subject().placeByPlace()));
    }

    private static Optional<Reason> enough(Trust trust, Spot spot) {
        if (trust.uneasyToday(spot) >= UNEASY_TO_END) {
            return Optional.of(new Reason(
                    "trust.enough-uneasy",
                    "Uneasy three times in a row: that is a no in small letters. Something easy, a treat, and done for "
                            + "today; tomorrow begins lower."));
        }
        return ended(trust, spot)
                ? Optional.of(new Reason(
                        "trust.enough",
                        "The dog has said no, and is heard. Something easy, a treat, and done "
                                + "for today; tomorrow begins lower."))
                : Optional.empty();
    }

    private static Duration atMost(Dog dog, Standing standing) {
        Duration usual = usual(dog, standing.rung());
        Duration least =
                Duration.ofSeconds((long) LEAST_TRIALS * standing.rung().secondsATrial());
        Duration now = standing.afterFear() ? usual.dividedBy(2) : usual;
        return now.compareTo(least) < 0 ? least : now;
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
