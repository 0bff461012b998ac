package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.platform.JsonColumn;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What an application looks like coming to while it is filled in, and why. */
public class EstimatesTest extends ServerTest {
    @Autowired
    private MockMvc http;

    private SignedIn applicant;
    private ObjectNode answers;

    @BeforeMethod
    void begin() {
        applicant = person(Role.APPLICANT);
        answers = rentAnswers(applicant);
    }

    @Test
    public void othersWhoHaveNotSignedOrAnsweredYetDoNotHideIt() throws Exception {
        JsonNode estimate = estimate();
        assertThat(estimate.path("known").asBoolean()).isTrue();
        assertThat(estimate.path("detail").asString()).startsWith("About €1,050.00");
        assertThat(estimate.path("open")).isEmpty();
    }

    @Test
    public void itSaysWhatEachMonthWouldComeToAndWhatCutsIt() throws Exception {
        ((ObjectNode) answers.path("arrears").path(0)).put("owed", "1400.00");
        assertThat(because(estimate()))
                .hasSize(3)
                .anyMatch(sentence -> sentence.contains("€350.00 is owed. €350.00 of it is paid"))
                .anyMatch(sentence -> sentence.contains("€1,400.00 is owed. €940.00 of it is paid: at most €940.00"));
    }

    @Test
    public void aMonthThatWasHelpedWithAlreadyIsNotPaidAgain() throws Exception {
        answers.putArray("alreadyAided")
                .add(answers.path("arrears").path(0).path("month").asString());
        JsonNode estimate = estimate();
        assertThat(estimate.path("detail").asString()).startsWith("About €350.00");
        assertThat(because(estimate)).hasSize(2);
    }

    @Test
    public void whatIsNotSaidYetIsNamedInItsPlace() throws Exception {
        answers.remove("home");
        JsonNode estimate = estimate();
        assertThat(estimate.path("known").asBoolean()).isFalse();
        assertThat(estimate.path("open").toString()).contains("the home and its rent");
        assertThat(because(estimate)).isEmpty();
    }

    @Test
    public void aRefusalSaysItsGround() throws Exception {
        ((ObjectNode) answers.path("home")).put("postCode", "9120");
        assertThat(estimate().path("detail").asString()).contains("the home is not in Halvern");
    }

    private static List<String> because(JsonNode estimate) {
        return estimate.path("because").valueStream().map(JsonNode::asString).toList();
    }

    private JsonNode estimate() throws Exception {
        JsonNode begun = sent(post("/api/drafts"), "{\"programme\":\"rent-arrears\"}");
        ObjectNode wish = JsonColumn.object()
                .put("version", begun.path("version").asInt())
                .put("chapter", "people")
                .put("save", "one");
        wish.set("answers", answers);
        wish.putArray("unanswered");
        return sent(put("/api/drafts/" + begun.path("id").asString()), wish.toString())
                .path("estimate");
    }

    private JsonNode sent(MockHttpServletRequestBuilder request, String json) throws Exception {
        String body = http.perform(request.with(as(applicant))
                        .with(csrf())
                        .contentType("application/json")
                        .content(json))
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
        return JsonColumn.read(body);
    }
}
