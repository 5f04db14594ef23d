package rustictangle.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;
import rustictangle.core.rhythm.Outlook;
import rustictangle.core.trust.Readiness;

/**
 * The race between trust and tangle at a place in training: when it will be ready to be brushed, and how many mats there
 * will be by then.
 *
 * @param ready    days from today, with the practices that a day holds; as likely sooner as later; empty: it cannot be told
 * @param from     the lower end of a range in which it lies with a probability of two thirds
 * @param to       its upper end
 * @param matsNow  expected in it by this evening
 * @param matsThen expected by the time it is ready, or in four months
 * @param nobodyKnows what is in the hair: mats are only reckoned with, and nothing is called lost
 * @param lost     whether a mat is likely before it is ready
 * @param waysOut  the kindest first
 */
public record Race(
        Section section,
        Optional<Integer> ready,
        Optional<Integer> from,
        Optional<Integer> to,
        double matsNow,
        double matsThen,
        boolean nobodyKnows,
        boolean lost,
        List<Reason> waysOut) {

    /** From so many on, practice alone comes too late. Own estimate. */
    private static final double TOO_MANY = 1;
    /** From more places on, one trim all over is kinder than many small ones. Own estimate. */
    private static final int MANY = 6;

    private static final Reason TRIM_HERE = new Reason(
            "plan.race-trim",
            "A groomer can trim just this place short: kinder than a mat that hurts, and practice begins again on short hair.");
    private static final Reason TRIM_ALL = new Reason(
            "plan.race-trim-all",
            "So many places are lost that one short trim all over, by a groomer and once, is kinder than mats that hurt; "
                    + "practice begins again on short hair.");

    public Race {
        waysOut = List.copyOf(waysOut);
    }

    /** @param fear whether a fear sign was the last thing but relaxed answers there */
    public static Race of(Section section, Outlook outlook, Readiness readiness, boolean fear) {
        double then = outlook.mats(readiness.median().orElse(Readiness.LONGEST_DAYS));
        boolean lost = then >= Outlook.MAT_LIKELY && !outlook.nobodyKnows();
        return new Race(
                section,
                readiness.median(),
                readiness.from(),
                readiness.to(),
                outlook.mats(0),
                then,
                outlook.nobodyKnows(),
                lost,
                lost
                        ? waysOut(then, fear)
                        : List.of(outlook.nobodyKnows() ? nobodyKnows(readiness) : why(readiness, then)));
    }

    /** The same of a whole dog: where many places are lost, one trim is said once. */
    static List<Race> together(List<Race> races) {
        long trims =
                races.stream().filter(race -> race.waysOut.contains(TRIM_HERE)).count();
        return trims <= MANY
                ? races
                : races.stream()
                        .map(race -> race.with(race.waysOut.stream()
                                .map(way -> way.equals(TRIM_HERE) ? TRIM_ALL : way)
                                .toList()))
                        .toList();
    }

    private Race with(List<Reason> ways) {
        return new Race(section, ready, from, to, matsNow, matsThen, nobodyKnows, lost, ways);
    }

    private static Reason nobodyKnows(Readiness readiness) {
        return new Reason(
                "plan.race-unknown",
                readiness
                                .median()
                                .map(days -> "With the practices that a day holds it should be ready in about " + days
                                        + " days. ")
                                .orElse("")
                        + "What is in the hair here, nobody knows yet: fingers through it where the dog allows them; a groomer "
                        + "looks if they feel a lump.");
    }

    private static Reason why(Readiness readiness, double then) {
        return new Reason(
                "plan.race-won",
                String.format(
                        Locale.ROOT,
                        "With the practices that a day holds it should be ready in about %d days; by then hardly a mat (%.1f) is to be expected.",
                        readiness.median().orElse(Readiness.LONGEST_DAYS),
                        then));
    }

    private static List<Reason> waysOut(double then, boolean fear) {
        List<Reason> ways = new ArrayList<>();
        if (fear) {
            ways.add(new Reason(
                    "plan.race-vet", "A fear sign was seen here: look for pain, and let a vet look if it could hurt."));
        }
        Reason practise = new Reason(
                "plan.race-practise",
                "More practices, and shorter ones: two or three times a day, each over before the dog has had enough.");
        Reason fingers = new Reason(
                "plan.race-fingers",
                "Meanwhile fingers and a wooden-pin brush only, a few strokes where it allows them.");
        if (then < TOO_MANY) {
            ways.add(practise);
            ways.add(fingers);
        } else {
            ways.add(TRIM_HERE);
            ways.add(fingers);
            ways.add(practise);
        }
        return ways;
    }
}
