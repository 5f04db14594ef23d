package rustictangle.core.routine;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rustictangle.core.dog.Friction;
import rustictangle.core.dog.Section;
import rustictangle.core.rhythm.SectionRhythm;

/**
 * Which sections to do in the minutes there are: never a hurried whole dog, but the places that lower the
 * risk most, done properly. Exact: a 0/1 knapsack on half-minutes.
 *
 * @param minutes     what there is
 * @param chosen      in the order of the routine
 * @param halfMinutes what they take together, at most twice the minutes
 * @param riskLowered the sum of what each lowers, expected mats
 */
public record MinutesPlan(int minutes, List<Section> chosen, int halfMinutes, double riskLowered) {

    public static final int FEWEST_MINUTES = 2;
    public static final int MOST_MINUTES = 90;

    /** A mat that was left tightens by the day: as sure as a risk can be. Own estimate. */
    private static final double MAT_WAITS = 1;
    /** Nobody knows how an unchecked place of the highest friction is: even odds. Own estimate. */
    private static final double UNKNOWN = 0.5;
    /** Smooth hair does not mat; its rub-down comes after everything that does. Own estimate. */
    private static final double RUB_DOWN = 0.01;

    private static final int SECONDS_PER_HALF_MINUTE = 30;

    public MinutesPlan {
        chosen = List.copyOf(chosen);
    }

    /**
     * The best choice for every number of minutes from {@link #FEWEST_MINUTES} to {@link #MOST_MINUTES}.
     *
     * @param whole    the routine of the whole dog
     * @param rhythms  one per section, in the order of {@link Section}
     */
    public static List<MinutesPlan> forEachMinute(Routine whole, List<SectionRhythm> rhythms) {
        List<RoutineStep> steps = whole.steps();
        Knapsack knapsack = new Knapsack(
                steps.stream().mapToInt(MinutesPlan::halfMinutes).toArray(),
                steps.stream()
                        .mapToDouble(
                                step -> riskLowered(rhythms.get(step.section().ordinal())))
                        .toArray(),
                2 * MOST_MINUTES);
        List<MinutesPlan> plans = new ArrayList<>();
        for (int minutes = FEWEST_MINUTES; minutes <= MOST_MINUTES; minutes++) {
            List<RoutineStep> chosen =
                    knapsack.chosen(2 * minutes).stream().mapToObj(steps::get).toList();
            plans.add(new MinutesPlan(
                    minutes,
                    chosen.stream().map(RoutineStep::section).toList(),
                    chosen.stream().mapToInt(MinutesPlan::halfMinutes).sum(),
                    knapsack.worth(2 * minutes)));
        }
        return plans;
    }

    /** What a section takes, at least one; up and down even out over the sections. */
    static int halfMinutes(RoutineStep step) {
        return Math.max(1, Math.round((float) step.seconds() / SECONDS_PER_HALF_MINUTE));
    }

    /**
     * How much doing the section today lowers the expected number of mats, in [0, 1]: a tangle that is in it
     * now is a mat in a few days, so the chance of a tangle today is what is won.
     */
    static double riskLowered(SectionRhythm rhythm) {
        return switch (rhythm.state()) {
            case NOT_BRUSHED -> 0;
            case MAT_LEFT -> MAT_WAITS;
            case NEVER_CHECKED -> UNKNOWN * rhythm.section().friction().factor() / Friction.HIGHEST.factor();
            case DUE, OVERDUE -> Math.max(RUB_DOWN, rhythm.chanceOfTangle());
            case RESTING -> rhythm.chanceOfTangle();
        };
    }

    /** How long a section that was not chosen can wait; empty: it should not. */
    public static Optional<LocalDate> canWaitTo(SectionRhythm rhythm, LocalDate today) {
        if (rhythm.state() == SectionRhythm.State.RESTING || rhythm.state() == SectionRhythm.State.NOT_BRUSHED) {
            return Optional.of(rhythm.due());
        }
        return rhythm.overdueFrom().map(day -> day.minusDays(1)).filter(day -> day.isAfter(today));
    }
}
