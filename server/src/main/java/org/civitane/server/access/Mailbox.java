package org.civitane.server.access;

import org.civitane.server.standins.Simulated;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;

/** Where simulated mail can be read, so that whoever tries this out finds the codes that were sent. */
@Component
class Mailbox {
    private final String address;

    Mailbox(Environment environment, @Value("${civitane.standins-port:0}") int port) {
        this.address = environment.matchesProfiles(Simulated.PROFILE)
                ? "http://127.0.0.1:" + port + "/standins/mail-page"
                : "";
    }

    /** Empty where mail is carried. */
    String address() {
        return address;
    }
}
