package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaConstructor;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.springframework.modulith.core.ApplicationModules;
import org.testng.annotations.Test;

public class ModulesTest {
    private static final int TOO_MANY = 8;

    @Test
    public void modulesUseOnlyWhatOthersOfferAndNeverInCircles() {
        ApplicationModules.of(CivitaneServer.class).verify();
    }

    /** Whatever needs that many others does more than one thing; data may have as many parts as it has. */
    @Test
    public void nothingThatDoesSomethingIsMadeOfEightOthers() {
        JavaClasses classes = new ClassFileImporter()
                .withImportOption(new ImportOption.DoNotIncludeTests())
                .importPackages("org.civitane.server");
        assertThat(classes.stream()
                        .filter(each -> !each.isRecord())
                        .flatMap(each -> each.getConstructors().stream())
                        .filter(made -> made.getRawParameterTypes().size() >= TOO_MANY)
                        .map(JavaConstructor::getFullName))
                .isEmpty();
    }
}
