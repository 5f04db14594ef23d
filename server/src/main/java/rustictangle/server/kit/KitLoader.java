package rustictangle.server.kit;

import java.util.List;
import java.util.function.Function;
import org.springframework.stereotype.Component;
import rustictangle.core.coat.Coat;
import rustictangle.core.kit.Approach;
import rustictangle.core.kit.Hand;
import rustictangle.core.kit.Kit;
import rustictangle.core.kit.Match;
import rustictangle.core.kit.Tool;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.frame.ChildsHand;
import rustictangle.server.frame.DerivedCache;
import rustictangle.server.frame.ReadCache;

/** Loads the household's drawer, held against what a known dog asks. */
@Component
public class KitLoader implements ChildsHand {

    private record KitBasis(KnownDog known, Approach chosen, List<Tool> drawer) {}

    private final Tools tools;
    private final ApproachStore approaches;
    private final ReadCache reads;
    private final DerivedCache made;

    KitLoader(Tools tools, ApproachStore approaches, ReadCache reads, DerivedCache made) {
        this.tools = tools;
        this.approaches = approaches;
        this.reads = reads;
        this.made = made;
    }

    public List<Tool> drawer() {
        return reads.of(
                KitLoader.class,
                () -> tools.all().stream().map(Tools.StoredTool::tool).toList());
    }

    public Kit of(KnownDog known) {
        return made.of(Kit.class, known.id(), facts(known), now -> kit(now, known.coat()));
    }

    /** The same drawer held against other coats of this dog; what is asked again is not read again. */
    public Function<Coat, Kit> withCoat(KnownDog known) {
        KitBasis facts = facts(known);
        return coat -> kit(facts, coat);
    }

    private static Kit kit(KitBasis facts, Coat coat) {
        return Kit.of(Match.of(facts.known.dog(), coat, facts.chosen), facts.drawer);
    }

    private KitBasis facts(KnownDog known) {
        return new KitBasis(known, approach(known.id()), drawer());
    }

    @Override
    public boolean chosenFor(long dogId) {
        return approach(dogId).hand() == Hand.CHILD;
    }

    /** The usual one until the owner has chosen. */
    public Approach approach(long dogId) {
        return reads.of(ApproachStore.class, approaches::all).getOrDefault(dogId, Approach.USUAL);
    }
}
