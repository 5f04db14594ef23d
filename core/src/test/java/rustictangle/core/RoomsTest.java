package rustictangle.core;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.syntax.ArchRuleDefinition;
import com.tngtech.archunit.library.Architectures.LayeredArchitecture;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The house's one direction: a room uses only the rooms above it. */
class RoomsTest {

    static final Map<String, Set<String>> ROOMS = rooms(Path.of("../rooms.txt"));

    /** Each room with all those that it may use. */
    private static Map<String, Set<String>> rooms(Path file) {
        Map<String, Set<String>> rooms = new LinkedHashMap<>();
        try {
            for (String line : Files.readAllLines(file)) {
                if (line.matches("[a-z]+:.*")) {
                    String room = line.substring(0, line.indexOf(':'));
                    Set<String> above = new TreeSet<>();
                    for (String used : line.substring(room.length() + 1).split(" ")) {
                        if (!used.isBlank()) {
                            above.add(used);
                            above.addAll(rooms.get(used));
                        }
                    }
                    rooms.put(room, above);
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return rooms;
    }

    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("rustictangle.core");

    @Test
    void aRoomUsesOnlyTheRoomsAboveIt() {
        LayeredArchitecture house = layeredArchitecture()
                .consideringOnlyDependenciesInAnyPackage("rustictangle.core..")
                .ignoreDependency(DescribedPredicate.alwaysTrue(), resideInAPackage("rustictangle.core"));
        for (String room : ROOMS.keySet()) {
            house = house.layer(room).definedBy("rustictangle.core." + room + "..");
        }
        for (String room : ROOMS.keySet()) {
            String[] above = ROOMS.get(room).toArray(String[]::new);
            house = above.length == 0
                    ? house.whereLayer(room).mayNotAccessAnyLayer()
                    : house.whereLayer(room).mayOnlyAccessLayers(above);
        }
        house.check(CORE);
    }

    @Test
    void everyPackageIsARoom() throws IOException {
        try (Stream<Path> packages = Files.list(Path.of("src/main/java/rustictangle/core"))) {
            assertEquals(
                    new TreeSet<>(ROOMS.keySet()),
                    packages.filter(Files::isDirectory)
                            .map(file -> file.getFileName().toString())
                            .collect(Collectors.toCollection(TreeSet::new)));
        }
    }

    @Test
    void theCoreKnowsNoFrameworkNoDatabaseAndNoClock() {
        // Its own tables are all it reads.
        ArchRuleDefinition.noClasses()
                .that()
                .doNotBelongToAnyOf(Table.class)
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "org.springframework..", "java.sql..", "javax.sql..", "java.io..", "java.nio..", "java.net..")
                .check(CORE);
        ArchRuleDefinition.noClasses()
                .should()
                .callMethod(java.time.LocalDate.class, "now")
                .orShould()
                .callMethod(java.time.Instant.class, "now")
                .orShould()
                .callMethod(Math.class, "random")
                .check(CORE);
    }
}
