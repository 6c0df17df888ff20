package wrenlane.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

/** Controllers translate, services own the transaction, mappers hold the SQL and stay at home. */
class ServerArchitectureTest {
    private static final JavaClasses SERVER = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("wrenlane.server");

    @Test
    void aMapperIsKnownOnlyInItsOwnFolder() {
        classes()
                .that()
                .haveSimpleNameEndingWith("Mapper")
                .should()
                .bePackagePrivate()
                .check(SERVER);
    }

    @Test
    void controllersDoNotTouchTheTables() {
        noClasses()
                .that()
                .haveSimpleNameEndingWith("Controller")
                .should()
                .dependOnClassesThat()
                .haveSimpleNameEndingWith("Mapper")
                .check(SERVER);
    }

    @Test
    void onlyTheClockBeanReadsTheSystemClock() {
        noClasses()
                .that()
                .doNotHaveSimpleName("WrenLane")
                .should()
                .callMethod(java.time.Instant.class, "now")
                .orShould()
                .callMethod(java.time.LocalDate.class, "now")
                .check(SERVER);
    }
}
