package rustictangle.core.care;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import rustictangle.core.dog.Section;
import rustictangle.core.log.CareJob;
import rustictangle.core.log.Log;
import rustictangle.core.log.LookedAt;
import rustictangle.core.log.Moment;

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
    public record Look(UUID entry, LocalDate day, Section section, String words, Optional<UUID> photo) {}

    private record Said(Moment when, Look look) {}

    private static final Log.Reading<Said> LOOKED = log -> log.stream()
            .flatMap(entry -> entry
                    .as(LookedAt.class)
                    .map(said -> new Said(
                            entry.moment(),
                            new Look(entry.id(), entry.day(), said.section(), said.words(), said.photo())))
                    .stream())
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
     * What is new since the look-over before the last: of each place its newest, if it was said since. The list for the
     * vet or the groomer.
     */
    public List<Look> changed(CareDiary diary, LocalDate today) {
        LocalDate since =
                diary.days().getOrDefault(CareJob.LOOK_OVER, Collections.emptyNavigableMap()).entrySet().stream()
                        .filter(day -> day.getValue().how() == CareDiary.How.DONE
                                && day.getKey().isBefore(today))
                        .map(Map.Entry::getKey)
                        .max(Comparator.naturalOrder())
                        .orElse(LocalDate.MIN);
        return at.values().stream()
                .map(looks -> looks.get(0))
                .filter(look -> look.day().isAfter(since))
                .sorted(Comparator.comparing(Look::day).reversed().thenComparing(Look::section))
                .toList();
    }

    /** How many have a photo. */
    public long photos() {
        return at.values().stream()
                .flatMap(List::stream)
                .filter(look -> look.photo().isPresent())
                .count();
    }
}
