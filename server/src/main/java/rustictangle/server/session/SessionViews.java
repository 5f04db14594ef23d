package rustictangle.server.session;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;
import rustictangle.core.Sure;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.HandLessons;
import rustictangle.core.log.Log;
import rustictangle.core.log.SessionBegun;
import rustictangle.core.log.SessionEvent.SectionDone;
import rustictangle.core.log.ToolKind;
import rustictangle.core.rhythm.HairTrail;
import rustictangle.core.rhythm.Mat;
import rustictangle.core.rhythm.Proof;
import rustictangle.core.routine.Course;
import rustictangle.core.routine.Picture;
import rustictangle.core.routine.Routine;
import rustictangle.core.routine.RoutinePlace;
import rustictangle.core.routine.RoutineStep;
import rustictangle.core.routine.Sitting;
import rustictangle.core.session.Review;
import rustictangle.core.session.SessionLog;
import rustictangle.core.session.SessionState;
import rustictangle.core.trust.MayBegin;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.kit.KitLoader;
import rustictangle.server.log.Logs;
import rustictangle.server.routine.RoutineLoader;
import rustictangle.server.routine.RoutineView;
import rustictangle.server.trust.TreatLoader;
import rustictangle.server.trust.TrustLoader;

/** A session put together with all that is known of its dog. */
@Component
record SessionViews(
        RoutineLoader routines, Logs logs, TreatLoader treats, KitLoader kits, TrustLoader trusts, Clock clock) {

    SessionView view(KnownDog known, SessionLog session) {
        Picture picture = routines.picture(known);
        Log log = logs.of(known.id());
        SessionState state = session.session().state();
        Routine routine = picture.routine(state.plan());
        int worked = session.worked(clock.instant());
        Optional<Review> review =
                state.end().map(end -> Review.of(state, worked, expected(session.begun(), state, routine)));
        return SessionView.of(
                known.id(),
                session,
                state,
                session.catchAdvice(picture, log),
                RoutineView.of(routine, session.begun().passes()),
                course(session, state, routine),
                state.preparing() || state.opening() ? elsewhere(picture, state.plan()) : List.of(),
                Sitting.of(known.dog(), kits.approach(known.id()).hand()),
                heed(known, state.plan(), picture, log),
                (state.preparing() || state.opening())
                                && picture.trust().daysUnbrushed().isEmpty()
                        ? lesson(known, routine)
                        : Optional.empty(),
                treats.today(known),
                picture.trust().agreed().letGo(),
                worked,
                HairTrail.of(log, LocalDate.now(clock)),
                review);
    }

    private Optional<HandLessons.First> lesson(KnownDog known, Routine routine) {
        Set<ToolKind> inHand = routine.places().stream()
                .flatMap(place -> place.tools().stream())
                .filter(tool -> tool.step().manner().brushes())
                .flatMap(tool -> tool.best().stream())
                .map(fit -> fit.tool().kind())
                .collect(Collectors.toSet());
        return HandLessons.of(logs.ofHousehold())
                .first(kits.approach(known.id()).hand(), inHand);
    }

    private SessionView.Heed heed(KnownDog known, List<Section> plan, Picture picture, Log log) {
        MayBegin may = trusts.may(known);
        Set<Section> wet = Proof.of(log).wet();
        return new SessionView.Heed(
                may.brushing(),
                plan.stream()
                        .flatMap(section ->
                                may.keptFrom(section).stream().map(why -> new SessionView.ClosedPlace(section, why)))
                        .toList(),
                Mat.stillIn(log, LocalDate.now(clock)),
                picture.forecast().matLikely(),
                plan.stream()
                        .filter(section -> wet.contains(section)
                                && known.coat().at(section).kind().mats())
                        .toList());
    }

    /** Where a knot may still be felt: the other places on which something is brushed. */
    private static List<RoutineView.RoutinePlaceView> elsewhere(Picture picture, List<Section> plan) {
        List<Section> others = Arrays.stream(Section.values())
                .filter(section -> !plan.contains(section)
                        && picture.coat().at(section).kind().brushed())
                .toList();
        return others.isEmpty()
                ? List.of()
                : RoutineView.of(picture.routine(others)).places();
    }

    /** @param revision grows with every entry */
    record Pulse(int revision, int elapsedSeconds) {}

    Pulse pulse(SessionLog session) {
        return new Pulse(session.revision(), session.worked(clock.instant()));
    }

    /** What the worked places were expected to take when it began; where that is not known, as reckoned now. */
    private static int expected(SessionBegun begun, SessionState state, Routine routine) {
        Map<Section, Integer> now =
                routine.places().stream().collect(Collectors.toMap(RoutinePlace::section, RoutinePlace::wholeSeconds));
        Map<Section, Integer> planned = begun.plan().stream()
                .filter(place -> place.seconds().isPresent())
                .collect(Collectors.toMap(SessionBegun.BegunPlace::section, place -> place.seconds()
                        .get()));
        int worked = state.done().stream()
                .map(SectionDone::section)
                .mapToInt(section -> planned.getOrDefault(section, now.getOrDefault(section, 0)))
                .sum();
        Set<Section> brushed = state.brushedOnly();
        return worked
                + begun.passes().stream()
                        .mapToInt(pass -> (int) (pass.seconds()
                                * pass.sections().stream()
                                        .filter(brushed::contains)
                                        .count()
                                / Math.max(1, pass.sections().size())))
                        .sum();
    }

    /** The plan with what each place is expected to take. */
    SessionBegun planned(KnownDog known, List<Section> sections) {
        Picture picture = routines.picture(known);
        Routine routine = picture.routine(sections);
        Map<Section, RoutinePlace> how =
                routine.places().stream().collect(Collectors.toMap(RoutinePlace::section, Function.identity()));
        Course course = Course.of(
                routine.structure(), sections.stream().distinct().map(how::get).toList(), picture.trust()::readyAt);
        return new SessionBegun(
                sections.stream()
                        .map(section -> new SessionBegun.BegunPlace(
                                section,
                                Optional.of(Sure.at(how, section).wholeSeconds()),
                                picture.trust().lead(section),
                                Optional.of(1 + number(course.steps(), section))))
                        .toList(),
                course.passes().stream()
                        .map(pass -> new SessionBegun.BegunPass(
                                pass.tool(), pass.sections(), (int) Math.round(pass.seconds())))
                        .toList());
    }

    /** Whether something must be asked before the first stroke at these places. */
    boolean asks(KnownDog known, List<Section> sections) {
        return routines.picture(known).routine(sections).preparation().asks();
    }

    /** How these places are worked. */
    List<RoutinePlace> how(KnownDog known, List<Section> sections) {
        return routines.picture(known).routine(sections).places();
    }

    private static int number(List<RoutineStep> steps, Section section) {
        return IntStream.range(0, steps.size())
                .filter(i -> steps.get(i).sections().contains(section))
                .findFirst()
                .orElseThrow();
    }

    /** As it was put together when it began, and what the fingers found besides. */
    private static Course course(SessionLog session, SessionState state, Routine routine) {
        List<List<Section>> steps = new ArrayList<>(session.session().steps());
        state.plan().stream()
                .filter(section -> steps.stream().noneMatch(step -> step.contains(section)))
                .toList()
                .forEach(section -> steps.add(List.of(section)));
        return Course.begun(session.begun(), steps, routine.places());
    }
}
