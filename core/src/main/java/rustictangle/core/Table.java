package rustictangle.core;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/** A table of facts that a groomer could proof-read, in a text beside the class that reads it: cells between bars. */
public final class Table {

    private Table() {}

    /**
     * Its rows, without blank lines and those that begin with #.
     *
     * @throws IllegalArgumentException when a row has another number of cells
     */
    public static List<List<String>> rows(Class<?> beside, String name, int columns) {
        try (BufferedReader lines =
                new BufferedReader(new InputStreamReader(beside.getResourceAsStream(name), StandardCharsets.UTF_8))) {
            return lines.lines()
                    .filter(line -> !line.isBlank() && !line.startsWith("#"))
                    .map(line -> cells(name, line, columns))
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(name, e);
        }
    }

    /**
     * Its rows by the constant that the first cell names, in words.
     *
     * @param make of a row, its first cell included
     * @throws IllegalArgumentException when a constant has no row or two, a row no constant, or a cell is empty
     */
    public static <E extends Enum<E>, T> Map<E, T> byConstant(
            Class<E> kinds, Class<?> beside, String name, int columns, Function<List<String>, T> make) {
        Map<E, T> rows = new EnumMap<>(kinds);
        for (List<String> row : rows(beside, name, columns)) {
            if (row.contains("")) {
                throw new IllegalArgumentException(name + ": a cell is empty; say \"no\": " + row);
            }
            if (rows.put(constant(kinds, row.get(0)), make.apply(row)) != null) {
                throw new IllegalArgumentException(name + ": " + row.get(0) + " has two rows, need one");
            }
        }
        for (E kind : kinds.getEnumConstants()) {
            if (!rows.containsKey(kind)) {
                throw new IllegalArgumentException(name + ": " + kind + " has no row");
            }
        }
        return Collections.unmodifiableMap(rows);
    }

    /**
     * The constant that a cell names in words: "wooden pin brush".
     *
     * @throws IllegalArgumentException when there is none of that name
     */
    public static <E extends Enum<E>> E constant(Class<E> kinds, String cell) {
        return Enum.valueOf(
                kinds, cell.toUpperCase(Locale.ROOT).replace(' ', '_').replace('-', '_'));
    }

    /** How a cell names a constant. */
    public static String words(String constant) {
        return constant.toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    /** What a cell says; empty where it says no. */
    public static Optional<String> unlessNo(String cell) {
        return cell.equals("no") ? Optional.empty() : Optional.of(cell);
    }

    /** @throws IllegalArgumentException when the cell says neither yes nor no */
    public static boolean yes(String cell) {
        if (!cell.equals("yes") && !cell.equals("no")) {
            throw new IllegalArgumentException("\"" + cell + "\", need yes or no");
        }
        return cell.equals("yes");
    }

    private static List<String> cells(String name, String line, int columns) {
        List<String> cells =
                Arrays.stream(line.split("\\|", -1)).map(String::strip).toList();
        if (cells.size() != columns) {
            throw new IllegalArgumentException(name + ": " + cells.size() + " columns, need " + columns + ": " + line);
        }
        return cells;
    }
}
