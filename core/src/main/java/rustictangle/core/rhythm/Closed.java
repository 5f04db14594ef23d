package rustictangle.core.rhythm;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;
import rustictangle.core.log.Catch;
import rustictangle.core.log.CombResult;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Log;
import rustictangle.core.log.Moment;
import rustictangle.core.log.PracticeWarned;
import rustictangle.core.log.SeenBy;
import rustictangle.core.log.SeenBy.Who;
import rustictangle.core.log.SessionEvent.Caught;
import rustictangle.core.log.SessionEvent.Warned;
import rustictangle.core.log.Visited;
import rustictangle.core.log.Warning;

/**
 * A place that somebody must see: it is not brushed until it is said that they did. What was found outlives the day.
 *
 * @param since   the day it was found
 * @param who     must look; an adult of the household only reopens it
 * @param found   where the comb caught; empty: it did not, or was not looked at closer
 * @param warning of the dog; empty: none
 */
public record Closed(Section section, LocalDate since, Who who, Optional<Catch> found, Optional<Warning> warning) {

    /**
     * Something that closes a place, or opens it.
     *
     * @param section empty: everywhere
     * @param closes  that it is closed now
     * @param seen    who has looked; what they may is open again
     */
    private record Change(
            Optional<Section> section, Moment when, Optional<Closed> closes, Optional<Who> seen, boolean clear) {}

    private static final Log.Reading<Change> CHANGES =
            log -> log.stream().flatMap(Closed::changes).toList();

    private static Stream<Change> changes(Entry entry) {
        if (entry.said() instanceof Visited) {
            return Stream.of(
                    new Change(Optional.empty(), entry.moment(), Optional.empty(), Optional.of(Who.GROOMER), false));
        }
        if (entry.said() instanceof SeenBy seen) {
            return Stream.of(new Change(
                    Optional.of(seen.section()), entry.moment(), Optional.empty(), Optional.of(seen.who()), false));
        }
        if (entry.said() instanceof Warned warned) {
            return warned.sections().stream().map(section -> closing(entry, section, warned.warning()));
        }
        if (entry.said() instanceof PracticeWarned warned) {
            return warned.section().stream().map(section -> closing(entry, section, warned.warning()));
        }
        if (entry.said() instanceof Caught caught) {
            return caught.found().whoMustSee().stream()
                    .map(who -> closing(entry, caught.section(), who, Optional.of(caught.found()), Optional.empty()));
        }
        return entry.done().stream()
                .filter(done -> done.comb().runsFree() || done.comb() == CombResult.FOR_GROOMER)
                .map(done -> done.comb().runsFree()
                        ? new Change(
                                Optional.of(done.section()), entry.moment(), Optional.empty(), Optional.empty(), true)
                        : closing(entry, done.section(), Who.GROOMER, Optional.empty(), Optional.empty()));
    }

    private static Change closing(Entry entry, Section section, Warning warning) {
        Who who = warning == Warning.GROWLED ? Who.ADULT : Who.TRAINER;
        return closing(entry, section, who, Optional.empty(), Optional.of(warning));
    }

    private static Change closing(
            Entry entry, Section section, Who who, Optional<Catch> found, Optional<Warning> warning) {
        return new Change(
                Optional.of(section),
                entry.moment(),
                Optional.of(new Closed(section, entry.day(), who, found, warning)),
                Optional.empty(),
                false);
    }

    /** Every place that is closed, the gravest reason first; what is older than a year says nothing any more. */
    public static List<Closed> of(Log log, LocalDate today) {
        record Of(LocalDate today) {}
        return log.workedOut(new Of(today), all -> readOff(all, today.minusDays(Diary.REMEMBERED_DAYS)));
    }

    private static List<Closed> readOff(Log log, LocalDate since) {
        List<Closed> closed = new ArrayList<>();
        List<Change> changes = new ArrayList<>(log.read(CHANGES, since, all -> all.stream()
                .filter(change -> !change.when().day().isBefore(since))
                .toList()));
        changes.sort(Comparator.comparing(Change::when));
        for (Change change : changes) {
            change.closes().ifPresent(now -> close(closed, now));
            change.seen()
                    .ifPresent(who -> closed.removeIf(closing -> change.section()
                                    .filter(section -> section != closing.section)
                                    .isEmpty()
                            && who.opens(closing.who)));
            if (change.clear()) {
                closed.removeIf(
                        closing -> closing.section == change.section().orElseThrow() && closing.who == Who.GROOMER);
            }
        }
        closed.sort(Comparator.comparing(Closed::section).thenComparing(Closed::who));
        return List.copyOf(closed);
    }

    /** For each who must look once; a later look tells more of it, but not less. */
    private static void close(List<Closed> closed, Closed now) {
        closed.stream()
                .filter(closing -> closing.section == now.section && closing.who == now.who)
                .findFirst()
                .ifPresentOrElse(
                        before -> closed.set(
                                closed.indexOf(before),
                                new Closed(
                                        now.section,
                                        now.since,
                                        now.who,
                                        now.found.or(() -> before.found),
                                        now.warning.or(() -> before.warning))),
                        () -> closed.add(now));
    }

    /** Whether it is practised meanwhile, from a rung that was calm. */
    public boolean practised() {
        return who == Who.ADULT;
    }

    public Reason why() {
        return switch (who) {
            case VET ->
                new Reason(
                        "rhythm.closed-vet",
                        "Closed since {" + since + " date}: the skin is "
                                + found.orElseThrow().skin().label()
                                + ". A vet looks first; nothing is brushed here until then.");
            case GROOMER ->
                new Reason(
                        "rhythm.closed-groomer",
                        "Closed since {" + since
                                + " date}: a mat for the groomer. It is left as it is, and kept dry, until they have seen it.");
            case TRAINER ->
                new Reason(
                        "rhythm.closed-trainer",
                        "Closed since {" + since + " date}: the dog "
                                + warning.orElseThrow().label()
                                + " here. A certified trainer or a vet first; look for pain. A muzzle only after its own ladder of treats.");
            case ADULT ->
                new Reason(
                        "rhythm.closed-growl",
                        "Closed since {" + since + " date}: the dog "
                                + warning.orElseThrow().label()
                                + " here. Practice only, with treats, until an adult opens it again; look for pain.");
        };
    }
}
