package rustictangle.core.log;

import java.util.List;
import java.util.Optional;
import rustictangle.core.dog.Section;

/**
 * A session was begun; the entry's id is the session's.
 *
 * @param plan the places, in order
 */
public record SessionBegun(List<Place> plan) implements Said {

    /**
     * @param seconds what it was expected to take then; empty: not known
     * @param subject the tool that led there then; empty: not known, or nothing is brushed there
     */
    public record Place(Section section, Optional<Integer> seconds, Optional<Subject> subject) {
        public Place {
            Missing.refuse("section", section);
        }
    }

    public SessionBegun {
        plan = List.copyOf(plan);
    }

    public List<Section> sections() {
        return plan.stream().map(Place::section).toList();
    }
}
