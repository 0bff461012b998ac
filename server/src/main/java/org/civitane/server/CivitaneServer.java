package org.civitane.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;

/** The server: everything that runs behind the screens. */
@SpringBootApplication
@ConfigurationPropertiesScan
public class CivitaneServer {
    public static void main(String[] arguments) {
        SpringApplication.run(CivitaneServer.class, arguments);
    }
}
