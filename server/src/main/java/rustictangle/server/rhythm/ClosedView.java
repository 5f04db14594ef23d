package rustictangle.server.rhythm;

import java.time.LocalDate;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;
import rustictangle.core.log.SeenBy;
import rustictangle.core.rhythm.Closed;

/** A place that a vet or a groomer must see before it is brushed again, with the words to show. */
public record ClosedView(Section section, LocalDate since, SeenBy.Who who, Reason why) {

    public static ClosedView of(Closed closed) {
        return new ClosedView(closed.section(), closed.since(), closed.who(), closed.why());
    }
}
