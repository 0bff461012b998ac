package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import com.github.kagkarlsson.scheduler.Scheduler;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.History;
import org.civitane.server.documents.Issued;
import org.civitane.server.platform.JsonColumn;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** That a certificate reaches its holder once, at the desk or by post, and what becomes of one that does not. */
public class HandoverTest extends CertificateStories {
    @Autowired
    private History history;

    @Autowired
    private Scheduler scheduler;

    @Test
    public void itIsHandedOverOnceHoweverManyTryAtOnce() throws Exception {
        Issued document = madeOut("DESK", "HOLDER");
        JsonNode expected = json(answer(get("/api/handovers/" + document.number()), caseworker));
        assertThat(expected.path("holder").asString()).isEqualTo(applicant.displayName());
        assertThat(expected.path("handover").path("state").asString()).isEqualTo("WAITING");
        assertThat(expected.path("dateOfBirth").asString()).isEqualTo("1991-04-02");
        try (ExecutorService counters = Executors.newFixedThreadPool(4)) {
            Callable<Integer> give = () -> given(document, "", false).getStatus();
            List<Integer> answers = Stream.of(give, give, give, give)
                    .map(counters::submit)
                    .map(HandoverTest::of)
                    .toList();
            assertThat(answers).containsExactlyInAnyOrder(200, 409, 409, 409);
        }
        assertThat(given(document, "", false).getContentAsString())
                .contains("handed over already", caseworker.displayName());
        assertThat(histories(document.claim())).containsOnlyOnce("handed " + document.number() + " over");
    }

    @Test
    public void whatIsForItsHolderIsGivenToNobodyElseNorWhileMisuseIsLookedInto() throws Exception {
        Issued document = madeOut("DESK", "HOLDER");
        assertThat(given(document, "Some Stranger", true).getStatus()).isEqualTo(422);
        claims.freeze(document.claim(), Actor.of(caseworker));
        assertThat(given(document, "", false).getStatus()).isEqualTo(409);
        claims.release(document.claim(), Actor.of(caseworker));
        assertThat(given(document, "", false).getStatus()).isEqualTo(200);
    }

    @Test
    public void itIsFoundByTheNumberOfItsClaimToo() throws Exception {
        Issued document = madeOut("DESK", "HOLDER");
        String claim = claims.claim(document.claim()).number();
        assertThat(json(answer(get("/api/handovers/" + claim.toLowerCase()), caseworker))
                        .path("number")
                        .asString())
                .isEqualTo(document.number());
        assertThat(answer(get("/api/handovers/CC-99-99999"), caseworker).getStatus())
                .isEqualTo(404);
    }

    @Test
    public void someoneElseGetsItWithASignedAuthorityOnly() throws Exception {
        Issued document = madeOut("DESK", "PROXY");
        assertThat(given(document, "Ines Falkenau", false).getStatus()).isEqualTo(422);
        assertThat(given(document, "", true).getStatus()).isEqualTo(422);
        assertThat(given(document, "Ines Falkenau", true).getStatus()).isEqualTo(200);
        assertThat(histories(document.claim())).contains("over to Ines Falkenau, with a signed authority");
    }

    @Test
    public void postIsListedOnItsDaySentOnceAndComesBackToTheDesk() throws Exception {
        Issued document = madeOut("MAIL", "HOLDER");
        database.sql("update handover set due_on = ? where document_id = ?")
                .params(clock.today(), document.id())
                .update();
        assertThat(answer(get("/api/handovers"), caseworker).getContentAsString())
                .contains(document.number());
        String list = answer(get("/api/post-list?on=" + clock.today()), caseworker)
                .getContentAsString(StandardCharsets.UTF_8);
        assertThat(list)
                .startsWith("number,document,claim,name,address,way\r\n")
                .contains(document.number() + ",Certificate of conduct,", applicant.displayName(), ",by mail\r\n");
        for (int i = 0; i < 2; i++) {
            assertThat(answer(
                                    sent(
                                            post("/api/post-list"),
                                            body -> body.putArray("documents")
                                                    .add(document.id().toString())),
                                    caseworker)
                            .getContentAsString())
                    .doesNotContain(document.number());
        }
        assertThat(histories(document.claim())).containsOnlyOnce("sent " + document.number() + " by post");
        assertThat(answer(get("/api/post-list?on=" + clock.today()), caseworker).getContentAsString())
                .contains(document.number());

        assertThat(did(document, "returned", body -> body.put("reason", "Moved away."))
                        .getStatus())
                .isEqualTo(200);
        assertThat(inWords(claims.claim(document.claim()).nextStep())).contains("the post brought a document back");
        assertThat(given(document, "", false).getStatus()).isEqualTo(409);
        assertThat(did(document, "again", body -> body.put("atTheDesk", true)).getStatus())
                .isEqualTo(200);
        assertThat(given(document, "", false).getStatus()).isEqualTo(200);
    }

    @Test
    public void itsHolderIsRemindedAfterThirtyDaysAndAfterNinetyItIsDestroyedAndCanBeMadeOutAnew() throws Exception {
        Issued document = madeOut("DESK", "HOLDER");
        waitsFor(document, 29);
        morning();
        assertThat(histories(document.claim())).doesNotContain("reminded");
        waitsFor(document, 30);
        morning();
        morning();
        assertThat(histories(document.claim())).containsOnlyOnce("reminded the holder to fetch " + document.number());
        waitsFor(document, 90);
        morning();
        assertThat(histories(document.claim())).containsOnlyOnce("destroyed " + document.number());
        assertThat(given(document, "", false).getContentAsString()).contains("It was destroyed on");
        assertThat(anew(document).getStatus()).isEqualTo(200);
        Issued next = documents.of(document.claim()).getFirst();
        assertThat(next.validUntil()).isEqualTo(document.validUntil());
        assertThat(given(next, "", false).getStatus()).isEqualTo(200);
    }

    @Test
    public void whoeverChecksAReplacedOneSeesThatAndItIsNotHandedOver() throws Exception {
        Issued document = madeOut("DESK", "HOLDER");
        assertThat(anew(document).getStatus()).isEqualTo(200);
        assertThat(anew(document).getStatus()).isEqualTo(409);
        Issued next = documents.of(document.claim()).getFirst();
        assertThat(anyone(get("/api/check/" + document.number())).getContentAsString())
                .contains("\"REPLACED\"");
        assertThat(anyone(get("/api/check/" + next.number())).getContentAsString())
                .contains("\"STANDS\"");
        assertThat(given(document, "", false).getContentAsString()).contains("Another was made out in its place");
        assertThat(documents.of(document.claim())).hasSize(2);
    }

    @Test
    public void whoeverTriesNumbersIsSlowedDownAndNobodyElse() throws Exception {
        Issued document = madeOut("DESK", "HOLDER");
        for (int i = 0; i < 30; i++) {
            assertThat(checked("0000-0000-0000-0000", "203.0.113.7").getStatus())
                    .isEqualTo(200);
        }
        assertThat(checked("0000-0000-0000-0000", "203.0.113.7").getStatus()).isEqualTo(429);
        assertThat(checked(document.number(), "203.0.113.7").getStatus()).isEqualTo(429);
        assertThat(checked(document.number(), "203.0.113.8").getContentAsString())
                .contains("\"STANDS\"");
    }

    private MockHttpServletResponse checked(String number, String network) throws Exception {
        return anyone(get("/api/check/" + number).with(request -> {
            request.setRemoteAddr(network);
            return request;
        }));
    }

    private Issued madeOut(String way, String by) throws Exception {
        ClaimView claim = granted(way, by);
        did(payPage(claim), "pay");
        return documents.of(claim.id()).getFirst();
    }

    /** As if it could be fetched since so many days. */
    private void waitsFor(Issued document, int days) {
        database.sql("""
                        update handover set due_on = :today - :days, remind_on = :today - :days + 30, destroy_on = :today - :days + 90
                        where document_id = :document""")
                .param("today", clock.today())
                .param("days", days)
                .param("document", document.id())
                .update();
    }

    private MockHttpServletResponse given(Issued document, String to, boolean authority) throws Exception {
        return did(
                document,
                "given",
                body -> body.put("shown", "Passport XH4410927").put("to", to).put("authorised", authority));
    }

    private MockHttpServletResponse anew(Issued document) throws Exception {
        return answer(
                sent(
                        post("/api/claims/" + document.claim() + "/documents/" + document.id() + "/anew"),
                        body -> body.put("reason", "It tore.")),
                caseworker);
    }

    private String histories(UUID claim) {
        return history.of(claim).stream().map(line -> inWords(line.sentence())).collect(Collectors.joining("\n"));
    }

    /** The office's morning comes, once. */
    private void morning() {
        database.sql(
                        "update scheduled_tasks set execution_time = now(), last_success = null where task_name = 'unfetched'")
                .update();
        scheduler.triggerCheckForDueExecutions();
        await(
                "the morning has been",
                () -> database.sql(
                                        "select count(*) from scheduled_tasks where task_name = 'unfetched' and last_success is not null")
                                .query(Integer.class)
                                .single()
                        == 1);
    }

    private MockHttpServletResponse did(Issued document, String act, Consumer<ObjectNode> body) throws Exception {
        return answer(sent(post("/api/handovers/" + document.number() + "/" + act), body), caseworker);
    }

    private static MockHttpServletRequestBuilder sent(
            MockHttpServletRequestBuilder request, Consumer<ObjectNode> fill) {
        ObjectNode body = JsonColumn.object();
        fill.accept(body);
        return request.with(csrf()).contentType(MediaType.APPLICATION_JSON).content(body.toString());
    }

    private static JsonNode json(MockHttpServletResponse answer) throws Exception {
        assertThat(answer.getStatus()).isEqualTo(200);
        return JsonColumn.read(answer.getContentAsString(StandardCharsets.UTF_8));
    }

    private static int of(Future<Integer> answer) {
        try {
            return answer.get();
        } catch (InterruptedException | ExecutionException e) {
            throw new AssertionError(e);
        }
    }
}
