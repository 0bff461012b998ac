package org.civitane.server.demo;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.stereotype.Component;

/** Loads the demo when the server starts, unless it is switched off. */
@Component
class DemoStart implements ApplicationRunner {
    private final DemoLoader loader;
    private final DemoRegisters registers;
    private final boolean wanted;

    DemoStart(DemoLoader loader, DemoRegisters registers, @Value("${civitane.demo}") boolean wanted) {
        this.loader = loader;
        this.registers = registers;
        this.wanted = wanted;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (wanted) {
            registers.tell(loader.day());
            loader.load();
        }
    }
}
