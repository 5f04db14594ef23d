package rustictangle.core;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.syntax.ArchRuleDefinition;
import com.tngtech.archunit.library.Architectures.LayeredArchitecture;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

/** The house's one direction: a room uses only the rooms above it. */
class RoomsTest {

    /** Each room with those it may use besides what they may use. */
    private static final Map<String, List<String>> ROOMS = new LinkedHashMap<>();

    static {
        ROOMS.put("dog", List.of());
        ROOMS.put("log", List.of("dog"));
        ROOMS.put("coat", List.of("log"));
        ROOMS.put("kit", List.of("coat"));
        ROOMS.put("trust", List.of("kit"));
        ROOMS.put("rhythm", List.of("coat"));
        ROOMS.put("routine", List.of("trust", "rhythm"));
        ROOMS.put("session", List.of("routine"));
        ROOMS.put("visit", List.of("session"));
        ROOMS.put("care", List.of("visit"));
        ROOMS.put("plan", List.of("care"));
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
            String[] above = above(room).toArray(String[]::new);
            house = above.length == 0
                    ? house.whereLayer(room).mayNotAccessAnyLayer()
                    : house.whereLayer(room).mayOnlyAccessLayers(above);
        }
        house.check(CORE);
    }

    private static Set<String> above(String room) {
        Set<String> above = new TreeSet<>(ROOMS.get(room));
        ROOMS.get(room).forEach(one -> above.addAll(above(one)));
        return above;
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
