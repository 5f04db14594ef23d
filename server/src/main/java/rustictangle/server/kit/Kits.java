package rustictangle.server.kit;

import java.util.List;
import java.util.function.Function;
import org.springframework.stereotype.Component;
import rustictangle.core.coat.Coat;
import rustictangle.core.kit.Approach;
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
        return withCoat(known).apply(known.coat());
    }

    /** The same drawer held against another coat of this dog; what is asked again is not read again. */
    public Function<Coat, Kit> withCoat(KnownDog known) {
        Approach chosen = approaches.of(known.id());
        List<Tool> drawer = tools.drawer();
        return coat -> Kit.of(Match.of(known.dog(), coat, chosen), drawer);
    }
}
