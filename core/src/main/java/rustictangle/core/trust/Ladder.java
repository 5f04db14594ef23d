package rustictangle.core.trust;

import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import rustictangle.core.Sure;
import rustictangle.core.Table;
import rustictangle.core.log.BathKind;
import rustictangle.core.log.Subject;

/**
 * The ten steps by which a dog learns to accept something: a table that a trainer can proof-read, {@code ladders.txt}.
 *
 * @param setUp before the first trial
 * @param slips what goes wrong most often
 * @param steps the lowest first
 * @param wetting from which rung on how much of the coat gets wet; none: it stays dry
 */
public record Ladder(String setUp, List<String> slips, List<Step> steps, NavigableMap<Integer, BathKind> wetting) {

    /**
     * One step.
     *
     * @param label in a few words
     * @param howTo one trial, as an instruction
     * @param met   what the dog does when the step is reached, after "met when"
     */
    public record Step(String label, String howTo, String met) {}

    private static final Map<Subject, Ladder> BY_SUBJECT = bySubject();

    public Ladder {
        slips = List.copyOf(slips);
        steps = List.copyOf(steps);
        wetting = Collections.unmodifiableNavigableMap(new TreeMap<>(wetting));
        if (steps.size() != Rung.HIGHEST) {
            throw new IllegalArgumentException(
                    "ladders.txt: " + steps.size() + " rungs where \"" + setUp + "\", need " + Rung.HIGHEST);
        }
    }

    public static Ladder of(Subject subject) {
        return Sure.at(BY_SUBJECT, subject);
    }

    private static Map<Subject, Ladder> bySubject() {
        Map<String, List<List<String>>> tables =
                Table.rows(Ladder.class, "ladders.txt", 5).stream().collect(Collectors.groupingBy(row -> row.get(0)));
        Map<Subject, Ladder> ladders = new HashMap<>();
        Subject.all().forEach(subject -> ladders.put(subject, read(subject.ladder(), tables)));
        return Map.copyOf(ladders);
    }

    private static Ladder read(String name, Map<String, List<List<String>>> tables) {
        List<List<String>> rows = tables.getOrDefault(Table.words(name), List.of());
        return new Ladder(
                of(rows, "set up").stream().findFirst().orElse(""),
                of(rows, "slip"),
                rows.stream()
                        .filter(row -> Character.isDigit(row.get(1).charAt(0)))
                        .map(row -> new Step(row.get(2), row.get(3), row.get(4)))
                        .toList(),
                rows.stream()
                        .filter(row -> row.get(1).equals("wets"))
                        .collect(Collectors.toMap(
                                row -> Integer.valueOf(row.get(2)),
                                row -> Table.constant(BathKind.class, row.get(3)),
                                (first, second) -> second,
                                TreeMap::new)));
    }

    /** How much of the coat gets wet on this rung; empty: it stays dry. */
    public Optional<BathKind> wets(Rung rung) {
        return Optional.ofNullable(wetting.floorEntry(rung.number())).map(Map.Entry::getValue);
    }

    private static List<String> of(List<List<String>> rows, String which) {
        return rows.stream()
                .filter(row -> row.get(1).equals(which))
                .map(row -> row.get(2))
                .toList();
    }

    public Step at(Rung rung) {
        return steps.get(rung.ordinal());
    }
}
