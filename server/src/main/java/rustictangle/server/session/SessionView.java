package rustictangle.server.session;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;
import rustictangle.core.session.CatchAdvice;
import rustictangle.core.session.CombResult;
import rustictangle.core.session.SessionEvent.SectionDone;
import rustictangle.core.session.SessionEvent.SectionSkipped;
import rustictangle.core.session.SessionState;
import rustictangle.core.trust.Signal;
import rustictangle.server.routine.RoutineView;
import rustictangle.server.session.SessionStore.StoredSession;

/**
 * A session as it stands.
 *
 * @param steps   in the order of the plan, with what was recorded
 * @param current the section to do now; absent once it has ended
 * @param caught  what to do about what has caught at the current section; absent: nothing has
 * @param entries how many entries stand; over 0 the last can be taken back
 */
record SessionView(UUID id, long dogId, Instant startedAt, List<PlannedStep> steps, Optional<Section> current,
        Optional<SessionState.End> end, List<Reason> advice, Optional<CaughtView> caught, int entries) {

    /** What became of a planned section. */
    enum Outcome { WAITING, DONE, SKIPPED }

    record PlannedStep(RoutineView.StepView how, Outcome outcome, Optional<CombResult> comb, int tangles,
            Optional<Signal> signal) { }

    /** The one thing to do, with the words to show. */
    record CaughtView(CatchAdvice.Todo todo, String label, List<Reason> reasons, List<String> steps, List<Reason> never) {
        static CaughtView of(CatchAdvice advice) {
            return new CaughtView(advice.todo(), advice.todo().label(), advice.reasons(), advice.steps(), advice.never());
        }
    }

    static SessionView of(StoredSession session, SessionState state, Optional<CatchAdvice> caught, RoutineView routine) {
        Map<Section, RoutineView.StepView> how = routine.steps().stream()
                .collect(Collectors.toMap(RoutineView.StepView::section, Function.identity()));
        Map<Section, SectionDone> done = state.done().stream()
                .collect(Collectors.toMap(SectionDone::section, Function.identity()));
        List<Section> skipped = state.standing().stream().filter(SectionSkipped.class::isInstance)
                .map(event -> ((SectionSkipped) event).section()).toList();
        List<PlannedStep> steps = state.plan().stream()
                .map(section -> step(how.get(section), Optional.ofNullable(done.get(section)),
                        skipped.contains(section)))
                .toList();
        return new SessionView(session.id(), session.dogId(), session.startedAt(), steps, state.current(),
                state.end(), state.advice(), caught.map(CaughtView::of), state.standing().size());
    }

    private static PlannedStep step(RoutineView.StepView how, Optional<SectionDone> done, boolean skipped) {
        Outcome outcome = done.isPresent() ? Outcome.DONE : skipped ? Outcome.SKIPPED : Outcome.WAITING;
        return new PlannedStep(how, outcome, done.map(SectionDone::comb),
                done.map(SectionDone::tangles).orElse(0), done.map(SectionDone::signal));
    }
}
