package rustictangle.core.routine;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import rustictangle.core.Reason;
import rustictangle.core.Sure;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Grip;
import rustictangle.core.kit.Manner;
import rustictangle.core.kit.StepKit;
import rustictangle.core.kit.Structure;
import rustictangle.core.log.SessionBegun;
import rustictangle.core.log.ToolKind;

/**
 * How hands go through a routine: the tools that go over the whole dog, and then the steps, each in one grip.
 *
 * @param passes none where it goes place by place
 */
public record Course(List<ToolPass> passes, List<RoutineStep> steps) {

    public Course {
        passes = List.copyOf(passes);
        steps = List.copyOf(steps);
    }

    /**
     * @param places in their order
     * @param ready  whether a place is brushed by now, not in training: those are done by themselves, with every tool at
     *               once
     */
    public static Course of(Structure structure, List<RoutinePlace> places, Predicate<Section> ready) {
        Map<ToolKind, List<Section>> passes = structure == Structure.PLACE_BY_PLACE
                ? Map.of()
                : passes(places.stream()
                        .filter(place -> ready.test(place.section()))
                        .toList());
        return of(
                passes,
                RoutineStep.grips(
                        places.stream().map(place -> own(place, passes)).toList(), ready),
                places);
    }

    /**
     * The course of a session as it was put together when it began.
     *
     * @param steps  the places by step, in order
     * @param places how they are worked now, all of the steps'
     */
    public static Course begun(SessionBegun begun, List<List<Section>> steps, List<RoutinePlace> places) {
        Map<ToolKind, List<Section>> passes = new LinkedHashMap<>();
        begun.passes().forEach(pass -> passes.put(pass.tool(), pass.sections()));
        Map<Section, RoutinePlace> how =
                places.stream().collect(Collectors.toMap(RoutinePlace::section, Function.identity()));
        return of(
                passes,
                steps.stream()
                        .map(step -> step.stream()
                                .map(section -> own(Sure.at(how, section), passes))
                                .toList())
                        .toList(),
                places);
    }

    private static Course of(
            Map<ToolKind, List<Section>> passes, List<List<RoutinePlace>> steps, List<RoutinePlace> places) {
        List<List<RoutinePlace>> rounds = passes.entrySet().stream()
                .map(pass -> places.stream()
                        .filter(place -> pass.getValue().contains(place.section()))
                        .map(place -> with(place, turn -> at(place, turn).equals(Optional.of(pass.getKey()))))
                        .toList())
                .toList();
        boolean wiped = !passes.isEmpty()
                && places.stream().flatMap(place -> place.tools().stream()).anyMatch(Course::isLastWipe);
        List<Optional<Reason>> prompts =
                Prompts.before(Stream.concat(rounds.stream(), steps.stream()).toList(), rounds.size(), wiped);
        List<ToolPass> named = new ArrayList<>();
        for (ToolKind tool : passes.keySet()) {
            int i = named.size();
            named.add(new ToolPass(tool, rounds.get(i), prompts.get(i)));
        }
        List<RoutineStep> inSteps = new ArrayList<>();
        for (List<RoutinePlace> step : steps) {
            inSteps.add(new RoutineStep(
                    Grip.label(step.stream().map(RoutinePlace::section).toList()),
                    step,
                    prompts.get(named.size() + inSteps.size())));
        }
        return new Course(named, inSteps);
    }

    /** Each tool that goes round, with its places: none before another that goes before it at some place. */
    private static Map<ToolKind, List<Section>> passes(List<RoutinePlace> places) {
        Map<ToolKind, Set<ToolKind>> earlier = new LinkedHashMap<>();
        Map<ToolKind, List<Section>> sections = new LinkedHashMap<>();
        for (RoutinePlace place : places) {
            List<ToolKind> turns = place.tools().stream()
                    .flatMap(turn -> at(place, turn).stream())
                    .distinct()
                    .toList();
            for (ToolKind tool : turns) {
                earlier.computeIfAbsent(tool, one -> new LinkedHashSet<>())
                        .addAll(turns.subList(0, turns.indexOf(tool)));
                sections.computeIfAbsent(tool, one -> new ArrayList<>()).add(place.section());
            }
        }
        Map<ToolKind, List<Section>> inTurn = new LinkedHashMap<>();
        while (inTurn.size() < sections.size()) {
            List<ToolKind> left = sections.keySet().stream()
                    .filter(tool -> !inTurn.containsKey(tool))
                    .toList();
            ToolKind next = left.stream()
                    .filter(tool -> inTurn.keySet().containsAll(earlier.getOrDefault(tool, Set.of())))
                    .findFirst()
                    // Two tools that go before one another at different places: the one that is met first.
                    .orElse(left.get(0));
            inTurn.put(next, sections.getOrDefault(next, List.of()));
        }
        return inTurn;
    }

    /**
     * The tool with whose pass a turn at a place is done: what hands and mist do there is done with the brush that follows.
     *
     * @return empty: with the comb, when the place is proved
     */
    public static Optional<ToolKind> at(RoutinePlace place, StepKit turn) {
        return place.tools().stream()
                .skip(place.tools().indexOf(turn))
                .filter(next -> goesRound(next) || next.step().tool().work() == ToolKind.Work.COMB || isLastWipe(next))
                .findFirst()
                .filter(Course::goesRound)
                .map(next -> next.step().tool());
    }

    /** Not the comb, and not what is wiped over a proved coat. */
    private static boolean goesRound(StepKit turn) {
        return switch (turn.step().tool().work()) {
            case BRUSH, DRYER -> !isLastWipe(turn);
            case HAND, COMB, MIST, ON_A_MAT, BLADE -> false;
        };
    }

    private static boolean isLastWipe(StepKit turn) {
        return turn.step().manner() == Manner.LAST_WIPE;
    }

    /** What is left of a place for its own step: where tools go round, the last wipe is one for the whole dog. */
    private static RoutinePlace own(RoutinePlace place, Map<ToolKind, List<Section>> passes) {
        return passes.isEmpty()
                ? place
                : with(
                        place,
                        turn -> !isLastWipe(turn)
                                && at(place, turn)
                                        .filter(tool -> passes.getOrDefault(tool, List.of())
                                                .contains(place.section()))
                                        .isEmpty());
    }

    private static RoutinePlace with(RoutinePlace place, Predicate<StepKit> inHand) {
        return place.with(place.tools().stream().filter(inHand).toList());
    }
}
