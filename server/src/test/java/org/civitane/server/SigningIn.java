package org.civitane.server;

import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import jakarta.servlet.http.Cookie;
import org.civitane.server.platform.JsonColumn;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;

/** People who sign in and up by the door that everybody uses. */
abstract class SigningIn extends ServerTest {
    protected static final String RIGHT = "a password for tests";

    @Autowired
    protected MockMvc http;

    @Autowired
    protected JdbcClient database;

    /** Who is signed in with a session, as the browser is told. */
    protected String who(Cookie session) {
        try {
            return http.perform(get("/api/session").cookie(session))
                    .andReturn()
                    .getResponse()
                    .getContentAsString();
        } catch (Exception e) {
            throw new AssertionError(e);
        }
    }

    protected MockHttpServletResponse signUp(String email, String password) throws Exception {
        return sent("/api/account", wish(email, password), "198.51.100.9");
    }

    protected static String wish(String email, String password) {
        return JsonColumn.object()
                .put("email", email)
                .put("displayName", "Selma Vinter")
                .put("password", password)
                .toString();
    }

    protected MockHttpServletResponse signIn(String email, String password, String network, Cookie... cookies)
            throws Exception {
        return sent(
                "/api/session",
                JsonColumn.object()
                        .put("email", email)
                        .put("password", password)
                        .toString(),
                network,
                cookies);
    }

    protected MockHttpServletResponse sent(String path, String body, String network, Cookie... cookies)
            throws Exception {
        var request = post(path)
                .with(csrf())
                .contentType(MediaType.APPLICATION_JSON)
                .content(body)
                .with(sent -> {
                    sent.setRemoteAddr(network);
                    return sent;
                });
        return http.perform(cookies.length == 0 ? request : request.cookie(cookies))
                .andReturn()
                .getResponse();
    }
}
