package rustictangle.core.rhythm;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import rustictangle.core.dog.Section;
import rustictangle.core.log.Log;

/** The days on which a round over the dog was whole: a comb had run free at every place that is brushed. */
public final class AllOver {

    /** So many days, the last included, are one round; at most one is whole in them. Own choice. */
    static final int ROUND_DAYS = 7;

    private AllOver() {}

    /**
     * @param brushed places that are brushed on this dog; of none no round is whole
     * @return oldest first
     */
    public static List<LocalDate> days(Log log, Set<Section> brushed) {
        Map<LocalDate, List<CombCheck>> byDay = log.read(CombCheck.CHECKS).stream()
                .collect(Collectors.groupingBy(CombCheck::date, TreeMap::new, Collectors.toList()));
        Map<Section, LocalDate> free = new EnumMap<>(Section.class);
        List<LocalDate> whole = new ArrayList<>();
        byDay.forEach((day, checks) -> {
            checks.forEach(check -> {
                if (check.matLeft()) {
                    free.remove(check.section());
                } else {
                    free.put(check.section(), day);
                }
            });
            LocalDate begun = day.minusDays(ROUND_DAYS - 1L);
            boolean again = whole.isEmpty() || whole.get(whole.size() - 1).isBefore(begun);
            if (again
                    && !brushed.isEmpty()
                    && brushed.stream()
                            .allMatch(section -> free.containsKey(section)
                                    && !free.get(section).isBefore(begun))) {
                whole.add(day);
            }
        });
        return List.copyOf(whole);
    }
}
