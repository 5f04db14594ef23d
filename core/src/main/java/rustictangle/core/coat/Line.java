package rustictangle.core.coat;

import java.util.List;

/**
 * A value that follows from hair length by straight lines between table rows, so that one
 * millimetre more hair never makes a recommendation jump. Level before the first row and after
 * the last.
 */
public final class Line {

    /** One row: at this length, this value. */
    public record Row(double millimetres, double value) {}

    private final List<Row> rows;

    private Line(List<Row> rows) {
        this.rows = List.copyOf(rows);
    }

    /**
     * @param rows in order of growing length, at least one
     * @throws IllegalArgumentException when there is none or the lengths do not grow
     */
    public static Line through(Row... rows) {
        if (rows.length == 0) {
            throw new IllegalArgumentException("no rows, need at least one");
        }
        for (int i = 1; i < rows.length; i++) {
            if (!(rows[i].millimetres > rows[i - 1].millimetres)) {
                throw new IllegalArgumentException(
                        "row " + i + " at " + rows[i].millimetres + " mm, need more than " + rows[i - 1].millimetres);
            }
        }
        return new Line(List.of(rows));
    }

    public static Row row(double millimetres, double value) {
        return new Row(millimetres, value);
    }

    public double at(HairLength length) {
        double x = length.millimetres();
        Row before = rows.get(0);
        for (Row row : rows) {
            if (x < row.millimetres) {
                return between(before, row, x);
            }
            before = row;
        }
        return before.value;
    }

    private static double between(Row a, Row b, double x) {
        if (x <= a.millimetres) {
            return a.value;
        }
        double part = (x - a.millimetres) / (b.millimetres - a.millimetres);
        return a.value + part * (b.value - a.value);
    }
}
