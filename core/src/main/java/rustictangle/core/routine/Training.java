package rustictangle.core.routine;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;
import rustictangle.core.trust.Trust;

/**
 * What of these sections is brushed, and what is practised instead.
 *
 * @param brushed   where the dog accepts real brushing
 * @param practised where it does not yet
 * @param why       empty when nothing is only practised
 */
public record Training(List<Section> brushed, List<Section> practised, Optional<Reason> why) {

    public Training {
        brushed = List.copyOf(brushed);
        practised = List.copyOf(practised);
    }

    public static Training of(Trust trust, Collection<Section> sections) {
        List<Section> practised = trust.notReady(sections);
        return new Training(
                sections.stream()
                        .filter(section -> !practised.contains(section))
                        .toList(),
                practised,
                practised.isEmpty()
                        ? Optional.empty()
                        : Optional.of(
                                new Reason(
                                        "routine.in-training",
                                        "Below the rung where a "
                                                + "whole place is brushed, these are practised, not brushed: if you must hold hard, you are at the "
                                                + "wrong step. A mat that hurts is a groomer's or a vet's, not a reason to hold.")));
    }
}
