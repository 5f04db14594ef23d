package rustictangle.core.kit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import rustictangle.core.dog.Section;

/**
 * What another school would change at some sections.
 *
 * @param from the tools in their turn as things are
 * @param to   the tools in their turn under the school
 */
public record SchoolChange(String from, String to, List<Section> sections) {

    public SchoolChange {
        sections = List.copyOf(sections);
    }

    /** Everything another way would change, most sections first; empty when nothing would. */
    public static List<SchoolChange> between(Match before, Match after) {
        Map<List<String>, List<Section>> changes = new LinkedHashMap<>();
        for (Section section : Section.values()) {
            String from = tools(before.at(section));
            String to = tools(after.at(section));
            if (!from.equals(to)) {
                changes.computeIfAbsent(List.of(from, to), key -> new ArrayList<>())
                        .add(section);
            }
        }
        return changes.entrySet().stream()
                .map(change ->
                        new SchoolChange(change.getKey().get(0), change.getKey().get(1), change.getValue()))
                .sorted((a, b) -> b.sections().size() - a.sections().size())
                .toList();
    }

    private static String tools(Need need) {
        return need.order().stream()
                .filter(step -> !step.ifOwned())
                .map(step -> step.tool().label())
                .distinct()
                .collect(Collectors.joining(", "));
    }
}
