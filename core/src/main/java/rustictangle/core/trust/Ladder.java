package rustictangle.core.trust;

import java.util.List;
import java.util.Locale;
import rustictangle.core.Table;

/**
 * The ten steps by which a dog learns to accept something: a table that a trainer can proof-read, {@code ladders.txt}.
 */
public enum Ladder {
    BRUSH,
    COMB,
    MIST,
    DRYER,
    TABLE,
    LYING,
    CHIN,
    LEG,
    BATHING,
    TEETH,
    EYES,
    EARS,
    CLIPPERS,
    GRINDER;

    /**
     * One step.
     *
     * @param label in a few words
     * @param howTo one trial, as an instruction
     * @param met   what the dog does when the step is reached, after "met when"
     */
    public record Step(String label, String howTo, String met) {}

    private final String setUp;
    private final List<String> slips;
    private final List<Step> steps;

    Ladder() {
        List<List<String>> rows = Table.rows(Ladder.class, "ladders.txt", 5).stream()
                .filter(row -> row.get(0).equals(name().toLowerCase(Locale.ROOT)))
                .toList();
        setUp = of(rows, "set up").get(0);
        slips = of(rows, "slip");
        steps = rows.stream()
                .filter(row -> Character.isDigit(row.get(1).charAt(0)))
                .map(row -> new Step(row.get(2), row.get(3), row.get(4)))
                .toList();
    }

    private static List<String> of(List<List<String>> rows, String which) {
        return rows.stream()
                .filter(row -> row.get(1).equals(which))
                .map(row -> row.get(2))
                .toList();
    }

    /** Before the first trial. */
    public String setUp() {
        return setUp;
    }

    /** What goes wrong most often. */
    public List<String> slips() {
        return slips;
    }

    public Step at(Rung rung) {
        return steps.get(rung.ordinal());
    }
}
