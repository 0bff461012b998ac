package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.Socket;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Queue;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.SecurityHeaders;
import org.civitane.server.standins.Mood;
import org.civitane.server.standins.Moods;
import org.civitane.server.standins.Service;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** Whatever a client does wrong is answered as its own mistake: a problem document, never a 500, never a page. */
public class ErrorsTest extends ServerTest {
    private static final int MUTATIONS = 100;

    private static final int THREADS = 4;
    private static final int LONGEST_TOLD = 160;
    /** These end the session, or are counted by network address. */
    private static final Set<String> NOT_A_HUNDRED_TIMES =
            Set.of("/api/session", "/api/account", "/api/account/confirm");

    private static final List<String> VALUES = List.of(
            "null",
            "true",
            "-1",
            "0",
            "99999999999999999999",
            "1e999",
            "1.5",
            "\"\"",
            "\" \"",
            "\"x\"",
            "[]",
            "{}",
            "[null]",
            "{\"a\":null}",
            "[[[]]]",
            "\"2026-02-31\"",
            "\"SAID\"",
            "\"00000000-0000-0000-0000-000000000000\"",
            "\"\\u0000\"",
            "\"" + "x".repeat(5000) + "\"",
            "[" + "{},".repeat(50) + "{}]",
            "\"incomes/0/amount\"",
            "\"members\"",
            "\"//\"",
            "\"-1\"");
    private static final List<String> FIELDS = List.of("""
            version lines opinion expires path view value reason values points dueOn then to kind subject \
            page words granted despite why days body filed occasion remark notMe code claims signal \
            compared number documentType paper same answers chapter programme name last4 street houseNumber \
            postCode email phone mayCall mood referred iban holder token born proof said shown authorised \
            atTheDesk role signInName displayName password personNumber""".split(" "));

    private final int port = Ports.free();

    @Autowired
    @Qualifier("requestMappingHandlerMapping") private RequestMappingHandlerMapping mappings;

    @Autowired
    private Moods moods;

    private OtherServer server;
    private Visitor applicant;
    private Visitor supervisor;
    private ClaimView claim;
    private SignedIn who;
    private MadeBodies bodies;

    @BeforeClass
    void start() throws IOException {
        server = OtherServer.start(port, STORE);
        who = person(Role.APPLICANT);
        claim = taken(person(Role.CASEWORKER), handIn(who, answers(who)));
        await("the server answers", server::answers);
        bodies = new MadeBodies(
                JsonColumn.read(new Visitor(port).get("/api/openapi").body()),
                VALUES,
                claim.id(),
                () -> claims.claim(claim.id()).version());
    }

    /** Anew each time, since one of the calls that are tried out signs out. */
    @BeforeMethod
    void signIn() {
        applicant = new Visitor(port, who.email());
        supervisor = new Visitor(port, person(Role.SUPERVISOR).email());
    }

    @AfterClass(alwaysRun = true)
    void stop() {
        for (Service service : Service.values()) {
            moods.set(service, Mood.ANSWERS);
        }
        server.close();
    }

    @Test
    public void noMutationOfAnyCallIsAFaultOfTheServer() {
        Queue<String> faults = new ConcurrentLinkedQueue<>();
        try (ExecutorService threads = Executors.newFixedThreadPool(THREADS)) {
            Endpoints.of(mappings)
                    .forEach(call -> threads.submit(() -> {
                        try {
                            mutate(call, faults);
                        } catch (RuntimeException | AssertionError e) {
                            faults.add(call + ": " + e);
                        }
                    }));
        }
        assertThat(faults.stream().map(fault -> fault.substring(0, Math.min(fault.length(), LONGEST_TOLD))))
                .isEmpty();
    }

    /** The same mutations of one call in each run; signed in anew for each call, since one of them signs out. */
    private void mutate(Endpoints.Call call, Queue<String> faults) {
        Random random = new Random(call.toString().hashCode());
        boolean own = call.path().matches("/api/(my|drafts).*");
        Visitor visitor =
                new Visitor(port, own ? who.email() : person(Role.SUPERVISOR).email());
        int times = NOT_A_HUNDRED_TIMES.contains(call.path()) ? 2 : MUTATIONS;
        for (int i = 0; i < times; i++) {
            String path = path(call, random);
            Visitor.Answer answer = visitor.send(path, request -> mutated(request, call, random));
            check(answer, call + " " + path, faults);
        }
    }

    @Test
    public void whatTheContainerItselfRefusesIsAnsweredLikeTheRest() throws IOException {
        List<String> requests = List.of(
                "GET /api/<> HTTP/1.1\r\nHost: x\r\n\r\n",
                "GET /%2e%2e/%2e%2e/etc HTTP/1.1\r\nHost: evil.example\r\n\r\n",
                "GET /api//health;a=b HTTP/1.1\r\nHost: x\r\n\r\n",
                "GET /api/claims/%00 HTTP/1.1\r\nHost: x\r\n\r\n",
                "GET /error HTTP/1.1\r\nHost: evil.example\r\n\r\n",
                "GET /actuator HTTP/1.1\r\nHost: evil.example\r\n\r\n",
                "GET /actuator/health HTTP/1.1\r\nHost: evil.example\r\n\r\n",
                "TRACE /api/health HTTP/1.1\r\nHost: x\r\n\r\n",
                "BREW /api/health HTTP/1.1\r\nHost: x\r\n\r\n",
                "GET /api/health HTTP/1.1\r\n\r\n",
                "nonsense\r\n\r\n",
                "GET /api/health HTTP/9.9\r\nHost: x\r\n\r\n",
                "GET /api/health HTTP/1.1\r\nHost: x\r\nTransfer-Encoding: nonsense\r\n\r\n",
                "GET /api/health HTTP/1.1\r\nHost: x\r\nX-Long: " + "y".repeat(20_000) + "\r\n\r\n");
        for (String request : requests) {
            String answer = raw(request);
            String said = request.lines().findFirst().orElse("") + " → " + answer;
            assertThat(answer)
                    .as(said)
                    .startsWith("HTTP/1.1 4")
                    .doesNotContain("<html")
                    .doesNotContain("evil.example");
            assertThat(answer).as(said).contains("\"code\":\"");
            SecurityHeaders.ALL
                    .keySet()
                    .forEach(header -> assertThat(answer).as(said).contains(header));
        }
    }

    @Test
    public void cookiesThatAreNoneAreNoSession() throws IOException {
        for (String cookie :
                List.of("civitane=AAAA", "civitane=%00", "civitane=\u0001", "=;;==", "civitane=" + "A".repeat(4000))) {
            String answer = raw("GET /api/my/claims HTTP/1.1\r\nHost: x\r\nCookie: " + cookie + "\r\n\r\n");
            assertThat(answer.substring(0, 12)).as(cookie + " → " + answer).isIn("HTTP/1.1 401", "HTTP/1.1 400");
        }
    }

    @Test
    public void whatTheFrameworkRefusesSaysWhy() {
        assertThat(code(applicant.send("/api/my/claims", request -> request.DELETE())))
                .isIn("405 method", "403 forbidden");
        assertThat(code(supervisor.send(
                        "/api/search",
                        request -> request.header("Content-Type", "text/plain")
                                .POST(HttpRequest.BodyPublishers.ofString("x")))))
                .isEqualTo("415 media-type");
        assertThat(code(supervisor.send("/api/search", request -> request.POST(HttpRequest.BodyPublishers.noBody()))))
                .isIn("415 media-type", "400 unreadable");
        assertThat(code(supervisor.get("/api/day-sheet?mine=perhaps"))).isEqualTo("422 invalid");
        assertThat(code(supervisor.get("/api/claims/nobody/desk"))).isEqualTo("404 not-found");
    }

    @Test
    public void aDayThatIsNoneIsToldAtItsField() {
        String list = "{\"points\":[],\"dueOn\":\"2026-02-31\",\"then\":\"DECIDE\"}";
        Visitor.Answer answer = supervisor.send("PUT", "/api/claims/" + claim.id() + "/fix-list", list);
        assertThat(code(answer)).isEqualTo("422 invalid");
        assertThat(JsonColumn.read(answer.body()).path("path").asString()).isEqualTo("dueOn");
        assertThat(JsonColumn.read(answer.body()).path("detail").asString()).contains("no such day");
        Visitor.Answer days =
                applicant.post("/api/my/claims/" + claim.id() + "/fix-list/extension", "{\"days\":61,\"why\":\"ill\"}");
        assertThat(JsonColumn.read(days.body()).path("path").asString()).isEqualTo("days");
        assertThat(JsonColumn.read(days.body()).path("detail").asString()).isEqualTo("This must be 60 or less.");
    }

    private void check(Visitor.Answer answer, String what, Queue<String> faults) {
        boolean fine = answer.status() >= 200 && answer.status() < 500;
        if (!fine) {
            faults.add(what + ": " + answer.status() + " " + answer.body());
        }
        if (answer.status() >= 400
                && answer.status() < 500
                && !answer.response()
                        .headers()
                        .firstValue("Content-Type")
                        .orElse("")
                        .startsWith("application/problem+json")) {
            faults.add(what + ": " + answer.status() + " is no problem document: " + answer.body());
        }
        if (answer.status() > 0) {
            SecurityHeaders.ALL.keySet().stream()
                    .filter(header -> !header.equals("Cache-Control"))
                    .filter(header ->
                            answer.response().headers().firstValue(header).isEmpty())
                    .forEach(header -> faults.add(what + ": has no " + header));
        }
    }

    private HttpRequest.Builder mutated(HttpRequest.Builder request, Endpoints.Call call, Random random) {
        if (random.nextInt(8) == 0) {
            request.header(
                    "Accept",
                    List.of("text/html", "image/png", "nonsense", "application/pdf")
                            .get(random.nextInt(4)));
        }
        String type = random.nextInt(8) == 0
                ? List.of(
                                "text/plain",
                                "application/xml",
                                "nonsense",
                                "application/json;charset=utf-16",
                                "multipart/form-data")
                        .get(random.nextInt(5))
                : "application/json";
        return request.header("Content-Type", type)
                .method(
                        random.nextInt(20) == 0 ? "PATCH" : call.method(),
                        call.method().equals("GET")
                                ? HttpRequest.BodyPublishers.noBody()
                                : HttpRequest.BodyPublishers.ofByteArray(
                                        random.nextBoolean() ? bodies.of(call, random) : body(random)));
    }

    private static byte[] body(Random random) {
        if (random.nextInt(10) == 0) {
            return List.of("", "null", "[]", "\"x\"", "{", "{\"a\":1}{", "\u0000", "[".repeat(2000), "{\"version\":}")
                    .get(random.nextInt(9))
                    .getBytes(StandardCharsets.UTF_8);
        }
        StringBuilder json = new StringBuilder("{\"version\":0");
        FIELDS.stream()
                .skip(1)
                .filter(field -> random.nextInt(4) > 0)
                .forEach(field -> json.append(",\"")
                        .append(field)
                        .append("\":")
                        .append(VALUES.get(random.nextInt(VALUES.size()))));
        byte[] bytes = json.append('}')
                .toString()
                .getBytes(random.nextInt(12) == 0 ? StandardCharsets.UTF_16 : StandardCharsets.UTF_8);
        if (random.nextInt(12) == 0) {
            bytes[random.nextInt(bytes.length)] = (byte) 0xC3;
        }
        return bytes;
    }

    private String path(Endpoints.Call call, Random random) {
        boolean plain = random.nextInt(3) > 0;
        List<String> ids = List.of(
                "nobody",
                "%20",
                "%F0%9F%98%80",
                "-1",
                "null",
                "m1",
                UUID.randomUUID().toString());
        String path = plain
                ? call.path()
                        .replace("{pile}", "NEW")
                        .replace("{service}", "WAGES")
                        .replace("{member}", "m1")
                        .replaceAll("\\{\\w+}", claim.id().toString())
                : call.path().replaceAll("\\{\\w+}", ids.get(random.nextInt(ids.size())));
        String harmless = path.endsWith("/withdraw") && call.path().contains("/my/")
                ? path.replace(claim.id().toString(), UUID.randomUUID().toString())
                : path;
        return random.nextInt(4) == 0
                ? harmless
                        + "?mine=x&after=%00&page=99999999999&edition=-7&kind=%0A&subject=%F0%9F%98%80&odd=%ff&line=%0a2026-12-01T00:00:00Z+ERROR&q="
                        + "z".repeat(300)
                : harmless;
    }

    private String raw(String request) throws IOException {
        try (Socket socket = new Socket("127.0.0.1", port)) {
            socket.setSoTimeout(10_000);
            socket.getOutputStream().write(request.getBytes(StandardCharsets.ISO_8859_1));
            socket.shutdownOutput();
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    private static String code(Visitor.Answer answer) {
        return answer.status() + " "
                + JsonColumn.read(answer.body()).path("code").asString();
    }
}
