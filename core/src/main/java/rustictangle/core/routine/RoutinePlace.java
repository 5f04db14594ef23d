package rustictangle.core.routine;

import java.util.List;
import java.util.Optional;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Manner;
import rustictangle.core.kit.Parting;
import rustictangle.core.kit.StepKit;
import rustictangle.core.log.CombResult;
import rustictangle.core.log.ToolKind;

/**
 * How one place is worked today.
 *
 * @param tools         in their turn, each with the owner's best for it; only what there is
 * @param missing       what is asked for besides and is not in the drawer
 * @param asksForProof  whether a comb shows here that the skin was reached; hair that does not mat asks for none
 * @param done          what it means that it is done: proved by the comb, or only brushed where there is none
 * @param mist          where the mist goes; empty: none is asked for
 * @param holdUnparted  how, while a tool is in hand for which nothing is parted
 * @param parted        whether the hair is parted so, with the tools there are
 * @param methods       the cards that show how, this place's own first
 * @param strokesAtMost strokes on one spot before moving on
 * @param seconds       how long it takes, greater than 0; not rounded, so that sums are right
 * @param fromSeconds   the lower end of a range in which the time lies with a probability of two thirds
 * @param toSeconds     its upper end
 */
public record RoutinePlace(
        Section section,
        List<StepKit> tools,
        List<ToolKind> missing,
        boolean asksForProof,
        CombResult done,
        Optional<Reason> mist,
        String hold,
        String holdUnparted,
        Layers layers,
        boolean parted,
        Passes passes,
        int strokesAtMost,
        double seconds,
        double fromSeconds,
        double toSeconds,
        List<Method> methods,
        List<Reason> reasons) {

    public RoutinePlace {
        tools = List.copyOf(tools);
        missing = List.copyOf(missing);
        methods = List.copyOf(methods);
        reasons = List.copyOf(reasons);
    }

    /** Rounded, to be written down. */
    public int wholeSeconds() {
        return (int) Math.max(1, Math.round(seconds));
    }

    /** What one tool's turn takes of the time here, in (0, 1]; all of them together 1. */
    public double share(StepKit turn) {
        return strokes(turn) / tools.stream().mapToDouble(this::strokes).sum();
    }

    private double strokes(StepKit turn) {
        Manner manner = turn.step().manner();
        return manner.strokes() * (parted && manner.inPartings() ? layers.count() : 1);
    }

    /** The same at another pace. */
    RoutinePlace taking(Pace.Time time) {
        return new RoutinePlace(
                section,
                tools,
                missing,
                asksForProof,
                done,
                mist,
                hold,
                holdUnparted,
                layers,
                parted,
                passes,
                strokesAtMost,
                time.seconds(),
                time.fromSeconds(),
                time.toSeconds(),
                methods,
                reasons);
    }

    /** The same with only these of its tools in hand, in their part of the time. */
    RoutinePlace with(List<StepKit> inHand) {
        double part = inHand.stream().mapToDouble(this::share).sum();
        boolean stillParted =
                parted && inHand.stream().anyMatch(tool -> tool.step().manner().parting() != Parting.NONE);
        return new RoutinePlace(
                section,
                inHand,
                missing,
                asksForProof,
                done,
                mist,
                stillParted ? hold : holdUnparted,
                holdUnparted,
                layers,
                stillParted,
                passes,
                strokesAtMost,
                part * seconds,
                part * fromSeconds,
                part * toSeconds,
                methods,
                reasons);
    }
}
