package rustictangle.server.session;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import rustictangle.core.Reason;
import rustictangle.core.Sure;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.HandLessons;
import rustictangle.core.log.CombResult;
import rustictangle.core.log.SessionEvent;
import rustictangle.core.log.SessionEvent.SectionDone;
import rustictangle.core.log.Signal;
import rustictangle.core.rhythm.HairTrail;
import rustictangle.core.rhythm.Mat;
import rustictangle.core.routine.Course;
import rustictangle.core.routine.Preparation;
import rustictangle.core.routine.Sitting;
import rustictangle.core.session.CatchAdvice;
import rustictangle.core.session.Reaction;
import rustictangle.core.session.Review;
import rustictangle.core.session.SessionLog;
import rustictangle.core.session.SessionState;
import rustictangle.core.trust.TreatsToday;
import rustictangle.server.routine.RoutineView;

/**
 * A session as it stands.
 *
 * @param places         in the order of the plan, with what was recorded
 * @param passes         tools that go over the whole dog before the steps; none: place by place
 * @param pass           which of them is in hand, by its number from 1; absent: none any more
 * @param steps          which places are worked in one grip and answered together
 * @param hand           the places of the step in hand that wait, in order; none once it has ended
 * @param knots          where the fingers felt a knot, in the order of the marks
 * @param preparation    what comes before the first stroke; absent once that is made
 * @param opening        what the hands do first, while nothing is answered yet of what was begun at once; absent else
 * @param lesson         that the hand should have first; absent: none, or the first stroke is made
 * @param reaction       what to do about how the dog takes it just now; absent: nothing was seen
 * @param plan           the places it was begun with, by step
 * @param said           the entries that stand, oldest first: with the plan, all that the fold needs where the server
 *                       cannot be asked
 * @param elsewhere      how the other places are brushed, should the fingers find a knot there; empty after the first stroke
 * @param ifNo           what the first no of the dog means, and each after it
 * @param sitting        how long one sitting may be; absent: as long as both are at ease
 * @param caught         what to do about what has caught; absent: nothing has
 * @param heed           what hands must know of its places before they go on
 * @param letGo          the word after which the dog may go; absent: there is none
 * @param elapsedSeconds from the first stroke on, pauses not counted
 * @param hair           what brushing brought out over the last weeks
 * @param review         what to make of it; absent while it goes on
 * @param entries        how many entries stand; over 0 the last can be taken back
 * @param revision       grows with every entry, undos included
 */
record SessionView(
        UUID id,
        long dogId,
        Instant startedAt,
        List<SessionPlace> places,
        boolean paused,
        List<RoutineView.ToolPassView> passes,
        Optional<Integer> pass,
        List<RoutineView.RoutineStepView> steps,
        List<Section> hand,
        List<Section> knots,
        Optional<Preparation> preparation,
        Optional<OpeningView> opening,
        Optional<HandLessons.First> lesson,
        Optional<SessionState.End> end,
        Optional<ReactionView> reaction,
        List<List<Section>> plan,
        List<SessionEvent> said,
        List<RoutineView.RoutinePlaceView> elsewhere,
        List<IfNoView> ifNo,
        List<Reason> advice,
        Optional<SittingView> sitting,
        Optional<CaughtView> caught,
        Heed heed,
        TreatsToday treats,
        Optional<String> letGo,
        int elapsedSeconds,
        HairView hair,
        Optional<Review> review,
        String note,
        int entries,
        int revision) {

    /** What became of a planned section. */
    enum Outcome {
        WAITING,
        DONE,
        SKIPPED
    }

    record SessionPlace(
            RoutineView.RoutinePlaceView how,
            Outcome outcome,
            Optional<CombResult> comb,
            int tangles,
            Optional<Signal> signal) {

        /** By a tool that went over the whole dog, before it ended. */
        static SessionPlace brushed(RoutineView.RoutinePlaceView how) {
            return new SessionPlace(how, Outcome.DONE, Optional.of(CombResult.BRUSHED), 0, Optional.empty());
        }
    }

    /** @param meaning what it means for the next time; absent: too little is known */
    record HairView(List<HairTrail.HairDay> days, Optional<Reason> meaning) {
        static HairView of(HairTrail trail) {
            return new HairView(trail.days(), trail.meaning());
        }
    }

    /** @param brief in one line */
    record OpeningView(Reason brief, Preparation all) {}

    /** @param atMostSeconds of brushing */
    record SittingView(int atMostSeconds, Reason why) {
        static SittingView of(Sitting sitting) {
            return new SittingView((int) sitting.atMost().toSeconds(), sitting.why());
        }
    }

    /** What a no means. */
    record IfNoView(ReactionView optedOut, ReactionView afraid) {}

    /**
     * @param ends  whether the session is over with it
     * @param entry which entry it answers, from 1; 0 when it is only foreseen
     */
    record ReactionView(@JsonUnwrapped Reaction reaction, boolean ends, int entry) {
        static ReactionView of(Reaction reaction, int entry) {
            return new ReactionView(reaction, reaction.todo() == Reaction.Response.END_WELL, entry);
        }

        static int lastSignal(List<SessionEvent> standing) {
            return IntStream.rangeClosed(1, standing.size())
                    .filter(entry -> standing.get(entry - 1) instanceof SessionEvent.Signalled)
                    .max()
                    .orElse(0);
        }
    }

    /**
     * What hands must know before they go on.
     *
     * @param mayNot why nothing is brushed any more; absent: it is
     * @param closed of its places, since it was begun or before
     * @param mats   left in anywhere on this dog
     * @param likely where a mat is likely by now: fingers and mist first, from the ends
     * @param wet    of its places, where it was wet and no comb has run free since
     */
    record Heed(
            Optional<Reason> mayNot,
            List<ClosedPlace> closed,
            List<Mat> mats,
            List<Section> likely,
            List<Section> wet) {}

    record ClosedPlace(Section section, Reason why) {}

    record CaughtView(Section section, @JsonUnwrapped CatchAdvice advice) {}

    static SessionView of(
            long dogId,
            SessionLog session,
            SessionState state,
            Optional<CatchAdvice> caught,
            RoutineView routine,
            Course course,
            List<RoutineView.RoutinePlaceView> elsewhere,
            Optional<Sitting> sitting,
            Heed heed,
            Optional<HandLessons.First> lesson,
            TreatsToday treats,
            Optional<String> letGo,
            int elapsedSeconds,
            HairTrail hair,
            Optional<Review> review) {
        Map<Section, RoutineView.RoutinePlaceView> how = routine.places().stream()
                .collect(Collectors.toMap(RoutineView.RoutinePlaceView::section, Function.identity()));
        Map<Section, SectionDone> done =
                state.done().stream().collect(Collectors.toMap(SectionDone::section, Function.identity()));
        List<Section> skipped = state.skipped();
        // While it goes on, the comb is still to come.
        Set<Section> brushed = state.end().isPresent() ? state.brushedOnly() : Set.of();
        List<SessionPlace> places = state.plan().stream()
                .map(section -> brushed.contains(section)
                        ? SessionPlace.brushed(Sure.at(how, section))
                        : place(
                                Sure.at(how, section),
                                Optional.ofNullable(done.get(section)),
                                skipped.contains(section)))
                .toList();
        return new SessionView(
                session.id(),
                dogId,
                session.startedAt(),
                places,
                state.paused(),
                course.passes().stream().map(RoutineView.ToolPassView::of).toList(),
                state.pass(),
                course.steps().stream().map(RoutineView.RoutineStepView::of).toList(),
                state.hand(),
                List.copyOf(state.knots()),
                state.preparing() ? Optional.of(routine.preparation()) : Optional.empty(),
                state.opening()
                        ? Optional.of(new OpeningView(routine.preparation().brief(), routine.preparation()))
                        : Optional.empty(),
                lesson,
                state.end(),
                state.reaction().map(reaction -> ReactionView.of(reaction, ReactionView.lastSignal(state.standing()))),
                session.session().steps(),
                state.standing(),
                elsewhere,
                IF_NO,
                state.advice(),
                sitting.map(SittingView::of),
                caught.map(
                        advice -> new CaughtView(session.session().catchingAt().orElseThrow(), advice)),
                heed,
                treats,
                letGo,
                elapsedSeconds,
                HairView.of(hair),
                review,
                session.note(),
                state.standing().size(),
                session.revision());
    }

    private static final List<IfNoView> IF_NO = Reaction.toEachNo().stream()
            .map(no -> new IfNoView(ReactionView.of(no.optedOut(), 0), ReactionView.of(no.afraid(), 0)))
            .toList();

    private static SessionPlace place(RoutineView.RoutinePlaceView how, Optional<SectionDone> done, boolean skipped) {
        Outcome outcome = done.isPresent() ? Outcome.DONE : skipped ? Outcome.SKIPPED : Outcome.WAITING;
        return new SessionPlace(
                how,
                outcome,
                done.map(SectionDone::comb),
                done.map(SectionDone::tangles).orElse(0),
                done.map(SectionDone::signal));
    }
}
