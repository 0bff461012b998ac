package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import org.civitane.server.platform.JsonColumn;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What browsers tell of pages that broke. */
public class BrokenPagesTest extends ServerTest {
    @Autowired
    private MockMvc http;

    @DataProvider
    Object[][] told() {
        return new Object[][] {
            {"/my/*/days", "TypeError", "Calendar DaysScreen", 204},
            {"/my/6f0c2a9e-1b7d-4c55-9a55-0a3a2a0c9d11/days", "TypeError", "Calendar", 422},
            {"/my", "TypeError", "Calendar\nA line of the log", 422},
            {"/my", "Runa Ostby, born 1988", "Calendar", 422},
        };
    }

    @Test(dataProvider = "told")
    public void anybodyTellsWhichPageAndNothingElse(String page, String error, String within, int status)
            throws Exception {
        String body = JsonColumn.object()
                .put("page", page)
                .put("error", error)
                .put("within", within)
                .toString();
        assertThat(http.perform(post("/api/broken")
                                .with(csrf())
                                .contentType("application/json")
                                .content(body))
                        .andReturn()
                        .getResponse()
                        .getStatus())
                .isEqualTo(status);
    }
}
