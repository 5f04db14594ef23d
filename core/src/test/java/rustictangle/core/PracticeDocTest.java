package rustictangle.core;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Every reason shown to an owner can be looked up in docs/practice.md, and nothing there is dead. */
class PracticeDocTest {

    private static final String ID = "(?:dog|coat|kit|trust|rhythm|routine|session|visit|plan)\\.[a-z-]+";

    @Test
    void everyReasonGivenIsExplainedInThePracticePageAndTheOtherWayRound() throws IOException {
        Set<String> used = new TreeSet<>();
        try (Stream<Path> files = Files.walk(Path.of("src/main/java"))) {
            for (Path file : files.filter(f -> f.toString().endsWith(".java")).toList()) {
                used.addAll(find("\"(" + ID + ")\"", Files.readString(file)));
            }
        }
        Set<String> explained = find("`(" + ID + ")`", Files.readString(Path.of("../docs/practice.md")));
        assertEquals(String.join("\n", used), String.join("\n", explained));
    }

    private static Set<String> find(String regex, String text) {
        Set<String> found = new TreeSet<>();
        Matcher matcher = Pattern.compile(regex).matcher(text);
        while (matcher.find()) {
            found.add(matcher.group(1));
        }
        return found;
    }
}
