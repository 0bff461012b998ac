package org.civitane.server.demo;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.stereotype.Component;

/** Loads the demo when the server starts, unless it is switched off. */
@Component
class DemoStart implements ApplicationRunner {
    private final DemoLoader loader;
    private final boolean wanted;

    DemoStart(DemoLoader loader, @Value("${civitane.demo}") boolean wanted) {
        this.loader = loader;
        this.wanted = wanted;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (wanted) {
            loader.tellRegister();
            loader.load();
        }
    }
}
