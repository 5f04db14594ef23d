package rustictangle.server.kit;

import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Match;
import rustictangle.core.kit.Need;
import rustictangle.core.kit.NeverHere;
import rustictangle.core.kit.Pad;
import rustictangle.core.kit.PinWindow;
import rustictangle.core.kit.ToolKind;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.coat.KnownDogs;

@RestController
class MatchController {

    /** @param tools everything any section asks for, in the order of first use */
    record MatchView(List<ToolName> tools, List<NeedView> needs) { }

    record ToolName(ToolKind kind, String label, boolean hasPins) { }

    record NeedView(Section section, ToolName lead, Optional<PinWindow> pins, Optional<Pad> pad,
            List<ToolStepView> order, Optional<ToolName> proof, double hairMillimetres,
            List<NeverView> never, List<Reason> reasons) { }

    record NeverView(ToolName tool, Reason why) { }

    private final KnownDogs dogs;

    MatchController(KnownDogs dogs) {
        this.dogs = dogs;
    }

    @GetMapping("/api/dogs/{dogId}/match")
    MatchView match(@PathVariable long dogId) {
        KnownDog known = dogs.get(dogId);
        Match match = Match.of(known.dog(), known.coat());
        return new MatchView(match.tools().stream().map(MatchController::name).toList(),
                match.needs().stream().map(need -> view(known, need)).toList());
    }

    private static NeedView view(KnownDog known, Need need) {
        return new NeedView(need.section(), name(need.lead()), need.pins(), need.pad(),
                need.order().stream().map(ToolStepView::of).toList(), need.proof().map(MatchController::name),
                known.coat().at(need.section()).length().millimetres(),
                need.never().stream().map(MatchController::view).toList(), need.reasons());
    }

    private static NeverView view(NeverHere never) {
        return new NeverView(name(never.tool()), never.why());
    }

    private static ToolName name(ToolKind kind) {
        return new ToolName(kind, kind.label(), kind.hasPins());
    }
}
