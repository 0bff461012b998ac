package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import jakarta.servlet.http.Cookie;
import java.util.UUID;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.contact.Contacts;
import org.civitane.server.platform.JsonColumn;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Accounts in the hands of supervisors, of caseworkers at the counter, and of whoever has one. */
public class StaffAccountTest extends SigningIn {
    private static final String NETWORK = "198.51.100.50";
    private static final String NEW = "words that only I would think of";

    @Autowired
    private Contacts contacts;

    private SignedIn first;
    private SignedIn second;

    @BeforeMethod
    void supervisors() {
        first = person(Role.SUPERVISOR);
        second = person(Role.SUPERVISOR);
    }

    @Test
    public void whoIsInvitedSetsThePasswordByTheLinkAndWorks() throws Exception {
        String email = UUID.randomUUID() + "@halvern.example";
        assertThat(make(email, "CASEWORKER", first).getStatus()).isEqualTo(200);
        String word = wordTo(email);
        String token = word.substring(word.indexOf('#') + 1).strip();
        assertThat(sent("/api/password", "{\"token\":\"%s\",\"password\":\"%s\"}".formatted(token, NEW), NETWORK)
                        .getStatus())
                .isEqualTo(204);
        assertThat(signIn(email, NEW, NETWORK).getContentAsString()).contains("CASEWORKER");
    }

    @Test
    public void aSupervisorIsMadeByTwo() throws Exception {
        String email = UUID.randomUUID() + "@halvern.example";
        make(email, "SUPERVISOR", first);
        UUID id = accounts.find(email).orElseThrow().account();
        assertThat(accounts.account(id).role()).isEqualTo(Role.CASEWORKER);
        assertThat(done("agree", id, first).getStatus()).isEqualTo(403);
        assertThat(done("agree", id, person(Role.CASEWORKER)).getStatus()).isEqualTo(403);
        assertThat(done("agree", id, second).getStatus()).isEqualTo(200);
        assertThat(accounts.account(id).role()).isEqualTo(Role.SUPERVISOR);
        assertThat(done("agree", id, second).getStatus()).isEqualTo(409);
        done("close", id, first);
        assertThat(one(id, first).path("closed").asBoolean()).isFalse();
        done("refuse", id, second);
        assertThat(one(id, first).path("change").isNull()
                        || one(id, first).path("change").isMissingNode())
                .isTrue();
    }

    @Test
    public void nobodyRaisesThemselvesOrClosesTheirOwn() throws Exception {
        assertThat(done("close", first.account(), first).getStatus()).isEqualTo(403);
        assertThat(become(first.account(), "AUDITOR", first).getStatus()).isEqualTo(403);
        SignedIn caseworker = person(Role.CASEWORKER);
        assertThat(become(caseworker.account(), "SUPERVISOR", caseworker).getStatus())
                .isEqualTo(403);
        assertThat(become(person(Role.APPLICANT).account(), "AUDITOR", first).getStatus())
                .isEqualTo(404);
    }

    @Test
    public void whoseAccountIsClosedIsOutAtOnceAndTheirClaimsAreHandedOverBefore() throws Exception {
        SignedIn caseworker = person(Role.CASEWORKER);
        ClaimView claim = taken(caseworker);
        Cookie session = signIn(caseworker.email(), RIGHT, NETWORK).getCookie("civitane");
        assertThat(done("close", caseworker.account(), first).getContentAsString())
                .contains("open-claims");
        acts.handOver(claim.id(), person(Role.CASEWORKER).account(), first);
        assertThat(done("close", caseworker.account(), first).getStatus()).isEqualTo(200);
        assertThat(who(session)).doesNotContain(caseworker.email());
        assertThat(signIn(caseworker.email(), RIGHT, NETWORK).getStatus()).isEqualTo(401);
        assertThat(accounts.caseworkers()).doesNotContain(caseworker);
    }

    @Test
    public void whoeverHasNoMailBeginsWithACodeOnPaperAndTakesItsPlace() throws Exception {
        SignedIn caseworker = person(Role.CASEWORKER);
        JsonNode paper = json(
                post("/api/counter/accounts")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"displayName\":\"Þóra Ísak\"}"),
                caseworker);
        String name = paper.path("signInName").asString();
        String code = paper.path("code").asString();
        assertThat(name).matches("[a-z]+-[a-z0-9]{4}");
        JsonNode another = json(
                post("/api/counter/accounts/anew")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"signInName\":\"" + name + "\"}"),
                caseworker);
        assertThat(set(code)).as("the paper before").isEqualTo(422);
        assertThat(set(another.path("code").asString().toLowerCase().replace("-", " ")))
                .isEqualTo(204);
        assertThat(set(another.path("code").asString())).as("used").isEqualTo(422);
        assertThat(signIn(name, NEW, NETWORK).getContentAsString()).contains("Þóra Ísak");
        SignedIn applicant = person(Role.APPLICANT);
        assertThat(answer(
                                post("/api/counter/accounts/anew")
                                        .contentType(MediaType.APPLICATION_JSON)
                                        .content("{\"signInName\":\"" + applicant.email() + "\"}"),
                                caseworker)
                        .getStatus())
                .as("nobody takes over an account that has mail")
                .isEqualTo(422);
    }

    @Test
    public void nobodyDecidesWhatTheyHoldACodeForAndTheHolderIsToldOfEachOther() throws Exception {
        SignedIn caseworker = person(Role.CASEWORKER);
        String name = json(
                        post("/api/counter/accounts")
                                .contentType(MediaType.APPLICATION_JSON)
                                .content("{\"displayName\":\"Þóra Ísak\"}"),
                        caseworker)
                .path("signInName")
                .asString();
        SignedIn holder = accounts.find(name).orElseThrow();
        ObjectNode said = answers(holder);
        ((ObjectNode) said.path("members").get(0)).put("givenName", "Þóra");
        ClaimView claim = taken(caseworker, handIn(holder, said));
        String path = "/api/claims/" + claim.id();
        MockHttpServletResponse refused = answer(
                post(path + "/decide")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"version\":%d,\"reason\":\"x\",\"despite\":\"x\"}".formatted(claim.version())),
                caseworker);
        assertThat(refused.getStatus()).isEqualTo(403);
        assertThat(refused.getContentAsString()).contains("too-close", "somebody else has to decide");
        assertThat(json(get(path + "/desk"), caseworker)
                        .path("may")
                        .path("decide")
                        .asBoolean())
                .isFalse();
        json(
                post("/api/counter/accounts/anew")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"signInName\":\"" + name + "\"}"),
                person(Role.CASEWORKER));
        assertThat(json(get("/api/my/claims/" + claim.id() + "/messages"), holder)
                        .toString())
                .contains("printed another code for your account");
    }

    @Test
    public void whoeverKnowsThePeopleOfAClaimLeavesItToOthersForGood() throws Exception {
        SignedIn caseworker = person(Role.CASEWORKER);
        SignedIn other = person(Role.APPLICANT);
        ClaimView claim = taken(caseworker);
        assertThat(answer(post("/api/claims/" + claim.id() + "/stand-aside"), caseworker)
                        .getStatus())
                .isEqualTo(200);
        assertThat(claims.claim(claim.id()).owner()).isEmpty();
        assertThat(json(get("/api/claims/" + claim.id() + "/desk"), caseworker)
                        .path("strip")
                        .path("sentence")
                        .asString())
                .isEqualTo(json(
                                get("/api/claims/"
                                        + handIn(other, answers(other)).id() + "/desk"),
                                caseworker)
                        .path("strip")
                        .path("sentence")
                        .asString());
        assertThat(answer(post("/api/claims/" + claim.id() + "/take"), caseworker)
                        .getContentAsString())
                .contains("too-close");
        SignedIn colleague = person(Role.CASEWORKER);
        assertThat(mayTake(claim, caseworker))
                .as("is not offered what is refused")
                .isFalse();
        assertThat(mayTake(claim, person(Role.AUDITOR))).isFalse();
        assertThat(mayTake(claim, colleague)).isTrue();
        acts.take(claim.id(), colleague);
        assertThat(mayTake(claim, person(Role.CASEWORKER))).isFalse();
        assertThat(answer(
                                post("/api/claims/" + claim.id() + "/hand-over")
                                        .contentType(MediaType.APPLICATION_JSON)
                                        .content("{\"to\":\"" + caseworker.account() + "\"}"),
                                colleague)
                        .getContentAsString())
                .contains("They said that they know these people");
    }

    private boolean mayTake(ClaimView claim, SignedIn who) throws Exception {
        return json(get("/api/claims/" + claim.id() + "/desk"), who)
                .path("may")
                .path("take")
                .asBoolean();
    }

    @Test
    public void whoeverClosesTheirAccountIsWrittenToByLetter() throws Exception {
        SignedIn applicant = person(Role.APPLICANT);
        ClaimView claim = handIn(applicant, answers(applicant));
        Cookie session = signIn(applicant.email(), RIGHT, NETWORK).getCookie("civitane");
        assertThat(sent("/api/account/close", "{\"password\":\"a guess of another\"}", NETWORK, session)
                        .getStatus())
                .isEqualTo(422);
        assertThat(sent("/api/account/close", "{\"password\":\"" + RIGHT + "\"}", NETWORK, session)
                        .getStatus())
                .isEqualTo(204);
        assertThat(signIn(applicant.email(), RIGHT, NETWORK).getStatus()).isEqualTo(401);
        assertThat(contacts.of(claim.id(), claims.applicantMember(claim)))
                .satisfies(contact -> assertThat(contact.mayLetter()).isTrue())
                .satisfies(contact -> assertThat(contact.mayEmail()).isFalse());
        assertThat(claims.claim(claim.id()).state()).isEqualTo(claim.state());
    }

    private int set(String code) throws Exception {
        return sent("/api/password", "{\"token\":\"%s\",\"password\":\"%s\"}".formatted(code, NEW), NETWORK)
                .getStatus();
    }

    private MockHttpServletResponse make(String email, String role, SignedIn by) throws Exception {
        return answer(
                post("/api/accounts")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"email\":\"%s\",\"displayName\":\"Ivar Lunde\",\"role\":\"%s\"}"
                                .formatted(email, role)),
                by);
    }

    private MockHttpServletResponse done(String what, UUID id, SignedIn by) throws Exception {
        return answer(post("/api/accounts/" + id + "/" + what), by);
    }

    private MockHttpServletResponse become(UUID id, String role, SignedIn by) throws Exception {
        return answer(
                put("/api/accounts/" + id + "/role")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"role\":\"" + role + "\"}"),
                by);
    }

    private JsonNode one(UUID id, SignedIn by) throws Exception {
        return json(get("/api/accounts"), by)
                .valueStream()
                .filter(each -> each.path("id").asString().equals(id.toString()))
                .findFirst()
                .orElseThrow();
    }

    private JsonNode json(MockHttpServletRequestBuilder request, SignedIn who) throws Exception {
        MockHttpServletResponse answer = answer(request, who);
        answer.setCharacterEncoding("UTF-8");
        assertThat(answer.getStatus()).as(answer.getContentAsString()).isEqualTo(200);
        return JsonColumn.read(answer.getContentAsString());
    }

    private MockHttpServletResponse answer(MockHttpServletRequestBuilder request, SignedIn who) throws Exception {
        return http.perform(request.with(csrf()).with(as(who))).andReturn().getResponse();
    }
}
