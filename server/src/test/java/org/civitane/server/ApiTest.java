package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.platform.JsonColumn;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.RequestPostProcessor;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import org.testng.annotations.Test;

/** Who may call what, and what the API says of itself. */
public class ApiTest extends ServerTest {
    private static final Set<String> OPEN = Set.of(
            "POST /api/broken",
            "GET /api/health",
            "GET /api/session",
            "POST /api/session",
            "DELETE /api/session",
            "POST /api/account",
            "POST /api/account/confirm",
            "POST /api/address",
            "POST /api/password",
            "POST /api/password/forgotten",
            "GET /api/programmes",
            "GET /api/programmes/{id}",
            "POST /api/programmes/{id}/screening",
            "GET /api/policy",
            "POST /api/carry",
            "POST /api/carry/look",
            "POST /api/letter",
            "POST /api/letter/answer",
            "GET /api/check/{number}",
            "POST /api/check/file",
            "POST /api/link",
            "POST /api/link/confirm",
            "POST /api/link/code",
            "POST /api/link/begun",
            "POST /api/link/answer",
            "GET /api/openapi");

    /** Sent rather than addressed, since what is looked for is about people; nothing changes by them. */
    private static final Set<String> LOOKING = Set.of(
            "/api/claims/{id}/what-if", "/api/claims/{id}/letter-preview", "/api/claims/{id}/letter-preview/text");

    /** Enough of a body for any call to be understood. */
    private static final String BODY = """
            {"version":0,"answers":ANSWERS,"chapter":"people","name":"x","programme":"school-meals","body":"x","days":1,"why":"x",
             "street":"","houseNumber":"","postCode":"","abroad":"","personNumber":"","email":"","phone":"","safeName":"","safeTime":"","language":"",
             "mayLetter":true,"mayEmail":true,"mayText":true,"mayCall":true,"same":true,"mood":"ANSWERS","filed":"YES","occasion":"DOUBTED","remark":"x","paper":"00000000-0000-4000-8000-000000000000","documentType":"LEASE","number":"x","compared":"x","signal":"x","claims":[],"code":"x","notMe":false,"values":[],"words":"x","reason":"x","granted":false,"despite":"x","iban":"x","holder":"x","token":"x","born":"1990-01-01","lines":[],"opinion":"SAME","expires":"","proof":"0000","shown":"x","to":"x","authorised":false,"atTheDesk":true,"before":"x","documents":[],"role":"AUDITOR","signInName":"x","said":{"name":"","answers":{},"remarks":{}},"supposed":{},"edition":0,"percent":1,"day":"2026-01-05","claimBack":false,"hours":{}}""";

    @Autowired
    private MockMvc http;

    @Autowired
    @Qualifier("requestMappingHandlerMapping") private RequestMappingHandlerMapping mappings;

    @Test
    public void whoeverIsNotSignedInMayCallOnlyWhatIsOpen() throws Exception {
        for (Endpoints.Call call : calls()) {
            if (!OPEN.contains(call.method() + " " + call.path())) {
                assertThat(status(call, java.util.UUID.randomUUID().toString(), null))
                        .as(call.toString())
                        .isEqualTo(401);
            }
        }
    }

    @Test
    public void applicantsMayCallNothingOfStaff() throws Exception {
        SignedIn applicant = person(Role.APPLICANT);
        String id = handIn(applicant, answers(applicant)).id().toString();
        List<Endpoints.Call> staffCalls = calls().stream()
                .filter(call -> call.path()
                        .matches("/api/(claims|day-sheet|search|staff|outside|misuse|handovers|post-list).*"))
                .toList();
        assertThat(staffCalls).hasSizeGreaterThan(12);
        for (Endpoints.Call call : staffCalls) {
            assertThat(status(call, id, as(applicant))).as(call.toString()).isEqualTo(403);
        }
    }

    @Test
    public void applicantsSeeNothingOfEachOther() throws Exception {
        SignedIn owner = person(Role.APPLICANT);
        SignedIn other = person(Role.APPLICANT);
        String id = handIn(owner, answers(owner)).id().toString();
        List<Endpoints.Call> ownCalls = calls().stream()
                .filter(call -> call.path().matches("/api/(my|drafts).*\\{id}.*"))
                .toList();
        assertThat(ownCalls).hasSizeGreaterThan(7);
        for (Endpoints.Call call : ownCalls) {
            assertThat(status(call, id, as(other))).as(call.toString()).isEqualTo(404);
        }
        assertThat(claims.claim(java.util.UUID.fromString(id)).state().isOpen()).isTrue();
    }

    @Test
    public void auditorsReadEverythingAndChangeNothing() throws Exception {
        SignedIn applicant = person(Role.APPLICANT);
        String id = handIn(applicant, answers(applicant)).id().toString();
        SignedIn auditor = person(Role.AUDITOR);
        for (Endpoints.Call call : calls()) {
            if (call.path().startsWith("/api/claims")) {
                int expected = call.method().equals("GET") || LOOKING.contains(call.path()) ? 200 : 403;
                int status = status(call, id, as(auditor));
                boolean mayBeNone = call.path().endsWith("/letter")
                        || call.path().endsWith("/letter/text")
                        || call.path().endsWith("/picture")
                        || call.path().endsWith("/photo")
                        || call.path().endsWith("/fee")
                        || call.path().endsWith("/documents/{document}")
                        || call.path().endsWith("/letters/{whom}");
                assertThat(status == expected || mayBeNone && status == 404)
                        .as(call + " " + status)
                        .isTrue();
            }
        }
    }

    @Test
    public void theDeskOfALargeHouseholdTakesNoMoreStatements() throws Exception {
        SignedIn caseworker = person(Role.CASEWORKER);
        SignedIn small = person(Role.APPLICANT);
        SignedIn large = person(Role.APPLICANT);
        String ofTwo = handIn(small, answers(small)).id().toString();
        var answers = answers(large);
        for (int i = 3; i < 10; i++) {
            var child = answers.path("members").get(1).deepCopy();
            ((tools.jackson.databind.node.ArrayNode) answers.path("members"))
                    .add(((tools.jackson.databind.node.ObjectNode) child)
                            .put("id", "m" + i)
                            .put("givenName", "Ivo " + (char) ('a' + i)));
        }
        String ofNine = handIn(large, answers).id().toString();
        int few = statementsOfDesk(ofTwo, caseworker);
        assertThat(few).isBetween(3, 27);
        assertThat(statementsOfDesk(ofNine, caseworker)).isEqualTo(few);
    }

    @Test
    public void aChangeWithoutItsTokenIsRefused() throws Exception {
        int status = http.perform(post("/api/drafts")
                        .with(as(person(Role.APPLICANT)))
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"programme\":\"school-meals\"}"))
                .andReturn()
                .getResponse()
                .getStatus();
        assertThat(status).isEqualTo(403);
    }

    @Test
    public void pagesLoadNothingFromElsewhere() throws Exception {
        String policy =
                http.perform(get("/api/health")).andReturn().getResponse().getHeader("Content-Security-Policy");
        assertThat(policy)
                .contains("default-src 'none'")
                .contains("script-src 'self'")
                .doesNotContain("unsafe")
                .doesNotContain("http");
    }

    @Test
    public void theCheckedInDescriptionIsTheOneTheServerGives() throws Exception {
        String now = http.perform(get("/api/openapi"))
                .andReturn()
                .getResponse()
                .getContentAsString(java.nio.charset.StandardCharsets.UTF_8);
        Path file = Path.of("..", "web", "openapi.json");
        Files.writeString(Path.of("target", "openapi.json"), now);
        assertThat(JsonColumn.read(now))
                .as("web/openapi.json differs: put server/target/openapi.json in its place")
                .isEqualTo(JsonColumn.read(Files.readString(file)));
    }

    @Test
    public void aProblemNamesItsCodeAndPath() throws Exception {
        String body = http.perform(post("/api/account")
                        .with(csrf())
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"email\":\"a@b\",\"displayName\":\"A B\",\"password\":\"short\"}"))
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(body)
                .contains("\"code\":\"invalid\"")
                .contains("\"path\":\"password\"")
                .contains("\"status\":422");
    }

    private int statementsOfDesk(String id, SignedIn who) {
        return StatementCount.during(() -> {
            try {
                assertThat(status(new Endpoints.Call("GET", "/api/claims/{id}/desk"), id, as(who)))
                        .isEqualTo(200);
            } catch (Exception e) {
                throw new AssertionError(e);
            }
        });
    }

    private List<Endpoints.Call> calls() {
        return Endpoints.of(mappings);
    }

    private int status(Endpoints.Call call, String id, RequestPostProcessor who) throws Exception {
        String path = call.path()
                .replace("{pile}", "NEW")
                .replace("{monday}", "2026-01-05")
                .replace("{service}", "WAGES")
                .replace("{member}", "m1")
                .replaceAll("\\{\\w+}", id);
        var built = request(HttpMethod.valueOf(call.method()), path)
                .with(csrf())
                .contentType(MediaType.APPLICATION_JSON)
                .content(BODY.replace("ANSWERS", call.path().contains("fix-list") ? "[]" : "{}"));
        return http.perform(who == null ? built : built.with(who))
                .andReturn()
                .getResponse()
                .getStatus();
    }
}
