package rustictangle.core.plan;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import rustictangle.core.dog.Section;
import rustictangle.core.rhythm.Outlook;

/**
 * One section's days until the groom: when it is brushed, and what is to be expected if so and if not.
 *
 * @param brushed days on which the plan brushes it, 0 being today
 * @param planned day by day, if the plan is followed
 * @param nothing day by day, if nothing is done
 * @param nobodyKnows what is in the hair: the figures up to the first brushing are only reckoned with, and no knot is told
 * @param knot    the day on which it has matted, rather than not, if nothing is done; empty: not until the groom
 */
public record SectionThread(
        Section section,
        List<Integer> brushed,
        List<Expected> planned,
        List<Expected> nothing,
        boolean nobodyKnows,
        Optional<Integer> knot) {

    /**
     * @param tangles expected in the coat on that evening, mats among them
     * @param mats    expected in the coat by now or found by then: those of today, and what has formed since
     */
    public record Expected(double tangles, double mats) {}

    /** From so many expected on, a mat is more likely than not. */
    private static final double MORE_LIKELY_THAN_NOT = Math.log(2);

    public SectionThread {
        brushed = List.copyOf(brushed);
        planned = List.copyOf(planned);
        nothing = List.copyOf(nothing);
    }

    /**
     * @param end the last day
     * @return empty where hair does not mat
     */
    static Optional<SectionThread> of(Workload dog, Section section, BitSet days, int end) {
        return dog.forecast().at(section).filter(Outlook::mats).map(outlook -> of(section, outlook, days, end));
    }

    private static SectionThread of(Section section, Outlook outlook, BitSet days, int end) {
        List<Expected> planned = expected(outlook, days, end);
        List<Expected> nothing = expected(outlook, new BitSet(), end);
        Optional<Integer> knot = Optional.empty();
        for (int day = 0; day <= end && knot.isEmpty() && !outlook.nobodyKnows(); day++) {
            knot = nothing.get(day).mats() >= MORE_LIKELY_THAN_NOT ? Optional.of(day) : knot;
        }
        return new SectionThread(
                section,
                days.stream().filter(day -> day < end).boxed().toList(),
                planned,
                nothing,
                outlook.nobodyKnows(),
                knot);
    }

    /** By the evening of a day, 0 being today. */
    HouseholdPlan.Mats on(int day) {
        return new HouseholdPlan.Mats(planned.get(day).mats(), nothing.get(day).mats());
    }

    /** A day's numbers are those of its evening: after the brushing, if there is one. */
    private static List<Expected> expected(Outlook outlook, BitSet days, int end) {
        List<Expected> list = new ArrayList<>();
        double found = 0;
        int since = -1;
        for (int day = 0; day <= end; day++) {
            double mats = found + (since < 0 ? outlook.mats(day) : outlook.mats(since, day));
            double tangles = since < 0 ? outlook.tangles(day) : outlook.tangles(since, day);
            if (days.get(day)) {
                found = mats;
                since = day;
                tangles = 0;
            }
            list.add(new Expected(tangles, mats));
        }
        return list;
    }
}
