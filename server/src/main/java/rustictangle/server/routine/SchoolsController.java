package rustictangle.server.routine;

import jakarta.validation.Valid;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Approach;
import rustictangle.core.kit.Kit;
import rustictangle.core.kit.Match;
import rustictangle.core.kit.Need;
import rustictangle.core.kit.SchoolChange;
import rustictangle.core.kit.SchoolQuestion;
import rustictangle.core.routine.Course;
import rustictangle.core.routine.Picture;
import rustictangle.core.routine.Routine;
import rustictangle.server.coat.DogLoader;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.frame.ViewProbe;
import rustictangle.server.kit.ApproachForm;
import rustictangle.server.kit.ApproachStore;
import rustictangle.server.kit.KitLoader;

/** Where practitioners disagree: what a household has chosen for a dog, and what each other school would change for it. */
@RestController
@RequestMapping("/api/dogs/{dogId}")
record SchoolsController(DogLoader dogs, KitLoader kits, RoutineLoader routines, ApproachStore approaches)
        implements ViewProbe {

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
            Optional<Section> last) {}

    @GetMapping("/schools")
    SchoolsView schools(@PathVariable long dogId) {
        KnownDog known = dogs.get(dogId);
        Approach now = kits.approach(dogId);
        Picture picture = routines.picture(known);
        return new SchoolsView(
                ApproachForm.of(now),
                Arrays.stream(SchoolQuestion.values())
                        .map(question -> new QuestionView(
                                question,
                                question.field(),
                                question.title(),
                                question.hint(),
                                question.options(now).stream()
                                        .map(option -> view(option, picture))
                                        .toList()))
                        .toList());
    }

    @PutMapping("/approach")
    SchoolsView choose(@PathVariable long dogId, @Valid @RequestBody ApproachForm form) {
        dogs.get(dogId);
        approaches.put(dogId, form.approach());
        return schools(dogId);
    }

    private SchoolView view(SchoolQuestion.Option option, Picture picture) {
        Match match = Match.of(picture.dog(), picture.coat(), option.approach());
        Routine routine = picture.withCoat(picture.coat(), Kit.of(match, kits.drawer()));
        Match now = picture.kit().match();
        return new SchoolView(
                option.value(),
                option.words().title(),
                option.words().hint(),
                option.stands(),
                (int) Math.round(routine.totalSeconds() / 60),
                Arrays.stream(Section.values())
                        .filter(section -> differs(now.at(section), match.at(section)))
                        .toList(),
                SchoolChange.between(now, match),
                Course.of(routine.structure(), routine.places(), picture.trust()::readyAt).passes().stream()
                        .map(pass -> pass.tool().label())
                        .toList(),
                routine.places().stream().map(place -> place.section()).findFirst(),
                routine.places().stream().map(place -> place.section()).reduce((first, next) -> next));
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
