package rustictangle.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.library.Architectures.LayeredArchitecture;
import org.junit.jupiter.api.Test;

/** The same rooms as in the core, with the same one direction; frame and household serve them all. */
class RoomsTest {

    private static final JavaClasses SERVER = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("rustictangle.server");

    @Test
    void aRoomUsesOnlyTheRoomsAboveIt() {
        LayeredArchitecture house =
                layeredArchitecture().consideringOnlyDependenciesInAnyPackage("rustictangle.server.(*)..");
        for (String room : new String[] {
            "frame",
            "household",
            "dog",
            "coat",
            "kit",
            "trust",
            "rhythm",
            "routine",
            "session",
            "visit",
            "plan",
            "exchange",
            "demo"
        }) {
            house = house.layer(room).definedBy("rustictangle.server." + room + "..");
        }
        house.whereLayer("household")
                .mayOnlyAccessLayers("frame")
                .whereLayer("dog")
                .mayOnlyAccessLayers("frame")
                .whereLayer("coat")
                .mayOnlyAccessLayers("frame", "dog")
                .whereLayer("kit")
                .mayOnlyAccessLayers("frame", "dog", "coat")
                .whereLayer("trust")
                .mayOnlyAccessLayers("frame", "dog", "coat", "kit")
                .whereLayer("rhythm")
                .mayOnlyAccessLayers("frame", "household", "dog", "coat")
                .whereLayer("routine")
                .mayOnlyAccessLayers("frame", "dog", "coat", "kit", "trust", "rhythm")
                .whereLayer("session")
                .mayOnlyAccessLayers("frame", "dog", "coat", "kit", "trust", "rhythm", "routine")
                .whereLayer("visit")
                .mayOnlyAccessLayers("frame", "household", "coat", "trust", "routine", "session")
                .whereLayer("plan")
                .mayOnlyAccessLayers("frame", "household", "dog", "coat", "kit", "trust", "routine", "session", "visit")
                .whereLayer("exchange")
                .mayOnlyAccessLayers("frame", "household", "session")
                .whereLayer("demo")
                .mayNotBeAccessedByAnyLayer()
                .check(SERVER);
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
