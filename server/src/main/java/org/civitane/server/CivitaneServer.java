package org.civitane.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.boot.webmvc.autoconfigure.error.ErrorMvcAutoConfiguration;

/** The server: everything that runs behind the screens. Errors are answered by the platform alone. */
@SpringBootApplication(exclude = ErrorMvcAutoConfiguration.class)
@ConfigurationPropertiesScan
public class CivitaneServer {
    public static void main(String[] arguments) {
        SpringApplication.run(CivitaneServer.class, arguments);
    }
}
