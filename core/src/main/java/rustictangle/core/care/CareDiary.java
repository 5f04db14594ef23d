package rustictangle.core.care;

import java.time.LocalDate;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import rustictangle.core.log.Bathed;
import rustictangle.core.log.CareJob;
import rustictangle.core.log.CareOutcome;
import rustictangle.core.log.Cared;
import rustictangle.core.log.ClawTouched;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Happened;
import rustictangle.core.log.LifeEvent;
import rustictangle.core.log.Log;
import rustictangle.core.log.Practised;
import rustictangle.core.log.Visited;
import rustictangle.core.trust.Lesson;

/**
 * What was done at the table, day by day.
 *
 * @param days by job: of each day what was said of it last
 */
public record CareDiary(Map<CareJob, NavigableMap<LocalDate, Done>> days) {

    /** How far it went on a day. */
    public enum How {
        PRACTISED,
        LEFT,
        DONE
    }

    /** @param vet whether something for the vet was seen */
    public record Done(How how, boolean vet) {}

    private record Said(CareJob job, LocalDate day, Done done) {}

    private static final Log.Reading<Said> SAID =
            log -> log.stream().flatMap(CareDiary::said).toList();

    private static Stream<Said> said(Entry entry) {
        if (entry.said() instanceof Cared cared) {
            return Stream.of(new Said(
                    cared.job(),
                    entry.day(),
                    new Done(
                            cared.outcome().settles() ? How.DONE : How.LEFT,
                            cared.outcome() == CareOutcome.FOR_THE_VET)));
        }
        if (entry.said() instanceof Visited visited) {
            return visited.care().stream()
                    .flatMap(Set::stream)
                    .map(job -> new Said(job, entry.day(), new Done(How.DONE, false)));
        }
        if (entry.said() instanceof Practised practised) {
            return Stream.of(CareJob.values())
                    .filter(job -> practised
                            .subject()
                            .filter(Lesson.ofCare(job)::contains)
                            .isPresent())
                    .map(job -> new Said(job, entry.day(), new Done(How.PRACTISED, false)));
        }
        boolean bathed = entry.said() instanceof Bathed
                || entry.as(Happened.class)
                        .filter(happened -> happened.event() == LifeEvent.BATHED)
                        .isPresent();
        return bathed
                ? Stream.of(new Said(CareJob.BATH, entry.day(), new Done(How.DONE, false)))
                : entry.said() instanceof ClawTouched
                        ? Stream.of(new Said(CareJob.NAILS, entry.day(), new Done(How.PRACTISED, false)))
                        : Stream.empty();
    }

    public static CareDiary of(Log log) {
        return log.once("care", CareDiary::readOff);
    }

    private static CareDiary readOff(Log log) {
        Map<CareJob, NavigableMap<LocalDate, Done>> days = new EnumMap<>(CareJob.class);
        for (Said said : log.read(SAID)) {
            days.computeIfAbsent(said.job, job -> new TreeMap<>())
                    .merge(said.day, said.done, (before, now) -> more(before, now));
        }
        return new CareDiary(days);
    }

    /** A day on which it was done stays one, whatever was practised besides. */
    private static Done more(Done before, Done now) {
        return new Done(before.how.compareTo(now.how) > 0 ? before.how : now.how, before.vet || now.vet);
    }

    public CareDiary {
        Map<CareJob, NavigableMap<LocalDate, Done>> copy = new EnumMap<>(CareJob.class);
        days.forEach((job, done) -> copy.put(job, Collections.unmodifiableNavigableMap(done)));
        days = Collections.unmodifiableMap(copy);
    }

    private NavigableMap<LocalDate, Done> of(CareJob job) {
        return days.getOrDefault(job, Collections.emptyNavigableMap());
    }

    /** When it was last done in full; empty: never. */
    public Optional<LocalDate> lastDone(CareJob job) {
        return last(job, How.DONE);
    }

    /** When it was last worked at, in full or only the next step toward it. */
    public Optional<LocalDate> lastWorked(CareJob job) {
        return of(job).isEmpty() ? Optional.empty() : Optional.of(of(job).lastKey());
    }

    private Optional<LocalDate> last(CareJob job, How how) {
        return of(job).entrySet().stream()
                .filter(day -> day.getValue().how == how)
                .map(Map.Entry::getKey)
                .max(Comparator.naturalOrder());
    }

    /** How far it went on that day; empty: nothing was said. */
    public Optional<Done> on(CareJob job, LocalDate day) {
        return Optional.ofNullable(of(job).get(day));
    }

    /** The same of the days up to one, that one last; no day is counted against anybody. */
    public List<Optional<Done>> row(CareJob job, LocalDate to, int days) {
        return Stream.iterate(to.minusDays(days - 1L), day -> day.plusDays(1))
                .limit(days)
                .map(day -> on(job, day))
                .toList();
    }
}
