package rustictangle.core.care;

import java.time.LocalDate;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import rustictangle.core.log.BathKind;
import rustictangle.core.log.Bathed;
import rustictangle.core.log.CareJob;
import rustictangle.core.log.CareOutcome;
import rustictangle.core.log.Cared;
import rustictangle.core.log.ClawTouched;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Exercise;
import rustictangle.core.log.Happened;
import rustictangle.core.log.Log;
import rustictangle.core.log.Practised;
import rustictangle.core.log.Visited;

/**
 * What was done at the table, day by day.
 *
 * @param days   by job: of each day what was said of it last
 * @param called by job: the last day on which something happened after which it is looked at
 */
public record CareDiary(Map<CareJob, NavigableMap<LocalDate, Done>> days, Map<CareJob, LocalDate> called) {

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

    private record Call(CareJob job, LocalDate day) {}

    private static final Log.Reading<Call> CALLS = log -> log.stream()
            .flatMap(entry -> entry
                    .as(Happened.class)
                    .flatMap(happened -> happened.event().asksFor())
                    .map(job -> new Call(job, entry.day()))
                    .stream())
            .toList();

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
            return visited.jobs().stream().map(job -> new Said(job, entry.day(), new Done(How.DONE, false)));
        }
        if (entry.said() instanceof Practised practised) {
            return Stream.of(CareJob.values())
                    .filter(job -> practised
                            .subject()
                            .filter(Exercise.leadingTo(job)::contains)
                            .isPresent())
                    .map(job -> new Said(job, entry.day(), new Done(How.PRACTISED, false)));
        }
        // Water alone is no bath: its turn still comes.
        return Bathed.of(entry).filter(BathKind::shampoo).isPresent()
                ? Stream.of(new Said(CareJob.BATH, entry.day(), new Done(How.DONE, false)))
                : entry.said() instanceof ClawTouched
                        ? Stream.of(new Said(CareJob.NAILS, entry.day(), new Done(How.PRACTISED, false)))
                        : Stream.empty();
    }

    public static CareDiary of(Log log) {
        return log.workedOut("care", CareDiary::readOff);
    }

    private static CareDiary readOff(Log log) {
        Map<CareJob, NavigableMap<LocalDate, Done>> days = new EnumMap<>(CareJob.class);
        for (Said said : log.read(SAID)) {
            days.computeIfAbsent(said.job, job -> new TreeMap<>())
                    .merge(said.day, said.done, (before, now) -> more(before, now));
        }
        Map<CareJob, LocalDate> called = new EnumMap<>(CareJob.class);
        log.read(CALLS)
                .forEach(call -> called.merge(call.job, call.day, (one, other) -> one.isAfter(other) ? one : other));
        return new CareDiary(days, called);
    }

    /** A day on which it was done stays one, whatever was practised besides. */
    private static Done more(Done before, Done now) {
        return new Done(before.how.compareTo(now.how) > 0 ? before.how : now.how, before.vet || now.vet);
    }

    public CareDiary {
        Map<CareJob, NavigableMap<LocalDate, Done>> copy = new EnumMap<>(CareJob.class);
        days.forEach((job, done) -> copy.put(job, Collections.unmodifiableNavigableMap(done)));
        days = Collections.unmodifiableMap(copy);
        called = Map.copyOf(called);
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

    /** Whether a job was worked at for the first time ever on that day. */
    boolean begunOn(LocalDate day) {
        return days.values().stream()
                .anyMatch(done -> !done.isEmpty() && done.firstKey().equals(day));
    }

    /** When something last happened that asks for a look, unless it was worked at since; empty: nothing asks. */
    public Optional<LocalDate> calledFor(CareJob job) {
        return Optional.ofNullable(called.get(job))
                .filter(day ->
                        lastWorked(job).filter(worked -> !worked.isBefore(day)).isEmpty());
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
