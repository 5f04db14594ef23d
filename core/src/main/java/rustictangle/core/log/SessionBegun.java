package rustictangle.core.log;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rustictangle.core.dog.Section;

/**
 * A session was begun; the entry's id is the session's.
 *
 * @param plan the places, in order
 */
@Lasts(value = Lasts.For.A_YEAR, answer = true)
public record SessionBegun(List<BegunPlace> plan) implements Said {

    /**
     * @param seconds what it was expected to take then; empty: not known
     * @param subject the tool that led there then; empty: not known, or nothing is brushed there
     * @param step    its number, from 1: places of one step are worked in one grip; empty: a step of its own
     */
    public record BegunPlace(
            Section section, Optional<Integer> seconds, Optional<Subject> subject, Optional<Integer> step) {
        public BegunPlace {
            Limits.refuseMissing("section", section);
            seconds.ifPresent(number -> Limits.refuseOutside("seconds", number, 0, Limits.MOST_SECONDS));
            step.ifPresent(number -> Limits.refuseOutside("step", number, 1, Section.values().length));
        }

        /** A step of its own. */
        public BegunPlace(Section section, Optional<Integer> seconds, Optional<Subject> subject) {
            this(section, seconds, subject, Optional.empty());
        }
    }

    public SessionBegun {
        plan = List.copyOf(plan);
    }

    public List<Section> sections() {
        return plan.stream().map(BegunPlace::section).toList();
    }

    /** What a place was expected to take, seconds; empty: not known. */
    public Optional<Integer> expected(Section section) {
        return plan.stream()
                .filter(place -> place.section == section)
                .findFirst()
                .flatMap(BegunPlace::seconds);
    }

    /** The places by step, in order. */
    public List<List<Section>> steps() {
        List<List<Section>> steps = new ArrayList<>();
        Optional<Integer> last = Optional.empty();
        for (BegunPlace place : plan) {
            if (place.step.isPresent() && place.step.equals(last)) {
                steps.get(steps.size() - 1).add(place.section);
            } else {
                steps.add(new ArrayList<>(List.of(place.section)));
            }
            last = place.step;
        }
        return steps;
    }

    @Override
    public String inWords() {
        return plan.size() == 1 ? "a brushing of one place" : "a brushing of " + plan.size() + " places";
    }
}
