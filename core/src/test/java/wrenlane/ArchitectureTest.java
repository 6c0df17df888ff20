package wrenlane;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.List;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;

/** Each noun of the trade depends only on those before it. */
class ArchitectureTest {
    /** Left to right; a new package takes its place here. */
    private static final List<String> ORDER = List.of(
            "budget",
            "id",
            "finding",
            "units",
            "plane",
            "machine",
            "rider",
            "course.plan",
            "course",
            "course.kind",
            "riding",
            "rideline",
            "rideline.solve",
            "verdict",
            "yard",
            "setup",
            "drawing",
            "day",
            "run",
            "progress",
            "drill",
            "coaching.advice",
            "coaching",
            "lesson",
            "briefing",
            "simulation");

    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("wrenlane");

    @TestFactory
    List<DynamicTest> dependsOnlyOnPackagesToItsLeft() {
        return ORDER.subList(0, ORDER.size() - 1).stream()
                .map(name -> DynamicTest.dynamicTest(
                        name,
                        () -> noClasses()
                                .that()
                                .resideInAPackage("wrenlane." + name)
                                .should()
                                .dependOnClassesThat()
                                .resideInAnyPackage(toTheRightOf(name))
                                .check(CORE)))
                .toList();
    }

    @Test
    void everyPackageHasItsPlaceInTheOrder() {
        noClasses()
                .should()
                .resideOutsideOfPackages(
                        ORDER.stream().map(name -> "wrenlane." + name).toArray(String[]::new))
                .check(CORE);
    }

    @Test
    void usesNothingButTheJdkAndAlgorithms() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideOutsideOfPackages(
                        "wrenlane..",
                        "java..",
                        "javax.xml.stream..",
                        "org.jspecify..",
                        "org.jgrapht..",
                        "org.locationtech.jts..",
                        "org.hipparchus..")
                .check(CORE);
    }

    private static String[] toTheRightOf(String name) {
        return ORDER.subList(ORDER.indexOf(name) + 1, ORDER.size()).stream()
                .map(other -> "wrenlane." + other)
                .toArray(String[]::new);
    }

    @Test
    void recordHasAtMostTwelveComponents() {
        assertThat(CORE.stream()
                        .filter(JavaClass::isRecord)
                        .filter(c -> c.reflect().getRecordComponents().length > 12))
                .isEmpty();
    }
}
