package rustictangle.core;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every reason shown to an owner can be looked up in docs/practice, and nothing there is dead. */
class PracticeDocTest {

    private static final Path DOCS = Path.of("../docs/practice");
    /** A cell of a table that can be read at a glance, characters. */
    private static final int LONGEST_CELL = 420;

    static List<String> rooms() {
        return List.copyOf(RoomsTest.ROOMS.keySet());
    }

    @ParameterizedTest
    @MethodSource("rooms")
    void everyReasonOfARoomIsExplainedOnItsPageAndTheOtherWayRound(String room) throws IOException {
        Set<String> used = new TreeSet<>();
        try (Stream<Path> files = Files.walk(Path.of("src/main"))) {
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                used.addAll(find("(?:\"|\\| )(" + room + "\\.[a-z-]+)(?=\"|$|:)", Files.readString(file)));
            }
        }
        Path page = DOCS.resolve(room + ".md");
        Set<String> explained =
                Files.exists(page) ? find("`(" + room + "\\.[a-z-]+)`", Files.readString(page)) : Set.of();
        assertEquals(String.join("\n", used), String.join("\n", explained));
    }

    @Test
    void aPageTellsOfItsOwnRoomAndItsCellsAreShort() throws IOException {
        try (Stream<Path> pages = Files.list(DOCS)) {
            for (Path page : pages.toList()) {
                String room = page.getFileName().toString().replace(".md", "");
                assertTrue(RoomsTest.ROOMS.containsKey(room), page + " is of no room");
                for (String line : Files.readAllLines(page)) {
                    for (String cell : line.startsWith("|") ? line.split("\\|") : new String[0]) {
                        assertTrue(cell.length() <= LONGEST_CELL, page + ": too long to read: " + cell);
                    }
                }
            }
        }
    }

    private static Set<String> find(String regex, String text) {
        Set<String> found = new TreeSet<>();
        Matcher matcher = Pattern.compile(regex, Pattern.MULTILINE).matcher(text);
        while (matcher.find()) {
            found.add(matcher.group(1));
        }
        return found;
    }
}
