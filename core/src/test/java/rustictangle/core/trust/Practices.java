package rustictangle.core.trust;

import java.util.Collection;
import java.util.List;
import java.util.function.ToDoubleFunction;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Section;
import rustictangle.core.log.Subject;

/** What is practised on a day on which nothing was chosen before. */
final class Practices {

    private Practices() {}

    static List<Practice> today(
            Dog dog, Trust trust, Collection<Subject> owned, ToDoubleFunction<Section> matsADay, MayBegin may) {
        return Practice.today(dog, trust, Practice.spots(dog, trust, owned, matsADay, may), may);
    }
}
