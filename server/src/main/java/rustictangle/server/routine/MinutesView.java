package rustictangle.server.routine;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rustictangle.core.dog.Section;
import rustictangle.core.rhythm.Rhythm;
import rustictangle.core.routine.MinutesPlan;

/**
 * What to do with the minutes there are.
 *
 * @param choices only where the choice changes: each holds until the minutes of the next
 * @param waits   how long each section can wait
 */
record MinutesView(int fewestMinutes, int mostMinutes, List<Choice> choices, List<Wait> waits) {

    /** @param minutes from which on this is best */
    record Choice(int minutes, List<Section> sections) {}

    /** @param until absent: it should not wait */
    record Wait(Section section, Optional<LocalDate> until) {}

    static MinutesView of(List<MinutesPlan> plans, Rhythm rhythm, LocalDate today) {
        List<Choice> choices = new ArrayList<>();
        List<Section> before = null;
        for (MinutesPlan plan : plans) {
            if (!plan.chosen().equals(before)) {
                choices.add(new Choice(plan.minutes(), plan.chosen()));
                before = plan.chosen();
            }
        }
        return new MinutesView(
                MinutesPlan.FEWEST_MINUTES,
                MinutesPlan.MOST_MINUTES,
                choices,
                rhythm.sections().stream()
                        .map(section -> new Wait(section.section(), MinutesPlan.canWaitTo(section, today)))
                        .toList());
    }
}
