package rustictangle.core.plan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import rustictangle.core.dog.Section;
import rustictangle.core.rhythm.Outlook;
import rustictangle.core.rhythm.SectionRhythm;

/**
 * One section's days until the groom: when it is brushed, and what is to be expected if so and if not.
 *
 * @param brushed days on which the plan brushes it, 0 being today
 * @param planned day by day, if the plan is followed
 * @param nothing day by day, if nothing is done
 * @param knot    the day on which it has matted, rather than not, if nothing is done; empty: not until the groom
 */
public record SectionThread(
        Section section,
        List<Integer> brushed,
        List<Expected> planned,
        List<Expected> nothing,
        Optional<Integer> knot) {

    /**
     * @param tangles expected in the coat on that day, fresh mats among them
     * @param mats    expected to have formed by then, since today
     */
    public record Expected(double tangles, double mats) {}

    /** From so many expected on, a mat is more likely than not. */
    private static final double MORE_LIKELY_THAN_NOT = Math.log(2);

    public SectionThread {
        brushed = List.copyOf(brushed);
        planned = List.copyOf(planned);
        nothing = List.copyOf(nothing);
    }

    /** @return empty where hair does not mat */
    public static Optional<SectionThread> of(Workload dog, Section section, BitSet days, LocalDate today) {
        return dog.forecast()
                .at(section)
                .map(outlook -> of(dog.forecast().rhythm().at(section), outlook, days, today, dog.days(today)));
    }

    private static SectionThread of(SectionRhythm rhythm, Outlook outlook, BitSet days, LocalDate today, int end) {
        // Where no comb was recorded nobody knows what is in the coat: counted from today on.
        LocalDate since = rhythm.lastClear().orElse(today);
        List<Expected> planned = expected(outlook, since, days, today, end);
        List<Expected> nothing = expected(outlook, since, new BitSet(), today, end);
        Optional<Integer> knot = Optional.empty();
        for (int day = 0; day <= end && knot.isEmpty(); day++) {
            knot = nothing.get(day).mats() >= MORE_LIKELY_THAN_NOT ? Optional.of(day) : knot;
        }
        return new SectionThread(rhythm.section(), days.stream().boxed().toList(), planned, nothing, knot);
    }

    /** A day's numbers are those of its evening: after the brushing, if there is one. */
    private static List<Expected> expected(
            Outlook outlook, LocalDate lastClear, BitSet days, LocalDate today, int end) {
        List<Expected> list = new ArrayList<>();
        LocalDate since = lastClear;
        double already = outlook.mats(since, ChronoUnit.DAYS.between(since, today));
        double before = 0;
        for (int day = 0; day <= end; day++) {
            long waited = ChronoUnit.DAYS.between(since, today.plusDays(day));
            double mats = before + outlook.mats(since, waited) - already;
            if (days.get(day)) {
                before = mats;
                already = 0;
                since = today.plusDays(day);
                waited = 0;
            }
            list.add(new Expected(outlook.tangles(since, waited), mats));
        }
        return list;
    }
}
