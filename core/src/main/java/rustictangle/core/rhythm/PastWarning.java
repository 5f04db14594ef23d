package rustictangle.core.rhythm;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import rustictangle.core.dog.Section;
import rustictangle.core.log.CareJob;
import rustictangle.core.log.CareWarned;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Log;
import rustictangle.core.log.Moment;
import rustictangle.core.log.PracticeWarned;
import rustictangle.core.log.SeenBy;
import rustictangle.core.log.SessionEvent.Warned;
import rustictangle.core.log.Subject;
import rustictangle.core.log.Warning;

/**
 * That the dog has growled, snapped or bitten, for whoever touches it next: it is told for a year, opened again or not.
 *
 * @param sections where hands were; none: at no place in particular
 * @param subject  that was practised; empty: it was in brushing, or at a job
 * @param job      at the table; empty: none
 * @param opened   who has looked since, and what they said; empty: nobody yet
 */
public record PastWarning(
        LocalDate day,
        List<Section> sections,
        Optional<Subject> subject,
        Optional<CareJob> job,
        Warning warning,
        Optional<Opened> opened) {

    /** @param words may be empty */
    public record Opened(LocalDate day, SeenBy.Who who, String words) {}

    public PastWarning {
        sections = List.copyOf(sections);
    }

    /** @param group of entries of which only the last says it */
    private record Said(Moment when, Optional<Object> group, Optional<PastWarning> warned, Optional<SeenBy> seen) {}

    private static final Log.Reading<Said> SAID =
            log -> log.stream().flatMap(PastWarning::said).toList();

    private static Stream<Said> said(Entry entry) {
        if (entry.said() instanceof Warned said) {
            return Stream.of(warned(
                    entry, entry.session(), said.sections(), Optional.empty(), Optional.empty(), said.warning()));
        }
        if (entry.said() instanceof PracticeWarned said) {
            return Stream.of(warned(
                    entry,
                    Optional.empty(),
                    said.section().stream().toList(),
                    Optional.of(said.subject()),
                    Optional.empty(),
                    said.warning()));
        }
        if (entry.said() instanceof CareWarned said) {
            return Stream.of(warned(
                    entry,
                    Optional.of(List.of(said.job(), entry.day())),
                    said.sections(),
                    Optional.empty(),
                    Optional.of(said.job()),
                    said.warning()));
        }
        return entry
                .as(SeenBy.class)
                .map(seen -> new Said(entry.moment(), Optional.empty(), Optional.empty(), Optional.of(seen)))
                .stream();
    }

    private static Said warned(
            Entry entry,
            Optional<?> group,
            List<Section> sections,
            Optional<Subject> subject,
            Optional<CareJob> job,
            Warning warning) {
        return new Said(
                entry.moment(),
                group.map(Object.class::cast),
                Optional.of(new PastWarning(entry.day(), sections, subject, job, warning, Optional.empty())),
                Optional.empty());
    }

    /** Those of a year, the newest first. */
    public static List<PastWarning> of(Log log, LocalDate today) {
        record Of(LocalDate today) {}
        return log.workedOut(new Of(today), all -> readOff(all, today));
    }

    private static List<PastWarning> readOff(Log log, LocalDate today) {
        List<Said> said = log.read(SAID).stream()
                .filter(one -> !one.when.day().isBefore(today.minusDays(Diary.REMEMBERED_DAYS)))
                .sorted((one, other) -> one.when.compareTo(other.when))
                .toList();
        Map<Object, Said> last = new HashMap<>();
        said.forEach(one -> one.group.ifPresent(group -> last.put(group, one)));
        List<PastWarning> warnings = new ArrayList<>();
        for (Said one : said) {
            boolean stands = one.group.filter(group -> one != last.get(group)).isEmpty();
            one.warned.filter(warned -> stands).ifPresent(warnings::add);
            one.seen.ifPresent(seen -> warnings.replaceAll(warning -> warning.lookedAt(one.when.day(), seen)));
        }
        Collections.reverse(warnings);
        return List.copyOf(warnings);
    }

    private PastWarning lookedAt(LocalDate on, SeenBy seen) {
        SeenBy.Who must = warning == Warning.GROWLED ? SeenBy.Who.ADULT : SeenBy.Who.TRAINER;
        boolean everything = seen.section().isEmpty() && seen.job().isEmpty();
        boolean about = everything
                || seen.section()
                        .filter(section -> sections.isEmpty() || sections.contains(section))
                        .isPresent()
                || !Collections.disjoint(jobs(), seen.job().map(Set::of).orElse(Set.of()));
        return about && seen.who().opens(must)
                ? new PastWarning(
                        day, sections, subject, job, warning, Optional.of(new Opened(on, seen.who(), seen.words())))
                : this;
    }

    private Set<CareJob> jobs() {
        return job.map(Set::of).orElse(Set.of());
    }
}
