package rustictangle.server.kit;

import java.util.List;
import org.springframework.stereotype.Component;
import rustictangle.core.kit.Kit;
import rustictangle.core.kit.Match;
import rustictangle.core.kit.Tool;
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

    public List<Tool> drawer() {
        return tools.drawer();
    }

    public Kit of(KnownDog known) {
        return Kit.of(Match.of(known.dog(), known.coat(), approaches.of(known.id())), tools.drawer());
    }
}
