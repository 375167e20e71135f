package mischung;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

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
}
