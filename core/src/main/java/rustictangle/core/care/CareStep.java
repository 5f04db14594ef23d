package rustictangle.core.care;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import rustictangle.core.Reason;
import rustictangle.core.Table;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.log.CareJob;

/**
 * One step of a job, answered with one tap.
 *
 * @param title   in a few words
 * @param todo    as an instruction
 * @param caution that stands beside it, where the hand could err; empty: none
 */
public record CareStep(String title, String todo, Optional<Reason> caution) {

    private record Row(CareJob job, String when, CareStep step) {}

    private static final Set<String> WHEN = Set.of("always", "flat face", "old", "puppy", "frightened", "long");

    private static final List<Row> ROWS = Table.rows(CareStep.class, "steps.txt", 5).stream()
            .map(CareStep::row)
            .toList();

    private static Row row(List<String> cells) {
        if (!WHEN.contains(cells.get(1))) {
            throw new IllegalArgumentException("steps.txt: when \"" + cells.get(1) + "\", need one of " + WHEN);
        }
        Optional<Reason> caution =
                cells.get(4).isEmpty() ? Optional.empty() : Optional.of(CareCaution.of(cells.get(4)));
        return new Row(
                Table.constant(CareJob.class, cells.get(0)),
                cells.get(1),
                new CareStep(cells.get(2), cells.get(3), caution));
    }

    /**
     * The whole job, in order.
     *
     * @param longHair whether any of it is not smooth
     */
    public static List<CareStep> of(CareJob job, Dog dog, boolean longHair) {
        return ROWS.stream()
                .filter(row -> row.job == job && applies(row.when, dog, longHair))
                .map(Row::step)
                .toList();
    }

    private static boolean applies(String when, Dog dog, boolean longHair) {
        return switch (when) {
            case "flat face" -> dog.flatFace();
            case "old" -> dog.lifeStage() == LifeStage.ELDERLY;
            case "puppy" -> dog.isPuppy();
            case "frightened" -> dog.mayBeFrightened();
            case "long" -> longHair;
            default -> true;
        };
    }
}
