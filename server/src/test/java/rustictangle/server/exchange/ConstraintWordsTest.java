package rustictangle.server.exchange;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Whatever the database minds about a row is told in words. */
class ConstraintWordsTest {

    @Test
    void everyCheckOfTheSchemaHasWords() throws IOException {
        List<String> checks = new ArrayList<>();
        try (Stream<Path> files = Files.list(Path.of("src/main/resources/db/migration"))) {
            for (Path file : files.toList()) {
                checks.addAll(checks(Files.readString(file)));
            }
        }
        assertTrue(checks.size() > 40, checks.size() + " checks");
        for (String check : checks) {
            String words = ConstraintWords.check(check, Map.of());
            assertFalse(words.startsWith("a value"), check + " has no words of its own");
            assertFalse(words.matches(".*(BETWEEN|IN \\(|length\\(|%s).*"), words);
        }
    }

    @Test
    void whatIsMissingOrTwiceIsNamed() {
        assertEquals(
                "name is missing",
                ConstraintWords.of(
                        "[SQLITE_CONSTRAINT_NOTNULL] A NOT NULL constraint failed (NOT NULL constraint failed: dog.name)",
                        Map.of()));
        assertEquals(
                "the same id stands in an earlier row; take one of them out",
                ConstraintWords.of(
                        "[SQLITE_CONSTRAINT_PRIMARYKEY] A PRIMARY KEY constraint failed (UNIQUE constraint failed: dog.id)",
                        Map.of()));
        assertEquals(
                "kilograms is 500.0, need 0.3 to 120",
                ConstraintWords.of(
                        "[SQLITE_CONSTRAINT_CHECK] A CHECK constraint failed (CHECK constraint failed: kilograms BETWEEN 0.3 AND 120)",
                        Map.of("kilograms", 500.0)));
    }

    /** What stands in the brackets after each CHECK. */
    private static List<String> checks(String schema) {
        List<String> checks = new ArrayList<>();
        for (int at = schema.indexOf("CHECK ("); at >= 0; at = schema.indexOf("CHECK (", at + 1)) {
            int open = at + "CHECK (".length();
            int end = open;
            for (int depth = 1; depth > 0; end++) {
                depth += schema.charAt(end) == '(' ? 1 : schema.charAt(end) == ')' ? -1 : 0;
            }
            checks.add(schema.substring(open, end - 1));
        }
        return checks;
    }
}
