package org.civitane.server;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;

/** A second server process on the same database and the same papers. */
final class OtherServer implements AutoCloseable {
    private final int port;
    private final Process process;

    private OtherServer(int port, Process process) {
        this.port = port;
        this.process = process;
    }

    static OtherServer start(int port, String store) throws IOException {
        Path log = Files.createTempFile("civitane-other-server", ".log");
        return new OtherServer(
                port,
                new ProcessBuilder(
                                Path.of(System.getProperty("java.home"), "bin", "java")
                                        .toString(),
                                "-Xmx512m",
                                "--enable-native-access=ALL-UNNAMED",
                                "-cp",
                                System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
                                CivitaneServer.class.getName(),
                                "--spring.datasource.url=" + System.getenv("CIVITANE_TEST_DATABASE_URL"),
                                "--spring.datasource.password=" + System.getenv("CIVITANE_TEST_DATABASE_PASSWORD"),
                                "--server.port=" + port,
                                "--civitane.demo=false",
                                "--civitane.register-key=server-tests",
                                "--civitane.job-polling=100ms",
                                "--civitane.job-heartbeat=1s",
                                "--civitane.store=" + store)
                        .redirectErrorStream(true)
                        .redirectOutput(ProcessBuilder.Redirect.to(log.toFile()))
                        .start());
    }

    int port() {
        return port;
    }

    boolean answers() {
        try {
            HttpRequest health = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/api/health"))
                    .build();
            return HttpClient.newHttpClient()
                            .send(health, HttpResponse.BodyHandlers.discarding())
                            .statusCode()
                    == 200;
        } catch (IOException | InterruptedException e) {
            return false;
        }
    }

    /** Kills it, as a machine that loses its power would. */
    @Override
    public void close() {
        process.destroyForcibly().onExit().join();
    }
}
