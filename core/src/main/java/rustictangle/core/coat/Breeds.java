package rustictangle.core.coat;

import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import rustictangle.core.Table;
import rustictangle.core.dog.Build;
import rustictangle.core.dog.Ears;
import rustictangle.core.dog.Looks;
import rustictangle.core.dog.Region;
import rustictangle.core.dog.TailShape;

/**
 * Common breeds and crosses with the coat and the looks they usually have.
 *
 * <p>They stand in {@code breeds.txt}, a table that a groomer can proof-read; where it comes from is said at its head.
 */
public final class Breeds {

    private static final int COLUMNS = 10;
    /** Of these builds a breed whose hair is clipped is a small companion. */
    private static final Set<Build> SMALL = EnumSet.of(Build.FINE, Build.FLAT_FACED);

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
        double scale = Double.parseDouble(row.get(4));
        Clipped clipped = word(Clipped.class, row.get(5));
        Colour colour = word(Colour.class, row.get(9));
        Build build = word(Build.class, row.get(6));
        Coat trim = pattern.inTrim(scale, clipped, colour, SMALL.contains(build));
        Coat grown = pattern.coat(scale, Clipped.NO, colour);
        boolean shorter = Arrays.stream(Region.values())
                .anyMatch(region -> trim.at(region).length().millimetres()
                        < grown.at(region).length().millimetres());
        return new Breed(
                row.get(0),
                list(row.get(1), ","),
                list(row.get(2), "\\+"),
                trim,
                Optional.of(grown).filter(coat -> shorter),
                new Looks(build, word(Ears.class, row.get(7)), word(TailShape.class, row.get(8))));
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
