package rustictangle.core.trust;

import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import rustictangle.core.Reason;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Section;

/**
 * One short practice for today.
 *
 * @param atMost    then stop, on a good moment
 * @param treatKcal what its treats may hold together, kcal; the rest of the day's allowance is left
 *                  for brushing
 */
public record Practice(Section section, Standing standing, Duration atMost, double treatKcal,
        List<Reason> reasons) {

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

    /** The practice that helps this dog most today. */
    public static Practice today(Dog dog, Trust trust) {
        Section section = choose(trust);
        Standing standing = trust.at(section);
        TreatAllowance allowance = TreatAllowance.of(dog);
        return new Practice(section, standing, atMost(dog, standing.rung()),
                allowance.treatKcal() * SHARE_OF_ALLOWANCE,
                List.of(whyHere(trust, section), whySoShort(dog), allowance.why()));
    }

    /** The easiest place that is not ready for brushing; when all are, the place the dog minds most. */
    private static Section choose(Trust trust) {
        Comparator<Map.Entry<Section, Standing>> easiest =
                Comparator.comparingInt(entry -> entry.getKey().sensitivityRank());
        return trust.standings().entrySet().stream()
                .filter(entry -> !entry.getValue().rung().readyForBrushing())
                .min(easiest)
                .or(() -> trust.standings().entrySet().stream()
                        .min(Comparator.<Map.Entry<Section, Standing>, Rung>comparing(
                                entry -> entry.getValue().rung()).thenComparing(easiest.reversed())))
                .orElseThrow().getKey();
    }

    private static Duration atMost(Dog dog, Rung rung) {
        if (dog.isPuppy()) {
            Duration grown = PUPPY_FIRST.plus(PUPPY_STEP.multipliedBy(rung.ordinal()));
            return grown.compareTo(PUPPY_LONGEST) > 0 ? PUPPY_LONGEST : grown;
        }
        return dog.mayBeFrightened() ? FRIGHTENED : GROWN;
    }

    private static Reason whyHere(Trust trust, Section section) {
        Standing standing = trust.at(section);
        String state = standing.rung().readyForBrushing()
                ? "is ready everywhere; this is the place to keep sweet"
                : "minds this place least of those not ready yet";
        return new Reason("trust.next-place", "The dog " + state + ": rung "
                + standing.rung().number() + " of 10, " + standing.relaxedInRow()
                + " relaxed in a row. Three in a row climb.");
    }

    private static Reason whySoShort(Dog dog) {
        return dog.isPuppy()
                ? new Reason("trust.puppy-seconds", "A puppy begins with a few seconds, at most half a "
                        + "minute, once or twice a day; a bit more tomorrow.")
                : new Reason("trust.short", "Short and ended on a good moment: fifteen years of "
                        + "sessions depend on the first ten.");
    }
}
