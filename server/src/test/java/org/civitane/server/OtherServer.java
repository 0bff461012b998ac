package org.civitane.server;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Another server process, usually on the same database and the same papers. */
final class OtherServer implements AutoCloseable {
    private static final List<String> OUTSIDE = List.of(
            "benefit-register",
            "civil-register",
            "wage-register",
            "police-register",
            "address-register",
            "employer-register",
            "carrier",
            "bank",
            "post-office",
            "pay");

    private final int port;
    private final Process process;
    private final Path log;

    private OtherServer(int port, Process process, Path log) {
        this.port = port;
        this.process = process;
        this.log = log;
    }

    static OtherServer start(int port, String store) throws IOException {
        return start(System.getenv("CIVITANE_TEST_DATABASE_URL"), port, store, "standins");
    }

    /** Asks the outside services that another server simulates, so that they go on when this one ends. */
    static OtherServer start(int port, String store, int standinsPort) throws IOException {
        List<String> outside = new ArrayList<>(List.of("--civitane.second-factor=offered"));
        OUTSIDE.forEach(service ->
                outside.add("--civitane." + service + "=http://127.0.0.1:" + standinsPort + "/standins/" + service));
        return start(System.getenv("CIVITANE_TEST_DATABASE_URL"), port, store, "default", outside);
    }

    static OtherServer start(String url, int port, String store, String profile) throws IOException {
        return start(url, port, store, profile, List.of());
    }

    /** @param more what else it is told */
    static OtherServer start(String url, int port, String store, String profile, List<String> more) throws IOException {
        Path log = Files.createTempFile("civitane-other-server", ".log");
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Xmx512m",
                "-XX:+UseSerialGC",
                "-XX:TieredStopAtLevel=1",
                "--enable-native-access=ALL-UNNAMED"));
        command.addAll(application());
        command.addAll(List.of(
                "--spring.datasource.url=" + url,
                "--spring.datasource.password=" + System.getenv("CIVITANE_TEST_DATABASE_APP_PASSWORD"),
                "--spring.flyway.password=" + System.getenv("CIVITANE_TEST_DATABASE_PASSWORD"),
                "--spring.profiles.active=" + profile,
                "--civitane.standins-port=" + Ports.free(),
                "--server.port=" + port,
                "--civitane.register-key=server-tests",
                "--civitane.password-memory=64KB",
                "--civitane.sign-ups-an-hour=1000",
                "--civitane.signing-secret=server-tests",
                "--civitane.signing-key-bits=2048",
                "--civitane.job-polling=100ms",
                "--civitane.job-heartbeat=1s",
                "--civitane.store=" + store,
                "--logging.file.name=target/other-" + port + "-tests.log"));
        command.addAll(more);
        return new OtherServer(
                port,
                new ProcessBuilder(command)
                        .redirectErrorStream(true)
                        .redirectOutput(ProcessBuilder.Redirect.to(log.toFile()))
                        .start(),
                log);
    }

    /** The application as it is shipped, with what it needs to start quickly; else its classes as they lie here. */
    private static List<String> application() {
        String shipped = System.getenv("CIVITANE_TEST_APP");
        if (shipped == null) {
            return List.of(
                    "-cp",
                    System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
                    CivitaneServer.class.getName());
        }
        List<String> application = new ArrayList<>(
                Arrays.asList(System.getenv("CIVITANE_TEST_APP_FLAGS").split(" ")));
        application.removeIf(String::isEmpty);
        application.addAll(List.of("-jar", shipped));
        return application;
    }

    boolean isRunning() {
        return process.isAlive();
    }

    /** What it wrote where nobody reads. */
    String said() throws IOException {
        return Files.readString(log);
    }

    int port() {
        return port;
    }

    boolean answers() {
        if (!isRunning()) {
            throw new IllegalStateException("The other server ended; what it said is in " + log);
        }
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

    /** Sends it a signed notice. @return the status of its answer */
    int told(String path, byte[] notice, String signature) throws IOException, InterruptedException {
        return HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                                .header("X-Pay-Signature", signature)
                                .POST(HttpRequest.BodyPublishers.ofByteArray(notice))
                                .build(),
                        HttpResponse.BodyHandlers.discarding())
                .statusCode();
    }

    /** Kills it, as a machine that loses its power would. */
    @Override
    public void close() {
        process.destroyForcibly().onExit().join();
    }
}
