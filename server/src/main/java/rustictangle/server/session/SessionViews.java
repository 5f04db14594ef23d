package rustictangle.server.session;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import rustictangle.core.dog.Section;
import rustictangle.core.rhythm.SectionRhythm;
import rustictangle.core.routine.Routine;
import rustictangle.core.routine.RoutineStep;
import rustictangle.core.session.CatchAdvice;
import rustictangle.core.session.Review;
import rustictangle.core.session.Session;
import rustictangle.core.session.SessionEvent;
import rustictangle.core.session.SessionState;
import rustictangle.core.trust.Trust;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.rhythm.Rhythms;
import rustictangle.server.routine.RoutineView;
import rustictangle.server.routine.Routines;
import rustictangle.server.session.EventStore.Spent;
import rustictangle.server.session.SessionService.Replayed;
import rustictangle.server.session.SessionStore.PlannedSection;
import rustictangle.server.session.SessionStore.StoredSession;
import rustictangle.server.trust.Treats;
import rustictangle.server.trust.Trusts;

/** A session put together with all that is known of its dog. */
@Component
class SessionViews {

    private final SessionService service;
    private final SessionStore store;
    private final EventStore events;
    private final Routines routines;
    private final Rhythms rhythms;
    private final Mats mats;
    private final Treats treats;
    private final Trusts trusts;
    private final Clock clock;

    SessionViews(
            SessionService service,
            SessionStore store,
            EventStore events,
            Routines routines,
            Rhythms rhythms,
            Mats mats,
            Treats treats,
            Trusts trusts,
            Clock clock) {
        this.service = service;
        this.store = store;
        this.events = events;
        this.routines = routines;
        this.rhythms = rhythms;
        this.mats = mats;
        this.treats = treats;
        this.trusts = trusts;
        this.clock = clock;
    }

    SessionView view(KnownDog known, StoredSession session) {
        Replayed log = service.replay(session);
        SessionState state = log.session().state();
        Routine routine = routines.of(known, state.plan());
        int spent = spent(session, state);
        Optional<Review> review = state.end().map(end -> Review.of(state, spent, expected(session, state, routine)));
        return SessionView.of(
                log,
                state,
                caught(known, log.session()),
                RoutineView.of(routine),
                state.preparing() ? elsewhere(known, state.plan()) : List.of(),
                mats.stillIn(known.id()),
                treats.on(known, LocalDate.now(clock)),
                spent,
                review);
    }

    /** Where a knot may still be felt: the other places on which something is brushed. */
    private List<RoutineView.StepView> elsewhere(KnownDog known, List<Section> plan) {
        List<Section> others = Arrays.stream(Section.values())
                .filter(section -> !plan.contains(section)
                        && known.coat().at(section).kind().brushed())
                .toList();
        return others.isEmpty()
                ? List.of()
                : RoutineView.of(routines.of(known, others)).steps();
    }

    /** @param revision grows with every entry */
    record Pulse(int revision, int elapsedSeconds) {}

    Pulse pulse(StoredSession session) {
        Replayed log = service.replay(session);
        return new Pulse(log.entries(), spent(session, log.session().state()));
    }

    /** Up to now, or to its end. */
    private int spent(StoredSession session, SessionState state) {
        Spent spent = events.spent(session);
        boolean running = state.end().isEmpty() && !state.paused() && !state.preparing();
        return spent.seconds()
                + (running
                        ? (int) Duration.between(spent.lastAt(), clock.instant())
                                .toSeconds()
                        : 0);
    }

    /** What the worked places were expected to take when it began; where that is not known, as reckoned now. */
    private int expected(StoredSession session, SessionState state, Routine routine) {
        Map<Section, Integer> now =
                routine.steps().stream().collect(Collectors.toMap(RoutineStep::section, RoutineStep::seconds));
        Map<Section, Integer> planned = store.plan(session.id()).stream()
                .filter(plan -> plan.seconds().isPresent())
                .collect(Collectors.toMap(
                        PlannedSection::section, plan -> plan.seconds().get()));
        return state.done().stream()
                .map(SessionEvent.SectionDone::section)
                .mapToInt(section -> planned.getOrDefault(section, now.getOrDefault(section, 0)))
                .sum();
    }

    private Optional<CatchAdvice> caught(KnownDog known, Session log) {
        Optional<Section> here = log.state().current();
        if (here.isEmpty() || !log.catching()) {
            return Optional.empty();
        }
        Set<Section> matted = rhythms.of(known).sections().stream()
                .filter(section -> section.state() == SectionRhythm.State.MAT_LEFT)
                .map(SectionRhythm::section)
                .collect(Collectors.toSet());
        int canMat = (int) Arrays.stream(Section.values())
                .filter(s -> known.coat().at(s).kind().mats())
                .count();
        boolean tender = known.dog().delicateSkin()
                || here.get().thinSkinned()
                || known.coat().at(here.get()).pale();
        return log.catchAdvice(matted, canMat, tender);
    }

    /** Of one place, as it is brushed now. */
    int layers(KnownDog known, Section section) {
        return routines.of(known, List.of(section)).steps().stream()
                .mapToInt(step -> step.layers().count())
                .findFirst()
                .orElse(1);
    }

    /** The plan with what each place is expected to take. */
    List<PlannedSection> planned(KnownDog known, List<Section> sections) {
        Map<Section, Integer> seconds = routines.of(known, sections).steps().stream()
                .collect(Collectors.toMap(RoutineStep::section, RoutineStep::seconds));
        Trust trust = trusts.of(known);
        return sections.stream()
                .map(section ->
                        new PlannedSection(section, Optional.ofNullable(seconds.get(section)), trust.lead(section)))
                .toList();
    }
}
