package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.platform.JsonColumn;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Saving an application over a line that breaks: what arrived without being acknowledged is not in the way. */
public class DraftsTest extends ServerTest {
    @Autowired
    private MockMvc http;

    private SignedIn applicant;
    private String draft;
    private int version;

    @BeforeMethod
    void begin() throws Exception {
        applicant = person(Role.APPLICANT);
        JsonNode begun = JsonColumn.read(
                sent(post("/api/drafts"), "{\"programme\":\"school-meals\"}").getContentAsString());
        draft = begun.path("id").asString();
        version = begun.path("version").asInt();
    }

    @Test
    public void theSameSaveSentAgainIsOneSave() throws Exception {
        MockHttpServletResponse first = save("a", "one", List.of());
        MockHttpServletResponse again = save("a", "one", List.of());
        assertThat(again.getStatus()).isEqualTo(200);
        assertThat(again.getContentAsString()).isEqualTo(first.getContentAsString());
    }

    @Test
    public void whatWasTypedAfterASaveThatNobodyAnsweredIsKept() throws Exception {
        save("a", "one", List.of());
        MockHttpServletResponse later = save("b", "one and more", List.of("a"));
        assertThat(later.getStatus()).isEqualTo(200);
        assertThat(saved()).isEqualTo("one and more");
    }

    @Test
    public void whatAnotherWindowSavedIsNotOverwritten() throws Exception {
        save("a", "one", List.of());
        save("other window", "two", List.of("a"));
        MockHttpServletResponse stale = save("c", "one and more", List.of("a"));
        assertThat(stale.getStatus()).isEqualTo(409);
        assertThat(stale.getContentAsString()).contains("changed-meanwhile");
        assertThat(saved()).isEqualTo("two");
    }

    private String saved() throws Exception {
        String body = http.perform(get("/api/drafts/" + draft).with(as(applicant)))
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
        return JsonColumn.read(body).path("answers").path("note").asString();
    }

    /** Always on the version that was known at the beginning, as if no answer had ever come. */
    private MockHttpServletResponse save(String name, String note, List<String> unanswered) throws Exception {
        ObjectNode wish = JsonColumn.object()
                .put("version", version)
                .put("chapter", "people")
                .put("save", name);
        wish.putObject("answers").put("note", note);
        unanswered.forEach(wish.putArray("unanswered")::add);
        return sent(put("/api/drafts/" + draft), wish.toString());
    }

    private MockHttpServletResponse sent(MockHttpServletRequestBuilder request, String json) throws Exception {
        return http.perform(request.with(as(applicant))
                        .with(csrf())
                        .contentType("application/json")
                        .content(json))
                .andReturn()
                .getResponse();
    }
}
