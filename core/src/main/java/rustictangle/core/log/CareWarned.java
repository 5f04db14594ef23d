package rustictangle.core.log;

import java.util.List;
import rustictangle.core.dog.Section;

/**
 * The dog warned or bit in a job at the table: hands off, it ends at once. What is said of the job later on that day takes
 * its place: what it was, and where.
 *
 * @param sections where hands were; none: nowhere in particular
 */
@Lasts(value = Lasts.For.A_YEAR, answer = true)
public record CareWarned(CareJob job, List<Section> sections, Warning warning) implements Said {

    public CareWarned {
        Limits.refuseMissing("job", job);
        Limits.refuseMissing("sections", sections);
        Limits.refuseMissing("warning", warning);
        sections = List.copyOf(sections);
    }

    @Override
    public String inWords() {
        return job.label() + ": it " + warning.label();
    }
}
