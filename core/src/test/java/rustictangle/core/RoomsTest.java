package rustictangle.core;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.equivalentTo;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.syntax.ArchRuleDefinition;
import com.tngtech.archunit.library.Architectures.LayeredArchitecture;
import org.junit.jupiter.api.Test;

/** The house's one direction: a room uses only the rooms above it. */
class RoomsTest {

    private static final String[] ROOMS = {
        "dog", "coat", "kit", "trust", "rhythm", "routine", "session", "visit", "plan"
    };
    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("rustictangle.core");

    @Test
    void aRoomUsesOnlyTheRoomsAboveIt() {
        LayeredArchitecture house = layeredArchitecture()
                .consideringOnlyDependenciesInAnyPackage("rustictangle.core..")
                .ignoreDependency(
                        DescribedPredicate.alwaysTrue(),
                        equivalentTo(Reason.class).or(equivalentTo(Refused.class)));
        for (String room : ROOMS) {
            house = house.layer(room).definedBy("rustictangle.core." + room + "..");
        }
        house.whereLayer("dog")
                .mayNotAccessAnyLayer()
                .whereLayer("coat")
                .mayOnlyAccessLayers("dog")
                .whereLayer("kit")
                .mayOnlyAccessLayers("dog", "coat")
                .whereLayer("trust")
                .mayOnlyAccessLayers("dog", "coat", "kit")
                .whereLayer("rhythm")
                .mayOnlyAccessLayers("dog", "coat")
                .whereLayer("routine")
                .mayOnlyAccessLayers("dog", "coat", "kit", "trust", "rhythm")
                .whereLayer("session")
                .mayOnlyAccessLayers("dog", "coat", "kit", "trust", "rhythm", "routine")
                .whereLayer("visit")
                .mayOnlyAccessLayers("dog", "coat", "rhythm", "routine")
                .whereLayer("plan")
                .mayOnlyAccessLayers("dog", "kit", "rhythm", "routine")
                .check(CORE);
    }

    @Test
    void theCoreKnowsNoFrameworkNoDatabaseAndNoClock() {
        ArchRuleDefinition.noClasses()
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
