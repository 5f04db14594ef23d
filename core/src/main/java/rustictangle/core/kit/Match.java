package rustictangle.core.kit;

import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import rustictangle.core.coat.Coat;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Section;
import rustictangle.core.log.ToolKind;

/**
 * What the whole dog asks of the tools.
 *
 * @param needs    one per section, in the order of {@link Section}
 * @param approach of this owner
 */
public record Match(List<Need> needs, Approach approach) {

    public Match {
        needs = List.copyOf(needs);
    }

    /** Matches every section's hair to tools, as this owner goes about it. */
    public static Match of(Dog dog, Coat coat, Approach approach) {
        return new Match(
                Arrays.stream(Section.values())
                        .map(section -> new SectionMatch(dog, coat, section, approach).need())
                        .toList(),
                approach);
    }

    public Need at(Section section) {
        return needs.get(section.ordinal());
    }

    /** Every tool kind any section asks for, in the order of first use. */
    public Set<ToolKind> tools() {
        return needs.stream()
                .filter(Need::brushed)
                .flatMap(need -> need.order().stream())
                .filter(step -> !step.ifOwned())
                .map(ToolStep::tool)
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }
}
