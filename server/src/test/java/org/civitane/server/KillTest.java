package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.File;
import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.civitane.core.claim.ClaimState;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.casework.ClaimView;
import org.civitane.server.casework.History;
import org.civitane.server.contact.Notices;
import org.civitane.server.decisions.Decisions;
import org.civitane.server.papers.Paper;
import org.civitane.server.papers.PaperStore;
import org.civitane.server.papers.Papers;
import org.civitane.server.papers.Reading;
import org.civitane.server.papers.Readings;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.AfterClass;
import org.testng.annotations.Test;

/**
 * A server process on the same database is killed while papers upload, jobs run and claims are decided: what was
 * acknowledged is there, nothing is there twice, and what was left undone is done by the server that goes on.
 */
public class KillTest extends ServerTest {
    private static final int CLAIMS = 4;
    private static final int ENOUGH = 10;

    @Autowired
    private Papers papers;

    @Autowired
    private PaperStore store;

    @Autowired
    private Readings readings;

    @Autowired
    private Decisions decisions;

    @Autowired
    private Notices notices;

    @Autowired
    private History history;

    private Process server;

    @AfterClass(alwaysRun = true)
    void stop() {
        if (server != null) {
            server.destroyForcibly();
        }
    }

    @Test
    public void nothingAcknowledgedIsLostAndNothingIsDoneTwice() throws Exception {
        int port = freePort();
        server = start(port);
        SignedIn caseworker = person(Role.CASEWORKER);
        List<ClaimView> toDecide = new ArrayList<>();
        List<SignedIn> applicants = new ArrayList<>();
        List<ClaimView> toFill = new ArrayList<>();
        for (int i = 0; i < CLAIMS; i++) {
            toDecide.add(taken(caseworker));
            SignedIn applicant = person(Role.APPLICANT);
            applicants.add(applicant);
            toFill.add(handInForFood(applicant, answers(applicant)));
        }
        await("the other server answers", () -> answers(port));
        Map<String, UUID> acknowledged = new ConcurrentHashMap<>();
        List<UUID> decided = new java.util.concurrent.CopyOnWriteArrayList<>();
        CountDownLatch enough = new CountDownLatch(ENOUGH);
        try (ExecutorService threads = Executors.newFixedThreadPool(CLAIMS + 1)) {
            for (int i = 0; i < CLAIMS; i++) {
                Visitor visitor = new Visitor(port, applicants.get(i).email());
                ClaimView claim = toFill.get(i);
                threads.submit(() -> uploadUntilItFails(visitor, claim.id(), acknowledged, enough));
            }
            threads.submit(() -> decideUntilItFails(new Visitor(port, caseworker.email()), toDecide, decided));
            enough.await();
            server.destroyForcibly().waitFor();
        }
        assertThat(acknowledged).hasSizeGreaterThanOrEqualTo(ENOUGH);
        for (ClaimView claim : toFill) {
            checkPapers(claim, acknowledged);
        }
        for (ClaimView claim : toDecide) {
            checkDecision(claim, decided.contains(claim.id()));
        }
        ClaimView first = toFill.getFirst();
        int before = papers.of(first.id()).size();
        Paper again = papers.of(first.id()).getFirst();
        papers.take(
                first,
                new ByteArrayInputStream(store.get(again.digest())),
                "OTHER",
                "",
                "again.pdf",
                applicants.getFirst());
        assertThat(papers.of(first.id())).hasSize(before);
    }

    private void checkPapers(ClaimView claim, Map<String, UUID> acknowledged) {
        List<Paper> there = papers.of(claim.id());
        assertThat(there)
                .extracting(Paper::name)
                .doesNotHaveDuplicates()
                .containsAll(acknowledged.entrySet().stream()
                        .filter(entry -> entry.getValue().equals(claim.id()))
                        .map(Map.Entry::getKey)
                        .toList());
        there.forEach(
                paper -> assertThat(papers.picture(claim.id(), paper.id(), 1)).isNotEmpty());
        assertThat(history.of(claim.id()).stream().filter(line -> line.kind().equals("paper-received")))
                .hasSameSizeAs(there);
        await(
                "every paper was read by the server that goes on",
                () -> readings.of(claim.id()).values().stream()
                        .noneMatch(reading -> reading.state() == Reading.State.WAITING));
    }

    private void checkDecision(ClaimView claim, boolean wasAcknowledged) {
        boolean isDecided = claims.claim(claim.id()).state() == ClaimState.DECIDED;
        assertThat(isDecided || !wasAcknowledged)
                .as("an acknowledged decision stands")
                .isTrue();
        assertThat(decisions.of(claim.id()).isPresent()).isEqualTo(isDecided);
        assertThat(notices.of(claim.id())).hasSize(isDecided ? 1 : 0);
        if (isDecided) {
            assertThat(decisions.letter(claim.id())).isNotEmpty();
            await(
                    "word went out",
                    () -> notices.of(claim.id()).getFirst().state().equals("SENT"));
        }
    }

    private static void uploadUntilItFails(
            Visitor visitor, UUID claim, Map<String, UUID> acknowledged, CountDownLatch enough) {
        for (int i = 0; ; i++) {
            String name = "lease-" + claim.toString().substring(0, 4) + "-" + i + ".pdf";
            String path = "/api/my/claims/" + claim + "/papers?kind=HOUSING_COSTS&name=" + name;
            if (visitor.post(path, pdf(name)) != 200) {
                return;
            }
            acknowledged.put(name, claim);
            enough.countDown();
        }
    }

    private static void decideUntilItFails(Visitor visitor, List<ClaimView> claims, List<UUID> decided) {
        for (ClaimView claim : claims) {
            byte[] body = "{\"version\":%d,\"reason\":\"\"}"
                    .formatted(claim.version())
                    .getBytes(java.nio.charset.StandardCharsets.UTF_8);
            if (visitor.post("/api/claims/" + claim.id() + "/decide", body) == 200) {
                decided.add(claim.id());
            }
        }
    }

    private static Process start(int port) throws IOException {
        Path log = Files.createTempFile("civitane-other-server", ".log");
        return new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
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
                        "--civitane.store=" + STORE)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.to(new File(log.toString())))
                .start();
    }

    private static boolean answers(int port) {
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

    private static byte[] pdf(String title) {
        try (PDDocument document = new PDDocument()) {
            document.addPage(new PDPage());
            document.getDocumentInformation().setTitle(title);
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    /** Someone signed in at the other server. */
    private static final class Visitor {
        private final CookieManager cookies = new CookieManager();
        private final HttpClient http =
                HttpClient.newBuilder().cookieHandler(cookies).build();
        private final String address;

        Visitor(int port, String email) {
            this.address = "http://127.0.0.1:" + port;
            get("/api/session");
            byte[] body = "{\"email\":\"%s\",\"password\":\"a password for tests\"}"
                    .formatted(email)
                    .getBytes(java.nio.charset.StandardCharsets.UTF_8);
            assertThat(post("/api/session", body)).isEqualTo(200);
            get("/api/session");
        }

        private int get(String path) {
            return send(HttpRequest.newBuilder(URI.create(address + path)));
        }

        /** The status; 0 when nobody answered. */
        int post(String path, byte[] body) {
            Optional<String> token = cookies.getCookieStore().getCookies().stream()
                    .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                    .map(HttpCookie::getValue)
                    .findFirst();
            return send(HttpRequest.newBuilder(URI.create(address + path))
                    .header("Content-Type", path.contains("/papers") ? "application/octet-stream" : "application/json")
                    .header("X-XSRF-TOKEN", token.orElse(""))
                    .POST(HttpRequest.BodyPublishers.ofByteArray(body)));
        }

        private int send(HttpRequest.Builder request) {
            try {
                return http.send(request.build(), HttpResponse.BodyHandlers.discarding())
                        .statusCode();
            } catch (IOException e) {
                return 0;
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                return 0;
            }
        }
    }
}
