package org.civitane.server;

import org.springframework.modulith.core.ApplicationModules;
import org.testng.annotations.Test;

public class ModulesTest {
    @Test
    public void modulesUseOnlyWhatOthersOfferAndNeverInCircles() {
        ApplicationModules.of(CivitaneServer.class).verify();
    }
}
