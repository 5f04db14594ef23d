package rustictangle.core.log;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import rustictangle.core.Choice;

/** What a dog learns to accept: a tool, at every place on its own, or an exercise, once. */
public sealed interface Subject extends Choice permits ToolKind, Exercise {

    /** By which it is written. */
    String name();

    /** Whether there is anything to get used to: hands, gel, cornstarch, a professional's blades have nothing. */
    boolean isLearned();

    /** Which ladder leads to it. */
    String ladder();

    /** Whether it is learned place by place; an exercise is learned once. */
    boolean placeByPlace();

    /** Whether it belongs to a job at the table, and is practised when that has its turn. */
    boolean isCare();

    /** Whether it works through the hair: only such may be known from before. */
    boolean touchesHair();

    /** Everything that is learned, in the order in which it is listed: brushes, combs, mist and dryer, exercises. */
    static List<Subject> all() {
        return All.IN_ORDER;
    }

    /** Its place in that order. */
    default int order() {
        return All.IN_ORDER.indexOf(this);
    }

    /** @return empty: nothing of that name is learned */
    static Optional<Subject> named(String name) {
        return All.IN_ORDER.stream()
                .filter(subject -> subject.name().equals(name))
                .findFirst();
    }

    /** Read when both kinds are there. */
    final class All {
        private static final List<Subject> IN_ORDER = Stream.concat(
                        Arrays.stream(ToolKind.Work.values()).flatMap(work -> Arrays.stream(ToolKind.values())
                                .filter(tool -> tool.isLearned() && tool.work() == work)),
                        Arrays.stream(Exercise.values()))
                .map(Subject.class::cast)
                .toList();

        private All() {}
    }
}
