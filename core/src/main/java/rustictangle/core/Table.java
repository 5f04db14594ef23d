package rustictangle.core;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;

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

    private static List<String> cells(String name, String line, int columns) {
        List<String> cells =
                Arrays.stream(line.split("\\|", -1)).map(String::strip).toList();
        if (cells.size() != columns) {
            throw new IllegalArgumentException(name + ": " + cells.size() + " columns, need " + columns + ": " + line);
        }
        return cells;
    }
}
