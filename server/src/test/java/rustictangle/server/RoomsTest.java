package rustictangle.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.library.Architectures.LayeredArchitecture;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The same rooms as in the core, with the same one direction; frame and household serve them all. */
class RoomsTest {

    private static final JavaClasses SERVER = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("rustictangle.server");

    private static final Map<String, List<String>> ROOMS = rooms(Path.of("../rooms.txt"));

    /** Each room with those it may use besides what they may use, those of the server among them. */
    private static Map<String, List<String>> rooms(Path file) {
        Map<String, List<String>> rooms = new LinkedHashMap<>();
        try {
            for (String line : Files.readAllLines(file)) {
                Matcher room = Pattern.compile("(?:\\+ )?([a-z]+):(.*)").matcher(line);
                if (room.matches() && !room.group(1).equals("home")) {
                    List<String> above = rooms.computeIfAbsent(room.group(1), name -> new ArrayList<>());
                    Pattern.compile("[a-z]+").matcher(room.group(2)).results().forEach(used -> above.add(used.group()));
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return rooms;
    }

    @Test
    void aRoomUsesOnlyTheRoomsAboveIt() {
        LayeredArchitecture house =
                layeredArchitecture().consideringOnlyDependenciesInAnyPackage("rustictangle.server.(*)..");
        for (String room : ROOMS.keySet()) {
            house = house.layer(room).definedBy("rustictangle.server." + room + "..");
        }
        for (String room : ROOMS.keySet()) {
            String[] above = above(room).toArray(String[]::new);
            house = above.length == 0
                    ? house.whereLayer(room).mayNotAccessAnyLayer()
                    : house.whereLayer(room).mayOnlyAccessLayers(above);
        }
        house.check(SERVER);
    }

    private static Set<String> above(String room) {
        Set<String> above = new TreeSet<>(ROOMS.get(room));
        ROOMS.get(room).forEach(used -> above.addAll(above(used)));
        return above;
    }

    /** What is read or written in SQL; a view of SQLite itself is nobody's. */
    private static final Pattern NAMED =
            Pattern.compile("\\b(?:FROM|JOIN|INTO|UPDATE)\\s+(?:main\\.|beside\\.)?([a-z_]+)\\b");

    /** The rooms speak to each other, not through each other's tables. */
    @Test
    void noTableIsNamedByTwoRooms() throws IOException {
        Set<String> tables = tables();
        Map<String, Set<String>> rooms = new TreeMap<>();
        try (Stream<Path> files = Files.walk(Path.of("src/main/java/rustictangle/server"))) {
            for (Path file :
                    files.filter(file -> file.toString().endsWith(".java")).toList()) {
                String room = file.getParent().getFileName().toString();
                Matcher named = NAMED.matcher(Files.readString(file));
                while (named.find()) {
                    if (tables.contains(named.group(1))) {
                        rooms.computeIfAbsent(named.group(1), table -> new TreeSet<>())
                                .add(room);
                    }
                }
            }
        }
        assertEquals(Set.of("log"), rooms.get("entry"), "what was said is kept in the log alone");
        rooms.forEach((table, by) -> assertEquals(1, by.size(), table + " is named by " + by));
    }

    /** That the migrations make. */
    private static Set<String> tables() throws IOException {
        Set<String> tables = new TreeSet<>();
        try (Stream<Path> files = Files.walk(Path.of("src/main/resources/db/migration"))) {
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                Matcher made = Pattern.compile("CREATE TABLE ([a-z_]+)").matcher(Files.readString(file));
                while (made.find()) {
                    tables.add(made.group(1));
                }
            }
        }
        return tables;
    }

    @Test
    void sqlLivesInTheStores() {
        noClasses()
                .that()
                .haveSimpleNameNotEndingWith("Store")
                .and()
                .resideOutsideOfPackage("rustictangle.server.frame")
                .and()
                .haveNameNotMatching(".*Store\\$.*")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("org.springframework.jdbc..", "java.sql..")
                .check(SERVER);
    }
}
