package rustictangle.core.log;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import rustictangle.core.dog.Section;

/**
 * A session was begun; the entry's id is the session's.
 *
 * @param plan   the places, in order
 * @param passes tools that go over the whole dog before the comb proves place by place, in their order; none: each place
 *               is done with every tool before the next
 */
@Lasts(value = Lasts.For.A_YEAR, answer = true)
public record SessionBegun(List<BegunPlace> plan, List<BegunPass> passes) implements Said {

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

    /**
     * One tool over all places that ask for it.
     *
     * @param seconds what it was expected to take then, all places together
     */
    public record BegunPass(ToolKind tool, List<Section> sections, int seconds) {
        public BegunPass {
            Limits.refuseMissing("tool", tool);
            Limits.refuseMissing("sections", sections);
            Limits.refuseOutside("seconds", seconds, 0, Limits.MOST_SECONDS);
            sections = List.copyOf(sections);
        }
    }

    public SessionBegun {
        plan = List.copyOf(plan);
        // Older ones say nothing of it.
        passes = passes == null ? List.of() : List.copyOf(passes);
    }

    /** Place by place. */
    public SessionBegun(List<BegunPlace> plan) {
        this(plan, List.of());
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

    /**
     * The pass, from 1, that brushes a place to the skin: that of the tool that leads there, else the last of them; empty:
     * none goes there.
     */
    public Optional<Integer> brushing(Section section) {
        Optional<Subject> lead = plan.stream()
                .filter(place -> place.section == section)
                .findFirst()
                .flatMap(BegunPlace::subject);
        List<Integer> there = IntStream.rangeClosed(1, passes.size())
                .filter(number -> passes.get(number - 1).sections.contains(section))
                .boxed()
                .toList();
        return there.stream()
                .filter(number ->
                        lead.filter(passes.get(number - 1).tool::equals).isPresent())
                .findFirst()
                .or(() -> there.stream().reduce((first, last) -> last));
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
