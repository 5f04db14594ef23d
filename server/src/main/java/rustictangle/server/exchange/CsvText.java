package rustictangle.server.exchange;

import java.util.regex.Pattern;

/**
 * Text in a table that a spreadsheet must not take for a formula: an apostrophe before it says that it is text, as
 * spreadsheets themselves write it.
 */
final class CsvText {

    private static final Pattern FORMULA = Pattern.compile("'*[=+\\-@\\t\\r].*", Pattern.DOTALL);

    private CsvText() {}

    static String safe(String text) {
        return FORMULA.matcher(text).matches() ? "'" + text : text;
    }

    /** What {@link #safe} was given. */
    static String plain(String cell) {
        return cell.startsWith("'") && FORMULA.matcher(cell).matches() ? cell.substring(1) : cell;
    }
}
