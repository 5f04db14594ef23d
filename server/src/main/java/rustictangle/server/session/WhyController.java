package rustictangle.server.session;

import java.time.Clock;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Tool;
import rustictangle.core.session.WhyItMinds;
import rustictangle.server.coat.DogLoader;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.frame.ViewProbe;
import rustictangle.server.kit.KitLoader;
import rustictangle.server.log.Logs;
import rustictangle.server.routine.RoutineLoader;

/** Why a dog may mind being brushed, and which tools are to be tried on a palm for it. */
@RestController
record WhyController(DogLoader dogs, RoutineLoader routines, KitLoader kits, Logs logs, Clock clock)
        implements ViewProbe {

    /** @param tools whose palm test is asked for */
    record CauseView(WhyItMinds.What what, boolean suspected, List<Reason> reasons, List<AskedTool> tools) {}

    record AskedTool(long id, String shownName) {}

    /** In the order in which one looks. */
    @GetMapping("/api/dogs/{dogId}/why-it-minds")
    List<CauseView> why(@PathVariable long dogId) {
        KnownDog known = dogs.get(dogId);
        Set<Section> matLikely = EnumSet.noneOf(Section.class);
        matLikely.addAll(routines.picture(known).forecast().matLikely());
        return WhyItMinds.of(logs.of(dogId), kits.drawer(), matLikely, LocalDate.now(clock)).causes().stream()
                .map(cause -> new CauseView(cause.what(), cause.suspected(), cause.reasons(), asked(cause.tools())))
                .toList();
    }

    /** Of the whole household. */
    @GetMapping("/api/palm-tests")
    List<AskedTool> palmTests() {
        return asked(WhyItMinds.palmTests(
                dogs.all().stream().map(dog -> logs.of(dog.id())).toList(), kits.drawer(), LocalDate.now(clock)));
    }

    private static List<AskedTool> asked(List<Tool> tools) {
        return tools.stream()
                .map(tool -> new AskedTool(tool.id(), tool.shownName()))
                .toList();
    }

    @Override
    public void household() {
        palmTests();
    }

    @Override
    public void dog(long dogId) {
        why(dogId);
    }
}
