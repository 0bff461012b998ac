package org.civitane.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.library.dependencies.SlicesRuleDefinition;
import org.testng.annotations.Test;

/** What the core may stand on, and which way its packages lean. */
public class ArchitectureTest {
    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("org.civitane.core");

    @Test
    public void coreKnowsNoFrameworkNoJsonAndNoFiles() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "org.springframework..",
                        "tools.jackson..",
                        "com.fasterxml..",
                        "jakarta..",
                        "java.io..",
                        "java.nio.file..",
                        "java.sql..")
                .check(CORE);
    }

    @Test
    public void coreReadsNoClockOfItsOwn() {
        noClasses().should().callMethod(java.time.LocalDate.class, "now").check(CORE);
        noClasses().should().callMethod(java.time.LocalDateTime.class, "now").check(CORE);
        noClasses().should().callMethod(java.time.Instant.class, "now").check(CORE);
    }

    @Test
    public void coreUsesNoFloatingPointForMoney() {
        noClasses()
                .that()
                .resideInAPackage("..amount..")
                .should()
                .dependOnClassesThat()
                .haveFullyQualifiedName("java.lang.Double")
                .check(CORE);
    }

    @Test
    public void programmesKnowNothingOfEachOther() {
        SlicesRuleDefinition.slices()
                .matching("org.civitane.core.programme.(*)..")
                .should()
                .notDependOnEachOther()
                .check(CORE);
    }

    @Test
    public void lowerPackagesDoNotKnowProgrammes() {
        noClasses()
                .that()
                .resideInAnyPackage(
                        "..amount..",
                        "..calendar..",
                        "..person..",
                        "..policy..",
                        "..reasoning..",
                        "..casefile..",
                        "..question..",
                        "..claim..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("..programme..")
                .check(CORE);
    }
}
