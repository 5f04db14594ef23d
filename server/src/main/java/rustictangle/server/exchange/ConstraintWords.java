package rustictangle.server.exchange;

import java.util.Map;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What the database minds about a row, in words: which column, its value and its limits. */
final class ConstraintWords {

    private static final Pattern FAILED =
            Pattern.compile("(CHECK|NOT NULL|UNIQUE|FOREIGN KEY) constraint failed(?:: (.*?))?\\)?$");

    /** Each form that a check of the schema has. */
    private enum Form {
        LONGEST("length\\((\\w+)\\) <= (\\d+)", "%s is longer than %s characters; shorten it"),
        LENGTHS("length\\((\\w+)\\) BETWEEN (\\d+) AND (\\d+)", "%s has to have %s to %s characters"),
        LENGTH("length\\((\\w+)\\) = (\\d+)", "%s has to have %s characters"),
        WITHIN("(\\w+) BETWEEN (\\S+) AND (\\S+)", "%s is <value>, need %s to %s"),
        ABOVE("(\\w+) > (\\S+) AND \\w+ <= (\\S+)", "%s is <value>, need more than %s, at most %s"),
        YES_OR_NO("(\\w+) IN \\(0, 1\\)?", "%s is <value>, need 0 or 1"),
        ONLY("(\\w+) = (\\d+)", "%s is <value>, need %s"),
        JSON("json_valid\\((\\w+)\\) AND .* <= (\\d+)", "%s is longer than %s characters"),
        ORDER("(\\w+) <= (\\w+)", "%s lies after %s"),
        TOGETHER("(\\w+) IS NULL OR (\\w+) IS NOT NULL", "with %s there has to be %s");

        private final Pattern pattern;
        private final String words;

        Form(String pattern, String words) {
            this.pattern = Pattern.compile(pattern);
            this.words = words;
        }
    }

    private ConstraintWords() {}

    /**
     * @param said by the database
     * @param row  that it minds
     */
    static String of(String said, Map<String, Object> row) {
        Matcher failed = FAILED.matcher(said.strip());
        if (!failed.find() || failed.group(2) == null) {
            return "a value in this row is not allowed";
        }
        String column = failed.group(2).replaceAll("^.*\\.", "");
        return switch (failed.group(1)) {
            case "NOT NULL" -> column + " is missing";
            case "UNIQUE" -> "the same " + column + " stands in an earlier row; take one of them out";
            default -> check(failed.group(2), row);
        };
    }

    /** @param condition as it stands in the schema */
    static String check(String condition, Map<String, Object> row) {
        for (Form form : Form.values()) {
            Matcher matcher = form.pattern.matcher(condition.strip());
            if (matcher.matches()) {
                return inWords(form, matcher.toMatchResult(), row);
            }
        }
        return "a value in this row is not allowed";
    }

    private static String inWords(Form form, MatchResult found, Map<String, Object> row) {
        Object[] parts = new Object[found.groupCount()];
        for (int i = 0; i < parts.length; i++) {
            parts[i] = found.group(i + 1);
        }
        return String.format(form.words, parts).replace("<value>", String.valueOf(row.get(found.group(1))));
    }
}
