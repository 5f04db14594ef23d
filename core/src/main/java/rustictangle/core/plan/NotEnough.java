package rustictangle.core.plan;

import java.time.DayOfWeek;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import rustictangle.core.Reason;

/**
 * That the minutes of the household do not suffice, and what would: as the day began, so that doing what the day asks for
 * changes nothing of it.
 *
 * @param mats        small mats to expect of all dogs a month, in these minutes
 * @param everyMinute the same with as many minutes as it takes
 * @param more        minutes a day more, on each day that has any, that would halve them; empty: no minutes would
 * @param longer      the minutes of each day with those; none where no minutes would
 * @param byDog       the same of each dog, by position
 * @param given       minutes a week that each of them has of these
 * @param givenUp     dogs that are not brushed at all, by position, though they would be with more time
 */
public record NotEnough(
        double mats,
        double everyMinute,
        Optional<Integer> more,
        Map<DayOfWeek, Integer> longer,
        List<Double> byDog,
        List<Double> given,
        List<Integer> givenUp) {

    /** So much more than with all the time it takes has to be expected before it is said, in parts and in mats a month. Own choices. */
    private static final double FAR_MORE = 1.3;

    private static final double MORE_MATS = 1;
    private static final int[] MORE_MINUTES = {5, 10, 15, 20, 25, 30, 40, 50, 60, 75, 90, 120, 150, 180, 240};

    public NotEnough {
        longer = Map.copyOf(longer);
        byDog = List.copyOf(byDog);
        given = List.copyOf(given);
        givenUp = List.copyOf(givenUp);
    }

    /** @return empty: they suffice, or there are as many as it takes */
    public static Optional<NotEnough> of(Promise.Basis facts, Promise promise) {
        if (facts.set().isEmpty()) {
            return Optional.empty();
        }
        List<Workload> work = facts.begun().practised(promise.practice()).dogs();
        HouseholdPlan free = HouseholdPlan.asItTakes(work);
        HouseholdPlan plan = promise.plan();
        double mats = mats(plan, work.size());
        double least = mats(free, work.size());
        if (mats < FAR_MORE * least + MORE_MATS) {
            return Optional.empty();
        }
        List<Integer> givenUp = new ArrayList<>();
        for (int dog = 0; dog < work.size(); dog++) {
            if (plan.minutesAWeek(dog) == 0 && free.minutesAWeek(dog) > 0) {
                givenUp.add(dog);
            }
        }
        Optional<Integer> more = halving(facts, promise, work, mats / 2, least);
        return Optional.of(new NotEnough(
                mats,
                least,
                more,
                more.map(facts::longer).orElse(Map.of()),
                IntStream.range(0, work.size()).mapToObj(plan::matsAMonth).toList(),
                IntStream.range(0, work.size()).mapToObj(plan::minutesAWeek).toList(),
                givenUp));
    }

    private static double mats(HouseholdPlan plan, int dogs) {
        return IntStream.range(0, dogs).mapToDouble(plan::matsAMonth).sum();
    }

    private static Optional<Integer> halving(
            Promise.Basis facts, Promise promise, List<Workload> work, double half, double least) {
        if (least > half) {
            return Optional.empty();
        }
        int low = -1;
        int high = MORE_MINUTES.length - 1;
        while (high - low > 1) {
            int middle = (low + high) / 2;
            if (mats(facts.with(MORE_MINUTES[middle], promise), work.size()) <= half) {
                high = middle;
            } else {
                low = middle;
            }
        }
        // The last of them has not been tried on the way there.
        boolean most = high == MORE_MINUTES.length - 1;
        return most && mats(facts.with(MORE_MINUTES[high], promise), work.size()) > half
                ? Optional.empty()
                : Optional.of(MORE_MINUTES[high]);
    }

    /** The dog of which most is to be expected. */
    public int worst() {
        return IntStream.range(0, byDog.size())
                .reduce((one, other) -> byDog.get(other) > byDog.get(one) ? other : one)
                .orElseThrow();
    }

    /**
     * In one sentence, with its figures.
     *
     * @param names of the dogs, by position
     * @param keeps the longest clip, mm, that the minutes of the {@link #worst} one would keep; empty: none is asked for
     */
    public Reason text(List<String> names, OptionalInt keeps) {
        String who = names.size() == 1 ? names.get(0) : "your dogs";
        String so = "about " + Math.round(mats) + " small mats a month are to be expected of " + who + ", "
                + (everyMinute < 1 ? "next to none" : "about " + Math.round(everyMinute))
                + " with all the time it takes.";
        String gone = givenUp.isEmpty()
                ? ""
                : " So little does not keep the coat of "
                        + String.join(" and ", givenUp.stream().map(names::get).toList())
                        + " at all.";
        String time = more.map(minutes -> " " + minutes + " minutes more a day would halve them.")
                .orElse(" More minutes alone would not halve them.");
        String clip = keeps.isPresent()
                ? " Clipped to " + Reason.mm(keeps.getAsInt()) + ", the minutes that " + names.get(worst())
                        + " has would keep its coat."
                : "";
        return new Reason("plan.not-enough", "The minutes do not suffice: " + so + gone + time + clip);
    }
}
