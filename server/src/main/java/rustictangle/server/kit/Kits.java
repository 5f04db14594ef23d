package rustictangle.server.kit;

import org.springframework.stereotype.Component;
import rustictangle.core.kit.Kit;
import rustictangle.core.kit.Match;
import rustictangle.server.coat.KnownDog;

/** The household's drawer held against what a known dog asks. */
@Component
public class Kits {

    private final ToolStore tools;
    private final ApproachStore approaches;

    Kits(ToolStore tools, ApproachStore approaches) {
        this.tools = tools;
        this.approaches = approaches;
    }

    public Kit of(KnownDog known) {
        return Kit.of(Match.of(known.dog(), known.coat(), approaches.of(known.id())), tools.drawer());
    }
}
