package rustictangle.core.trust;

import java.util.Arrays;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import rustictangle.core.Choice;
import rustictangle.core.Reason;
import rustictangle.core.dog.Dog;
import rustictangle.core.log.ToolKind;

/**
 * Who may do what. Common practice, no published source; the minutes are own estimates.
 *
 * @param tools   that suit these hands
 * @param minutes at one time, at most; 0: not yet
 */
public record Helper(Who who, Set<ToolKind> tools, int minutes, List<Reason> reasons) {

    /** Whose hands. */
    public enum Who implements Choice {
        CHILD("a child helping"),
        TIRED_HANDS("tired or elderly hands"),
        TWO_PEOPLE("two people");

        private final Words words;

        Who(String label) {
            words = new Words(label);
        }

        @Override
        public Words words() {
            return words;
        }
    }

    private static Set<ToolKind> tools(Predicate<ToolKind> which) {
        return Arrays.stream(ToolKind.values()).filter(which).collect(Collectors.toSet());
    }

    public Helper {
        EnumSet<ToolKind> ordered = EnumSet.noneOf(ToolKind.class);
        ordered.addAll(tools);
        tools = Collections.unmodifiableSet(ordered);
        reasons = List.copyOf(reasons);
    }

    /** One for each, in the order of {@link Who}. */
    public static List<Helper> of(Dog dog) {
        return List.of(
                new Helper(
                        Who.CHILD,
                        dog.mayBeFrightened() ? Set.of() : tools(ToolKind::forAChild),
                        dog.mayBeFrightened() ? 0 : dog.isPuppy() ? 1 : 5,
                        List.of(new Reason(
                                "trust.child",
                                "Back and sides only, with a "
                                        + "brush that cannot scratch; an adult sits beside them the whole time, and the dog may leave. "
                                        + (dog.mayBeFrightened()
                                                ? "Not with this dog yet: it has been frightened, and may snap."
                                                : "No comb, no slicker, no face, no feet.")))),
                new Helper(
                        Who.TIRED_HANDS,
                        tools(ToolKind::forTiredHands),
                        10,
                        List.of(new Reason(
                                "trust.tired-hands",
                                "A small oval head and a thick, light handle; the dog at hip height or you on a chair. Ten minutes, then "
                                        + "rest: a tired hand presses."))),
                new Helper(
                        Who.TWO_PEOPLE,
                        tools(tool -> !tool.isBlade()),
                        30,
                        List.of(new Reason(
                                "trust.two-people",
                                "One at the head with treats, who watches the face and says stop; one with the brush, who obeys. Nobody "
                                        + "holds it fast."))));
    }
}
