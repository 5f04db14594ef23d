package rustictangle.server.plan;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Reason;
import rustictangle.core.Sure;
import rustictangle.core.dog.Section;
import rustictangle.core.plan.PlanToday;
import rustictangle.core.plan.Race;
import rustictangle.core.plan.SectionPlan;
import rustictangle.core.routine.Course;
import rustictangle.core.routine.Method;
import rustictangle.core.routine.Picture;
import rustictangle.core.routine.Routine;
import rustictangle.core.routine.Sitting;
import rustictangle.core.routine.Training;
import rustictangle.core.trust.MayBegin;
import rustictangle.core.trust.Spot;
import rustictangle.server.coat.DogLoader;
import rustictangle.server.frame.ViewProbe;
import rustictangle.server.rhythm.ClosedView;
import rustictangle.server.routine.RoutineView;
import rustictangle.server.trust.StandingView;

@RestController
record RoutineController(DogLoader dogs, Plans plans) implements ViewProbe {

    /** A card that shows how, with the words to show. */
    record MethodView(Method method, String title, String why, List<String> steps) {}

    private static final List<MethodView> METHODS = Arrays.stream(Method.values())
            .map(method -> new MethodView(method, method.title(), method.why(), method.steps()))
            .toList();

    /** What of the dog a routine covers. */
    public enum Scope {
        /** What the plan brushes today. */
        TODAY,
        /** All that may be brushed now. */
        WHOLE,
        /** All of which a brushing that was may be told: what is closed is not. */
        TOLD
    }

    /**
     * @param passes        tools that go over the whole dog before the steps; none: place by place
     * @param steps         which places are worked in one grip
     * @param neededMinutes for all that is wished for today, setting up included
     * @param setUpSeconds  that come on top of the steps
     * @param waits      what is brushed and not in it, and until when it waits; what should not wait first
     * @param inTraining where the dog is practised with, not brushed
     * @param races      between trust and tangle there, the ones that are lost first
     * @param closed     where nothing is brushed until a vet or a groomer has looked
     * @param mayNot     why nothing is brushed now; absent: it may be
     * @param child      where a child brushes; absent: an adult does
     * @param why        why some are practised; absent: none is
     * @param sitting    how long one sitting may be; absent: as long as both are at ease
     * @param season     what the shedding season asks for; absent when nothing just now
     */
    record RoutineAnswer(
            RoutineView routine,
            List<RoutineView.ToolPassView> passes,
            List<RoutineView.RoutineStepView> steps,
            int neededMinutes,
            double setUpSeconds,
            List<Wait> waits,
            List<StandingView> inTraining,
            List<Race> races,
            List<ClosedView> closed,
            Optional<Reason> mayNot,
            Optional<Reason> child,
            Optional<Reason> why,
            Optional<Reason> sitting,
            Optional<Reason> season) {}

    /** @param until absent: past the days that are planned */
    record Wait(Section section, Optional<LocalDate> until) {}

    /**
     * @param minutes there are today, for this dog alone; absent: as the plan of the household has it
     */
    @GetMapping("/api/dogs/{dogId}/routine")
    RoutineAnswer routine(
            @PathVariable long dogId,
            @RequestParam(defaultValue = "TODAY") Scope scope,
            @RequestParam Optional<@Min(0) @Max(PlanToday.MOST_MINUTES) Integer> minutes) {
        dogs.get(dogId);
        PlanToday now =
                minutes.map(have -> plans.with(have, Optional.of(dogId))).orElseGet(plans::now);
        int dog = now.position(dogId);
        Picture picture = now.dogs().get(dog).picture();
        MayBegin may = now.dogs().get(dog).may();
        List<Section> sections = now.dogs().get(dog).order().stream()
                .filter(section -> switch (scope) {
                    case TODAY ->
                        may.brushing(section).isEmpty()
                                && Sure.at(now.plan().of(dog), section).get(0);
                    case WHOLE -> may.brushing(section).isEmpty();
                    case TOLD -> may.closedAt(section).isEmpty();
                })
                .toList();
        Routine routine = picture.routine(sections);
        Course course = Course.of(routine.structure(), routine.places(), picture.trust()::readyAt);
        Training inTraining = Training.of(
                picture.trust(),
                picture.kit().brushed().stream()
                        .filter(section -> may.keptFrom(section).isEmpty())
                        .toList());
        return new RoutineAnswer(
                RoutineView.of(routine),
                course.passes().stream().map(RoutineView.ToolPassView::of).toList(),
                course.steps().stream().map(RoutineView.RoutineStepView::of).toList(),
                plans.now().neededMinutes(dog),
                60 * now.plan().setUp(dog, 0),
                waits(now, dog, sections),
                inTraining.practised().stream()
                        .map(section -> StandingView.of(
                                new Spot(picture.trust().lead(section).orElseThrow(), Optional.of(section)),
                                picture.trust().at(section).orElseThrow()))
                        .toList(),
                now.dogs().get(dog).races(),
                now.dogs().get(dog).closed().stream().map(ClosedView::of).toList(),
                may.brushing(),
                may.childsPlaces(),
                inTraining.why(),
                now.dogs().get(dog).sitting().map(Sitting::why),
                picture.forecast().season());
    }

    private static List<Wait> waits(PlanToday now, int dog, List<Section> taken) {
        return now.plan().dog(dog).sections().stream()
                .filter(section -> section.state() != SectionPlan.State.NOT_BRUSHED
                        && !now.dogs().get(dog).inTraining().contains(section.section())
                        && section.state() != SectionPlan.State.CLOSED
                        && !taken.contains(section.section()))
                .map(section -> new Wait(section.section(), section.next()))
                .sorted(Comparator.comparing(wait -> wait.until().orElse(LocalDate.MAX)))
                .toList();
    }

    /** How each thing is done with the hands. */
    @GetMapping("/api/methods")
    List<MethodView> methods() {
        return METHODS;
    }

    @Override
    public void dog(long dogId) {
        routine(dogId, Scope.WHOLE, Optional.empty());
        routine(dogId, Scope.TODAY, Optional.empty());
    }
}
