package mischung.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "mischung", importOptions = DoNotIncludeTests.class)
class ServerArchitectureTest {
    @ArchTest
    static final ArchRule coreDoesNotKnowTheServer = noClasses()
            .that()
            .resideOutsideOfPackage("mischung.server..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("mischung.server..");

    @ArchTest
    static final ArchRule onlyTheStoreSpeaksSql = noClasses()
            .that()
            .resideInAPackage("mischung.server.api..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("java.sql..", "org.springframework.jdbc..");

    @ArchTest
    static final ArchRule theStoreKnowsNoScreens = noClasses()
            .that()
            .resideInAPackage("mischung.server.store..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("mischung.server.api..", "org.springframework.web..", "tools.jackson..");

    @ArchTest
    static final ArchRule noMapperBetweenObjectsAndTables = classes()
            .should()
            .onlyDependOnClassesThat()
            .resideOutsideOfPackages("jakarta.persistence..", "org.hibernate..", "org.springframework.data..");
}
