package mischung;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

@AnalyzeClasses(packages = "mischung", importOptions = DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule coreKnowsNoFrameworkNorStorage = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "org.springframework..",
                    "com.fasterxml..",
                    "tools.jackson..",
                    "java.sql..",
                    "jakarta..",
                    "java.net..");

    @ArchTest
    static final ArchRule subjectsHaveNoCycles =
            slices().matching("mischung.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule lightKnowsNothingOfHair = noClasses()
            .that()
            .resideInAPackage("mischung.light")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("mischung.hair", "mischung.product", "mischung.process", "mischung.plan");

    private static final Pattern ROW = Pattern.compile("\\| \\d+ \\| `(\\w+)` \\|.*");

    /** None uses one that stands below it in the table of docs/design.md, and the table has them all. */
    @ArchTest
    static void packagesLieAsTheDesignDrawsThem(JavaClasses core) throws IOException {
        List<String> drawn;
        try (Stream<String> lines = Files.lines(Path.of("../docs/design.md"))) {
            drawn = lines.flatMap(line -> ROW.matcher(line).results())
                    .map(row -> "mischung." + row.group(1))
                    .toList();
        }
        assertThat(drawn)
                .containsExactlyInAnyOrderElementsOf(core.stream()
                        .map(JavaClass::getPackageName)
                        .filter(name -> !name.equals("mischung"))
                        .collect(Collectors.toSet()));
        for (int i = 0; i + 1 < drawn.size(); i++) {
            noClasses()
                    .that()
                    .resideInAPackage(drawn.get(i))
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage(drawn.subList(i + 1, drawn.size()).toArray(String[]::new))
                    .check(core);
        }
    }
}
