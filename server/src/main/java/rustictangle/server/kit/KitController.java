package rustictangle.server.kit;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Comparison;
import rustictangle.core.kit.FitPart;
import rustictangle.core.kit.Kit;
import rustictangle.core.kit.Need;
import rustictangle.core.kit.NeverHere;
import rustictangle.core.kit.Pad;
import rustictangle.core.kit.PinWindow;
import rustictangle.core.kit.SectionKit;
import rustictangle.core.log.ToolKind;
import rustictangle.core.log.ToolProperty;
import rustictangle.server.coat.DogLoader;
import rustictangle.server.frame.ViewProbe;

/** Which tool goes where on a dog, what of it the owner has, and the least to buy. */
@RestController
@RequestMapping("/api/dogs/{dogId}")
record KitController(DogLoader dogs, KitLoader kits, Tools tools) implements ViewProbe {

    /** @param tools everything any section asks for, in the order of first use */
    record KitView(Set<ToolKind> tools, List<NeedView> needs, Optional<Reason> incomplete) {}

    /**
     * @param brushed whether brush or comb has a job here at all
     * @param state   in words
     * @param pinned  whether what leads has pins
     * @param own     the owner's tool for the leading step; absent: none will do
     * @param fits    every tool of the drawer, best first
     */
    record NeedView(
            Section section,
            boolean brushed,
            String state,
            ToolKind lead,
            boolean pinned,
            Optional<PinWindow> pins,
            Optional<Pad> pad,
            String tips,
            String head,
            boolean gentle,
            List<ToolStepView> order,
            Optional<ToolKind> proof,
            double hairMillimetres,
            String hairKind,
            Optional<Double> reachMillimetres,
            Optional<FitView> own,
            List<FitView> fits,
            List<NeverHere> never,
            List<Reason> reasons) {}

    record SideView(FitView fit, Optional<Double> pinMillimetres) {}

    record RowView(ToolProperty property, String want, Optional<FitPart> first, Optional<FitPart> second) {}

    record ComparisonView(
            String step, double hairMillimetres, SideView first, SideView second, List<RowView> rows, Reason why) {}

    @GetMapping("/kit")
    KitView kit(@PathVariable long dogId) {
        Kit kit = kits.of(dogs.get(dogId));
        return new KitView(
                kit.match().tools(),
                kit.sections().stream().map(KitController::view).toList(),
                kit.incomplete());
    }

    /** Why not that one? */
    @GetMapping("/comparison")
    ComparisonView compare(
            @PathVariable long dogId,
            @RequestParam Section section,
            @RequestParam long first,
            @RequestParam long second) {
        Need need = kits.of(dogs.get(dogId)).at(section).need();
        Comparison comparison =
                Comparison.of(need, tools.get(first).tool(), tools.get(second).tool());
        return new ComparisonView(
                comparison.step().tool().label() + ": "
                        + comparison.step().manner().label(),
                need.hair().length().millimetres(),
                new SideView(
                        FitView.of(comparison.first()),
                        comparison.first().tool().pinMillimetres()),
                new SideView(
                        FitView.of(comparison.second()),
                        comparison.second().tool().pinMillimetres()),
                comparison.rows().stream().map(KitController::view).toList(),
                comparison.why());
    }

    private static NeedView view(SectionKit here) {
        Need need = here.need();
        return new NeedView(
                need.section(),
                need.brushed(),
                need.state().label(),
                need.lead(),
                need.lead().hasPins(),
                need.pins(),
                need.pad(),
                need.tips().label(),
                need.head().label(),
                need.gentle(),
                here.steps().stream().map(ToolStepView::of).toList(),
                need.proof(),
                need.hair().length().millimetres(),
                need.hair().kind().label(),
                here.reachMillimetres(),
                here.leading().map(FitView::of),
                here.fits().stream().map(FitView::of).toList(),
                need.never(),
                need.reasons());
    }

    private static RowView view(Comparison.Row row) {
        String want = row.first().or(row::second).orElseThrow().want();
        return new RowView(row.property(), want, row.first(), row.second());
    }

    @Override
    public void dog(long dogId) {
        kit(dogId);
    }
}
