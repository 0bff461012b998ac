package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.civitane.core.claim.ClaimState;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.History;
import org.civitane.server.decisions.Decisions;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.registers.RegisterRequest;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import org.testng.annotations.Test;

/** Who may do what to which claim, tried at every endpoint there is as everybody there is. */
public class AccessTest extends ServerTest {
    private static final Path DOCUMENT = Path.of("..", "docs", "security.md");
    private static final String BEGIN = "<!-- made by AccessTest: begin -->\n";
    private static final String END = "<!-- made by AccessTest: end -->";

    /** Enough of a body for every call to be understood. */
    private static final String BODY = """
            {"version":VERSION,"answers":ANSWERS,"chapter":"people","name":"x","programme":"school-meals","body":"x","days":1,"why":"x",
             "street":"","houseNumber":"","postCode":"","abroad":"","personNumber":"","email":"","phone":"","safeName":"","safeTime":"","language":"",
             "mayLetter":true,"mayEmail":true,"mayText":true,"mayCall":true,"same":true,"mood":"ANSWERS","filed":"YES","occasion":"DOUBTED","remark":"x","paper":"00000000-0000-4000-8000-000000000000","documentType":"LEASE","number":"x","compared":"x","signal":"x","claims":[],"code":"x","notMe":false,"values":VALUES,
             "words":"x","granted":false,"despite":"x","reason":"x","path":"incomes/i1/amount","view":"TYPED","value":"420.00",
             "points":[],"dueOn":"DUE","then":"DECIDE","to":"TO","kind":"IDENTITY","subject":"m1","page":1,"password":"x","displayName":"x",
             "referred":false,"iban":"x","holder":"x","token":"x","born":"1990-01-01","lines":[],"opinion":"SAME","expires":"","proof":"0000","shown":"x","authorised":false,"atTheDesk":true,"before":"x","documents":[],"role":"AUDITOR","signInName":"x","said":{"name":"","answers":{},"remarks":{}},"supposed":{},"edition":0,"percent":1,"day":"2026-01-05","claimBack":false,"hours":{}}""";

    /** They change nothing, or make a claim somebody's. */
    private static final Set<String> OF_ANYBODY_WHO_WORKS_CLAIMS = Set.of(
            "/api/claims/{id}/take",
            "/api/claims/{id}/stand-aside",
            "/api/claims/{id}/second-look",
            "/api/claims/{id}/what-if",
            "/api/claims/{id}/letter-preview",
            "/api/claims/{id}/letter-preview/text");

    private static final Set<String> GO_ON_AFTER_A_DECISION = Set.of(
            "/api/claims/{id}/account",
            "/api/claims/{id}/payments/{payment}/accept",
            "/api/claims/{id}/follow-ups/{followUp}",
            "/api/claims/{id}/hours/{monday}/looked-at",
            "/api/claims/{id}/overpayments/{overpayment}/decision",
            "/api/claims/{id}/documents/{document}/anew",
            "/api/claims/{id}/documents/give-up",
            "/api/claims/{id}/remarks/{remark}",
            "/api/claims/{id}/messages",
            "/api/claims/{id}/messages/read",
            "/api/claims/{id}/contacts/{member}",
            "/api/claims/{id}/household/{member}/{known}");

    /** Whoever has the claim may not do it either. */
    private static final Set<String> BY_SUPERVISORS_ALONE = Set.of("/api/claims/{id}/documents/{document}/revoke");

    @Autowired
    private MockMvc http;

    @Autowired
    private History history;

    @Autowired
    private Decisions decisions;

    @Autowired
    @Qualifier("requestMappingHandlerMapping") private RequestMappingHandlerMapping mappings;

    @Test
    public void nobodyButItsOwnerAndASupervisorChangesAClaim() throws Exception {
        SignedIn colleague = person(Role.CASEWORKER);
        ClaimView taken = taken(person(Role.CASEWORKER));
        SignedIn applicant = person(Role.APPLICANT);
        ClaimView untaken = handIn(applicant, answers(applicant));
        for (ClaimView claim : List.of(taken, untaken)) {
            int lines = history.of(claim.id()).size();
            for (Endpoints.Call call : writesByCaseworkers()) {
                MockHttpServletResponse answer = call(call, claim, colleague);
                assertThat(answer.getStatus())
                        .as(call + " " + answer.getContentAsString())
                        .isEqualTo(403);
                assertThat(answer.getContentAsString()).contains(claim == taken ? "not-yours" : "not-taken");
            }
            assertThat(history.of(claim.id())).hasSize(lines);
            assertThat(claims.claim(claim.id()).version()).isEqualTo(claim.version());
        }
    }

    @Test
    public void asSupervisorOneMayAndTheHistorySaysSo() throws Exception {
        SignedIn supervisor = person(Role.SUPERVISOR);
        ClaimView claim = taken(person(Role.CASEWORKER));
        Endpoints.Call settle = new Endpoints.Call("POST", "/api/claims/{id}/settle");
        assertThat(call(settle, claim, supervisor).getStatus()).isEqualTo(200);
        assertThat(inWords(history.of(claim.id()).getFirst().actor()))
                .isEqualTo(supervisor.displayName() + " (supervisor)");
        for (Endpoints.Call call : writesAtTheDesk()) {
            assertThat(call(call, claim, supervisor).getStatus())
                    .as(call.toString())
                    .isNotIn(401, 403, 500);
        }
    }

    @Test
    public void whatADecisionRestsOnIsClosedWithItAndWhatIsWrittenGoesOn() throws Exception {
        SignedIn caseworker = person(Role.CASEWORKER);
        ClaimView claim = taken(caseworker);
        acts.byStaff(
                claim.id(),
                caseworker,
                org.civitane.core.claim.Act.DECIDE,
                held -> decisions.decide(held, "", "Seen.", caseworker));
        ClaimView decided = claims.claim(claim.id());
        for (Endpoints.Call call : writesByCaseworkers()) {
            MockHttpServletResponse answer = call(call, decided, caseworker);
            if (GO_ON_AFTER_A_DECISION.contains(call.path())) {
                assertThat(answer.getStatus()).as(call.toString()).isIn(200, 204, 404);
            } else {
                assertThat(answer.getStatus()).as(call.toString()).isEqualTo(409);
                assertThat(answer.getContentAsString()).contains("\"state\":\"DECIDED\"");
            }
        }
        assertThat(decisions.of(claim.id()).orElseThrow().at()).isBeforeOrEqualTo(clock.instant());
    }

    @Test
    public void aWithdrawnClaimIsNeitherTakenNorWrittenTo() throws Exception {
        SignedIn applicant = person(Role.APPLICANT);
        SignedIn supervisor = person(Role.SUPERVISOR);
        ClaimView claim = handIn(applicant, answers(applicant));
        acts.withdraw(claim.id(), applicant);
        ClaimView gone = claims.claim(claim.id());
        List<Endpoints.Call> all = new ArrayList<>(writesAtTheDesk());
        all.add(new Endpoints.Call("POST", "/api/claims/{id}/take"));
        for (Endpoints.Call call : all) {
            assertThat(call(call, gone, supervisor).getStatus())
                    .as(call.toString())
                    .isEqualTo(409);
        }
        for (Endpoints.Call call : Endpoints.of(mappings)) {
            boolean mine = call.changes() && call.path().startsWith("/api/my/claims/{id}/");
            if (mine && !call.path().endsWith("/withdraw") && !call.path().endsWith("/read")) {
                assertThat(call(call, gone, applicant).getStatus())
                        .as(call.toString())
                        .isEqualTo(409);
            }
        }
        assertThat(claims.claim(claim.id()).state()).isEqualTo(ClaimState.WITHDRAWN);
    }

    @Test
    public void theDocumentSaysWhoMayDoWhat() throws Exception {
        String table = table();
        Files.writeString(Path.of("target", "who-may-do-what.md"), table);
        String document = Files.readString(DOCUMENT);
        String there = document.substring(document.indexOf(BEGIN) + BEGIN.length(), document.indexOf(END));
        assertThat(there)
                .as("docs/security.md says otherwise: put server/target/who-may-do-what.md into it")
                .isEqualTo(table);
    }

    private String table() throws Exception {
        StringBuilder table = new StringBuilder(
                "| call | not signed in | applicant, own claim | another applicant | caseworker who has it | another caseworker | supervisor | auditor |\n|---|---|---|---|---|---|---|---|\n");
        SignedIn applicant = person(Role.APPLICANT);
        SignedIn owner = person(Role.CASEWORKER);
        ClaimView claim = taken(owner, handIn(applicant, answers(applicant)));
        List<SignedIn> everybody = new ArrayList<>();
        everybody.add(null);
        everybody.addAll(List.of(
                applicant,
                person(Role.APPLICANT),
                owner,
                person(Role.CASEWORKER),
                person(Role.SUPERVISOR),
                person(Role.AUDITOR)));
        for (Endpoints.Call call : Endpoints.of(mappings)) {
            table.append("| `%s %s` |".formatted(call.method(), call.path()));
            for (SignedIn who : everybody) {
                table.append(may(call, who, claim, applicant.equals(who)) ? " yes |" : " – |");
            }
            table.append('\n');
        }
        return table.toString();
    }

    private boolean may(Endpoints.Call call, SignedIn who, ClaimView claim, boolean ownDraft) throws Exception {
        MockHttpServletResponse answer = call(call, claim, who);
        boolean hidden =
                answer.getStatus() == 404 && answer.getContentAsString().contains("another account");
        boolean own = ownDraft && call.path().startsWith("/api/drafts/{id}");
        boolean entry =
                Set.of("/api/session", "/api/account", "/api/account/confirm").contains(call.path());
        return entry || own || !hidden && answer.getStatus() != 401 && answer.getStatus() != 403;
    }

    private List<Endpoints.Call> writesByCaseworkers() {
        return writesAtTheDesk().stream()
                .filter(call -> !BY_SUPERVISORS_ALONE.contains(call.path()))
                .toList();
    }

    private List<Endpoints.Call> writesAtTheDesk() {
        List<Endpoints.Call> calls = Endpoints.of(mappings).stream()
                .filter(call -> call.changes() && call.path().startsWith("/api/claims/{id}"))
                .filter(call -> !OF_ANYBODY_WHO_WORKS_CLAIMS.contains(call.path()))
                .toList();
        assertThat(calls).hasSizeGreaterThan(20);
        return calls;
    }

    private MockHttpServletResponse call(Endpoints.Call call, ClaimView claim, SignedIn who) throws Exception {
        String request = registers.newestOf(claim.id()).stream()
                .findFirst()
                .map(RegisterRequest::id)
                .orElseGet(UUID::randomUUID)
                .toString();
        String path = call.path()
                .replace("{pile}", "NEW")
                .replace("{monday}", "2026-01-05")
                .replace("{service}", "WAGES")
                .replace("{member}", "m1")
                .replace("{request}", request)
                .replace("{paper}", UUID.randomUUID().toString())
                .replace("{known}", UUID.randomUUID().toString())
                .replaceAll("\\{\\w+}", claim.id().toString());
        LocalDate due = clock.today().plusDays(3);
        String body = BODY.replace(
                        "VERSION", String.valueOf(claims.claim(claim.id()).version()))
                .replace("ANSWERS", path.contains("fix-list") ? "[]" : "{}")
                .replace("VALUES", path.contains("what-if") ? "[]" : "{}")
                .replace("DUE", due.toString())
                .replace("TO", claim.owner().orElseGet(UUID::randomUUID).toString());
        assertThat(JsonColumn.read(body).isObject()).isTrue();
        var built = request(HttpMethod.valueOf(call.method()), path)
                .with(csrf())
                .contentType(MediaType.APPLICATION_JSON)
                .content(body);
        MockHttpServletResponse answer = http.perform(who == null ? built : built.with(as(who)))
                .andReturn()
                .getResponse();
        answer.setCharacterEncoding(StandardCharsets.UTF_8.name());
        return answer;
    }
}
