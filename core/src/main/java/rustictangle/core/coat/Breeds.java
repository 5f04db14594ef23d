package rustictangle.core.coat;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import rustictangle.core.Table;
import rustictangle.core.dog.Build;
import rustictangle.core.dog.Ears;
import rustictangle.core.dog.Looks;
import rustictangle.core.dog.TailShape;

/**
 * Common breeds and crosses with the coat and the looks they usually have.
 *
 * <p>They stand in {@code breeds.txt}, a table that a groomer can proof-read; where it comes from is said at its head.
 */
public final class Breeds {

    private static final int COLUMNS = 10;
    private static final List<Breed> ALL = Table.rows(Breeds.class, "breeds.txt", COLUMNS).stream()
            .map(Breeds::breed)
            .sorted(Comparator.comparing(Breed::name))
            .toList();

    private Breeds() {}

    /** Every breed and cross known, by name. */
    public static List<Breed> all() {
        return ALL;
    }

    private static Breed breed(List<String> row) {
        CoatPattern pattern = word(CoatPattern.class, row.get(3));
        return new Breed(
                row.get(0),
                list(row.get(1), ","),
                list(row.get(2), "\\+"),
                pattern.coat(
                        Double.parseDouble(row.get(4)),
                        word(Clipped.class, row.get(5)),
                        word(Colour.class, row.get(9))),
                new Looks(
                        word(Build.class, row.get(6)),
                        word(Ears.class, row.get(7)),
                        word(TailShape.class, row.get(8))));
    }

    private static List<String> list(String cell, String separator) {
        return Arrays.stream(cell.split(separator))
                .map(String::strip)
                .filter(line -> !line.isEmpty())
                .toList();
    }

    private static <E extends Enum<E>> E word(Class<E> type, String cell) {
        return Enum.valueOf(type, cell.toUpperCase(Locale.ROOT).replaceAll("[ -]", "_"));
    }
}
