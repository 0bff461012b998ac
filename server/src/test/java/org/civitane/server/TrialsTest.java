package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.civitane.core.reasoning.FactPath;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Phrase;
import org.civitane.server.settlements.Settlements;
import org.civitane.server.settlements.View;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What if a fact were another, and what changed between editions: over HTTP, as the desk asks it. */
public class TrialsTest extends ServerTest {
    private static final FactPath AMOUNT = FactPath.of("incomes", "i1", "amount");

    @Autowired
    private MockMvc http;

    @Autowired
    private Settlements settlements;

    private SignedIn caseworker;
    private ClaimView claim;

    @BeforeMethod
    void take() {
        caseworker = person(Role.CASEWORKER);
        claim = taken(caseworker);
    }

    @Test
    public void aTrialShowsTheOutcomeAndTheStepsThatReadOtherwiseAndKeepsNothing() throws Exception {
        JsonNode trial = whatIf("{\"values\":[{\"path\":\"incomes/i1/amount\",\"value\":\"900.00\"}]}");
        assertThat(trial.path("now").path("headline").asString()).isEqualTo("Free meals");
        assertThat(trial.path("then").path("headline").asString()).isEqualTo("No free or reduced meals");
        assertThat(steps(trial))
                .anyMatch(step -> step.contains("within the limit for free meals")
                        && step.contains("above the limit for free meals"));
        assertThat(settlements.standing(claim.id())).isEmpty();
        assertThat(claims.claim(claim.id()).version()).isEqualTo(claim.version());
    }

    @Test
    public void severalFactsCanBeTriedAtOnce() throws Exception {
        JsonNode trial = whatIf("{\"values\":[{\"path\":\"incomes/i1/amount\",\"value\":\"900.00\"},"
                + "{\"path\":\"incomes/i1/frequency\",\"value\":\"MONTHLY\"}]}");
        assertThat(trial.path("then").path("headline").asString()).isEqualTo("Free meals");
    }

    @Test
    public void aValueThatTheCaseCannotTakeIsRefusedAtItsFact() throws Exception {
        for (String value : List.of("\"much\"", "\"-4.00\"", "null")) {
            JsonNode problem = whatIf("{\"values\":[{\"path\":\"incomes/i1/amount\",\"value\":" + value + "}]}");
            assertThat(problem.path("status").asInt()).as(value).isBetween(400, 422);
        }
        assertThat(whatIf("{\"values\":[{\"path\":\"incomes/i9/amount\",\"value\":\"1.00\"}]}")
                        .path("status")
                        .asInt())
                .isEqualTo(422);
    }

    @Test
    public void betweenEditionsItIsSaidWhichFactsChangedAndWhichOfThemDecides() throws Exception {
        ObjectNode file = JsonColumn.readObject(claims.newestEdition(claim));
        ((ObjectNode) file.path("incomes").get(0)).put("amount", "900.00");
        ((ObjectNode) file.path("members").get(1).path("pupil")).put("school", "Tarn Bridge");
        claims.addEdition(
                claim.id(),
                CaseFiles.read(JsonColumn.write(file).getBytes(StandardCharsets.UTF_8))
                        .file(),
                JsonColumn.write(file),
                Phrase.text("put right"));
        JsonNode compared = compare(1);
        assertThat(compared.path("before").path("headline").asString()).isEqualTo("Free meals");
        assertThat(compared.path("now").path("headline").asString()).isEqualTo("No free or reduced meals");
        assertThat(compared.path("facts").valueStream())
                .extracting(fact ->
                        fact.path("path").asString() + " " + fact.path("before").asString() + " "
                                + fact.path("now").asString() + " "
                                + fact.path("decides").asBoolean())
                .containsExactlyInAnyOrder(
                        "incomes/i1/amount €412.00 €900.00 true",
                        "members/m2/pupil/school Skerry Lane Tarn Bridge false");
        assertThat(compared.path("facts").valueStream())
                .extracting(fact -> fact.path("label").asString())
                .anyMatch(label -> label.endsWith(": How much?"))
                .noneMatch(label -> label.contains("/"));
        assertThat(compared.path("steps")).isNotEmpty();
    }

    @Test
    public void aSettlementIsAChangeAgainstTheEditionToo() throws Exception {
        assertThat(compare(1).path("facts")).isEmpty();
        settlements.settle(claim, AMOUNT, View.TYPED, text("500.00"), "The slip.", Actor.called("Test"));
        assertThat(compare(1).path("facts").get(0).path("now").asString()).isEqualTo("€500.00");
        assertThat(compare(7).path("status").asInt()).isEqualTo(404);
    }

    private JsonNode whatIf(String body) throws Exception {
        return answer(post("/api/claims/{id}/what-if", claim.id())
                .with(csrf())
                .contentType(MediaType.APPLICATION_JSON)
                .content(body));
    }

    private JsonNode compare(int edition) throws Exception {
        return answer(get("/api/claims/{id}/compare", claim.id()).param("edition", String.valueOf(edition)));
    }

    private JsonNode answer(MockHttpServletRequestBuilder call) throws Exception {
        return JsonColumn.read(http.perform(call.with(as(caseworker)))
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8));
    }

    private static List<String> steps(JsonNode trial) {
        return trial.path("steps")
                .valueStream()
                .map(step -> step.path("before").asString() + " → "
                        + step.path("now").asString())
                .toList();
    }
}
