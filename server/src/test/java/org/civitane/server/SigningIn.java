package org.civitane.server;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import jakarta.servlet.http.Cookie;
import java.util.Optional;
import java.util.regex.Pattern;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.standins.Carrier;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;

/** People who sign in and up by the door that everybody uses. */
abstract class SigningIn extends ServerTest {
    protected static final String RIGHT = "a password for tests";

    private static final Pattern CODE = Pattern.compile("\\b[0-9]{6}\\b");

    @Autowired
    protected MockMvc http;

    @Autowired
    protected Carrier carrier;

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

    /** Someone wants an account; nothing is made yet. */
    protected MockHttpServletResponse askToSignUp(String email, String password) throws Exception {
        return sent("/api/account", wish(email, password), "198.51.100.9");
    }

    /** Someone makes an account, with the code that is sent to them. */
    protected MockHttpServletResponse signUp(String email, String password) throws Exception {
        String begun = askToSignUp(email, password).getContentAsString();
        return confirmed(JsonColumn.read(begun).path("token").asString(), codeSentTo(email));
    }

    protected MockHttpServletResponse confirmed(String token, String code) throws Exception {
        String body = JsonColumn.object().put("token", token).put("code", code).toString();
        return sent("/api/account/confirm", body, "198.51.100.9");
    }

    /** The six digits that were sent last to an address or a phone. */
    protected String codeSentTo(String recipient) {
        return CODE.matcher(wordTo(recipient))
                .results()
                .findFirst()
                .orElseThrow()
                .group();
    }

    /** What was sent last to an address or a phone. */
    protected String wordTo(String recipient) {
        await("word came to " + recipient, () -> lastTo(recipient).isPresent());
        return lastTo(recipient).orElseThrow();
    }

    private Optional<String> lastTo(String recipient) {
        return carrier.carried().stream()
                .filter(each -> each.recipient().equals(recipient))
                .findFirst()
                .map(Carrier.Sent::body);
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
