package org.civitane.server.demo;

import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;

/** Loads the demo when the server starts and was asked for it. */
@Component
@Profile("demo")
class DemoStart implements ApplicationRunner {
    private final DemoLoader loader;
    private final DemoRegisters registers;

    DemoStart(DemoLoader loader, DemoRegisters registers) {
        this.loader = loader;
        this.registers = registers;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        registers.tell(loader.day());
        loader.load();
    }
}
