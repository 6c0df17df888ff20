package wrenlane.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Controllers translate, services own the transaction, mappers hold the SQL and stay at home. */
class ServerArchitectureTest {
    private static final JavaClasses SERVER = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("wrenlane.server");

    /** In the order they build on one another: a module depends only on those before it. */
    private static final List<String> MODULES =
            List.of("platform", "people", "course", "ground", "day", "progress", "lesson", "exchange");

    private static final int MOST_FILES_OF_A_FOLDER = 20;

    private static final int MOST_COMPONENTS = 12;

    private static final int MOST_CONSTRUCTOR_ARGUMENTS = 8;

    @Test
    void moduleDependsOnlyOnModulesBeforeIt() {
        for (int i = 0; i < MODULES.size() - 1; i++) {
            noClasses()
                    .that()
                    .resideInAPackage(packages(MODULES.get(i)))
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage(MODULES.subList(i + 1, MODULES.size()).stream()
                            .map(ServerArchitectureTest::packages)
                            .toArray(String[]::new))
                    .check(SERVER);
        }
    }

    @Test
    void everyFolderBelongsToModule() {
        classes()
                .that()
                .resideOutsideOfPackage("wrenlane.server")
                .should()
                .resideInAnyPackage(
                        MODULES.stream().map(ServerArchitectureTest::packages).toArray(String[]::new))
                .check(SERVER);
    }

    @Test
    void folderHoldsAtMostTwentyFiles() {
        Map<String, Long> files = SERVER.stream()
                .filter(JavaClass::isTopLevelClass)
                .collect(Collectors.groupingBy(JavaClass::getPackageName, Collectors.counting()));
        assertThat(files).hasSizeGreaterThan(30);
        assertThat(files.entrySet()).allMatch(folder -> folder.getValue() <= MOST_FILES_OF_A_FOLDER);
    }

    private static String packages(String module) {
        return "wrenlane.server." + module + "..";
    }

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
    void rowIsKnownOnlyInItsOwnFolder() {
        classes()
                .that()
                .areTopLevelClasses()
                .and()
                .haveSimpleNameEndingWith("Row")
                .should()
                .bePackagePrivate()
                .check(SERVER);
    }

    @Test
    void classIsMadeOfAtMostEightOthers() {
        assertThat(SERVER.stream()
                        .filter(c -> !c.isRecord() && !c.isEnum())
                        .flatMap(c -> c.getConstructors().stream())
                        .filter(c -> c.getRawParameterTypes().size() > MOST_CONSTRUCTOR_ARGUMENTS))
                .isEmpty();
    }

    @Test
    void recordHasAtMostTwelveComponents() {
        assertThat(SERVER.stream()
                        .filter(JavaClass::isRecord)
                        .filter(c -> c.reflect().getRecordComponents().length > MOST_COMPONENTS))
                .isEmpty();
    }

    /** Exchange puts some answers on paper as they are; no other folder speaks in the answers of another. */
    @Test
    void responseOfAggregateIsKnownOnlyInItsOwnFolder() {
        classes()
                .that()
                .areTopLevelClasses()
                .and()
                .haveNameMatching(".*\\.(Rider|Machine|Course|Yard|Day)Response")
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

    /** The interface's document knows a record by its simple name: of two with one name it would describe one. */
    @Test
    void noTwoRecordsOnTheWireHaveOneName() {
        Map<String, Long> named = SERVER.stream()
                .filter(c -> c.isRecord() && c.getSimpleName().matches(".*(Json|Response|Request)"))
                .collect(Collectors.groupingBy(JavaClass::getSimpleName, Collectors.counting()));
        assertThat(named).hasSizeGreaterThan(50);
        assertThat(named.values()).containsOnly(1L);
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
