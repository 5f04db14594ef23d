package rustictangle.core.routine;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rustictangle.core.Reason;
import rustictangle.core.dog.Side;
import rustictangle.core.kit.Finish;
import rustictangle.core.kit.Manner;
import rustictangle.core.log.ToolKind;

/**
 * What hands forget, said before a step: few, and never before two steps in a row. Common practice, no published source;
 * when each is said is an own estimate.
 */
final class Prompts {

    /** From so many minutes on there is a break in the middle. */
    private static final double LONG_SECONDS = 8 * 60.0;
    /** A brush that lifts loose hair is full after so long, seconds; one that does not, later. */
    private static final double FULL_SECONDS = 8 * 60.0;

    private static final double FULL_LATER_SECONDS = 12 * 60.0;
    /** The same hand holds the brush no longer, seconds. */
    private static final double ONE_HAND_SECONDS = 10 * 60.0;

    private Prompts() {}

    /**
     * @param steps  passes, and then steps, as they come one after the other
     * @param rounds how many of them are passes over the whole dog
     * @param wiped whether a bristle brush lays the whole coat last of all
     * @return one for each step
     */
    static List<Optional<Reason>> before(List<List<RoutinePlace>> steps, int rounds, boolean wiped) {
        List<Optional<Reason>> prompts = new ArrayList<>();
        double whole = steps.stream().mapToDouble(RoutineStep::seconds).sum();
        double sinceCleared = 0;
        double sinceChanged = 0;
        int half = whole < LONG_SECONDS ? steps.size() : half(steps, whole);
        boolean heard = false;
        Finish finish = finish(steps);
        for (int i = 0; i < steps.size(); i++) {
            List<RoutinePlace> step = steps.get(i);
            boolean last = i == steps.size() - 1;
            // The finish is always said, and what comes before it is not.
            boolean may = i > 0
                    && i + 1 != half
                    && prompts.get(i - 1).isEmpty()
                    && (last || finish == Finish.AS_IT_IS || i != steps.size() - 2);
            Optional<Reason> prompt = Optional.empty();
            if (i < rounds) {
                // Each tool is taken up clean, and goes on for long.
                sinceCleared = 0;
            }
            if (i < rounds && i != half && RoutineStep.seconds(step) >= FULL_SECONDS) {
                prompt = Optional.of(new Reason(
                        "session.clear-as-it-fills",
                        "Clear it whenever it is full: a full brush slides over the hair."));
            } else if (i == half) {
                prompt = Optional.of(new Reason(
                        "session.break",
                        "Half-way: a break, a treat where you want the dog to stay, and a stretch for your hand."));
                sinceChanged = 0;
            } else if (may && last && finish != Finish.AS_IT_IS) {
                prompt = Optional.of(new Reason(
                        "session.finish",
                        "Last of all " + (wiped ? "the bristle brush " : "") + "once over the whole dog, lightly, "
                                + (finish == Finish.LAID
                                        ? "with the lie, so that it lies well."
                                        : "against the lie, so that it stands open.")));
            } else if (may && brushes(step) && sinceCleared >= (lifts(step) ? FULL_SECONDS : FULL_LATER_SECONDS)) {
                prompt = Optional.of(
                        new Reason("session.clear-brush", "Clear the brush first: a full one slides over the hair."));
                sinceCleared = 0;
            } else if (may && sinceChanged >= ONE_HAND_SECONDS && side(step) == Side.RIGHT) {
                prompt = Optional.of(new Reason(
                        "session.change-hands", "Change hands, or shake them out: a light grip brushes best."));
                sinceChanged = 0;
            } else if (may && !heard && layered(step)) {
                prompt = Optional.of(new Reason(
                        "session.listen", "Listen: hair that is not done crackles and drags, done hair is quiet."));
                heard = true;
            }
            prompts.add(prompt);
            double seconds = RoutineStep.seconds(step);
            sinceCleared += seconds;
            sinceChanged += seconds;
        }
        return prompts;
    }

    /** The step before which about half is done. */
    private static int half(List<List<RoutinePlace>> steps, double whole) {
        double gone = 0;
        for (int i = 0; i < steps.size(); i++) {
            double next = gone + RoutineStep.seconds(steps.get(i));
            if (next >= whole / 2) {
                return i > 0 && whole / 2 - gone < next - whole / 2 ? i : i + 1;
            }
            gone = next;
        }
        return steps.size();
    }

    private static Side side(List<RoutinePlace> step) {
        return step.get(0).section().side();
    }

    /** The comb is never full. */
    private static boolean brushes(List<RoutinePlace> step) {
        return step.stream()
                .flatMap(place -> place.tools().stream())
                .anyMatch(tool -> tool.step().tool().work() == ToolKind.Work.BRUSH);
    }

    private static boolean layered(List<RoutinePlace> step) {
        return step.stream().anyMatch(RoutinePlace::parted);
    }

    private static boolean lifts(List<RoutinePlace> step) {
        return step.stream()
                .flatMap(place -> place.tools().stream())
                .anyMatch(tool -> tool.step().manner() == Manner.LIFT_LOOSE);
    }

    /** How most of what is brushed is left. */
    private static Finish finish(List<List<RoutinePlace>> steps) {
        Map<Finish, Double> seconds = new EnumMap<>(Finish.class);
        steps.stream()
                .flatMap(List::stream)
                .forEach(place -> seconds.merge(place.passes().finish(), place.seconds(), Double::sum));
        return seconds.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .orElse(Finish.AS_IT_IS);
    }
}
