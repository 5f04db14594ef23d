package rustictangle.core.rhythm;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import rustictangle.core.dog.Section;
import rustictangle.core.log.BodyFinding;
import rustictangle.core.log.CareJob;
import rustictangle.core.log.CareOutcome;
import rustictangle.core.log.CareWarned;
import rustictangle.core.log.Cared;
import rustictangle.core.log.Catch;
import rustictangle.core.log.CombResult;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Exercise;
import rustictangle.core.log.Log;
import rustictangle.core.log.LookedAt;
import rustictangle.core.log.Moment;
import rustictangle.core.log.PracticeWarned;
import rustictangle.core.log.SeenBy;
import rustictangle.core.log.SeenBy.Who;
import rustictangle.core.log.SessionEvent.Caught;
import rustictangle.core.log.SessionEvent.SectionDone;
import rustictangle.core.log.SessionEvent.Warned;
import rustictangle.core.log.Visited;
import rustictangle.core.log.Warning;

/**
 * Why something is closed until somebody has looked.
 *
 * @param since      the day it was found
 * @param who        must look; an adult of the household only reopens it
 * @param found      where the comb caught; empty: it did not, or was not looked at closer
 * @param warning    of the dog; empty: none
 * @param everywhere whether all of the dog is closed for it
 * @param words      what was seen, as it was said; may be empty
 */
record Closing(
        LocalDate since, Who who, Optional<Catch> found, Optional<Warning> warning, boolean everywhere, String words) {

    private static final Set<Section> EVERYWHERE = EnumSet.allOf(Section.class);
    private static final Set<CareJob> ALL_JOBS = EnumSet.allOf(CareJob.class);

    /**
     * Something that closes places and jobs, or opens them.
     *
     * @param entry  that says it
     * @param group  of entries of which only the last says it; empty: it stands alone
     * @param closes empty: it opens
     * @param seen   who has looked; what they may is open again
     * @param clear  that a comb ran free
     */
    private record Change(
            Moment when,
            UUID entry,
            Optional<Object> group,
            Set<Section> sections,
            Set<CareJob> jobs,
            Optional<Closing> closes,
            Optional<Who> seen,
            boolean clear) {

        static Change closing(
                Entry entry, Optional<Object> group, Set<Section> sections, Set<CareJob> jobs, Closing closing) {
            return new Change(
                    entry.moment(), entry.id(), group, sections, jobs, Optional.of(closing), Optional.empty(), false);
        }

        static Change seen(Entry entry, Set<Section> sections, Set<CareJob> jobs, Who who) {
            return new Change(
                    entry.moment(),
                    entry.id(),
                    Optional.empty(),
                    sections,
                    jobs,
                    Optional.empty(),
                    Optional.of(who),
                    false);
        }

        static Change clear(Entry entry, Section section) {
            return new Change(
                    entry.moment(),
                    entry.id(),
                    Optional.empty(),
                    Set.of(section),
                    Set.of(),
                    Optional.empty(),
                    Optional.empty(),
                    true);
        }
    }

    private static final Log.Reading<Change> CHANGES =
            log -> log.stream().flatMap(Closing::changes).toList();

    private static Stream<Change> changes(Entry entry) {
        if (entry.said() instanceof Visited visited) {
            return Stream.of(Change.seen(entry, visited.sections(), visited.jobs(), Who.GROOMER));
        }
        if (entry.said() instanceof SeenBy seen) {
            boolean everywhere = seen.section().isEmpty() && seen.job().isEmpty();
            return Stream.of(Change.seen(
                    entry,
                    everywhere ? EVERYWHERE : seen.section().map(Set::of).orElse(Set.of()),
                    everywhere ? ALL_JOBS : seen.job().map(Set::of).orElse(Set.of()),
                    seen.who()));
        }
        if (entry.said() instanceof Warned warned) {
            return Stream.of(warning(entry, entry.session(), warned.sections(), Set.of(), false, warned.warning()));
        }
        if (entry.said() instanceof PracticeWarned warned) {
            Set<CareJob> leadsTo = warned.subject() instanceof Exercise exercise
                    ? exercise.job().map(Set::of).orElse(Set.of())
                    : Set.of();
            return Stream.of(warning(
                    entry, Optional.empty(), warned.section().stream().toList(), leadsTo, true, warned.warning()));
        }
        if (entry.said() instanceof CareWarned warned) {
            return Stream.of(warning(
                    entry,
                    Optional.of(List.of(warned.job(), entry.day())),
                    warned.sections(),
                    Set.of(warned.job()),
                    true,
                    warned.warning()));
        }
        if (entry.said() instanceof Cared cared) {
            return cared.outcome() == CareOutcome.FOR_THE_VET
                    ? Stream.of(Change.closing(
                            entry,
                            Optional.empty(),
                            Set.of(),
                            Set.of(cared.job()),
                            found(entry, Who.VET, Optional.empty(), cared.words())))
                    : Stream.empty();
        }
        if (entry.said() instanceof LookedAt look) {
            return look.what().filter(BodyFinding::closes).stream()
                    .map(what -> Change.closing(
                            entry,
                            Optional.empty(),
                            Set.of(look.section()),
                            Set.of(),
                            found(entry, Who.VET, Optional.empty(), what.label())));
        }
        if (entry.said() instanceof Caught caught) {
            return caught.found().whoMustSee().stream()
                    .map(who -> Change.closing(
                            entry,
                            Optional.empty(),
                            Set.of(caught.section()),
                            Set.of(),
                            found(entry, who, Optional.of(caught.found()), "")));
        }
        return entry.done().stream().flatMap(done -> changes(entry, done));
    }

    private static Stream<Change> changes(Entry entry, SectionDone done) {
        if (done.comb().runsFree()) {
            return Stream.of(Change.clear(entry, done.section()));
        }
        return done.comb() == CombResult.FOR_GROOMER
                ? Stream.of(Change.closing(
                        entry,
                        Optional.empty(),
                        Set.of(done.section()),
                        Set.of(),
                        found(entry, Who.GROOMER, Optional.empty(), "")))
                : Stream.empty();
    }

    private static Closing found(Entry entry, Who who, Optional<Catch> found, String words) {
        return new Closing(entry.day(), who, found, Optional.empty(), false, words);
    }

    /**
     * A growl closes what it was at, a bite at no place in particular the whole dog.
     *
     * @param jobs       that it was at
     * @param exercising whether it was at a job or an exercise, whose own ladder tells the rest
     */
    private static Change warning(
            Entry entry,
            Optional<?> group,
            Collection<Section> sections,
            Set<CareJob> jobs,
            boolean exercising,
            Warning warning) {
        boolean growl = warning == Warning.GROWLED;
        boolean everywhere = sections.isEmpty() && !(growl && exercising);
        return Change.closing(
                entry,
                group.map(Function.identity()),
                everywhere ? EVERYWHERE : Set.copyOf(sections),
                everywhere ? ALL_JOBS : jobs,
                new Closing(
                        entry.day(),
                        growl ? Who.ADULT : Who.TRAINER,
                        Optional.empty(),
                        Optional.of(warning),
                        everywhere,
                        ""));
    }

    /** What closes each place now, the gravest reason first; what is older than a year says nothing any more. */
    static Map<Section, List<Closing>> places(Log log, LocalDate today) {
        record Places(LocalDate today) {}
        return log.workedOut(new Places(today), all -> readOff(all, today, Change::sections));
    }

    /** The same of the jobs at the table. */
    static Map<CareJob, List<Closing>> jobs(Log log, LocalDate today) {
        record Jobs(LocalDate today) {}
        return log.workedOut(new Jobs(today), all -> readOff(all, today, Change::jobs));
    }

    private static <K> Map<K, List<Closing>> readOff(Log log, LocalDate today, Function<Change, Set<K>> of) {
        LocalDate since = today.minusDays(Diary.REMEMBERED_DAYS);
        List<Change> changes = log
                .read(CHANGES, since, all -> all.stream()
                        .filter(change -> !change.when().day().isBefore(since))
                        .toList())
                .stream()
                .sorted(Comparator.comparing(Change::when))
                .toList();
        Map<Object, UUID> last = new HashMap<>();
        changes.forEach(change -> change.group().ifPresent(group -> last.put(group, change.entry())));
        Map<K, List<Closing>> closed = new HashMap<>();
        for (Change change : changes) {
            boolean stands = change.group()
                    .filter(group -> !change.entry().equals(last.get(group)))
                    .isEmpty();
            if (stands) {
                of.apply(change).forEach(key -> apply(change, closed.computeIfAbsent(key, one -> new ArrayList<>())));
            }
        }
        return closed.entrySet().stream()
                .filter(here -> !here.getValue().isEmpty())
                .collect(Collectors.toMap(Map.Entry::getKey, here -> here.getValue().stream()
                        .sorted(Comparator.comparing(Closing::who))
                        .toList()));
    }

    private static void apply(Change change, List<Closing> here) {
        change.closes().ifPresent(now -> close(here, now));
        change.seen().ifPresent(who -> here.removeIf(closing -> who.opens(closing.who)));
        if (change.clear()) {
            here.removeIf(closing -> closing.who == Who.GROOMER);
        }
    }

    /** For each who must look once; a later look tells more of it, but not less. */
    private static void close(List<Closing> here, Closing now) {
        here.stream()
                .filter(closing -> closing.who == now.who)
                .findFirst()
                .ifPresentOrElse(before -> here.set(here.indexOf(before), now.and(before)), () -> here.add(now));
    }

    private Closing and(Closing before) {
        return new Closing(
                since,
                who,
                found.or(() -> before.found),
                warning.or(() -> before.warning),
                everywhere || before.everywhere,
                words.isEmpty() ? before.words : words);
    }

    /** In their order. */
    static <K extends Enum<K>> Stream<K> inOrder(K[] all, Map<K, List<Closing>> closed) {
        return Arrays.stream(all).filter(closed::containsKey);
    }
}
