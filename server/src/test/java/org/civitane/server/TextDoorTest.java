package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import java.nio.charset.StandardCharsets;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.contact.Messages;
import org.civitane.server.platform.JsonColumn;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.node.ObjectNode;

/** What no text may hold never comes past the door, and what is too much is not read. */
public class TextDoorTest extends ServerTest {
    @Autowired
    private Messages messages;

    @Autowired
    private MockMvc http;

    private SignedIn applicant;
    private String draft;

    @BeforeClass
    void signIn() throws Exception {
        applicant = person(Role.APPLICANT);
        draft = JsonColumn.read(send("POST", "/api/drafts", "{\"programme\":\"school-meals\"}")
                        .getContentAsString())
                .path("id")
                .asString();
    }

    @Test
    public void aNameWithAHiddenSignIsRefusedAtItsField() throws Exception {
        for (String hidden : new String[] {"\\u0000", "\\u0001", "\\ud800", "\\u202e", "\\n", "\\uffff"}) {
            MockHttpServletResponse answer = save("Runa" + hidden);
            assertThat(answer.getStatus()).as(hidden).isEqualTo(422);
            assertThat(JsonColumn.read(answer.getContentAsString()).path("path").asString())
                    .isEqualTo("answers/members/0/givenName");
            assertThat(JsonColumn.read(answer.getContentAsString())
                            .path("detail")
                            .asString())
                    .startsWith("This ");
        }
        String stored = send("GET", "/api/drafts/" + draft, "").getContentAsString();
        assertThat(JsonColumn.read(stored)
                        .path("answers")
                        .path("members")
                        .get(0)
                        .path("givenName")
                        .asString())
                .isEqualTo("Runa");
    }

    @Test
    public void aFieldNameWithAHiddenSignIsRefusedToo() throws Exception {
        assertThat(send("PUT", "/api/drafts/" + draft, "{\"version\":0,\"chapter\":\"x\",\"answers\":{\"a\\u0000\":1}}")
                        .getStatus())
                .isEqualTo(422);
    }

    @Test
    public void aMessageMayHaveLinesAndLosesOnlyMarks() throws Exception {
        ClaimView claim = handIn(applicant, answers(applicant));
        assertThat(send("POST", "/api/my/claims/" + claim.id() + "/messages", "{\"body\":\"One\\nTwo \\u200f\"}")
                        .getStatus())
                .isEqualTo(200);
        assertThat(messages.of(claim.id()).getFirst().body()).isEqualTo("One\nTwo");
    }

    @Test
    public void anAmountIsKeptAsItWasWritten() throws Exception {
        ObjectNode wish = (ObjectNode)
                JsonColumn.read(send("GET", "/api/drafts/" + draft, "").getContentAsString());
        int version = wish.path("version").asInt();
        String answers =
                "{\"members\":[{\"id\":\"m1\",\"givenName\":\"Runa\",\"relationship\":\"SELF\"}],\"x\":1.10,\"y\":1e2,\"z\":12345678901234567890}";
        MockHttpServletResponse saved = send(
                "PUT",
                "/api/drafts/" + draft,
                "{\"version\":%d,\"chapter\":\"x\",\"answers\":%s}".formatted(version, answers));
        assertThat(saved.getStatus()).isEqualTo(200);
        assertThat(saved.getContentAsString()).contains("12345678901234567890");
    }

    @Test
    public void aBodyOfMoreThanAnApplicationHoldsIsNotRead() throws Exception {
        String large = "{\"email\":\"" + "x".repeat(70_000) + "\",\"password\":\"x\"}";
        MockHttpServletResponse answer = send("POST", "/api/session", large);
        assertThat(answer.getStatus()).isEqualTo(413);
        assertThat(answer.getContentAsString()).contains("\"code\":\"too-large\"");
        byte[] just =
                ("{\"email\":\"a@b.c\",\"password\":\"" + "x".repeat(90) + "\"}").getBytes(StandardCharsets.UTF_8);
        assertThat(send("POST", "/api/session", new String(just, StandardCharsets.UTF_8))
                        .getStatus())
                .isEqualTo(401);
    }

    private MockHttpServletResponse save(String name) throws Exception {
        int version = JsonColumn.read(send("GET", "/api/drafts/" + draft, "").getContentAsString())
                .path("version")
                .asInt();
        return send(
                "PUT",
                "/api/drafts/" + draft,
                "{\"version\":%d,\"chapter\":\"people\",\"answers\":{\"members\":[{\"id\":\"m1\",\"givenName\":\"%s\",\"relationship\":\"SELF\"}]}}"
                        .formatted(version, name));
    }

    private MockHttpServletResponse send(String method, String path, String json) throws Exception {
        MockHttpServletResponse answer = http.perform(request(HttpMethod.valueOf(method), path)
                        .with(csrf())
                        .with(as(applicant))
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(json))
                .andReturn()
                .getResponse();
        answer.setCharacterEncoding(StandardCharsets.UTF_8.name());
        return answer;
    }
}
