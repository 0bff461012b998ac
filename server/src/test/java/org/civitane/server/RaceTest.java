package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Collectors;
import org.civitane.core.claim.ClaimState;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.History;
import org.civitane.server.decisions.Decisions;
import org.civitane.server.papers.Paper;
import org.civitane.server.papers.Papers;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.settlements.Settlement;
import org.civitane.server.settlements.Settlements;
import org.civitane.server.standins.Carrier;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Two do something to one claim at the same moment, on two servers: no decision rests on what was not seen. */
@Test(groups = "alone")
public class RaceTest extends ServerTest {
    private static final int ROUNDS = 3;

    @Autowired
    private Carrier carrier;

    @Autowired
    private Settlements settlements;

    @Autowired
    private Decisions decisions;

    @Autowired
    private Papers papers;

    @Autowired
    private History history;

    @Autowired
    private JdbcClient database;

    @Autowired
    private MockMvc http;

    private OtherServer server;
    private SignedIn caseworker;
    private Caller here;
    private Visitor there;

    /** Somebody who calls a server. */
    private interface Caller {
        Visitor.Answer send(String method, String path, String json);
    }

    /** What is done to a claim. */
    private enum Deed {
        SETTLE,
        WAIVE,
        ACCEPT,
        DECIDE,
        CONTACT,
        MESSAGE;

        /** The call on a claim whose paper waits to be accepted; what is said differs from one caller to the other. */
        Visitor.Answer by(Caller visitor, ClaimView claim, UUID paper, int caller) {
            String at = "/api/claims/" + claim.id();
            return switch (this) {
                case SETTLE ->
                    visitor.send(
                            "POST",
                            at + "/settle",
                            "{\"version\":%d,\"path\":\"incomes/i1/amount\",\"view\":\"TYPED\",\"value\":\"%d.00\",\"reason\":\"Slip\"}"
                                    .formatted(claim.version(), 300 + caller));
                case WAIVE ->
                    visitor.send(
                            "POST",
                            at + "/evidence/waive",
                            "{\"kind\":\"HOUSING_COSTS\",\"subject\":\"\",\"reason\":\"Known from before, %d.\"}"
                                    .formatted(caller));
                case ACCEPT -> visitor.send("POST", at + "/papers/" + paper + "/accept", "");
                case DECIDE ->
                    visitor.send(
                            "POST",
                            at + "/decide",
                            "{\"version\":%d,\"reason\":\"As it stands.\",\"despite\":\"They cannot wait.\"}"
                                    .formatted(claim.version()));
                case CONTACT ->
                    visitor.send(
                            "PUT",
                            at + "/contacts/m1",
                            "{\"street\":\"\",\"houseNumber\":\"\",\"postCode\":\"\",\"abroad\":\"\",\"personNumber\":\"\",\"email\":\"\",\"phone\":\"+99955500%d\",\"mayLetter\":true,\"mayEmail\":true,\"mayText\":true,\"mayCall\":true,\"safeName\":\"\",\"safeTime\":\"\",\"language\":\"\"}"
                                    .formatted(caller));
                case MESSAGE ->
                    visitor.send("POST", at + "/messages", "{\"body\":\"Please call, %d.\"}".formatted(caller));
            };
        }

        boolean changesWhatADecisionRestsOn() {
            return this == SETTLE || this == WAIVE || this == ACCEPT;
        }
    }

    @BeforeClass(alwaysRun = true)
    void start() throws IOException {
        server = OtherServer.start(Ports.free(), STORE);
        await("the other server answers", server::answers);
        caseworker = person(Role.CASEWORKER);
        here = here(caseworker);
        there = new Visitor(server.port(), caseworker.email());
    }

    /** Somebody at the server in this process; at another they are a {@link Visitor}. */
    private Caller here(SignedIn who) {
        return (method, path, json) -> {
            try {
                MockHttpServletResponse answer = http.perform(request(HttpMethod.valueOf(method), path)
                                .with(csrf())
                                .with(as(who))
                                .contentType(MediaType.APPLICATION_JSON)
                                .content(json))
                        .andReturn()
                        .getResponse();
                return new Visitor.Answer(answer.getStatus(), answer.getContentAsString(StandardCharsets.UTF_8), null);
            } catch (Exception e) {
                throw new IllegalStateException(e);
            }
        };
    }

    @AfterClass(alwaysRun = true)
    void stop() {
        server.close();
    }

    @DataProvider
    Object[][] pairs() {
        List<Object[]> pairs = new ArrayList<>();
        for (Deed first : Deed.values()) {
            for (Deed second : Deed.values()) {
                if (first.ordinal() <= second.ordinal()) {
                    pairs.add(new Object[] {first, second});
                }
            }
        }
        return pairs.toArray(Object[][]::new);
    }

    @Test(dataProvider = "pairs")
    public void ofTwoAtOnceTheSecondKnowsOfTheFirst(Deed first, Deed second) throws Exception {
        for (int round = 0; round < ROUNDS; round++) {
            ClaimView claim = claimWithAPaper();
            UUID paper = papers.of(claim.id()).getFirst().id();
            List<Visitor.Answer> answers =
                    atOnce(() -> first.by(here, claim, paper, 1), () -> second.by(there::send, claim, paper, 2));
            String told = first + " " + answers.getFirst() + " / " + second + " " + answers.getLast();
            answers.forEach(answer -> assertThat(answer.status()).as(told).isIn(200, 409));
            boolean both = answers.stream().allMatch(answer -> answer.status() == 200);
            if (first == Deed.DECIDE || second == Deed.DECIDE) {
                Deed with = first == Deed.DECIDE ? second : first;
                assertThat(both && (with.changesWhatADecisionRestsOn() || with == Deed.DECIDE))
                        .as(told)
                        .isFalse();
                checkDecision(claim, told);
            }
            if (first == Deed.SETTLE && second == Deed.SETTLE) {
                assertThat(both).as(told).isFalse();
            }
            checkHistory(claim, answers, List.of(first, second), told);
        }
    }

    /** A decision rests on what was settled when it was made, and on nothing that came after. */
    private void checkDecision(ClaimView claim, String told) {
        boolean decided = claims.claim(claim.id()).state() == ClaimState.DECIDED;
        assertThat(decisions.of(claim.id()).isPresent()).as(told).isEqualTo(decided);
        if (decided) {
            String ranOn = database.sql("select ran_on::text from determination_run where claim_id = ?")
                    .param(claim.id())
                    .query(String.class)
                    .single();
            String settled = settlements.standing(claim.id()).stream()
                    .map(Settlement::value)
                    .map(value -> value.asString(""))
                    .collect(Collectors.joining());
            assertThat(JsonColumn.read(ranOn)
                            .path("incomes")
                            .get(0)
                            .path("amount")
                            .asString())
                    .as(told)
                    .isEqualTo(settled.isEmpty() ? "412.00" : settled);
        }
    }

    /** Each deed that was acknowledged has its one line, and no other has. */
    private void checkHistory(ClaimView claim, List<Visitor.Answer> answers, List<Deed> deeds, String told) {
        List<String> kinds =
                history.of(claim.id()).stream().map(History.Line::kind).toList();
        for (Deed deed : deeds) {
            String kind = switch (deed) {
                case SETTLE -> "overridden";
                case WAIVE -> "evidence-waived";
                case ACCEPT -> "paper-judged";
                case DECIDE -> "decided";
                case CONTACT -> "contact-changed";
                case MESSAGE -> "message";
            };
            long done = 0;
            for (int i = 0; i < deeds.size(); i++) {
                done += deeds.get(i) == deed && answers.get(i).status() == 200 ? 1 : 0;
            }
            long expected = deed == Deed.ACCEPT ? Math.min(done, 1) : done;
            assertThat(kinds.stream().filter(kind::equals).count())
                    .as(told + " " + kinds)
                    .isEqualTo(expected);
        }
    }

    @Test
    public void manyPressesWithdrawOnce() throws Exception {
        SignedIn applicant = person(Role.APPLICANT);
        ClaimView claim = handIn(applicant, answers(applicant));
        Caller mine = here(applicant);
        Visitor other = new Visitor(server.port(), applicant.email());
        String path = "/api/my/claims/" + claim.id() + "/withdraw";
        for (int i = 0; i < ROUNDS; i++) {
            atOnce(() -> mine.send("POST", path, ""), () -> other.post(path, ""))
                    .forEach(answer -> assertThat(answer.status()).isEqualTo(200));
        }
        assertThat(history.of(claim.id()))
                .filteredOn(line -> line.kind().equals("withdrawn"))
                .hasSize(1);
    }

    @Test
    public void oneCodeTypedTwiceAtTheSameMomentMakesOneAccount() throws Exception {
        for (int round = 0; round < ROUNDS; round++) {
            String email = UUID.randomUUID() + "@post.example";
            String wish = "{\"email\":\"%s\",\"displayName\":\"Runa\",\"password\":\"a password for tests\"}"
                    .formatted(email);
            String token = JsonColumn.read(
                            here.send("POST", "/api/account", wish).body())
                    .path("token")
                    .asString();
            await(
                    "the code came",
                    () -> carrier.carried().stream()
                            .anyMatch(each -> each.recipient().equals(email)));
            String code = carrier.carried().stream()
                    .filter(each -> each.recipient().equals(email))
                    .map(each -> each.body().substring(0, 6))
                    .findFirst()
                    .orElseThrow();
            String shown = "{\"token\":\"%s\",\"code\":\"%s\"}".formatted(token, code);
            List<Visitor.Answer> answers = atOnce(
                    () -> here.send("POST", "/api/account/confirm", shown),
                    () -> there.post("/api/account/confirm", shown));
            assertThat(answers).extracting(Visitor.Answer::status).containsExactlyInAnyOrder(201, 422);
            there.signIn(caseworker.email());
        }
    }

    @Test
    public void twoThatBeginOneApplicationGetTheSameDraft() throws Exception {
        SignedIn applicant = person(Role.APPLICANT);
        Caller mine = here(applicant);
        Visitor other = new Visitor(server.port(), applicant.email());
        String wish = "{\"programme\":\"food-assistance\"}";
        List<Visitor.Answer> answers =
                atOnce(() -> mine.send("POST", "/api/drafts", wish), () -> other.post("/api/drafts", wish));
        assertThat(answers).extracting(Visitor.Answer::status).containsExactly(200, 200);
        assertThat(answers)
                .extracting(answer -> JsonColumn.read(answer.body()).path("id").asString())
                .satisfies(ids -> assertThat(ids.getFirst()).isEqualTo(ids.getLast()));
    }

    private ClaimView claimWithAPaper() {
        SignedIn applicant = person(Role.APPLICANT);
        ClaimView claim = handInForFood(applicant, answers(applicant));
        Paper paper = papers.take(
                claim,
                new ByteArrayInputStream(BlankPdf.titled(UUID.randomUUID().toString())),
                "OTHER",
                "",
                "note.pdf",
                applicant);
        assertThat(paper.pages()).isEqualTo(1);
        read(claim);
        acts.take(claim.id(), caseworker);
        return claims.claim(claim.id());
    }

    private static List<Visitor.Answer> atOnce(Callable<Visitor.Answer> first, Callable<Visitor.Answer> second)
            throws Exception {
        CyclicBarrier together = new CyclicBarrier(2);
        try (ExecutorService threads = Executors.newFixedThreadPool(2)) {
            List<Future<Visitor.Answer>> under = new ArrayList<>();
            for (Callable<Visitor.Answer> each : List.of(first, second)) {
                under.add(threads.submit(() -> {
                    together.await();
                    return each.call();
                }));
            }
            return List.of(under.getFirst().get(), under.getLast().get());
        }
    }
}
