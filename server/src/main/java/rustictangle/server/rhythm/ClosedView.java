package rustictangle.server.rhythm;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;
import rustictangle.core.log.CareJob;
import rustictangle.core.log.SeenBy;
import rustictangle.core.rhythm.Closed;
import rustictangle.core.rhythm.ClosedJob;

/**
 * A place that somebody must see before it is brushed again, with the words to show.
 *
 * @param everywhere whether all of the dog is closed for the same reason
 */
public record ClosedView(Section section, LocalDate since, SeenBy.Who who, boolean everywhere, Reason why) {

    public static ClosedView of(Closed closed) {
        return new ClosedView(closed.section(), closed.since(), closed.who(), closed.everywhere(), closed.why());
    }

    /** Those of a dog, in the order of {@link CareJob}. */
    public static List<ClosedJobView> jobs(Collection<ClosedJob> closed) {
        return closed.stream()
                .sorted(Comparator.comparing(ClosedJob::job))
                .map(ClosedJobView::of)
                .toList();
    }

    /** A job at the table that is closed until somebody has looked. */
    public record ClosedJobView(CareJob job, LocalDate since, SeenBy.Who who, Reason why) {

        public static ClosedJobView of(ClosedJob closed) {
            return new ClosedJobView(closed.job(), closed.since(), closed.who(), closed.why());
        }
    }
}
