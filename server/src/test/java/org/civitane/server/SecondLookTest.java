package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.civitane.core.reasoning.FactPath;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.NewClaim;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Phrase;
import org.civitane.server.registers.Register;
import org.civitane.server.settlements.Settlements;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Two people look at a possible match, and neither knows what the other thinks. */
public class SecondLookTest extends ServerTest {
    private static final Path EXAMPLE = Path.of(
            "..",
            "exchange",
            "src",
            "test",
            "resources",
            "examples",
            "conduct-certificate",
            "01-issue-clear-handed-over-at-the-desk.json");

    @Autowired
    private Settlements settlements;

    @Autowired
    private MockMvc http;

    private ClaimView claim;
    private SignedIn first;
    private SignedIn second;

    @BeforeMethod
    void aPossibleMatch() throws IOException {
        ObjectNode file = JsonColumn.readObject(Files.readString(EXAMPLE));
        CaseFiles.Read<?> read = CaseFiles.read(JsonColumn.bytes(file));
        first = person(Role.CASEWORKER);
        second = person(Role.CASEWORKER);
        claim = taken(
                first,
                answered(claims.receive(
                        new NewClaim(
                                read.programme(),
                                person(Role.APPLICANT),
                                read.file(),
                                file.toString(),
                                clock.today().plusDays(30),
                                false,
                                false),
                        id -> {})));
        settlements.settleByRegister(
                claim, FactPath.of("policeRegister"), text("POSSIBLE_MATCH"), Phrase.text("held"), Actor.called("x"));
    }

    @Test
    public void twoWhoAgreeSettleItAndNeitherIsLedByTheOther() throws Exception {
        assertThat(say(first, "ANOTHER").getStatus()).isEqualTo(200);
        assertThat(look(second).path("opinions")).isEmpty();
        assertThat(look(second).path("said").asInt()).isEqualTo(1);
        assertThat(say(first, "ANOTHER").getStatus()).isEqualTo(409);
        assertThat(say(second, "ANOTHER").getStatus()).isEqualTo(200);
        assertThat(settled()).isEqualTo("CLEAR");
        assertThat(look(first).path("opinions")).hasSize(2);
        assertThat(look(first).path("wanted").asBoolean()).isFalse();
    }

    @Test
    public void whereTwoDoNotAgreeASupervisorDecides() throws Exception {
        say(first, "SAME");
        say(second, "ANOTHER");
        assertThat(settled()).isEqualTo("POSSIBLE_MATCH");
        assertThat(say(person(Role.CASEWORKER), "SAME").getStatus()).isEqualTo(409);
        assertThat(say(person(Role.AUDITOR), "SAME").getStatus()).isEqualTo(403);
        assertThat(say(person(Role.SUPERVISOR), "SAME").getStatus()).isEqualTo(200);
        assertThat(settled()).isEqualTo("ENTRIES");
        assertThat(say(person(Role.SUPERVISOR), "ANOTHER").getStatus()).isEqualTo(409);
    }

    @Test
    public void whoeverMaySayMoreFindsItOnTheDaySheet() throws Exception {
        SignedIn supervisor = person(Role.SUPERVISOR);
        assertThat(wanted(second)).doesNotContain(claim.number());
        say(first, "SAME");
        assertThat(wanted(first)).doesNotContain(claim.number());
        assertThat(wanted(person(Role.AUDITOR))).doesNotContain(claim.number());
        assertThat(wanted(second)).contains(claim.number());
        say(second, "ANOTHER");
        assertThat(wanted(person(Role.CASEWORKER))).doesNotContain(claim.number());
        assertThat(wanted(supervisor)).contains(claim.number());
        say(supervisor, "ANOTHER");
        assertThat(wanted(person(Role.SUPERVISOR))).doesNotContain(claim.number());
    }

    private String wanted(SignedIn who) throws Exception {
        return http.perform(get("/api/day-sheet/second-looks").with(as(who)))
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    @Test
    public void anAnswerAnewIsLookedAtAnew() throws Exception {
        say(first, "ANOTHER");
        say(second, "ANOTHER");
        registers.askAgain(
                claim.id(),
                dossier(claim).requests().stream()
                        .filter(request -> request.register() == Register.POLICE)
                        .findFirst()
                        .orElseThrow()
                        .id(),
                Actor.called("x"));
        answered(claim);
        settlements.settleByRegister(
                claim, FactPath.of("policeRegister"), text("POSSIBLE_MATCH"), Phrase.text("held"), Actor.called("x"));
        assertThat(look(first).path("maySay").asBoolean()).isTrue();
        assertThat(say(first, "SAME").getStatus()).isEqualTo(200);
        assertThat(say(second, "SAME").getStatus()).isEqualTo(200);
        assertThat(settled()).isEqualTo("ENTRIES");
    }

    @Test
    public void withoutAReasonNothingIsSaid() throws Exception {
        assertThat(http.perform(request("SAME", " ").with(as(first)))
                        .andReturn()
                        .getResponse()
                        .getStatus())
                .isEqualTo(422);
        assertThat(look(first).path("said").asInt()).isZero();
    }

    private String settled() {
        return dossier(claim).settled().json().path("policeRegister").asString();
    }

    private JsonNode look(SignedIn who) throws Exception {
        return JsonColumn.read(
                http.perform(get("/api/claims/" + claim.id() + "/second-look").with(as(who)))
                        .andReturn()
                        .getResponse()
                        .getContentAsString());
    }

    private MockHttpServletResponse say(SignedIn who, String opinion) throws Exception {
        return http.perform(request(opinion, "Born elsewhere, on another day.").with(as(who)))
                .andReturn()
                .getResponse();
    }

    private org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder request(
            String opinion, String reason) {
        return post("/api/claims/" + claim.id() + "/second-look")
                .with(csrf())
                .contentType(MediaType.APPLICATION_JSON)
                .content("{\"opinion\":\"%s\",\"reason\":\"%s\"}".formatted(opinion, reason));
    }
}
