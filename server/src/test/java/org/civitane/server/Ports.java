package org.civitane.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.BindException;
import java.net.ServerSocket;
import java.util.concurrent.ThreadLocalRandom;

/** Ports on which servers of the tests answer. */
final class Ports {
    private Ports() {}

    /** Below those that the system gives to connections by itself, one of which could have it before it is used. */
    static int free() {
        while (true) {
            int port = ThreadLocalRandom.current().nextInt(20_000, 32_000);
            try (ServerSocket socket = new ServerSocket(port)) {
                return socket.getLocalPort();
            } catch (BindException e) {
                // somebody has it: another one
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }
}
