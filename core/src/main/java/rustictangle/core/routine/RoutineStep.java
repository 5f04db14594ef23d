package rustictangle.core.routine;

import java.util.List;
import java.util.Optional;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.StepKit;

/**
 * One section of today's routine.
 *
 * @param tools         in their turn, each with the owner's best for it
 * @param mist          where the mist goes; empty: none is asked for
 * @param methods       the cards that show how, this place's own first
 * @param strokesAtMost strokes on one spot before moving on
 * @param seconds       how long it takes, greater than 0; not rounded, so that sums are right
 * @param fromSeconds   two times of three it takes at least this
 * @param toSeconds     and at most this
 */
public record RoutineStep(
        Section section,
        List<StepKit> tools,
        Optional<Reason> mist,
        String hold,
        Layers layers,
        Passes passes,
        int strokesAtMost,
        double seconds,
        double fromSeconds,
        double toSeconds,
        List<Method> methods,
        List<Reason> reasons) {

    public RoutineStep {
        tools = List.copyOf(tools);
        methods = List.copyOf(methods);
        reasons = List.copyOf(reasons);
    }

    /** Rounded, to be written down. */
    public int wholeSeconds() {
        return (int) Math.max(1, Math.round(seconds));
    }

    /** The same at another pace. */
    RoutineStep taking(Pace.Time time) {
        return new RoutineStep(
                section,
                tools,
                mist,
                hold,
                layers,
                passes,
                strokesAtMost,
                time.seconds(),
                time.fromSeconds(),
                time.toSeconds(),
                methods,
                reasons);
    }
}
