package rustictangle.server.plan;

import jakarta.validation.Valid;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.care.CareDue;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Approach;
import rustictangle.core.kit.Kit;
import rustictangle.core.kit.Match;
import rustictangle.core.kit.Need;
import rustictangle.core.kit.SchoolChange;
import rustictangle.core.kit.SchoolQuestion;
import rustictangle.core.plan.HouseholdPlan;
import rustictangle.core.routine.Course;
import rustictangle.core.routine.Passes;
import rustictangle.core.routine.Picture;
import rustictangle.core.routine.Routine;
import rustictangle.core.routine.RoutinePlace;
import rustictangle.server.care.CareLoader;
import rustictangle.server.coat.DogLoader;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.frame.ViewProbe;
import rustictangle.server.kit.ApproachForm;
import rustictangle.server.kit.ApproachStore;
import rustictangle.server.kit.KitLoader;
import rustictangle.server.routine.RoutineLoader;

/** Where practitioners disagree: what a household has chosen for a dog, and what each other school would change for it. */
@RestController
@RequestMapping("/api/dogs/{dogId}")
record SchoolsController(
        DogLoader dogs, KitLoader kits, RoutineLoader routines, Plans plans, CareLoader cares, ApproachStore approaches)
        implements ViewProbe {

    /** What these decide is not in the routine. */
    private static final Set<SchoolQuestion> ELSEWHERE = EnumSet.of(
            SchoolQuestion.AMOUNT,
            SchoolQuestion.MATS,
            SchoolQuestion.LOOSENER,
            SchoolQuestion.LOOP,
            SchoolQuestion.EAR_HAIR,
            SchoolQuestion.NAILS);

    /** @param questions in the order in which an owner meets them */
    record SchoolsView(ApproachForm chosen, List<QuestionView> questions) {}

    /** @param why how they disagree */
    record QuestionView(SchoolQuestion question, String field, String title, String why, List<SchoolView> schools) {}

    /**
     * @param value   absent: as the coat and the situation ask
     * @param chosen  whether it is the one that stands
     * @param minutes for the whole dog, as this owner brushes
     * @param places  where something would be different
     * @param tools   what would be used instead there, most places first; empty: the same tools
     * @param passes  tools that would go over the whole dog first, by their labels; none: place by place
     * @param first   the place that would come first
     * @param last    the place that would come last
     * @param week    where it changes how much is brushed at a time
     * @param turn    where it changes how much is done at the table at a time
     */
    record SchoolView(
            Optional<String> value,
            String title,
            String hint,
            boolean chosen,
            int minutes,
            List<Section> places,
            List<SchoolChange> tools,
            List<String> passes,
            Optional<Section> first,
            Optional<Section> last,
            Optional<HouseholdPlan.Week> week,
            Optional<Turn> turn) {}

    /**
     * @param days    from one turn to the next; 0: when it is wanted
     * @param minutes of one
     */
    record Turn(int days, double minutes) {}

    @GetMapping("/schools")
    SchoolsView schools(@PathVariable long dogId) {
        KnownDog known = dogs.get(dogId);
        Approach now = kits.approach(dogId);
        Picture picture = routines.picture(known);
        Routine asItIs = picture.withCoat(picture.coat(), picture.kit());
        return new SchoolsView(
                ApproachForm.of(now),
                Arrays.stream(SchoolQuestion.values())
                        .map(question -> new QuestionView(
                                question,
                                question.field(),
                                question.title(),
                                question.hint(),
                                question.options(now).stream()
                                        .map(option -> view(question, option, known, picture, asItIs))
                                        .toList()))
                        .toList());
    }

    @PutMapping("/approach")
    SchoolsView choose(@PathVariable long dogId, @Valid @RequestBody ApproachForm form) {
        dogs.get(dogId);
        approaches.put(dogId, form.approach());
        return schools(dogId);
    }

    private SchoolView view(
            SchoolQuestion question, SchoolQuestion.Option option, KnownDog known, Picture picture, Routine asItIs) {
        boolean same = option.stands() || ELSEWHERE.contains(question);
        Match now = picture.kit().match();
        Match match = same ? now : Match.of(picture.dog(), picture.coat(), option.approach());
        Routine routine = same ? asItIs : picture.withCoat(picture.coat(), Kit.of(match, kits.drawer()));
        List<Section> order =
                routine.places().stream().map(RoutinePlace::section).toList();
        return new SchoolView(
                option.value(),
                option.words().title(),
                option.words().hint(),
                option.stands(),
                (int) Math.round(routine.totalSeconds() / 60),
                Arrays.stream(Section.values())
                        .filter(section -> differs(now.at(section), match.at(section))
                                || !directions(asItIs, section).equals(directions(routine, section)))
                        .toList(),
                SchoolChange.between(now, match),
                Course.of(routine.structure(), routine.places(), picture.trust()::readyAt).passes().stream()
                        .map(pass -> pass.tool().label())
                        .toList(),
                order.stream().findFirst(),
                order.stream().reduce((first, next) -> next),
                question == SchoolQuestion.AMOUNT
                        ? Optional.of(plans.week(known, option.approach()))
                        : Optional.empty(),
                question == SchoolQuestion.NAILS ? Optional.of(turn(known, option)) : Optional.empty());
    }

    private Turn turn(KnownDog known, SchoolQuestion.Option option) {
        CareDue nails = cares.nails(known, option.approach().ways().nails());
        return new Turn(nails.gap(), nails.minutes());
    }

    private static List<Passes.Direction> directions(Routine routine, Section section) {
        return routine.places().stream()
                .filter(place -> place.section() == section)
                .flatMap(place -> place.passes().directions().stream())
                .toList();
    }

    private static boolean differs(Need now, Need then) {
        return !now.order().equals(then.order())
                || now.finish() != then.finish()
                || now.tips() != then.tips()
                || now.gentle() != then.gentle()
                || now.head() != then.head();
    }

    @Override
    public void dog(long dogId) {
        schools(dogId);
    }
}
