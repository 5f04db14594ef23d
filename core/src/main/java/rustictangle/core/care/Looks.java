package rustictangle.core.care;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import rustictangle.core.dog.Section;
import rustictangle.core.log.BodyFinding;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Log;
import rustictangle.core.log.LookedAt;
import rustictangle.core.log.Moment;
import rustictangle.core.log.SeenBy;

/**
 * What look-overs have found, place by place.
 *
 * @param at by place, the newest first
 */
public record Looks(Map<Section, List<Look>> at) {

    /**
     * One look.
     *
     * @param entry that said so
     */
    public record Look(
            UUID entry,
            LocalDate day,
            Section section,
            String words,
            Optional<UUID> photo,
            Optional<BodyFinding> what) {}

    private record Said(Moment when, Look look) {}

    private static final Log.Reading<Said> LOOKED = log -> log.stream()
            .flatMap(entry -> looked(entry).map(look -> new Said(entry.moment(), look)))
            .toList();

    public Looks {
        Map<Section, List<Look>> copy = new EnumMap<>(Section.class);
        at.forEach((section, looks) -> copy.put(section, List.copyOf(looks)));
        at = Collections.unmodifiableMap(copy);
    }

    public static Looks of(Log log) {
        Map<Section, List<Look>> at = new EnumMap<>(Section.class);
        log.read(LOOKED).stream()
                .sorted(Comparator.comparing(Said::when).reversed())
                .forEach(said -> at.computeIfAbsent(said.look.section(), section -> new ArrayList<>())
                        .add(said.look));
        return new Looks(at);
    }

    /**
     * What somebody has still to look at, the newest first: of each place its newest, until a later look says that
     * nothing is there any more, or a vet has seen the place. What is older than a year says nothing any more.
     */
    public static List<Look> open(Log log, LocalDate today) {
        Map<Section, Look> open = new EnumMap<>(Section.class);
        log.read(TURNS).stream()
                .filter(turn -> !turn.when.day().isBefore(today.minusYears(1)))
                .sorted(Comparator.comparing(Turn::when))
                .forEach(turn -> {
                    turn.sections.forEach(open::remove);
                    turn.look
                            .filter(look -> !look.what().equals(Optional.of(BodyFinding.GONE)))
                            .ifPresent(look -> open.put(look.section(), look));
                });
        return open.values().stream()
                .sorted(Comparator.comparing(Look::day).reversed().thenComparing(Look::section))
                .toList();
    }

    /**
     * Something found, or settled.
     *
     * @param sections of which what stood before is settled
     */
    private record Turn(Moment when, Set<Section> sections, Optional<Look> look) {}

    private static final Log.Reading<Turn> TURNS =
            log -> log.stream().flatMap(Looks::turns).toList();

    private static Stream<Turn> turns(Entry entry) {
        if (entry.said() instanceof SeenBy seen
                && seen.who() == SeenBy.Who.VET
                && seen.job().isEmpty()) {
            return Stream.of(new Turn(
                    entry.moment(), seen.section().map(Set::of).orElse(Set.of(Section.values())), Optional.empty()));
        }
        return looked(entry).map(look -> new Turn(entry.moment(), Set.of(look.section()), Optional.of(look)));
    }

    private static Stream<Look> looked(Entry entry) {
        return entry
                .as(LookedAt.class)
                .map(said -> new Look(entry.id(), entry.day(), said.section(), said.words(), said.photo(), said.what()))
                .stream();
    }

    /** A cry where no lump is, on another day at the same place: somebody looks for pain before it is touched again. */
    public static Optional<BodyFinding> asItStands(
            Log log, Section section, Optional<BodyFinding> what, LocalDate today) {
        boolean again = open(log, today).stream()
                .filter(look -> look.section() == section)
                .anyMatch(look -> look.what().equals(Optional.of(BodyFinding.CRIED_AGAIN))
                        || look.what().equals(Optional.of(BodyFinding.CRIED))
                                && look.day().isBefore(today));
        return what.map(found -> again && found == BodyFinding.CRIED ? BodyFinding.CRIED_AGAIN : found);
    }

    /** How many have a photo. */
    public long photos() {
        return at.values().stream()
                .flatMap(List::stream)
                .filter(look -> look.photo().isPresent())
                .count();
    }
}
